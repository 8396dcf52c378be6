import { errorOf, median, spread } from '../measure/statistics';
import type { Mm } from '../measure/units';
import type { Ground } from '../practice/ground';
import { PIXELS_PER_MM } from '../register/pageMap';
import type { FigureId, ReviewFigure } from './review';
import type { Group, Written } from './written';

const P = PIXELS_PER_MM;

/** What the method is good for on writing without marks: twice the 90 % error of the simulated samples in docs/measuring.md; degrees for angles, shares of the length for all others. */
const FLOORS: Readonly<Partial<Record<FigureId, number>>> = {
  angle: 4.2,
  nib: 0.06,
  slope: 1.75,
  slopeSpread: 2.5,
  body: 0.1,
  weight: 0.08,
  evenness: 0.05,
  stride: 0.08,
};
/** Groups that rest on fewer strokes' directions than this tell no angle (`Edge.plain`). */
const PLAIN = 0.04;
/** Stems farther apart than this, in bodies, are of two words. */
const APART = 1.5;

/** What figures of rows without cells rest on. */
export interface LinesKnown {
  readonly ground: Ground;
  /** What the scale of the picture may be off by, as a share. */
  readonly scale: number;
  /** Of a single row the height was shown, and is not measured. */
  readonly bodyShown: boolean;
}

/** What is measured of rows of writing against their model, by the same code. */
export function lineFigures(
  rows: readonly Written[],
  { groups: model, edge: modelEdge }: Written,
  { ground: { pen, unit, recipe, zones }, scale, bodyShown }: LinesKnown,
): ReviewFigure[] {
  const groups = rows.flatMap((row) => row.groups);
  const body = zones.body * unit;
  const nib = pen.kind === 'broad' ? pen.width * unit : 0;
  const angles = (of: readonly Group[]) =>
    of.flatMap(({ edge }) => (edge && edge.plain > PLAIN ? [edge.angle] : []));
  const edges = (of: readonly Group[]) =>
    of.flatMap(({ edge }) => (edge && edge.plain > PLAIN ? [edge.width / P] : []));
  const slopes = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ slope }) => slope));
  const widths = (of: readonly Group[]) => of.flatMap(({ stems }) => stems.map(({ width }) => width / P));
  const heights = (of: readonly Group[]) =>
    of.flatMap(({ tops, feet }) => tops.map((high, i) => (high - (feet[i] as number)) / P));
  const figure = (
    id: FigureId,
    values: readonly number[],
    value: number,
    target: number | null,
    /** Of a length what its floor and the error of the scale are shares of; other floors are as they are. */
    length?: Mm,
  ): ReviewFigure[] =>
    values.length < 4 || Number.isNaN(value)
      ? []
      : [
          {
            id,
            value: rounded(value),
            asked: target === null ? null : rounded(target),
            error: rounded(
              Math.hypot((FLOORS[id] ?? 0) * (length ?? 1), scale * (length ?? 0), 2 * errorOf(values)),
            ),
            count: values.length,
          },
        ];
  const less = (value: number, own: number) => Math.sqrt(Math.max(0, value * value - own * own));
  const rowEdges = rows.flatMap(({ edge }) => edge ?? []);
  const ownAngles = angles(groups);
  const ownSlopes = slopes(groups);
  const ownWidths = widths(groups);
  const ownHeights = heights(groups);
  const strides = rows.flatMap((row) => stridesOf(row.groups, body));
  const modelStride = median(stridesOf(model, body));
  return [
    ...(modelEdge && rowEdges.length > 0
      ? [
          ...figure(
            'angle',
            ownAngles,
            recipe.penAngle + median(rowEdges.map(({ angle }) => angle)) - modelEdge.angle,
            recipe.penAngle,
          ),
          ...figure(
            'nib',
            edges(groups),
            (nib * median(rowEdges.map(({ width }) => width))) / modelEdge.width,
            nib,
            nib,
          ),
        ]
      : []),
    ...figure('slope', ownSlopes, recipe.slope + median(ownSlopes) - median(slopes(model)), recipe.slope),
    ...figure('slopeSpread', ownSlopes, less(spread(ownSlopes), spread(slopes(model))), null),
    ...(!bodyShown
      ? figure('body', ownHeights, (body * median(ownHeights)) / median(heights(model)), body, body)
      : []),
    ...figure('weight', ownWidths, median(ownWidths) / median(widths(model)), 1),
    ...figure(
      'evenness',
      ownWidths,
      less(spread(ownWidths), spread(widths(model))) / median(ownWidths),
      null,
    ),
    ...figure('stride', strides, median(strides), modelStride, modelStride),
  ];
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** Distances of neighbouring stems of one word, in mm. */
function stridesOf(groups: readonly Group[], body: Mm): number[] {
  const stems = groups.flatMap(({ stems: some }) => some.map(({ x }) => x / P)).sort((a, b) => a - b);
  return stems.slice(1).flatMap((x, i) => {
    const off = x - (stems[i] as number);
    return off < APART * body ? [off] : [];
  });
}
