import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { pointAt } from './cubic';
import { curve } from './hobby';
import { directionOf, distance, heading, subtract, type Vec } from './vec';

const number = fc.integer({ min: -500, max: 500 }).map((value) => value / 100);
const vec: fc.Arbitrary<Vec> = fc.tuple(number, number);
const between = (one: number, other: number) => Math.abs(((one - other + 540) % 360) - 180);

describe('a curve between two directions', () => {
  it('leaves and arrives as it is asked', () => {
    const degrees = fc.integer({ min: -80, max: 80 });
    fc.assert(
      fc.property(vec, vec, degrees, degrees, (from, to, left, right) => {
        fc.pre(distance(from, to) > 0.5);
        const chord = directionOf(subtract(to, from));
        const [a, b, c, d] = curve(from, chord + left, to, chord + right);
        expect([a, d]).toEqual([from, to]);
        expect(between(directionOf(subtract(b, a)), chord + left)).toBeLessThan(1e-6);
        expect(between(directionOf(subtract(d, c)), chord + right)).toBeLessThan(1e-6);
      }),
    );
  });

  it('is as good as a circle where one goes through: to a five-hundredth of its radius up to a half', () => {
    for (const half of [15, 30, 45, 60, 90]) {
      const [from, to] = [heading(180 - half), heading(180 + half)];
      // Anticlockwise round the middle: the direction is a quarter turn on from the radius.
      const arc = curve(from, 270 - half, to, 270 + half);
      for (const t of [0.1, 0.25, 0.5, 0.75, 0.9]) {
        expect(Math.abs(Math.hypot(...pointAt(arc, t)) - 1)).toBeLessThan(half <= 60 ? 0.002 : 0.02);
      }
    }
  });

  it('is flattened by tension, each end by its own', () => {
    const [plain, tense] = [curve([0, 0], 60, [4, 0], -60), curve([0, 0], 60, [4, 0], -60, [2, 1])];
    expect(distance(plain[0], plain[1])).toBeCloseTo(2 * distance(tense[0], tense[1]), 9);
    expect(tense[2]).toEqual(plain[2]);
    expect(pointAt(tense, 0.5)[1]).toBeLessThan(pointAt(plain, 0.5)[1]);
  });

  it('does not care how often its directions go round', () => {
    const once = curve([0, 0], 60, [4, 1], -30);
    const again = curve([0, 0], 60 + 720, [4, 1], -30 - 360);
    for (const [i, [x, y]] of once.entries()) {
      expect(again[i]).toEqual([expect.closeTo(x, 9), expect.closeTo(y, 9)]);
    }
  });
});
