import type { Mark, Measures } from '../hand/letter';
import { cosDeg, type Degrees, type NibWidths, sinDeg } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';
import type { Cut } from './cut';

/** What signs are put together from: the letters and marks a hand has drawn. */
export interface Drawn {
  readonly shapes: ReadonlyMap<string, readonly Cut[]>;
  readonly marks: ReadonlyMap<string, Mark>;
  readonly measures: Measures;
}

/** Strokes of a sign, in letter units from its origin on the baseline. */
export type Strokes = readonly StrokePlan[];

/** The usual shape of a letter or sign; undefined where the hand has not drawn it. */
export const strokesOf = ({ shapes }: Drawn, text: string): Strokes | undefined =>
  shapes.get(text)?.[0]?.letter.strokes;
export const markOf = ({ marks }: Drawn, mark: string): Strokes | undefined => marks.get(mark)?.strokes;

export const changed = (strokes: Strokes, change: (knot: Knot) => Knot, nib?: number): Strokes =>
  strokes.map((stroke) => ({
    ...stroke,
    ...(nib !== undefined && { nib: (stroke.nib ?? 1) * nib }),
    knots: stroke.knots.map(change),
  }));

/** `size` times as large from the origin, then moved, and written with a pen `nib` times as wide. */
export const moved = (strokes: Strokes, dx: NibWidths, dy: NibWidths, size = 1, nib?: number): Strokes =>
  changed(strokes, (knot) => ({ ...knot, x: knot.x * size + dx, y: knot.y * size + dy }), nib);

/** Turned about a place, directions with it; the pen keeps its angle. */
export const turned = (strokes: Strokes, by: Degrees, x: NibWidths, y: NibWidths): Strokes =>
  changed(strokes, (knot) => ({
    ...knot,
    x: x + (knot.x - x) * cosDeg(by) - (knot.y - y) * sinDeg(by),
    y: y + (knot.x - x) * sinDeg(by) + (knot.y - y) * cosDeg(by),
    ...(knot.dir !== undefined && { dir: knot.dir + by }),
    ...(knot.leave !== undefined && { leave: knot.leave + by }),
  }));

interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Extremes of the skeleton, in letter units. */
export function extentOf(strokes: Strokes): Extent {
  const knots = strokes.flatMap((stroke) => stroke.knots);
  const [xs, ys] = [knots.map(({ x }) => x), knots.map(({ y }) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.max(...ys), bottom: Math.min(...ys) };
}

/** Strokes with the middle of their skeleton at a place. */
export function centred(strokes: Strokes, x: NibWidths, y: NibWidths, size = 1, nib?: number): Strokes {
  const { left, right, top, bottom } = extentOf(strokes);
  return moved(strokes, x - (size * (left + right)) / 2, y - (size * (top + bottom)) / 2, size, nib);
}

/** Parts side by side, `gap` between their skeletons. */
export function beside(parts: readonly Strokes[], gap: NibWidths): Strokes {
  let x = 0;
  return parts.flatMap((strokes) => {
    const { left, right } = extentOf(strokes);
    const placed = moved(strokes, x - left, 0);
    x += right - left + gap;
    return placed;
  });
}

/** Straight or bent lines through points in letter units, written as the hand writes its hyphen: same turn, same pressure. */
export function lines(
  drawn: Drawn,
  ...paths: readonly (readonly (readonly [x: number, y: number])[])[]
): Strokes | undefined {
  const like = strokesOf(drawn, '-')?.[0]?.knots[0];
  if (!like) return undefined;
  const { turn, press, anchor } = like;
  const touch = {
    ...(turn !== undefined && { turn }),
    ...(press !== undefined && { press }),
    ...(anchor !== undefined && { anchor }),
  };
  return paths.map((path) => ({
    name: 'line',
    knots: path.map(([x, y], i): Knot => ({ x, y, ...(i > 0 && { line: true }), ...touch })),
  }));
}
