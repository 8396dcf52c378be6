import { errorOf, median } from '../measure/statistics';
import { cosDeg, type Mm, tanDeg, toDegrees } from '../measure/units';
import type { DueRow } from '../practice/dueRows';
import { PIXELS_PER_MM } from '../register/pageMap';
import { type Compared, LACKING } from './letter';
import type { RowFault } from './rowFaults';

/** A fault of a row: how far beyond its tolerance, what was measured, and in how many letters of how many it was looked for. */
export interface FoundFault {
  readonly fault: RowFault;
  /** Over its tolerance by this factor; more than 1. */
  readonly score: number;
  /** In the unit of its kind: shares, degrees, shares of the body, mm. */
  readonly value: number;
  readonly letters: number;
}

/** One thing that is measured of each letter, its tolerance, and what it is called to either side. */
interface Kind {
  readonly of: (letter: Compared, row: DueRow) => number | undefined;
  /** What is off by more is a fault (taken from the trial; shares, degrees, and nib widths). */
  readonly tolerance: (row: DueRow) => number;
  readonly less: RowFault;
  readonly more: RowFault;
  /** A trait of the whole page first: a row has it only against other rows. */
  readonly ofPage?: true;
}

/** A letter's lean: by its stems where it has them, else by how the model had to be leant. */
const leanOf = (letter: Compared, row: DueRow): number =>
  letter.slope ??
  toDegrees(Math.atan(letter.alignment.lean + tanDeg(row.due.ground.recipe.slope))) -
    row.due.ground.recipe.slope;

/** A letter of two stems is about so wide, in bodies: what is off is told against that at least. */
const USUAL_WIDTH = 0.55;

/**
 * A letter's width against its model's: the mean of how far the model had to be drawn out to lie on it, and of what its ink
 * spans less the edge and what more lean adds.
 */
function widthOf({ alignment, measured, model }: Compared, { due }: DueRow): number {
  const { pen, unit } = due.ground;
  // Hairlines of a pressed pen are lost at either end: what they span says nothing.
  if (pen.kind !== 'broad') return alignment.width - 1;
  const edge = pen.width * cosDeg(pen.angle) * unit * PIXELS_PER_MM;
  const leant = Math.abs(alignment.lean) * (measured.top - measured.bottom);
  const spans = (measured.right - measured.left - edge - leant) / (model.right - model.left - edge);
  // Of a letter that is hardly more than a stem, a little is a large share.
  const narrow = Math.min(
    1,
    (model.right - model.left - edge) / (USUAL_WIDTH * due.ground.zones.body * unit * PIXELS_PER_MM),
  );
  return ((alignment.width + spans) / 2 - 1) * narrow;
}

/** A foot over the line: by its ink where an edge ends on it, else by how the model had to be moved up. */
function footOf({ bottom, model, alignment }: Compared, { due }: DueRow): number {
  const body = due.ground.zones.body * due.ground.unit * PIXELS_PER_MM;
  const stands = due.ground.pen.kind === 'broad' && Math.abs(model.bottom) < ON_LINE * body;
  return stands ? bottom : alignment.up / PIXELS_PER_MM;
}
/** A model stands on the line where it ends so near it, as a share of the body. */
const ON_LINE = 0.16;

/** How far off the line feet may be: a share of the nib, or of the body where the pen is a point. */
const OFF_NIBS = 0.15;
const OFF_BODY = 0.05;
const offLine = ({ due: { ground } }: DueRow): number =>
  ground.pen.kind === 'broad'
    ? OFF_NIBS * ground.pen.width * ground.unit
    : OFF_BODY * ground.zones.body * ground.unit;

const KINDS: readonly Kind[] = [
  { of: widthOf, tolerance: () => 0.09, less: 'narrow', more: 'wide' },
  { of: ({ alignment }) => alignment.height - 1, tolerance: () => 0.055, less: 'short', more: 'tall' },
  { of: leanOf, tolerance: () => 3, less: 'upright', more: 'leaning', ofPage: true },
  { of: ({ angle }) => angle, tolerance: () => 5, less: 'flat', more: 'steep', ofPage: true },
  { of: ({ branch }) => branch, tolerance: () => 0.12, less: 'low branch', more: 'high branch' },
  { of: footOf, tolerance: offLine, less: 'below the line', more: 'above the line' },
];

/** Letters that lie over their models so little are other letters, or blots. */
export const LEAST_OVERLAP = 0.45;
/** A fault of a row is seen in at least so many letters. */
const LEAST_LETTERS = 2;
/** Strokes are missing or apart where they are in more than this share of the letters. */
const MOST_OF = 0.6;

/** A row as it was measured: its letters that may be judged. */
export interface JudgedRow {
  readonly row: DueRow;
  readonly letters: readonly Compared[];
  /** Where each begins on the page. */
  readonly places: readonly Mm[];
}

/**
 * What is wrong with a row as a whole, the worst first. Medians over its letters, less what all other rows have in common: a
 * page that leans is one remark, not thirty. Said only beyond the tolerance and twice the error of the median.
 */
export function faultsOf(judged: JudgedRow, others: readonly JudgedRow[]): FoundFault[] {
  const { row, letters } = judged;
  // Words and drills are measured, and no habit of one letter is looked for in them.
  if (row.due.running || letters.length < LEAST_LETTERS) return [];
  const share = (is: (letter: Compared) => boolean) => letters.filter(is).length / letters.length;
  const missing = share(({ lacking, fewer }) => lacking > LACKING || fewer);
  if (missing > MOST_OF) {
    return [{ fault: 'stroke missing', score: FIRST + missing, value: missing, letters: letters.length }];
  }
  const apart = share((letter) => letter.apart);
  const found: FoundFault[] =
    apart > MOST_OF
      ? [{ fault: 'strokes apart', score: FIRST + apart, value: apart, letters: letters.length }]
      : [];
  for (const kind of KINDS) {
    const values = valuesOf(kind, judged);
    if (values.length < LEAST_LETTERS) continue;
    const rows = others.map((other) => median(valuesOf(kind, other))).filter((value) => !Number.isNaN(value));
    if (kind.ofPage && rows.length < LEAST_ROWS - 1) continue;
    const common = kind.ofPage || rows.length >= LEAST_ROWS ? median(rows) : 0;
    const value = median(values) - common;
    const score = Math.abs(value) / kind.tolerance(row);
    if (score > 1 && Math.abs(value) > 2 * errorOf(values)) {
      found.push({ fault: value < 0 ? kind.less : kind.more, score, value, letters: values.length });
    }
  }
  // Squeezed or turned letters branch elsewhere of themselves: then only what is much farther off is a branch.
  const other = Math.max(0, ...found.filter(({ fault }) => !isBranch(fault)).map(({ score }) => score));
  const weight = ({ fault, score }: FoundFault) =>
    isBranch(fault) && other > 0 ? score * BESIDE_OTHERS : score;
  return found.sort((a, b) => weight(b) - weight(a));
}

/** So many other rows tell what all have in common; of fewer, one faulty row could be half. What a page has as a whole is then left to its own remarks. */
const LEAST_ROWS = 3;
/** What is missing or apart comes before all that follows from it. */
const FIRST = 10;
/** A branch beside another fault weighs so much of what it weighs alone. */
const BESIDE_OTHERS = 0.4;
const isBranch = (fault: RowFault): boolean => fault === 'low branch' || fault === 'high branch';

const valuesOf = ({ of }: Kind, { row, letters }: JudgedRow): number[] =>
  letters.flatMap((letter) => of(letter, row) ?? []);

/** How far one letter is off, by its worst, over the tolerance of a row; for pictures only, no verdict is passed on one letter. */
export function offBy(letter: Compared, row: DueRow): number {
  const all = KINDS.map(({ of, tolerance }) => Math.abs(of(letter, row) ?? 0) / tolerance(row));
  return Math.max(...all, letter.lacking > LACKING ? FIRST : 0, letter.apart ? FIRST : 0);
}
