import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homographyOf, mapped, type Point, solve } from './homography';

const SQUARE: readonly Point[] = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
];
/** Corners of a page as a camera sees it: each of a large square, moved by less than a quarter of its side. */
const moved = fc.double({ min: -220, max: 220, noNaN: true });
const seen = fc
  .tuple(fc.tuple(moved, moved), fc.tuple(moved, moved), fc.tuple(moved, moved), fc.tuple(moved, moved))
  .map((off) =>
    off.map(([dx, dy], i): Point => {
      const [x, y] = SQUARE[i] as Point;
      return [1000 * x + dx, 1000 * y + dy];
    }),
  );
const share = fc.double({ min: 0, max: 1, noNaN: true });

const near = ([ax, ay]: Point, [bx, by]: Point) => {
  expect(ax).toBeCloseTo(bx, 4);
  expect(ay).toBeCloseTo(by, 4);
};

describe('a homography', () => {
  it('takes its four points to where they were seen, and back', () => {
    fc.assert(
      fc.property(seen, (corners) => {
        const there = homographyOf(SQUARE, corners);
        const back = homographyOf(corners, SQUARE);
        if (!there || !back) throw new Error('four corners make a map');
        for (const [i, corner] of SQUARE.entries()) {
          near(mapped(there, corner), corners[i] as Point);
          near(mapped(back, mapped(there, corner)), corner);
        }
      }),
    );
  });

  it('keeps lines straight', () => {
    fc.assert(
      fc.property(seen, share, share, (corners, x, t) => {
        const map = homographyOf(SQUARE, corners);
        if (!map) throw new Error('four corners make a map');
        const [a, b, c] = [0, t, 1].map((y) => mapped(map, [x, y])) as [Point, Point, Point];
        const off = (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
        expect(Math.abs(off) / Math.hypot(c[0] - a[0], c[1] - a[1])).toBeLessThan(1e-6);
      }),
    );
  });

  it('is none where three of the points lie on a line', () => {
    const flat: Point[] = [
      [0, 0],
      [5, 5],
      [9, 9],
      [0, 9],
    ];
    expect(homographyOf(flat, SQUARE)).toBeUndefined();
  });
});

describe('equations', () => {
  it('are solved whatever the order they come in, and not where they say the same twice', () => {
    // x + y + z = 6, 2y + 5z = −4, 2x + 5y − z = 27
    const rows = () => [
      [0, 2, 5, -4],
      [2, 5, -1, 27],
      [1, 1, 1, 6],
    ];
    const found = solve(rows())?.map((value) => Math.round(value * 1e9) / 1e9);
    expect(found).toEqual([5, 3, -2]);
    expect(solve(rows().reverse())?.map((value) => Math.round(value * 1e9) / 1e9)).toEqual([5, 3, -2]);
    expect(
      solve([
        [1, 2, 3],
        [2, 4, 6],
      ]),
    ).toBeUndefined();
  });
});
