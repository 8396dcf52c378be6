import type { Nib } from '../kit/nib';
import { nibsFor } from '../kit/nib';
import { type Mm, plain } from '../measure/units';
import { counted } from '../measure/words';
import { handOf } from '../setting/handOf';
import { withBlock, withBlockNib } from './edit';
import { worstFinding } from './laid';
import { type Laid, layoutPiece } from './layout';
import type { Own } from './pen';
import type { Piece } from './piece';
import { writingMinutes } from './plan';
import { penWork } from './written';

/** Thickness of an edge as a share of its width, while nibs are weighed. */
const EDGE_SHARE = 0.05;

/** A piece as one nib would write it. */
export interface NibTrial {
  readonly nib: Pick<Nib, 'id' | 'label' | 'width' | 'edge'>;
  readonly laid: Laid;
  readonly lines: number;
  readonly body: Mm;
  /** Share of the frame's height that is taken. */
  readonly fill: number;
  /** Unevenness of the line ends of the block, as a fraction of its width. */
  readonly rag: number;
  readonly collisions: number;
  /** Minutes of the pen on the paper, with lifts and dips. */
  readonly minutes: number;
  /** The finding that prevents it, in words; undefined where it fits. */
  readonly wrong?: string;
}

/**
 * The piece in every nib of the drawer that can write the block: the largest writing that fits first, then smaller ones,
 * then those that do not fit, the smallest first.
 */
export function nibTrials(piece: Piece, blockId: string, drawer: readonly Nib[], own: Own = {}): NibTrial[] {
  const block = piece.blocks.find(({ id }) => id === blockId);
  if (!block) return [];
  const nibs = nibsFor(handOf(block.setting).tool, drawer);
  // Weighed with edges as thick as they are wide, so that one face serves all: what that changes of a width is less than
  // a hundredth of a nib. The nib that is chosen is laid out with its own.
  const weighed = nibs.map((nib) => ({ ...nib, edge: EDGE_SHARE * nib.width }));
  const trials = weighed.map((nib) =>
    trialOf(
      withBlock(piece, blockId, (b) => withBlockNib(b, nib)),
      blockId,
      nib,
      own,
    ),
  );
  return trials.sort(
    (a, b) =>
      Number(b.laid.fits) - Number(a.laid.fits) ||
      (a.laid.fits ? b.nib.width - a.nib.width : a.nib.width - b.nib.width),
  );
}

function trialOf(piece: Piece, blockId: string, nib: NibTrial['nib'], own: Own): NibTrial {
  const laid = layoutPiece(piece, own);
  const lines = laid.lines.filter(({ block, number }) => block.id === blockId && number >= 0);
  const rooms = lines.slice(0, -1).map(({ room, ink }) => (room - (ink.right - ink.left)) / room);
  const mean = rooms.reduce((sum, free) => sum + free, 0) / Math.max(1, rooms.length);
  const rag = Math.sqrt(rooms.reduce((sum, free) => sum + (free - mean) ** 2, 0) / Math.max(1, rooms.length));
  const wrong = worstFinding(laid.findings);
  return {
    nib,
    laid,
    lines: lines.length,
    body: lines[0]?.pen.body ?? 0,
    fill: laid.fill,
    rag,
    minutes: penWork(laid).reduce((sum, work) => sum + writingMinutes(work), 0),
    collisions: laid.findings.filter(({ about }) => about === 'collision').length,
    ...(wrong && { wrong: wrong.text }),
  };
}

/** Difference between line ends below which they look even; from twice this value they look ragged. */
const EVEN = 0.06;

/** Why one nib is the best: "The largest that fits: four lines of 7.5 mm, 82 % of the height, even lines, 12 min." */
export function whyNib(
  { lines, body, fill, rag, collisions, minutes, wrong }: NibTrial,
  isBest: boolean,
): string {
  if (wrong) return wrong;
  const says = [
    `${counted(lines, 'line')} of ${plain(body, 1)} mm`,
    `${plain(100 * fill, 0)} % of the height`,
    ...(lines > 2
      ? [rag < EVEN ? 'even lines' : rag < 2 * EVEN ? 'lines a little ragged' : 'ragged lines']
      : []),
    ...(collisions > 0 ? ['lines set apart where they would meet'] : []),
    `${plain(Math.max(1, minutes), 0)} min to write`,
  ];
  return `${isBest ? 'The largest that fits: ' : ''}${says.join(', ')}.`;
}
