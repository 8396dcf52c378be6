import type { Vec } from './vec';

const order = (a: Vec, b: Vec): number => a[0] - b[0] || a[1] - b[1];

/** From left to right, points of one upright from below: the order hulls are built in. */
export function leftToRight(points: readonly Vec[]): readonly Vec[] {
  // A round point's corners come in this order: looking costs far less than sorting.
  for (let i = 1; i < points.length; i++) {
    if (order(points[i - 1] as Vec, points[i] as Vec) > 0) return points.slice().sort(order);
  }
  return points;
}

/** Convex hull, anticlockwise (y up), by the monotone chain. */
export const convexHull = (points: readonly Vec[]): Vec[] => hullOf(leftToRight(points));

/** Convex hull of two sets already in order: the innermost loop of writing. */
export const hullOfBoth = (one: readonly Vec[], other: readonly Vec[]): Vec[] => hullOf(merged(one, other));

function merged(one: readonly Vec[], other: readonly Vec[]): Vec[] {
  const all: Vec[] = [];
  let j = 0;
  for (const a of one) {
    for (; j < other.length; j++) {
      const b = other[j] as Vec;
      if (b[0] > a[0] || (b[0] === a[0] && b[1] > a[1])) break;
      all.push(b);
    }
    all.push(a);
  }
  for (; j < other.length; j++) all.push(other[j] as Vec);
  return all;
}

function hullOf(sorted: readonly Vec[]): Vec[] {
  const hull: Vec[] = [];
  const extend = (p: Vec, least: number) => {
    while (hull.length > least) {
      const a = hull[hull.length - 2] as Vec;
      const b = hull[hull.length - 1] as Vec;
      if ((b[0] - a[0]) * (p[1] - b[1]) - (b[1] - a[1]) * (p[0] - b[0]) > 0) break;
      hull.pop();
    }
    hull.push(p);
  };
  for (const p of sorted) extend(p, 1);
  const lower = hull.length;
  for (let i = sorted.length - 2; i >= 0; i--) extend(sorted[i] as Vec, lower);
  if (hull.length > 1) hull.pop();
  return hull;
}
