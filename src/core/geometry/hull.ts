import type { Vec } from './vec';

/** Convex hull, anticlockwise (y up), by the monotone chain. The innermost loop of writing: no allocation but its result. */
export function convexHull(points: readonly Vec[]): Vec[] {
  const sorted = points.slice().sort((a, b) => a[0] - b[0] || a[1] - b[1]);
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
