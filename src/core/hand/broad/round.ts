import { cosDeg, type Degrees, type NibWidths, sinDeg, toDegrees } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures } from '../letter';
import { type Run, to } from '../notation';

/** Maximum spacing of an arc's knots. */
const ARC: Degrees = 45;

/** Knots along an upright ellipse from one angle to another, anticlockwise when the angle grows; directions are its tangents. */
export function ellipse(cx: NibWidths, cy: NibWidths, rx: NibWidths, ry: NibWidths, from: Degrees, until: Degrees): Knot[] {
  const count = Math.max(1, Math.ceil(Math.abs(until - from) / ARC));
  const way = until >= from ? 1 : -1;
  return Array.from({ length: count + 1 }, (_, i) => {
    const angle = from + ((until - from) * i) / count;
    const [c, s] = [cosDeg(angle), sinDeg(angle)];
    return to(cx + rx * c, cy + ry * s, toDegrees(Math.atan2(way * ry * c, -way * rx * s)));
  });
}

/** The same along a circle. */
export const arc = (cx: NibWidths, cy: NibWidths, r: NibWidths, from: Degrees, until: Degrees): Knot[] => ellipse(cx, cy, r, r, from, until);

/** A round letter whose outer edge is a circle, as two strokes and the places where they meet. */
export interface Round {
  /** Over the top, round to the left and to the foot; and the same turned half round. */
  readonly left: readonly Knot[];
  readonly right: readonly Knot[];
  /** The left stroke from its beginning to the foot, where it runs level. */
  readonly back: readonly Knot[];
  /** Leftmost and rightmost place of the pen's middle. */
  readonly west: NibWidths;
  readonly east: NibWidths;
}

/**
 * A round whose outer edge is exactly a circle of radius R about (cx, cy). The pen's middle goes along circles of R
 * about c ± ½u, u the direction of the edge: then one corner of the edge runs along the circle. Both strokes begin and
 * end where the two circles cross, at √(R² − ¼) from c square to u, so that first and last nib are one nib.
 */
export function round({ angle }: Pick<Measures, 'angle'>, cx: NibWidths, cy: NibWidths, R: NibWidths): Round {
  const [ux, uy] = [cosDeg(angle) / 2, sinDeg(angle) / 2];
  const opening = toDegrees(Math.asin(0.5 / R));
  const [start, end] = [90 + angle + opening, 270 + angle - opening];
  return {
    left: arc(cx + ux, cy + uy, R, start, end),
    right: arc(cx - ux, cy - uy, R, start - 2 * opening, end - 360 + 2 * opening),
    back: arc(cx + ux, cy + uy, R, start, 270),
    west: cx + ux - R,
    east: cx - ux + R,
  };
}

/** Small hook into a stem at x whose pen touches `top`; off the pen's own angle, along which it would be a whisker. */
export const hookIn = ({ angle }: Pick<Measures, 'angle'>, x: NibWidths, top: NibWidths, r: NibWidths = HOOK): Run => [
  to(x - r, top - 0.2 * r, angle - OFF),
  to(x - 0.36 * r, top, 4),
  to(x, top - 0.5, -90),
];

/** The same out of a foot that stands on `base`. */
export const hookOut = ({ angle }: Pick<Measures, 'angle'>, x: NibWidths, base: NibWidths, r: NibWidths = HOOK): Run => [
  { x, y: base + 0.52, line: true },
  to(x + 0.6 * r, base, 4),
  to(x + r, base + 0.04, angle - OFF),
];

const HOOK: NibWidths = 0.46;
const OFF: Degrees = 20;
