import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convexHull, hullOfBoth, leftToRight } from './hull';
import { cross, subtract, type Vec } from './vec';

const number = fc.integer({ min: -20, max: 20 });
const points = fc.array(fc.tuple(number, number), { minLength: 3, maxLength: 30 });

/** To the left of the line from a to b, or on it. */
const leftOf = (a: Vec, b: Vec, p: Vec) => cross(subtract(b, a), subtract(p, a)) >= 0;

describe('a convex hull', () => {
  it('holds all its points, turns left at every corner, and is made of them', () => {
    fc.assert(
      fc.property(points, (all) => {
        const hull = convexHull(all);
        for (const corner of hull) expect(all).toContainEqual(corner);
        if (hull.length < 3) return;
        for (const [i, a] of hull.entries()) {
          const b = hull[(i + 1) % hull.length] as Vec;
          const c = hull[(i + 2) % hull.length] as Vec;
          expect(cross(subtract(b, a), subtract(c, b))).toBeGreaterThan(0);
          for (const p of all) expect(leftOf(a, b, p)).toBe(true);
        }
      }),
    );
  });

  it('does not care in which order points come', () => {
    fc.assert(
      fc.property(points, (all) => {
        expect(convexHull([...all].reverse())).toEqual(convexHull(all));
      }),
    );
  });

  it('of two sets in order is that of both together', () => {
    fc.assert(
      fc.property(points, points, (one, other) => {
        expect(hullOfBoth(leftToRight(one), leftToRight(other))).toEqual(convexHull([...one, ...other]));
      }),
    );
  });

  it('of points on a line is its two ends', () => {
    expect(
      convexHull([
        [2, 2],
        [0, 0],
        [1, 1],
      ]),
    ).toEqual([
      [0, 0],
      [2, 2],
    ]);
  });
});

describe('points in order', () => {
  it('are left alone where they come in it', () => {
    const ordered: Vec[] = [
      [0, 3],
      [1, -1],
      [1, 5],
    ];
    expect(leftToRight(ordered)).toBe(ordered);
    expect(leftToRight([...ordered].reverse())).toEqual(ordered);
  });
});
