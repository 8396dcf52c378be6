import { errorOf, median, spread } from '../measure/statistics';
import type { Mm } from '../measure/units';
import type { Ground } from '../practice/ground';
import { PIXELS_PER_MM } from '../register/pageMap';
import { fallOf } from './fall';
import { FIGURES, type FigureId } from './figures/registry';
import type { ReviewFigure } from './review';
import type { Group, Written } from './written';

const P = PIXELS_PER_MM;

/** Minimum number of rows from which the edge is read per row (with fewer, per group); minimum number of models that show how an edge is read. */
const ENOUGH_EDGES = 4;
/** Minimum distinctness (`Edge.plain`) at which a group gives an angle. */
const PLAIN = 0.04;
/** Maximum distance of stems within one word, in body heights. */
const APART = 1.5;

/** Minimum number of letters or groups for a figure; minimum number of lines for a figure of whole lines. */
const FEWEST = 4;
const FEWEST_LINES = 2;
/** Minimum number of stems whose median gives the weight, because some stems of capitals are thin. */
const FEW_STEMS = { fewest: 8 } as const;

/** What is known about rows without cells. */
export interface LinesKnown {
  readonly ground: Ground;
  /** Relative uncertainty of the picture's scale. */
  readonly scale: number;
  /** The height of a single row was given by the user, and is not measured. */
  readonly bodyShown: boolean;
  /** Lines are printed, so their places on the page are known. */
  readonly printed: boolean;
  /** Each row has its own model, set as it was to be written. */
  readonly asSet: boolean;
  /** The model has the words that were written; otherwise distances of stems are not compared. */
  readonly sameWords: boolean;
}

/** Measures rows of writing, and their model by the same code. */
export function lineFigures(
  rows: readonly Written[],
  models: readonly Written[],
  { ground: { pen, unit, recipe, zones }, scale, bodyShown, printed, asSet, sameWords }: LinesKnown,
): ReviewFigure[] {
  const [groups, model] = [rows.flatMap((row) => row.groups), models.flatMap((row) => row.groups)];
  const body = zones.body * unit;
  const nib = pen.kind === 'broad' ? pen.width * unit : 0;
  const edges = (of: readonly Group[]) =>
    of.flatMap(({ edge }) => {
      const own = edge();
      return own && own.plain > PLAIN ? [own] : [];
    });
  const slopes = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ slope }) => slope));
  const widths = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ width }) => width / P));
  const heights = (of: readonly Group[]) =>
    of.flatMap(({ tops, feet }) => tops.map((high, i) => (high - (feet[i] as number)) / P));
  const figure = (
    id: FigureId,
    values: readonly number[],
    value: number,
    target: number | null,
    /** For a length, the value that relative floor and scale error multiply; absent for absolute floors. */
    length?: Mm,
    { fewest = FEWEST, count = values.length } = {},
  ): ReviewFigure[] =>
    values.length < fewest || Number.isNaN(value)
      ? []
      : [
          {
            id,
            value: rounded(value),
            asked: target === null ? null : rounded(target),
            error: rounded(
              Math.hypot(
                (FIGURES[id].floor.plain ?? 0) * (length ?? 1),
                scale * (length ?? 0),
                2 * errorOf(values),
              ),
            ),
            count,
          },
        ];
  const less = (value: number, own: number) => Math.sqrt(Math.max(0, value * value - own * own));
  const rowEdges = rows.flatMap(({ edge }) => edge() ?? []);
  const modelEdges = models.slice(0, ENOUGH_EDGES).flatMap(({ edge }) => edge() ?? []);
  const ownEdges = rowEdges.length < ENOUGH_EDGES ? edges(groups) : rowEdges;
  const ownSlopes = slopes(groups);
  const ownWidths = widths(groups);
  const ownHeights = heights(groups);
  const strides = rows.flatMap((row) => stridesOf(row.groups, body));
  const modelStride = median(models.flatMap((row) => stridesOf(row.groups, body)));
  /** Heights of ends over the line, minus the model's. */
  const over = (end: 'tops' | 'feet') => median(offLine(groups, end)) - median(offLine(model, end));
  const falls = rows.flatMap((row) => fallIn(row) ?? []);
  const longer = asSet ? rows.map((row, i) => lengthOf(row) / lengthOf(models[i] as Written)) : [];
  return [
    ...(modelEdges.length > 0 && rowEdges.length > 0
      ? [
          ...figure(
            'angle',
            ownEdges.map(({ angle }) => angle),
            recipe.penAngle +
              median(rowEdges.map(({ angle }) => angle)) -
              median(modelEdges.map(({ angle }) => angle)),
            recipe.penAngle,
            undefined,
            { count: groups.length },
          ),
          ...figure(
            'nib',
            ownEdges.map(({ width }) => width / P),
            (nib * median(rowEdges.map(({ width }) => width))) / median(modelEdges.map(({ width }) => width)),
            nib,
            nib,
            { count: groups.length },
          ),
        ]
      : []),
    ...figure('slope', ownSlopes, recipe.slope + median(ownSlopes) - median(slopes(model)), recipe.slope),
    ...figure('slopeSpread', ownSlopes, less(spread(ownSlopes), spread(slopes(model))), null),
    ...(!bodyShown
      ? figure('body', ownHeights, (body * median(ownHeights)) / median(heights(model)), body, body)
      : []),
    ...(printed
      ? [
          ...figure('heads', offLine(groups, 'tops'), over('tops'), 0),
          ...figure('feet', offLine(groups, 'feet'), over('feet'), 0),
          ...figure('sinking', falls, median(falls), 0, undefined, { fewest: 1, count: groups.length }),
        ]
      : []),
    ...figure('weight', ownWidths, median(ownWidths) / median(widths(model)), 1, undefined, FEW_STEMS),
    ...figure(
      'evenness',
      ownWidths,
      less(spread(ownWidths), spread(widths(model))) / median(ownWidths),
      null,
      undefined,
      FEW_STEMS,
    ),
    ...figure('stride', strides, median(strides), sameWords ? modelStride : null, modelStride),
    ...figure('lines', longer, median(longer), 1, undefined, { fewest: FEWEST_LINES }),
  ];
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** Ends of letters that stand on their line, over the baseline, in mm. */
const offLine = (groups: readonly Group[], end: 'tops' | 'feet'): number[] =>
  groups.flatMap((group) => group[end].map((high) => high / P));

/** Fall of the feet along a row, in mm. */
function fallIn({ groups }: Written): Mm | undefined {
  const standing = groups.filter(({ feet }) => feet.length > 0);
  const start = Math.min(...groups.map(({ left }) => left));
  return fallOf(
    standing.map(({ left, right }) => ((left + right) / 2 - start) / lengthOf({ groups })),
    standing.map(({ feet }) => median(feet) / P),
  );
}

/** Width of a row's ink, in pixels. */
const lengthOf = ({ groups }: Pick<Written, 'groups'>): number =>
  Math.max(...groups.map(({ right }) => right)) - Math.min(...groups.map(({ left }) => left));

/** Distances of neighbouring stems within a word, in mm. */
function stridesOf(groups: readonly Group[], body: Mm): number[] {
  const stems = groups.flatMap(({ stems: some }) => some.map(({ x }) => x / P)).sort((a, b) => a - b);
  return stems.slice(1).flatMap((x, i) => {
    const off = x - (stems[i] as number);
    return off < APART * body ? [off] : [];
  });
}
