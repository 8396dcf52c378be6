import { paperFormat } from '../measure/paper';
import { type Mm, plain } from '../measure/units';
import { lastFor, perObject } from '../memo/memo';
import type { Box } from '../page/boxes';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import { setLine } from '../type/setLine';
import { lineReach } from '../writing/figure';
import { easedBlock } from './blockLines';
import { brokenVerse, clogged, folded, meeting, missing, outside } from './findings';
import { flourishOf, type LaidFlourish } from './flourish';
import { type Extent, type Finding, inkOfLines, type LaidLine, type LaidPiece, moved } from './laid';
import { blockPen, type Own } from './pen';
import type { Block, Piece } from './piece';

/** The sheet as it lies. */
export function piecePage({ paper }: Pick<Piece, 'paper'>): { width: Mm; height: Mm } {
  const { width, height } = paperFormat(paper.format) ?? paper;
  return paper.sideways ? { width: height, height: width } : { width, height };
}

/** Minimum side of a frame that can be written in. */
const SMALLEST: Mm = 10;

/**
 * The page less its margins.
 * @throws Problem when they leave nothing to write in.
 */
export function pieceFrame(piece: Pick<Piece, 'paper'>): Box {
  const page = piecePage(piece);
  const { top, right, bottom, left } = piece.paper.margins;
  const frame = { x: left, y: top, width: page.width - left - right, height: page.height - top - bottom };
  if (frame.width < SMALLEST || frame.height < SMALLEST) {
    throw new Problem(
      'paper.margins',
      `The margins leave ${plain(Math.max(0, frame.width), 0)} × ${plain(Math.max(0, frame.height), 0)} mm to write in: take smaller margins or a larger paper.`,
    );
  }
  return frame;
}

const NO_LETTERS: Own = {};

/** Maximum fractions of a small envelope's width and height that the corner takes. */
const MOST_POSTAGE = { across: 0.5, down: 0.4 } as const;

/** The corner kept free for postage, limited by what a small envelope has room for. */
function postageCorner(
  { width, height }: Piece['postage'],
  page: { readonly width: Mm; readonly height: Mm },
): Box {
  const across = Math.min(width, MOST_POSTAGE.across * page.width);
  return {
    x: page.width - across,
    y: 0,
    width: across,
    height: Math.min(height, MOST_POSTAGE.down * page.height),
  };
}

/** A piece as it will be written, and what stands in its way. */
export function layoutPiece(
  piece: Piece,
  own: Own = NO_LETTERS,
): LaidPiece & { readonly flourishes: readonly LaidFlourish[] } {
  const page = piecePage(piece);
  const frame = pieceFrame(piece);
  const postage = piece.postage.on ? postageCorner(piece.postage, page) : undefined;
  const findings: Finding[] = [];
  let y: Mm = 0;
  const stacked = piece.blocks.flatMap((block, i): LaidLine[] => {
    const laid = blocksWith(own)(JSON.stringify(frame), block);
    if (laid.lines.length === 0) return [];
    if (i > 0) y += block.before;
    const top = y;
    y += laid.height;
    findings.push(...laid.findings);
    return laid.lines.map((line) => moved(line, 0, top));
  });
  const down = placedAt(piece, frame, stacked, y);
  const nudged = stacked.map((line) => {
    const nudge = line.block.nudges.find(({ at }) => line.words.some((word) => word.at === at));
    return moved(line, nudge?.x ?? 0, down + (nudge?.y ?? 0));
  });
  findings.push(
    ...outside(nudged, frame, postage),
    ...missing(nudged),
    ...meeting(nudged),
    ...clogged(piece),
    ...folded(piece, nudged, page),
    ...brokenVerse(piece, nudged),
  );
  const flourishes: LaidFlourish[] = [];
  for (const block of piece.blocks) {
    const mine = nudged.filter((line) => line.block === block && line.number >= 0);
    const found = flourishOf(
      mine,
      frame,
      nudged.filter((line) => line.block !== block),
    );
    if (found && 'figure' in found) flourishes.push(found);
    else if (found) findings.push(found);
  }
  const ink = inkOfLines(nudged);
  return {
    piece,
    page,
    frame,
    ...(postage && { postage }),
    lines: nudged,
    flourishes,
    findings,
    fits: findings.every(({ tone }) => tone !== 'wrong'),
    fill: ink ? (ink.bottom - ink.top) / frame.height : 0,
  };
}

export type Laid = ReturnType<typeof layoutPiece>;

/** Fraction of the free height above the writing when it stands at the optical centre. */
const OPTICAL = 0.42;

/**
 * How far down the stack begins, of `height` zones and all. At the head its upper zone meets the frame, at the foot its
 * lower; ink that overshoots its zone moves it inward.
 */
function placedAt({ place, rows }: Piece, frame: Box, lines: readonly LaidLine[], height: Mm): Mm {
  const inked = inkOfLines(lines);
  if (!inked) return frame.y;
  const inMiddle = place === 'centre' || place === 'optical';
  const ink = rows.length === 0 ? inked : inMiddle ? standingOf(lines, inked) : reservedFor(lines, inked);
  if (place === 'top') return frame.y - Math.min(0, ink.top);
  if (place === 'foot') return frame.y + frame.height - Math.max(height, ink.bottom);
  const free = frame.height - (ink.bottom - ink.top);
  return frame.y + free * (place === 'centre' ? 0.5 : OPTICAL) - ink.top;
}

/**
 * What a stack takes down the page whatever its letters: from the height of the first line's capitals to the last baseline.
 * In a list every card's lines then stand at the same heights, with descenders or without.
 */
function standingOf(lines: readonly LaidLine[], ink: Extent): Extent {
  const tops = lines.map(
    ({ baseline, pen }) => baseline - (pen.face.zones.capital || pen.face.zones.body) * pen.unit,
  );
  return { ...ink, top: Math.min(...tops), bottom: Math.max(...lines.map(({ baseline }) => baseline)) };
}

/** Words whose letters reach highest and lowest, first, inner and last, in either direction of writing. */
const REACHING = 'J Jill Aj Qp fly hkg لكعج';

/** Maximum extent of a stack at head and foot with any letters: in a list no name moves the lines by its own tails. */
function reservedFor(lines: readonly LaidLine[], ink: Extent): Extent {
  const reaches = lines.map(({ block, baseline, pen: { face, unit } }) => {
    const capitals = block.capitals || block.setting.capitalsOnly || handOf(block.setting).capitalsOnly;
    const reach = lineReach(face.pen, setLine(face, capitals ? REACHING.toUpperCase() : REACHING));
    return { top: baseline - (reach?.top ?? 0) * unit, bottom: baseline - (reach?.bottom ?? 0) * unit };
  });
  return {
    ...ink,
    top: Math.min(ink.top, ...reaches.map(({ top }) => top)),
    bottom: Math.max(ink.bottom, ...reaches.map(({ bottom }) => bottom)),
  };
}

/** Cache of laid blocks: an edit lays out one block anew. */
const blocksWith = perObject((own: Own) =>
  lastFor((frame: string, block: Block) => easedBlock(block, blockPen(block, own), JSON.parse(frame) as Box)),
);
