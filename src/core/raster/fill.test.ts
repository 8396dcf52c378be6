import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Filling, filled } from './fill';
import { areaOf } from './grey';

const SIZE = 12;
const corner = fc.integer({ min: 0, max: SIZE });
const box = fc
  .tuple(corner, corner, corner, corner)
  .map(([a, b, c, d]) => [Math.min(a, b), Math.min(c, d), Math.max(a, b), Math.max(c, d)] as const);
const asPolygon = ([left, top, right, bottom]: readonly [number, number, number, number]) =>
  [
    [left, top],
    [right, top],
    [right, bottom],
    [left, bottom],
  ] as const;

describe('polygons filled one over the other', () => {
  it('cover what any of them covers, each place once', () => {
    fc.assert(
      fc.property(fc.array(box, { maxLength: 8 }), (boxes) => {
        const { data } = filled(boxes.map(asPolygon), SIZE, SIZE);
        for (let y = 0; y < SIZE; y++) {
          for (let x = 0; x < SIZE; x++) {
            const inside = boxes.some(([l, t, r, b]) => x >= l && x < r && y >= t && y < b);
            expect(data[y * SIZE + x]).toBeCloseTo(inside ? 1 : 0, 6);
          }
        }
      }),
    );
  });

  it('lie where they are placed, larger, and turned over where y counts upwards', () => {
    const filling = new Filling(20, 20);
    filling.add(asPolygon([1, 1, 3, 2]), { x: 4, y: 15, across: 2, down: -2 });
    const { data } = filling.grey();
    const rows = Array.from({ length: 20 }, (_, y) => [...data.subarray(20 * y, 20 * y + 20)]);
    expect(rows.map((row) => row.reduce((a, b) => a + b, 0))).toEqual(
      Array.from({ length: 20 }, (_, y) => (y === 11 || y === 12 ? 4 : 0)),
    );
    expect(rows[11]?.slice(6, 10)).toEqual([1, 1, 1, 1]);
  });

  it('have exact edges along a line, wherever between pixels they end', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: 5.1, max: 11.9, noNaN: true }),
        (left, right) => {
          expect(areaOf(filled([asPolygon([left, 2, right, 6])], SIZE, SIZE))).toBeCloseTo(
            4 * (right - left),
            4,
          );
        },
      ),
    );
  });
});
