import { cosDeg, type Degrees, type Mm, sinDeg, toDegrees } from '../measure/units';

/**
 * Thickness of a broad-edge stroke. An edge of length W held at pen angle α and moved in direction θ leaves a band
 * whose thickness is the edge's extent across the direction of travel: t = W·|sin(θ − α)| (plane geometry),
 * never under the thickness of the steel.
 */
export function strokeThickness(width: Mm, penAngle: Degrees, direction: Degrees, steel: Mm = 0): Mm {
  return Math.max(steel, width * Math.abs(sinDeg(direction - penAngle)));
}

/**
 * Thickness of a stem on a slope s off the vertical: the stem's direction is 90° − s, so t = W·cos(α + s).
 * Measured across the stem, as a ruler laid square to it would.
 */
export const stemThickness = (width: Mm, penAngle: Degrees, slope: Degrees, steel: Mm = 0): Mm =>
  Math.max(steel, width * Math.abs(cosDeg(penAngle + slope)));

/** Thickness of a level bar: t = W·sin α. */
export const barThickness = (width: Mm, penAngle: Degrees, steel: Mm = 0): Mm =>
  strokeThickness(width, penAngle, 0, steel);

/** The direction in which a broad edge leaves only its hairline: along the edge, in 0 … 180°. */
export const thinnestDirection = (penAngle: Degrees): Degrees => ((penAngle % 180) + 180) % 180;

/**
 * The pen angle (0 … 90°) that gives level bars `ratio` times as heavy as upright stems:
 * sin α / cos α = ratio, so α = atan(ratio). Equal weights come out at 45°.
 */
export const angleForBarToStem = (ratio: number): Degrees => toDegrees(Math.atan(ratio));

/**
 * The two pen angles in 0 … 180° at which a stroke in `direction` is `fraction` of W thick:
 * |sin(θ − α)| = f. At f = ½ and θ = 90° these are 60° and 120°. `fraction` is in 0 … 1.
 */
export function anglesForThickness(direction: Degrees, fraction: number): [Degrees, Degrees] {
  const away = toDegrees(Math.asin(fraction));
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
