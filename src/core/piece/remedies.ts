import { countsByPen } from '../hand/hand';
import { heightInWords } from '../hand/heightUnit';
import type { Nib } from '../kit/nib';
import { nibsFor } from '../kit/nib';
import { plain } from '../measure/units';
import { counted } from '../measure/words';
import { LIMITS } from '../problem/limits';
import { Problem } from '../problem/problem';
import { bodyHeight, withBodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { withBlock, withBlockNib } from './edit';
import { type Laid, layoutPiece } from './layout';
import type { Own } from './pen';
import type { Block, Piece } from './piece';

/** A change that makes a piece fit, as a button. */
export interface Remedy {
  readonly label: string;
  readonly piece: Piece;
}

/** Minimum margin that is offered, in mm. */
const LEAST_MARGIN = 5;
/** Maximum reduction of a word space, as a fraction of the body, and of the leading, in nib widths. */
const CLOSER = 0.1;
const LEADING_STEPS = [1, 2, 3, 4] as const;
/** Widths tried where the drawer has no smaller nib, as fractions of the nib that is too large. */
const SMALLER = [0.9, 0.8, 0.7, 0.6, 0.5, 0.4, 0.3] as const;

const fits = (piece: Piece, own: Own): boolean => {
  try {
    return layoutPiece(piece, own).fits;
  } catch {
    return false;
  }
};

/** The first of some changes that makes the piece fit. */
function* firstFitting(own: Own, tries: Iterable<Remedy>): Generator<Remedy> {
  for (const one of tries) {
    if (!fits(one.piece, own)) continue;
    yield one;
    return;
  }
}

const everyBlock = (piece: Piece, change: (block: Block) => Block): Piece => ({
  ...piece,
  blocks: piece.blocks.map(change),
});

function* closerWords(piece: Piece) {
  yield {
    label: 'Words closer together',
    piece: everyBlock(piece, (block) => ({
      ...block,
      wordSpace: Math.max(LIMITS.wordSpace.low, block.wordSpace - CLOSER),
    })),
  };
}

/** Reduction, in the unit of the hands; “1 unit” where they differ. */
function closerBy({ blocks }: Piece, step: number): string {
  const units = [...new Set(blocks.map(({ setting }) => heightInWords(handOf(setting), step)))];
  return units.length === 1 && units[0] !== undefined ? units[0] : counted(step, 'unit');
}

function* closerLines(piece: Piece) {
  for (const step of LEADING_STEPS) {
    yield {
      label: `Lines ${closerBy(piece, step)} closer`,
      piece: everyBlock(piece, (block) => ({
        ...block,
        leading: Math.max(LIMITS.leading.low, block.leading - step),
        before: Math.max(0, block.before - step),
      })),
    };
  }
}

function* smallerMargins(piece: Piece) {
  const { margins } = piece.paper;
  const least = Math.min(...Object.values(margins));
  for (let margin = Math.floor(least) - 1; margin >= LEAST_MARGIN; margin--) {
    const narrower = (side: number) => Math.max(LEAST_MARGIN, side - (least - margin));
    yield {
      label: `Margins ${plain(least - margin, 0)} mm smaller`,
      piece: {
        ...piece,
        paper: {
          ...piece.paper,
          margins: {
            top: narrower(margins.top),
            right: narrower(margins.right),
            bottom: narrower(margins.bottom),
            left: narrower(margins.left),
          },
        },
      },
    };
  }
}

/** The next smaller nibs of the drawer for the most demanding block; otherwise smaller nibs of any width. */
function* smallerNibs(piece: Piece, block: Block, drawer: readonly Nib[]) {
  const { width } = block.setting;
  const owned = nibsFor(handOf(block.setting).tool, drawer)
    .filter((nib) => nib.width < width - 1e-6)
    .sort((a, b) => b.width - a.width);
  for (const nib of owned)
    yield {
      label: `The ${plain(nib.width)} mm nib`,
      piece: withBlock(piece, block.id, (b) => withBlockNib(b, nib)),
    };
  for (const share of SMALLER) {
    const smaller = Math.max(LIMITS.width.low, Math.round(width * share * 20) / 20);
    yield {
      label: `${plain(smaller)} mm instead of ${plain(width)}`,
      piece: withBlock(piece, block.id, (b) =>
        withBlockNib(scaledHeights(b, smaller / width), { width: smaller }),
      ),
    };
  }
}

/** Heights that do not depend on the pen are reduced with it, as far as their ranges allow. */
function scaledHeights(block: Block, share: number): Block {
  if (countsByPen(handOf(block.setting))) return block;
  try {
    return { ...block, setting: withBodyHeight(block.setting, share * bodyHeight(block.setting)) };
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    return block;
  }
}

/** For hands whose heights do not depend on the pen: smaller writing with the same pen. */
function* smallerWriting(piece: Piece, block: Block) {
  if (countsByPen(handOf(block.setting))) return;
  const body = bodyHeight(block.setting);
  for (const share of SMALLER) {
    const smaller = scaledHeights(block, share);
    yield {
      label: `A body of ${plain(bodyHeight(smaller.setting), 1)} mm instead of ${plain(body, 1)}`,
      piece: withBlock(piece, block.id, () => smaller),
    };
  }
}

/** The block to make smaller: the one that is said to be too wide, or the one with most lines. */
function largest(laid: Laid): Block {
  const named = laid.findings.find(({ tone, block }) => tone === 'wrong' && block !== undefined);
  const byName = laid.piece.blocks.find(({ id }) => id === named?.block);
  const heightOf = (block: Block) =>
    laid.lines.filter((line) => line.block === block).reduce((sum, { pen }) => sum + pen.pitch, 0);
  return byName ?? ([...laid.piece.blocks].sort((a, b) => heightOf(b) - heightOf(a))[0] as Block);
}

/**
 * What would make a piece fit, each tried: closer words, closer lines, smaller margins, the next smaller nib. Empty where it
 * fits already, or where nothing of the kind helps (a letter the hand does not have).
 */
export function* remedies(laid: Laid, drawer: readonly Nib[], own: Own = {}): Generator<Remedy> {
  const { piece } = laid;
  if (laid.fits || laid.findings.some(({ tone, about }) => tone === 'wrong' && about === 'letters')) return;
  yield* firstFitting(own, closerWords(piece));
  yield* firstFitting(own, closerLines(piece));
  yield* firstFitting(own, smallerMargins(piece));
  yield* firstFitting(own, smallerWriting(piece, largest(laid)));
  yield* firstFitting(own, smallerNibs(piece, largest(laid), drawer));
}
