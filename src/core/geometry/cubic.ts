import { add, cross, distance, mix, scale, subtract, type Vec } from './vec';

/** A cubic Bézier segment: two ends and the two control points between them. */
export type Cubic = readonly [Vec, Vec, Vec, Vec];

export const straight = (from: Vec, to: Vec): Cubic => [from, mix(from, to, 1 / 3), mix(from, to, 2 / 3), to];

export function pointAt([a, b, c, d]: Cubic, t: number): Vec {
  const u = 1 - t;
  const [p, q, r, s] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
  return [p * a[0] + q * b[0] + r * c[0] + s * d[0], p * a[1] + q * b[1] + r * c[1] + s * d[1]];
}

/** First derivative by t. */
export function derivativeAt([a, b, c, d]: Cubic, t: number): Vec {
  const u = 1 - t;
  return add(
    add(scale(subtract(b, a), 3 * u * u), scale(subtract(c, b), 6 * u * t)),
    scale(subtract(d, c), 3 * t * t),
  );
}

/** The piece of a cubic between two parameters, by de Casteljau's construction. */
export function piece(cubic: Cubic, t0: number, t1: number): Cubic {
  if (t0 === 0 && t1 === 1) return cubic;
  const third = (t1 - t0) / 3;
  const [from, to] = [pointAt(cubic, t0), pointAt(cubic, t1)];
  return [
    from,
    add(from, scale(derivativeAt(cubic, t0), third)),
    subtract(to, scale(derivativeAt(cubic, t1), third)),
    to,
  ];
}

export const mapCubic = ([a, b, c, d]: Cubic, f: (p: Vec) => Vec): Cubic => [f(a), f(b), f(c), f(d)];

export const reversed = ([a, b, c, d]: Cubic): Cubic => [d, c, b, a];

/** Chords a length is summed over; the letters' gentle curves need no more for four figures. */
const LENGTH_CHORDS = 16;

/** Arc length, by chords. */
export function lengthOf(cubic: Cubic): number {
  let total = 0;
  let previous = cubic[0];
  for (let i = 1; i <= LENGTH_CHORDS; i++) {
    const next = pointAt(cubic, i / LENGTH_CHORDS);
    total += distance(previous, next);
    previous = next;
  }
  return total;
}

/**
 * Parameters strictly inside (0, 1) at which the tangent is parallel to `along`: roots of the quadratic
 * B′(t) × along = 0.
 */
export function parallelTangents([a, b, c, d]: Cubic, along: Vec): number[] {
  const k = (p: Vec, q: Vec) => (q[0] - p[0]) * along[1] - (q[1] - p[1]) * along[0];
  const [k0, k1, k2] = [k(a, b), k(b, c), k(c, d)];
  const [qa, qb, qc] = [k0 - 2 * k1 + k2, 2 * (k1 - k0), k0];
  return rootsInside(qa, qb, qc);
}

/** Roots of a t² + b t + c strictly inside (0, 1), growing. */
function rootsInside(a: number, b: number, c: number): number[] {
  const inside = (t: number) => t > 1e-6 && t < 1 - 1e-6;
  if (Math.abs(a) < 1e-12) return Math.abs(b) < 1e-12 ? [] : [-c / b].filter(inside);
  const disc = b * b - 4 * a * c;
  if (disc < 0) return [];
  const root = Math.sqrt(disc);
  return [(-b - root) / (2 * a), (-b + root) / (2 * a)].filter(inside).sort((x, y) => x - y);
}

/**
 * Parameters at which a cubic changes its bend: with its legs a, b, c these are the roots of
 * (a×b)(1−t)² + (a×c)t(1−t) + (b×c)t² strictly inside it.
 */
export function inflections([p, q, r, s]: Cubic): number[] {
  const [a, b, c] = [subtract(q, p), subtract(r, q), subtract(s, r)];
  const [ab, ac, bc] = [cross(a, b), cross(a, c), cross(b, c)];
  return rootsInside(ab - ac + bc, ac - 2 * ab, ab);
}
