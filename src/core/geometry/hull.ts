import { cross, subtract, type Vec } from './vec';

/** Convex hull, anticlockwise (y up), by the monotone chain. */
export function convexHull(points: readonly Vec[]): Vec[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const half = (list: readonly Vec[]): Vec[] => {
    const chain: Vec[] = [];
    for (const p of list) {
      while (chain.length > 1) {
        const [a, b] = chain.slice(-2) as [Vec, Vec];
        if (cross(subtract(b, a), subtract(p, b)) > 0) break;
        chain.pop();
      }
      chain.push(p);
    }
    chain.pop();
    return chain;
  };
  return [...half(sorted), ...half(sorted.reverse())];
}
