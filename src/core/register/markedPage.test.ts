import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { homographyOf, mapped, type Point } from './homography';
import { isOnPage, markedPageIn, turned, UNIT_MARKS } from './markedPage';
import type { RingSeen } from './rings';

const RADIUS = 20;
const ring = (at: Point, radius = RADIUS): RingSeen => ({ at, radius });

/** A page somewhere in a picture, tilted and turned: where its eight rings are seen. */
const page = fc
  .record({
    turn: fc.double({ min: -Math.PI, max: Math.PI, noNaN: true }),
    tilt: fc.double({ min: -0.12, max: 0.12, noNaN: true }),
    side: fc.integer({ min: 700, max: 2400 }),
  })
  .map(({ turn, tilt, side }) => {
    const corner = (x: number, y: number): Point => {
      const [px, py] = [(x - 0.5) * side * (1 + tilt * (y - 0.5)), (y - 0.5) * side * 1.41];
      return [
        3000 + px * Math.cos(turn) - py * Math.sin(turn),
        3000 + px * Math.sin(turn) + py * Math.cos(turn),
      ];
    };
    const corners = [corner(0, 0), corner(1, 0), corner(1, 1), corner(0, 1)];
    const map = homographyOf(UNIT_MARKS.slice(0, 4), corners);
    if (!map) throw new Error('a page has corners');
    return UNIT_MARKS.map((mark) => ring(mapped(map, mark)));
  });

/** The marks of a page as they may be counted: from any of its corners on. */
const corners = (rings: readonly (RingSeen | undefined)[]) =>
  new Set(rings.slice(0, 4).map((one) => one?.at));

describe('a page with marks', () => {
  it('is found by its eight rings, in whatever order they come, among other rings', () => {
    const other = fc.array(fc.tuple(fc.integer({ min: 0, max: 6000 }), fc.integer({ min: 0, max: 6000 })), {
      maxLength: 4,
    });
    fc.assert(
      fc.property(page, other, fc.infiniteStream(fc.nat()), (rings, others, order) => {
        // Rings of something else lie off the page’s own places.
        const strange = others
          .map((at) => ring(at, RADIUS * 5))
          .filter(({ at }) => rings.every((one) => Math.hypot(one.at[0] - at[0], one.at[1] - at[1]) > 300));
        const mixed = [...rings, ...strange]
          .map((one) => ({ one, key: order.next().value ?? 0 }))
          .sort((a, b) => a.key - b.key)
          .map(({ one }) => one);
        const found = markedPageIn(mixed);
        expect(corners(found?.rings ?? [])).toEqual(corners(rings));
        expect(found?.rings.filter(Boolean)).toHaveLength(8);
      }),
      { numRuns: 60 },
    );
  });

  it('holds what lies between its corners, however it is tilted and turned, and nothing beyond them', () => {
    const share = fc
      .double({ min: -1, max: 2, noNaN: true })
      .filter((at) => Math.abs(at) > 0.01 && Math.abs(at - 1) > 0.01);
    fc.assert(
      fc.property(page, share, share, (rings, x, y) => {
        const found = markedPageIn(rings);
        if (!found) throw new Error('The page was not found.');
        const inside = x > 0 && x < 1 && y > 0 && y < 1;
        expect(isOnPage(found, mapped(found.map, [x, y]))).toBe(inside);
      }),
    );
  });

  it('is found with any one of its rings covered, and the map says where that one lies', () => {
    fc.assert(
      fc.property(page, fc.integer({ min: 0, max: 7 }), (rings, covered) => {
        const found = markedPageIn(rings.filter((_, i) => i !== covered));
        const lost = rings[covered] as RingSeen;
        const places = UNIT_MARKS.map((mark) => mapped(found?.map ?? [], mark));
        const off = Math.min(...places.map(([x, y]) => Math.hypot(x - lost.at[0], y - lost.at[1])));
        expect(off).toBeLessThan(30);
        // Seen from its face, not through its back: its corners go round clockwise (y downwards).
        const [[ax, ay], [bx, by], [cx, cy]] = places as [Point, Point, Point];
        expect((bx - ax) * (cy - by) - (by - ay) * (cx - bx)).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
  });

  it('is none of too few rings, and none of a pattern of them', () => {
    const [a, b, c, d] = UNIT_MARKS.map(([x, y]) => ring([1000 * x, 1400 * y]));
    expect(markedPageIn([a, b, c, d] as RingSeen[])).toBeUndefined();
    const pattern = Array.from({ length: 49 }, (_, i) => ring([100 * (i % 7), 100 * Math.floor(i / 7)]));
    expect(markedPageIn(pattern)).toBeUndefined();
  });

  it('has rings of one size', () => {
    const rings = UNIT_MARKS.map(([x, y], i) => ring([1000 * x, 1400 * y], i % 2 ? RADIUS : 3 * RADIUS));
    expect(markedPageIn(rings)).toBeUndefined();
  });

  it('turned four times is as it was, and once is counted from its next corner', () => {
    const rings = UNIT_MARKS.map(([x, y]) => ring([1000 * x, 1400 * y]));
    const found = markedPageIn(rings);
    if (!found) throw new Error('eight rings make a page');
    const once = turned(found);
    expect(once.rings[0]).toBe(found.rings[1]);
    expect(once.rings[4]).toBe(found.rings[5]);
    expect(mapped(once.map, [0, 0])).toEqual(mapped(found.map, [1, 0]).map((n) => expect.closeTo(n, 6)));
    const again = turned(turned(turned(once)));
    expect(again.rings).toEqual(found.rings);
  });
});
