import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measuresOf } from '../measures';
import { BOUNDS, cursiveBounce, ROOM, stances } from './bounce';

const m = measuresOf(
  { tool: 'brush', breadth: () => 3 },
  {
    zones: { body: 5, ascender: 5, descender: 5, capital: 10, gap: 2, branch: null, smallCapital: null },
    penAngle: 0,
    slope: 20,
    pressed: { spread: 0.95, hairline: 0.2 },
  },
);
const texts = fc.array(fc.constantFrom(...'abcdefghijklmnopqrstuvwxyzAM3'), { minLength: 1, maxLength: 40 });
const amounts = fc.double({ min: 0, max: 1, noNaN: true });

describe('letters off the line', () => {
  it('keep within their bounds, the fewer the less they bounce', () => {
    fc.assert(
      fc.property(texts, amounts, (letters, amount) => {
        letters.forEach((_, i) => {
          const { rise, measures } = cursiveBounce(i, letters, amount, m);
          expect(Math.abs(rise)).toBeLessThanOrEqual(amount * BOUNDS.rise * m.X + 1e-9);
          expect(Math.abs(measures.X / m.X - 1)).toBeLessThanOrEqual(amount * BOUNDS.body + 1e-9);
          expect(measures.D / m.D).toBeLessThanOrEqual(1 + amount * BOUNDS.descender + 1e-9);
          const foot = m.B - (measures.F ?? m.B);
          expect(foot).toBeGreaterThanOrEqual(-1e-9);
          expect(foot).toBeLessThanOrEqual(amount * BOUNDS.foot * m.X + 1e-9);
          const ascender = (measures.A - measures.X) / (m.A - m.X);
          expect(ascender - 1).toBeLessThanOrEqual(amount * BOUNDS.ascender + 1e-9);
          // Lines ruled with a gap of twice this room never meet.
          expect(rise + measures.A).toBeLessThanOrEqual(m.A + ROOM * m.X + 1e-9);
          expect(rise + measures.D).toBeGreaterThanOrEqual(m.D - ROOM * m.X - 1e-9);
        });
      }),
    );
  });

  it('come out the same for the same text, and stay on the line without bounce', () => {
    fc.assert(
      fc.property(texts, amounts, (letters, amount) => {
        const once = letters.map((_, i) => cursiveBounce(i, letters, amount, m));
        const again = [...letters].map((_, i, copy) => cursiveBounce(i, copy, amount, m));
        expect(again).toEqual(once);
        const still = cursiveBounce(0, letters, 0, m);
        expect(still.rise).toBeCloseTo(0, 12);
        expect(still.measures.X).toBe(m.X);
      }),
    );
  });

  it('let no letter stand as the last one of its kind did', () => {
    for (const word of ['balloon', 'pepper', 'twitter', 'success', 'mammal', 'bookkeeper', 'assess']) {
      const letters = [...word];
      const all = stances(letters);
      letters.forEach((letter, i) => {
        const last = letters.slice(0, i).lastIndexOf(letter);
        if (last >= 0) expect(Math.abs((all[i] ?? 0) - (all[last] ?? 0)), `${word} at ${i}`).toBeGreaterThan(0.3);
      });
    }
  });
});
