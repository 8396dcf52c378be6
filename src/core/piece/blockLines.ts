import { type Mm, plain, tanDeg } from '../measure/units';
import type { Box } from '../page/boxes';
import { ornamented } from '../type/ornament';
import type { SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import { lineReach } from '../writing/figure';
import { collisionOf } from './collisions';
import { finishReach } from './finish';
import { type Finding, type LaidLine, moved } from './laid';
import { brokenLines, lineOf, type Paragraph } from './paragraph';
import type { BlockPen } from './pen';
import type { Block } from './piece';

/** Minimum angle off the vertical by which lines along a slant advance; a hand that leans more advances by its own slope. */
const LEAST_SLANT = 20;
/** Most white justifying adds to one word space, in bodies: beyond that a line is left short. */
const MOST_SPREAD = 1.4;
/** White between an initial and the lines beside it, in bodies. */
const INITIAL_GAP = 0.5;
/** Step by which lines are shortened when longer ones collide. */
const SHORTER = [0.97, 0.94, 0.9, 0.85];
/** Lines of a block from its first zone on: baselines count from 0 at its upper edge. */
export interface BlockLines {
  readonly lines: readonly LaidLine[];
  readonly height: Mm;
  readonly findings: readonly Finding[];
}

/** A block whose lines do not collide: broken elsewhere, or spaced wider where they meet. */
export function easedBlock(block: Block, pen: BlockPen, frame: Box): BlockLines {
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
  // Every line from the collision on moves down by the space the two need.
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

/** Lines of a block before collisions are resolved; `share` is the fraction of the room that is used. */
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

/** A line with its word spaces widened as its block asks. */
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

/** A set line in its place, aligned by its ink and not by its skeleton. */
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
