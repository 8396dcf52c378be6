import { paperFormat } from '../measure/paper';
import { type Mm, plain, tanDeg } from '../measure/units';
import { lastFor, perObject } from '../memo/memo';
import type { Box } from '../page/boxes';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import { ornamented } from '../type/ornament';
import type { SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import { lineReach } from '../writing/figure';
import { collisionOf } from './collisions';
import { brokenVerse, clogged, folded, meeting, missing, outside } from './findings';
import { finishReach } from './finish';
import { flourishOf, type LaidFlourish } from './flourish';
import { type Extent, type Finding, inkOfLines, type LaidLine, type LaidPiece } from './laid';
import { brokenLines, lineOf, type Paragraph } from './paragraph';
import { type BlockPen, blockPen, type Own } from './pen';
import type { Block, Piece } from './piece';

/** The sheet as it lies. */
export function piecePage({ paper }: Pick<Piece, 'paper'>): { width: Mm; height: Mm } {
  const { width, height } = paperFormat(paper.format) ?? paper;
  return paper.sideways ? { width: height, height: width } : { width, height };
}

/** Smallest frame that can be written in. */
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

/** Lines along a slant step onward by this angle off the vertical where the hand itself leans less. */
const LEAST_SLANT = 20;
/** Most white justifying adds to one word space, in bodies: beyond that a line is left short. */
const MOST_SPREAD = 1.4;
/** White between an initial and the lines beside it, in bodies. */
const INITIAL_GAP = 0.5;
/** Step by which lines are shortened when longer ones collide. */
const SHORTER = [0.97, 0.94, 0.9, 0.85];
/** Lines of a block from its first zone on: baselines count from 0 at its upper edge. */
interface BlockLines {
  readonly lines: readonly LaidLine[];
  readonly height: Mm;
  readonly findings: readonly Finding[];
}

const NO_LETTERS: Own = {};

/** Of a small envelope the corner takes at most half its width and two fifths of its height. */
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

const shifted = ({ left, right, top, bottom }: Extent, x: Mm, y: Mm): Extent => ({
  left: left + x,
  right: right + x,
  top: top + y,
  bottom: bottom + y,
});

const moved = (line: LaidLine, x: Mm, y: Mm): LaidLine => ({
  ...line,
  x: line.x + x,
  baseline: line.baseline + y,
  ink: shifted(line.ink, x, y),
});

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

/** What a stack may take at head and foot with other letters: in a list no name moves the lines by its own tails. */
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

/** Blocks that have not changed stay as they were laid: an edit lays one anew. */
const blocksWith = perObject((own: Own) =>
  lastFor((frame: string, block: Block) => easedBlock(block, blockPen(block, own), JSON.parse(frame) as Box)),
);

/** A block, its lines kept from running into each other: by other breaks, or by more space where they meet. */
function easedBlock(block: Block, pen: BlockPen, frame: Box): BlockLines {
  const usual = blockLines(block, pen, frame);
  const meetings = collisionsIn(usual.lines);
  if (meetings.length === 0) return usual;
  const found: Finding = {
    tone: 'eased',
    about: 'collision',
    block: block.id,
    text: 'Ascenders met descenders; the lines are broken elsewhere.',
  };
  for (const share of SHORTER) {
    const other = blockLines(block, pen, frame, share);
    if (other.lines.length === usual.lines.length && collisionsIn(other.lines).length === 0)
      return { ...other, findings: [...other.findings, found] };
  }
  // Every line from the meeting on moves down by what the two need.
  let down: Mm = 0;
  const lines = usual.lines.map((line, i) => {
    const before = usual.lines[i - 1];
    if (before && before.number >= 0) down += collisionOf(before, line)?.by ?? 0;
    return moved(line, 0, down);
  });
  const said: Finding = {
    ...found,
    text: `Ascenders meet descenders; the lines stand ${plain(down, 1)} mm wider apart there.`,
  };
  return { lines, height: usual.height + down, findings: [...usual.findings, said] };
}

/** An initial stands beside lines, not above them, so it is not compared with any. */
const collisionsIn = (lines: readonly LaidLine[]) =>
  lines.slice(1).flatMap((line, i) => {
    const before = lines[i] as LaidLine;
    return before.number < 0 ? [] : (collisionOf(before, line) ?? []);
  });

/** Lines of a block where nothing of it is moved yet; `share` of the room is used. */
function blockLines(block: Block, pen: BlockPen, frame: Box, share = 1): BlockLines {
  const { face, unit, pitch, above, below, body } = pen;
  const beside = finishReach(block, pen);
  const width = frame.width - beside.left - beside.right;
  const written = block.capitals || block.setting.capitalsOnly ? block.text.toUpperCase() : block.text;
  const initial = block.initial > 0 && /^\S/.test(written) ? initialOf(block, pen, written) : undefined;
  const lines: LaidLine[] = [];
  let number = 0;
  for (const paragraph of paragraphsOf(block, written, initial ? initial.length : 0)) {
    const starts = number;
    const inset = (i: number): Mm =>
      initial && starts + i < block.initial ? initial.width + INITIAL_GAP * body : 0;
    const step = block.align === 'slant' ? pitch * tanDeg(Math.max(LEAST_SLANT, block.setting.slope)) : 0;
    const broken = slanted(step, starts, (reserved) =>
      brokenLines(face, paragraph, {
        room: (i) => Math.max(unit, (width - inset(i) - reserved) * share) / unit,
        evenFrom: initial ? Math.max(0, block.initial - starts) : 0,
        evenLast: block.align !== 'justified',
      }),
    );
    for (const [i, line] of broken.lines.entries()) {
      const room = frame.width - inset(i) - step * Math.max(0, broken.lines.length - 1 - i + starts);
      const ends = i === broken.lines.length - 1;
      const inked = room - beside.left - beside.right;
      const bare = spread(block, pen, paragraph, broken.words, line, inked, ends);
      const set = ornamented(face, bare, block.setting.writing);
      const at = { x: frame.x + inset(i) + step * (starts + i), room, baseline: above + number * pitch };
      lines.push(stood(block, number, broken.words.slice(...line), set, pen, at));
      number += 1;
    }
    if (broken.lines.length === 0) number += 1;
  }
  if (initial) lines.unshift(initial.stands(frame.x, above));
  const height = number === 0 ? 0 : above + below + (number - 1) * pitch;
  const findings: Finding[] = initial
    ? [
        {
          tone: 'remark',
          about: 'weight',
          block: block.id,
          text: `The initial is as heavy as its height asks: a pen of ${plain(initial.nib, 1)} mm, or draw and fill it.`,
        },
      ]
    : [];
  return { lines, height, findings };
}

/** Paragraphs of a text, without the letters an initial has taken. */
function paragraphsOf(block: Block, written: string, taken: number): Paragraph[] {
  let at = 0;
  return written.split('\n').map((text, i) => {
    const skipped = i === 0 ? taken : 0;
    const paragraph = {
      text: text.slice(skipped),
      at: at + skipped,
      touches: block.touches,
      wordSpace: block.wordSpace,
    };
    at += text.length + 1;
    return paragraph;
  });
}

/** Breaks lines that step onward along a slant: the more there are, the less room is left to each. */
function slanted<T extends { readonly lines: readonly unknown[] }>(
  step: Mm,
  before: number,
  breaking: (reserved: Mm) => T,
): T {
  let broken = breaking(0);
  if (step === 0) return broken;
  for (let count = 1; count <= broken.lines.length; count++)
    broken = breaking(step * (before + Math.max(0, broken.lines.length - 1)));
  return broken;
}

/** A line with the white in it that its block asks for. */
function spread(
  block: Block,
  { face, unit, body }: BlockPen,
  paragraph: Paragraph,
  words: Parameters<typeof lineOf>[2],
  line: Parameters<typeof lineOf>[3],
  room: Mm,
  endsParagraph: boolean,
): SetLine {
  const set = lineOf(face, paragraph, words, line);
  const gaps = line[1] - line[0] - 1;
  if (block.align !== 'justified' || endsParagraph || gaps === 0) return set;
  const reach = lineReach(face.pen, set);
  if (!reach) return set;
  const more = (room - (reach.right - reach.left) * unit) / gaps;
  return more > 0 && more < MOST_SPREAD * body ? lineOf(face, paragraph, words, line, more / unit) : set;
}

/** A set line in its place: by what is inked of it, not by its skeleton. */
function stood(
  block: Block,
  number: number,
  words: LaidLine['words'],
  set: SetLine,
  pen: BlockPen,
  { x, room, baseline }: { x: Mm; room: Mm; baseline: Mm },
): LaidLine {
  const { face, unit } = pen;
  const letters = lineReach(face.pen, set) ?? { left: 0, right: set.width, top: face.zones.body, bottom: 0 };
  const finish = finishReach(block, pen);
  const reach = {
    left: letters.left - finish.left / unit,
    right: letters.right + finish.right / unit,
    top: letters.top + finish.top / unit,
    bottom: letters.bottom - finish.bottom / unit,
  };
  const free = room - (reach.right - reach.left) * unit;
  const along = { left: 0, justified: face.rightToLeft ? free : 0, slant: 0, centre: free / 2, right: free };
  const start = x + along[block.align] - reach.left * unit;
  const ink = {
    left: start + reach.left * unit,
    right: start + reach.right * unit,
    top: baseline - reach.top * unit,
    bottom: baseline - reach.bottom * unit,
  };
  return { block, number, words, set, pen, x: start, baseline, ink, room };
}

/** The first letter as tall as some lines: from the head of the first to the baseline of the last. */
function initialOf(block: Block, pen: BlockPen, written: string) {
  const letter = [...written][0] as string;
  const { face, unit, pitch, body } = pen;
  const set = setLine(face, letter.toUpperCase());
  const own = lineReach(face.pen, set);
  if (!own) return undefined;
  const capital = (face.zones.capital || face.zones.body) * unit;
  const times = ((block.initial - 1) * pitch + Math.max(capital, body)) / capital;
  const large: BlockPen = { ...pen, unit: unit * times, body: body * times };
  return {
    length: letter.length,
    width: (own.right - own.left) * large.unit,
    nib: block.setting.width * times,
    stands: (x: Mm, above: Mm): LaidLine =>
      stood({ ...block, align: 'left' }, -1, [{ text: letter, at: 0 }], set, large, {
        x,
        room: (own.right - own.left) * large.unit,
        baseline: above + (block.initial - 1) * pitch,
      }),
  };
}
