import { calledIn, FAULT_IDS, FAULTS, type RowFault } from '../faults/faults';
import { median, medianError } from '../measure/statistics';
import { cosDeg, type Mm, tanDeg, toDegrees } from '../measure/units';
import { perObject } from '../memo/memo';
import type { Stroke } from '../pen/stroke';
import type { DueRow } from '../practice/dueRows';
import { PIXELS_PER_MM } from '../register/pageMap';
import { type Compared, LACKING, type Model } from './letter';
import { asItself, type Supposed, shownBy } from './supposed';
import { type RowTraits, rowTraits, TRAITS, type Trait, type Traits } from './traits';

/** A fault of a row, and the number of letters it was judged from. */
export interface FoundFault {
  readonly fault: RowFault;
  /** Confidence; 1 is the minimum at which it is reported. */
  readonly score: number;
  /** Size; 1 is plainly visible, negative values are the opposite direction. */
  readonly value: number;
  readonly letters: number;
}

/** One trait measured on each letter, and its tolerance (from the simulated trial; fractions, degrees or nib widths). */
interface Kind {
  readonly of: (letter: Compared, row: DueRow) => number | undefined;
  readonly tolerance: (row: DueRow) => number;
}

/** Lean of a letter: from its stems, or without stems from the alignment with its model. */
const leanOf = (letter: Compared, row: DueRow): number =>
  letter.slope ??
  toDegrees(Math.atan(letter.alignment.lean + tanDeg(row.due.ground.recipe.slope))) -
    row.due.ground.recipe.slope;

/** Width of a usual two-stem letter, in body heights: the minimum against which an error of width is expressed. */
const USUAL_WIDTH = 0.55;

/**
 * Relative width of a letter: mean of two estimates, the horizontal scale of the alignment, and the span of its ink without the edge and
 * without what added lean contributes.
 */
function widthOf({ alignment, measured, model }: Compared, { due }: DueRow): number {
  const { pen, unit } = due.ground;
  // Pointed pen: hairlines may be lost at either end, so the span is unreliable.
  if (pen.kind !== 'broad') return alignment.width - 1;
  const edge = pen.width * cosDeg(pen.angle) * unit * PIXELS_PER_MM;
  const leant = Math.abs(alignment.lean) * (measured.top - measured.bottom);
  const spans = (measured.right - measured.left - edge - leant) / (model.right - model.left - edge);
  // For a letter hardly wider than a stem, a small error would be a large fraction.
  const narrow = Math.min(
    1,
    (model.right - model.left - edge) / (USUAL_WIDTH * due.ground.zones.body * unit * PIXELS_PER_MM),
  );
  return ((alignment.width + spans) / 2 - 1) * narrow;
}

/** Height of a foot over the baseline: from its ink where the model ends there, else from the alignment. */
function footOf({ bottom, model, alignment }: Compared, { due }: DueRow): number {
  const body = due.ground.zones.body * due.ground.unit * PIXELS_PER_MM;
  const stands = due.ground.pen.kind === 'broad' && Math.abs(model.bottom) < ON_LINE * body;
  return stands ? bottom : alignment.up / PIXELS_PER_MM;
}
/** Maximum distance from the baseline at which a model counts as standing on it, as a fraction of the body. */
const ON_LINE = 0.16;

/** Tolerance of feet about the baseline: fraction of the nib width, or of the body for a point. */
const OFF_NIBS = 0.15;
const OFF_BODY = 0.05;
const offLine = ({ due: { ground } }: DueRow): number =>
  ground.pen.kind === 'broad'
    ? OFF_NIBS * ground.pen.width * ground.unit
    : OFF_BODY * ground.zones.body * ground.unit;

const KINDS: readonly Kind[] = [
  { of: widthOf, tolerance: () => 0.09 },
  { of: ({ alignment }) => alignment.height - 1, tolerance: () => 0.055 },
  { of: leanOf, tolerance: () => 3 },
  { of: ({ angle }) => angle, tolerance: () => 5 },
  { of: ({ branch }) => branch, tolerance: () => 0.12 },
  { of: footOf, tolerance: offLine },
];

/** Minimum overlap with the model; below it the ink is another letter, or a blot. */
export const LEAST_OVERLAP = 0.45;
/** A stroke counts as missing if it is missing in more than this fraction of the letters unlike their model. */
const MOST_OF = 0.6;
const LEAST_LETTERS = 2;

/** A measured row. */
export interface JudgedRow {
  readonly row: DueRow;
  readonly model: Model;
  /** Letters that may be judged, with the place on the page where each begins. */
  readonly letters: readonly Compared[];
  readonly places: readonly Mm[];
  /** Letters whose overlap with their models is too small. */
  readonly strange: readonly Compared[];
}

/**
 * Standard deviation of the traits of a sound row about its model as its writer's habits change it (from simulated rows; docs/measuring.md):
 * for broad edges, and for all other pens, whose hairlines may be lost.
 */
const WITH_EDGE: Readonly<Record<Trait, number>> = {
  width: 0.02,
  height: 0.01,
  lean: 0.015,
  rise: 0.01,
  slope: 0.018,
  splay: 0.025,
  angle: 0.018,
  nib: 0.012,
  weight: 0.02,
  branch: 0.02,
  top: 0.015,
  bottom: 0.02,
  span: 0.03,
  overlap: 0.03,
  lacking: 0.02,
  apart: 0.3,
  fewer: 0.3,
};
const WITHOUT_EDGE: Readonly<Record<Trait, number>> = {
  ...WITH_EDGE,
  weight: 0.03,
  branch: 0.03,
  top: 0.04,
  bottom: 0.04,
  span: 0.06,
};
/** Maximum weight of a single trait (clipping): a larger deviation may have another cause. */
const MOST_OF_ONE = 20;
/** Minimum reduction of chi-square by which a fault must explain the residual. */
const LEAST_GAIN = 6;
/** Sizes tried, as multiples of a plainly visible fault; mean and standard deviation of the prior over sizes. */
const SIZES = { low: 0.3, high: 1.5, step: 0.1, usual: 0.9, varies: 0.3 } as const;
/** Minimum size of a fault of the edge, however certain: rows of any page differ by less than that. */
const LEAST_TURN = 0.45;
/** Minimum number of rows from which a common habit is estimated; habits of the page are remarks of their own. */
const LEAST_ROWS = 3;
const LEAST_COMMON = 4;
/** Traits that are present or absent; no common habit is subtracted from them. */
const OF_ITS_OWN: ReadonlySet<Trait> = new Set(['apart', 'fewer']);

/** Residual of a row beyond its writer's habits, with its uncertainty. */
type OffBy = ReadonlyMap<Trait, { readonly value: number; readonly error: number }>;

/** Faults of each row of a page, most likely first; most rows have none. */
export function faultsOf(rows: readonly JudgedRow[]): FoundFault[][] {
  const judged = rows.map((row) =>
    row.row.due.running || row.letters.length < LEAST_LETTERS ? undefined : beyondHabits(row, rows),
  );
  const common = new Map(
    TRAITS.map((trait) => {
      const values = judged.flatMap((off) => off?.get(trait)?.value ?? []);
      return [
        trait,
        values.length >= LEAST_COMMON && !OF_ITS_OWN.has(trait) ? inCommon(values, WITH_EDGE[trait]) : 0,
      ];
    }),
  );
  return rows.map((row, i) => {
    const off = judged[i];
    if (!off) return row.row.due.running ? [] : missingIn(row.strange);
    const own: OffBy = new Map(
      [...off].map(([trait, { value, error }]) => [
        trait,
        { value: value - (common.get(trait) ?? 0), error },
      ]),
    );
    return explained(row, own, judged.filter(Boolean).length);
  });
}

/**
 * Median; of two middle values that lie clearly apart, the smaller in size: if half of a few rows have a fault, the others have none.
 * `apart` is the usual difference between sound rows.
 */
function inCommon(values: readonly number[], apart: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const [low, high] = [sorted[(sorted.length - 1) >> 1] as number, sorted[sorted.length >> 1] as number];
  if (high - low < PLAINLY * apart) return (low + high) / 2;
  return Math.abs(low) < Math.abs(high) ? low : high;
}
/** Distance, in standard deviations, at which rows count as two kinds. */
const PLAINLY = 4;

/** Number of letters that match their model except for one stroke. */
function missingIn(strange: readonly Compared[]): FoundFault[] {
  if (strange.length < LEAST_LETTERS) return [];
  const missing =
    strange.filter(
      ({ alignment, lacking }) => lacking > LACKING && alignment.overlap + lacking >= LEAST_OVERLAP,
    ).length / strange.length;
  return missing > MOST_OF
    ? [{ fault: 'stroke missing', score: MOST_SCORE, value: 1, letters: strange.length }]
    : [];
}
const MOST_SCORE = 10;

const bodyOf = ({ due: { ground } }: DueRow): number => ground.zones.body * ground.unit * PIXELS_PER_MM;

/** Residual of a row about its model, after subtracting the effects of the page's own edge angle, slope and nib. */
function beyondHabits(judged: JudgedRow, rows: readonly JudgedRow[]): OffBy {
  const { row, model, letters } = judged;
  const own = rowTraits(letters, bodyOf(row));
  const itself = asItself(row, model);
  const habit = shownBy(row, model, habitsOf(rows));
  return new Map(
    TRAITS.flatMap((trait) => {
      const [found, its] = [own[trait], itself[trait]];
      if (!found || its === undefined) return [];
      const { value, deviation, count } = found;
      // Small samples estimate spread poorly: shrink towards the spread of the page's other rows.
      const usual = median(traitsOf(rows).flatMap((traits) => traits[trait]?.deviation ?? []));
      const pooled = Math.sqrt(
        ((count - 1) * deviation ** 2 + BORROWED * usual ** 2) / (count - 1 + BORROWED),
      );
      return [
        [trait, { value: value - its - (habit[trait] ?? 0), error: medianError(pooled, count) }] as const,
      ];
    }),
  );
}

/** Traits of each row of a page, in the order of rows. */
const traitsOf = perObject((rows: readonly JudgedRow[]): readonly RowTraits[] =>
  rows.map(({ row, letters }) => rowTraits(letters, bodyOf(row))),
);
/** Weight of the page's usual spread in shrinkage, as a number of letters. */
const BORROWED = 6;

const habits = perObject((rows: readonly JudgedRow[]): Supposed => {
  const of = (trait: Trait) => {
    const values = traitsOf(rows).flatMap((traits) => traits[trait]?.value ?? []);
    return values.length >= LEAST_ROWS ? median(values) : 0;
  };
  return { angle: toDegrees(of('angle')), slope: toDegrees(of('slope')), nib: 1 + of('nib') };
});
/** Pen angle, slope and nib of a whole page, which are the writer's habits. */
const habitsOf = (rows: readonly JudgedRow[]): Supposed => habits(rows);

/** Fault that explains most of the residual of a row; undefined where the residual is small, or no fault explains it. */
function explained({ row, model, letters }: JudgedRow, off: OffBy, rows: number): FoundFault[] {
  const deviations = row.due.ground.pen.kind === 'broad' ? WITH_EDGE : WITHOUT_EDGE;
  /** Clipped chi-square of the residual after subtracting the fault. */
  const left = (shown: Traits, size: number): number => {
    let sum = 0;
    for (const [trait, { value, error }] of off) {
      const by = (value - size * (shown[trait] ?? 0)) / Math.hypot(deviations[trait], error);
      sum += Math.min(MOST_OF_ONE, by * by);
    }
    return sum;
  };
  const all = left({}, 0);
  if (all <= LEAST_GAIN) return [];
  return FAULT_IDS.filter(
    (fault) =>
      (rows >= LEAST_ROWS || !FAULTS[fault].ofPage) && (!FAULTS[fault].ofSides || hasTwoSides(row.due)),
  )
    .flatMap((fault) => {
      const shown = shownBy(row, model, { fault });
      return (FAULTS[fault].bothWays ? [1, -1] : [1]).map((side) => {
        let [gain, best] = [0, 0];
        for (let size = SIZES.low; size <= SIZES.high; size += SIZES.step) {
          const unusual = ((size - SIZES.usual) / SIZES.varies) ** 2;
          const gained = all - left(shown, side * size) - unusual;
          if (gained > gain) [gain, best] = [gained, side * size];
        }
        return { fault: calledIn(fault, side), turns: FAULTS[fault].turns, gain, size: best };
      });
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, 1)
    .filter(({ turns, gain, size }) => gain > LEAST_GAIN && (!turns || size >= LEAST_TURN))
    .map(({ fault, gain, size }) => ({
      fault,
      score: Math.min(MOST_SCORE, gain / LEAST_GAIN),
      value: size,
      letters: letters.length,
    }));
}

/**
 * Tells whether a letter has two or more strokes through the body, the first among them, written with a broad edge, so that the others can
 * lean against it. A pointed pen is excluded: its hairlines may be lost, and with them the sides they lead to.
 */
const hasTwoSides = ({ figure, ground }: DueRow['due']): boolean =>
  ground.pen.kind === 'broad' &&
  figure.shapes
    .filter(({ joins, marks }) => !joins && !marks)
    .some(({ cut: { upright } }) => {
      const sides = upright.map(({ path }) => heightOf(path) >= SIDE * ground.zones.body);
      return sides[0] === true && sides.lastIndexOf(true) > 0;
    });
const heightOf = (path: Stroke['path']): number => {
  const ys = path.flatMap((cubic) => cubic.map(([, y]) => y));
  return Math.max(...ys) - Math.min(...ys);
};
/** Minimum height of a side of a letter, as a fraction of the body. */
const SIDE = 0.5;

/** Worst deviation of one letter over the tolerance of a row. Only for pictures: single letters are not judged. */
export function offBy(letter: Compared, row: DueRow): number {
  const all = KINDS.map(({ of, tolerance }) => Math.abs(of(letter, row) ?? 0) / tolerance(row));
  return Math.max(...all, letter.lacking > LACKING || letter.apart ? MOST_SCORE : 0);
}
