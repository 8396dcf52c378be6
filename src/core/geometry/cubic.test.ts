import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Cubic,
  derivativeAt,
  inflections,
  lengthOf,
  mapCubic,
  parallelTangents,
  piece,
  pointAt,
  reversed,
  straight,
} from './cubic';
import { cross, distance, type Vec } from './vec';

const number = fc.integer({ min: -10_000, max: 10_000 }).map((value) => value / 1000);
const vec: fc.Arbitrary<Vec> = fc.tuple(number, number);
const cubic: fc.Arbitrary<Cubic> = fc.tuple(vec, vec, vec, vec);
const t = fc.double({ min: 0, max: 1, noNaN: true });
const same = (a: Vec, b: Vec) => expect(distance(a, b)).toBeLessThan(1e-9);

describe('a cubic', () => {
  it('begins and ends at its ends, and its tangents lie along its legs there', () => {
    fc.assert(
      fc.property(cubic, (curve) => {
        same(pointAt(curve, 0), curve[0]);
        same(pointAt(curve, 1), curve[3]);
        const [a, b] = curve;
        same(derivativeAt(curve, 0), [3 * (b[0] - a[0]), 3 * (b[1] - a[1])]);
      }),
    );
  });

  it('stays in the box of its four points', () => {
    fc.assert(
      fc.property(cubic, t, (curve, at) => {
        const [x, y] = pointAt(curve, at);
        const [xs, ys] = [curve.map((p) => p[0]), curve.map((p) => p[1])];
        expect(x).toBeGreaterThanOrEqual(Math.min(...xs) - 1e-9);
        expect(x).toBeLessThanOrEqual(Math.max(...xs) + 1e-9);
        expect(y).toBeGreaterThanOrEqual(Math.min(...ys) - 1e-9);
        expect(y).toBeLessThanOrEqual(Math.max(...ys) + 1e-9);
      }),
    );
  });

  it('has a derivative that says how it goes on', () => {
    const step = 1e-6;
    fc.assert(
      fc.property(cubic, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (curve, at) => {
        const [before, after] = [pointAt(curve, at - step), pointAt(curve, at + step)];
        const [dx, dy] = derivativeAt(curve, at);
        expect((after[0] - before[0]) / (2 * step)).toBeCloseTo(dx, 3);
        expect((after[1] - before[1]) / (2 * step)).toBeCloseTo(dy, 3);
      }),
    );
  });

  it('cut is the same curve, and turned round too', () => {
    fc.assert(
      fc.property(cubic, t, t, t, (curve, a, b, at) => {
        same(pointAt(piece(curve, a, b), at), pointAt(curve, a + (b - a) * at));
        same(pointAt(reversed(curve), at), pointAt(curve, 1 - at));
      }),
    );
    const curve = straight([0, 0], [3, 3]);
    expect(piece(curve, 0, 1)).toBe(curve);
  });

  it('moved point by point is moved as a whole, where the map keeps lines straight', () => {
    const shear = ([x, y]: Vec): Vec => [2 * x + 0.3 * y + 1, y - 4];
    fc.assert(
      fc.property(cubic, t, (curve, at) => {
        same(pointAt(mapCubic(curve, shear), at), shear(pointAt(curve, at)));
      }),
    );
  });

  it('is as long as it is: a straight one as its ends are apart, a quarter of a circle π/2', () => {
    fc.assert(
      fc.property(vec, vec, (a, b) => {
        expect(lengthOf(straight(a, b))).toBeCloseTo(distance(a, b), 9);
      }),
    );
    // The usual four-arc circle: legs of 0.5523 radii.
    const quarter: Cubic = [
      [1, 0],
      [1, 0.5523],
      [0.5523, 1],
      [0, 1],
    ];
    expect(lengthOf(quarter)).toBeCloseTo(Math.PI / 2, 2);
    fc.assert(
      fc.property(cubic, (curve) => {
        expect(lengthOf(curve)).toBeGreaterThanOrEqual(distance(curve[0], curve[3]) - 1e-9);
      }),
    );
  });

  it('has tangents along a direction just where it has them', () => {
    const direction = fc
      .integer({ min: 0, max: 359 })
      .map((angle): Vec => [Math.cos((angle * Math.PI) / 180), Math.sin((angle * Math.PI) / 180)]);
    fc.assert(
      fc.property(cubic, direction, (curve, along) => {
        const found = parallelTangents(curve, along);
        for (const at of found) expect(Math.abs(cross(derivativeAt(curve, at), along))).toBeLessThan(1e-6);
        expect(found).toEqual([...found].sort((a, b) => a - b));
        // Between two of them, and before and after, the curve leaves the direction to one side only.
        const bounds = [0, ...found, 1];
        for (const [i, to] of bounds.slice(1).entries()) {
          const from = bounds[i] as number;
          if (to - from < 1e-3) continue;
          const sides = [0.25, 0.5, 0.75]
            .map((share) => cross(derivativeAt(curve, from + share * (to - from)), along))
            .filter((side) => Math.abs(side) > 1e-6)
            .map(Math.sign);
          expect(new Set(sides).size).toBeLessThanOrEqual(1);
        }
      }),
    );
  });

  it('bends one way between its inflections, and the other after', () => {
    const s: Cubic = [
      [0, 0],
      [1, 2],
      [2, -2],
      [3, 0],
    ];
    expect(inflections(s)).toEqual([expect.closeTo(0.5, 9)]);
    const arch: Cubic = [
      [0, 0],
      [0, 2],
      [3, 2],
      [3, 0],
    ];
    expect(inflections(arch)).toEqual([]);
    expect(parallelTangents(arch, [1, 0])).toEqual([expect.closeTo(0.5, 9)]);
    // It stands upright just where it begins and where it ends: that is not inside it, nor is what lies beyond.
    expect(parallelTangents(arch, [0, 1])).toEqual([]);
    expect(parallelTangents(arch, [0.05, 1])).toHaveLength(1);
    // A straight one is along its own direction everywhere, which is nowhere in particular.
    expect(parallelTangents(straight([0, 0], [2, 1]), [2, 1])).toEqual([]);
    expect(inflections(straight([0, 0], [1, 1]))).toEqual([]);
  });
});
