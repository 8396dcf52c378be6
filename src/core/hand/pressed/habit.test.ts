import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compileStroke } from '../../pen/stroke';
import { line, to } from '../notation';
import { habit } from './habit';

describe('pressure by habit', () => {
  it('is none upward and on the level, all of it straight down, less at a lean', () => {
    const press = (dx: number, dy: number) => Math.max(...habit([to(0, 0), line(dx, dy)], 2).map((knot) => knot.press ?? 0));
    expect(press(0, 5)).toBe(0);
    expect(press(5, 0)).toBe(0);
    expect(press(0, -5)).toBeCloseTo(1, 9);
    expect(press(5, -5)).toBeCloseTo(0.5, 9);
  });

  it('follows the weight of the knots: bars keep none, waves may ask for more, and nothing exceeds the pen', () => {
    const down = (weight: number) => habit([to(0, 5, -90, { press: weight }), line(0, 0, { press: weight })], 2).map((knot) => knot.press);
    expect(down(0).every((press) => press === 0)).toBe(true);
    expect(down(0.5).every((press) => Math.abs((press ?? 0) - 0.5) < 1e-9)).toBe(true);
    expect(down(3).every((press) => press === 1)).toBe(true);
  });

  it('takes the lighter side of a corner, and says where the corner is', () => {
    const knots = habit([to(0, 0), line(0, 5), line(0.2, 0)], 2);
    const corner = knots.filter(({ leave }) => leave !== undefined);
    expect(corner).toHaveLength(1);
    expect(corner[0]?.press).toBe(0);
  });

  it('keeps to the way it was given, however it turns within a half circle', () => {
    const angle = fc.double({ min: -45, max: 135, noNaN: true });
    const reach = fc.double({ min: 1, max: 6, noNaN: true });
    fc.assert(
      fc.property(angle, angle, reach, reach, (a, b, x, y) => {
        const given = [to(0, 0, a), to(x, y, b)];
        const before = compileStroke({ name: '', knots: given });
        const after = compileStroke({ name: '', knots: habit(given, 2) });
        const [whole, cut] = [before.lengths.at(-1) ?? 0, after.lengths.at(-1) ?? 0];
        expect(Math.abs(cut - whole) / whole).toBeLessThan(0.08);
      }),
      { numRuns: 200 },
    );
  });
});
