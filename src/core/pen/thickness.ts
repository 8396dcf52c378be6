import { cosDeg, type Degrees, type Mm, sinDeg, toDegrees } from '../measure/units';
import type { PointedPen } from './pen';

/**
 * Thickness of a broad-edge stroke. What is moved is a rectangle, the edge of length W and as thick as its steel e; held
 * at pen angle α and moved in direction θ it leaves a band as thick as it reaches across the direction of travel:
 * t = W·|sin(θ − α)| + e·|cos(θ − α)| (plane geometry). With an edge of no thickness only the first term is left.
 */
export function strokeThickness(width: Mm, penAngle: Degrees, direction: Degrees, steel: Mm): Mm {
  const away = direction - penAngle;
  return width * Math.abs(sinDeg(away)) + steel * Math.abs(cosDeg(away));
}

/**
 * Thickness of a stem on a slope s off the vertical: the stem's direction is 90° − s, so t = W·cos(α + s), and what
 * the steel adds.
 * Measured across the stem, as a ruler laid square to it would.
 */
export const stemThickness = (width: Mm, penAngle: Degrees, slope: Degrees, steel: Mm): Mm =>
  strokeThickness(width, penAngle, 90 - slope, steel);

/** Thickness of a level bar: t = W·sin α, and what the steel adds. */
export const barThickness = (width: Mm, penAngle: Degrees, steel: Mm): Mm =>
  strokeThickness(width, penAngle, 0, steel);

/** The direction in which a broad edge leaves only its hairline: along the edge, in 0 … 180°. */
export const thinnestDirection = (penAngle: Degrees): Degrees => ((penAngle % 180) + 180) % 180;

/**
 * The pen angle (0 … 90°) that gives level bars `ratio` times as heavy as upright stems:
 * sin α / cos α = ratio, so α = atan(ratio). Equal weights come out at 45°.
 */
export const angleForBarToStem = (ratio: number): Degrees => toDegrees(Math.atan(ratio));

/**
 * The two pen angles in 0 … 180° at which a stroke in `direction` is `fraction` of W thick, with an edge `steel` of W
 * thick: W·|sin x| + e·|cos x| is R·sin(x + φ) with R² = W² + e² and tan φ = e / W. At f = ½, θ = 90° and an edge of no
 * thickness these are 60° and 120°. A fraction the edge cannot make gives the nearest it can.
 */
export function anglesForThickness(direction: Degrees, fraction: number, steel: number): [Degrees, Degrees] {
  const turned = Math.asin(Math.min(1, fraction / Math.hypot(1, steel))) - Math.atan(steel);
  const away = toDegrees(Math.max(0, turned));
  const [first, second] = [direction - away, direction + away].map((angle) => ((angle % 180) + 180) % 180);
  return [first as Degrees, second as Degrees];
}

/**
 * Height of the rhombic dot: a square of side W turned by the pen angle, corner up, measures
 * W·(|sin α| + |cos α|) from its lowest to its highest point; at 45° that is its diagonal, √2·W.
 * Dot-measured hands count whole and half dots of this height.
 */
export const dotHeight = (width: Mm, penAngle: Degrees): Mm =>
  width * (Math.abs(sinDeg(penAngle)) + Math.abs(cosDeg(penAngle)));

/**
 * The shade of a point whose tines open level, on a slope s off the vertical, as a ruler laid square to it measures it:
 * a level mark `spread` long with round ends of the hairline h, swept along the slope, is (spread − h)·cos s + h thick
 * (plane geometry).
 */
export const shadeAcross = (spread: number, hairline: number, slope: Degrees): number =>
  (spread - hairline) * Math.abs(cosDeg(slope)) + hairline;

/** How far tines must open for a shade of `shade` across: the inverse of `shadeAcross`. */
export const spreadFor = (shade: number, hairline: number, slope: Degrees): number =>
  hairline + (shade - hairline) / cosDeg(slope);

/** The full shade of a pressed pen on a slope; a brush, whose mark is round, is as thick every way. */
export const fullShade = ({ spread, hairline, tops }: PointedPen, slope: Degrees): number =>
  tops === 'round' ? spread : shadeAcross(spread, hairline, slope);
