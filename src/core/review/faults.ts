import { FAULTS, type Fault } from '../faults/fault';
import { median, medianError } from '../measure/statistics';
import { cosDeg, type Mm, tanDeg, toDegrees } from '../measure/units';
import { perObject } from '../memo/memo';
import type { Stroke } from '../pen/stroke';
import type { DueRow } from '../practice/dueRows';
import { PIXELS_PER_MM } from '../register/pageMap';
import { type Compared, LACKING, type Model } from './letter';
import type { RowFault } from './rowFaults';
import { asItself, type Supposed, shownBy } from './supposed';
import { type RowTraits, rowTraits, TRAITS, type Trait, type Traits } from './traits';

/** A fault of a row, and in how many letters it was looked for. */
export interface FoundFault {
  readonly fault: RowFault;
  /** How plain it is: 1 is just worth saying. */
  readonly score: number;
  /** How large: 1 is plain to see, less than 0 the other way. */
  readonly value: number;
  readonly letters: number;
}

/** One thing that is measured of each letter, and its tolerance (taken from the trial; shares, degrees, and nib widths). */
interface Kind {
  readonly of: (letter: Compared, row: DueRow) => number | undefined;
  readonly tolerance: (row: DueRow) => number;
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
  { of: widthOf, tolerance: () => 0.09 },
  { of: ({ alignment }) => alignment.height - 1, tolerance: () => 0.055 },
  { of: leanOf, tolerance: () => 3 },
  { of: ({ angle }) => angle, tolerance: () => 5 },
  { of: ({ branch }) => branch, tolerance: () => 0.12 },
  { of: footOf, tolerance: offLine },
];

/** Letters that lie over their models so little are other letters, or blots. */
export const LEAST_OVERLAP = 0.45;
/** A stroke is missing where it is in more than this share of letters that are not like their model. */
const MOST_OF = 0.6;
const LEAST_LETTERS = 2;

/** A row as it was measured. */
export interface JudgedRow {
  readonly row: DueRow;
  readonly model: Model;
  /** Letters that may be judged, and where each begins on the page. */
  readonly letters: readonly Compared[];
  readonly places: readonly Mm[];
  /** Those that do not lie over their models. */
  readonly strange: readonly Compared[];
}

/**
 * Deviation of a sound row's traits about what its writer's habits make of its model (from rows of the simulated camera with its own faults;
 * docs/measuring.md): of rows written with an edge, and of all others, whose hairlines come and go.
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
/** One trait alone weighs no more than this, however far it is off: something else may have gone wrong with it. */
const MOST_OF_ONE = 20;
/** A fault must explain so much of what a row is off by (squares of deviations). */
const LEAST_GAIN = 6;
/** Sizes that are tried, of what is plain to see; the usual one, and how far it varies. */
const SIZES = { low: 0.3, high: 1.5, step: 0.1, usual: 0.9, varies: 0.3 } as const;
/** Of an edge less than half of what is plain to see is no habit to speak of, however sure it is: rows of any page differ so much. */
const LEAST_TURN = 0.45;
const OF_EDGE: ReadonlySet<RowFault> = new Set(['flat', 'steep']);
/** So many rows tell what all have in common: habits of the page are its own remarks. */
const LEAST_ROWS = 3;
const LEAST_COMMON = 4;
/** What is there or is not, is not had in common. */
const OF_ITS_OWN: ReadonlySet<Trait> = new Set(['apart', 'fewer']);
/** Faults that may be made to either side. */
const TWO_SIDED: ReadonlySet<Fault> = new Set(['off the line', 'not parallel']);
/** A page of few rows leans, or is held flat, as a whole. */
const OF_PAGE: ReadonlySet<Fault> = new Set(['leaning', 'upright', 'flat', 'steep']);

/** What a row is off by, beyond its writer's habits; and how sure that is. */
type OffBy = ReadonlyMap<Trait, { readonly value: number; readonly error: number }>;

/** What is wrong with each row of a page, the likeliest first; nothing with most. */
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
 * The middle one; of two middle ones that lie plainly apart the lesser: where half of few rows have a fault, the others
 * have none. `apart` is how far rows differ that have none.
 */
function inCommon(values: readonly number[], apart: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  const [low, high] = [sorted[(sorted.length - 1) >> 1] as number, sorted[sorted.length >> 1] as number];
  if (high - low < PLAINLY * apart) return (low + high) / 2;
  return Math.abs(low) < Math.abs(high) ? low : high;
}
/** So many deviations apart are two kinds of rows. */
const PLAINLY = 4;

/** Letters that are like their model but for one stroke. */
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

/** What a row is off its model, less what edge, slope and nib of the whole page make of it. */
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

/** The traits of each row of a page, in their order. */
const traitsOf = perObject((rows: readonly JudgedRow[]): readonly RowTraits[] =>
  rows.map(({ row, letters }) => rowTraits(letters, bodyOf(row))),
);
/** The page's usual deviation counts as so many letters of a row. */
const BORROWED = 6;

const habits = perObject((rows: readonly JudgedRow[]): Supposed => {
  const of = (trait: Trait) => {
    const values = traitsOf(rows).flatMap((traits) => traits[trait]?.value ?? []);
    return values.length >= LEAST_ROWS ? median(values) : 0;
  };
  return { angle: toDegrees(of('angle')), slope: toDegrees(of('slope')), nib: 1 + of('nib') };
});
/** How the writer holds the pen all over a page. */
const habitsOf = (rows: readonly JudgedRow[]): Supposed => habits(rows);

/** The fault that explains most of what a row is off by, if it is off at all and one does. */
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
  return FAULTS.filter(
    (fault) =>
      (rows >= LEAST_ROWS || !OF_PAGE.has(fault)) && (fault !== 'not parallel' || hasTwoSides(row.due)),
  )
    .flatMap((fault) => {
      const shown = shownBy(row, model, { fault });
      return (TWO_SIDED.has(fault) ? [1, -1] : [1]).map((side) => {
        let [gain, best] = [0, 0];
        for (let size = SIZES.low; size <= SIZES.high; size += SIZES.step) {
          const unusual = ((size - SIZES.usual) / SIZES.varies) ** 2;
          const gained = all - left(shown, side * size) - unusual;
          if (gained > gain) [gain, best] = [gained, side * size];
        }
        return { fault: calledIn(fault, side), gain, size: best };
      });
    })
    .sort((a, b) => b.gain - a.gain)
    .slice(0, 1)
    .filter(({ fault, gain, size }) => gain > LEAST_GAIN && (!OF_EDGE.has(fault) || size >= LEAST_TURN))
    .map(({ fault, gain, size }) => ({
      fault,
      score: Math.min(MOST_SCORE, gain / LEAST_GAIN),
      value: size,
      letters: letters.length,
    }));
}

/**
 * Is a letter written with an edge in two strokes or more that go through the body, its first stroke one of them, so that
 * the others can lean beside it? Hairlines of a pressed pen come and go, and with them the sides they lead to.
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
/** A side of a letter is this fraction of the body's height at least. */
const SIDE = 0.5;

/** What a fault is called in a row: which side of the line it is off is told. */
const calledIn = (fault: Fault, side: number): RowFault =>
  fault === 'off the line' ? (side > 0 ? 'above the line' : 'below the line') : fault;

/** How far one letter is off, by its worst, over the tolerance of a row; for pictures only, no verdict is passed on one letter. */
export function offBy(letter: Compared, row: DueRow): number {
  const all = KINDS.map(({ of, tolerance }) => Math.abs(of(letter, row) ?? 0) / tolerance(row));
  return Math.max(...all, letter.lacking > LACKING || letter.apart ? MOST_SCORE : 0);
}
