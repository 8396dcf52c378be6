import { cosDeg, type Degrees, sinDeg, toDegrees } from '../measure/units';

/** A true ellipse standing on the slope: measures of its upright (unsheared) image. */
export interface SlantedOval {
  readonly cx: number;
  readonly cy: number;
  /** Half its height, and half its level chord. */
  readonly H: number;
  readonly q: number;
  /** Furthest reach to either side of cx, on the upright image. */
  readonly reach: number;
  /** Phase between the parameter of its top and that of its axis, in degrees. */
  readonly phase: Degrees;
}

/**
 * An ellipse whose long axis lies on the slant σ (off the level), H high and q wide either side at its middle. With
 * semi-axes a, b: H² = a² sin²σ + b² cos²σ and q = ab/H; sheared upright its points are
 * (−(b/sin σ) sin(ψ + φ), H cos ψ), tan φ = b cos σ / (a sin σ). A sheared circle would lean too far instead. Where no
 * ellipse on that slant is so wide for its height, the sheared one stands in.
 */
export function slantedOval(slope: Degrees, cx: number, cy: number, H: number, q: number): SlantedOval {
  const [s, c] = [cosDeg(slope), sinDeg(slope)];
  const A = (H * H + Math.sqrt(Math.max(0, H ** 4 - 4 * s * s * c * c * q * q * H * H))) / (2 * s * s);
  const b = (q * H) / Math.sqrt(A);
  return { cx, cy, H, q, reach: b / s, phase: toDegrees(Math.atan2(b * c, Math.sqrt(A) * s)) };
}

/** Place and direction of travel on an oval: ψ = 0 is its top, 90 its left side, 180 its foot. */
export function ovalPoint(
  { cx, cy, H, reach, phase }: SlantedOval,
  psi: Degrees,
  clockwise = false,
): { readonly x: number; readonly y: number; readonly dir: Degrees } {
  const sign = clockwise ? -1 : 1;
  return {
    x: cx - reach * sinDeg(psi + phase),
    y: cy + H * cosDeg(psi),
    dir: toDegrees(Math.atan2(-sign * H * sinDeg(psi), -sign * reach * cosDeg(psi + phase))),
  };
}
