import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calibratedLoad, coverOf, type InkedStroke, planDips, startsFull, usualLoad } from './dips';

const stroke = fc.record({
  area: fc.double({ min: 0.01, max: 60, noNaN: true }),
  startsFull: fc.boolean(),
});

/** Fewest dips under the rule, by trying every set of places to dip. */
function fewest(strokes: readonly InkedStroke[], cover: number): number {
  let best = Number.POSITIVE_INFINITY;
  for (let chosen = 0; chosen < 2 ** strokes.length; chosen++) {
    let rest = 0;
    let dips = 0;
    let holds = true;
    for (const [i, { area, startsFull: full }] of strokes.entries()) {
      if ((chosen >> i) & 1) {
        dips += 1;
        rest = cover;
      }
      // The rule: no stroke begins with less than it needs, and none that begins full with less than a load.
      if (rest < Math.min(area, cover) - 1e-9 || (full && rest < cover - 1e-9) || (i === 0 && rest < cover))
        holds = false;
      rest = Math.max(0, rest - area);
    }
    if (holds) best = Math.min(best, dips);
  }
  return best;
}

describe('a plan of dips', () => {
  it('lets no stroke run dry, but those longer than a dip, which it names', () => {
    fc.assert(
      fc.property(
        fc.array(stroke, { minLength: 1, maxLength: 60 }),
        fc.double({ min: 5, max: 50, noNaN: true }),
        (strokes, cover) => {
          const { dips, tooLong, left } = planDips(strokes, cover);
          let rest = 0;
          for (const [i, { area, startsFull: full }] of strokes.entries()) {
            if (dips.includes(i)) rest = cover;
            if (full) expect(rest).toBeCloseTo(cover, 6);
            if (tooLong.includes(i)) expect(area).toBeGreaterThan(cover);
            else expect(rest).toBeGreaterThanOrEqual(area - 1e-6);
            rest = Math.max(0, rest - area);
            expect(left[i]).toBeCloseTo(rest / cover, 6);
          }
          expect(dips[0]).toBe(0);
        },
      ),
    );
  });

  it('has as few dips as the rule allows', () => {
    fc.assert(
      fc.property(
        fc.array(stroke, { minLength: 1, maxLength: 10 }),
        fc.double({ min: 20, max: 70, noNaN: true }),
        (strokes, cover) => {
          expect(planDips(strokes, cover).dips.length).toBe(fewest(strokes, cover));
        },
      ),
      { numRuns: 60 },
    );
  });

  it('needs fewer of a larger load', () => {
    const strokes = Array.from({ length: 100 }, () => ({ area: 6, startsFull: false }));
    expect(planDips(strokes, 60).dips).toHaveLength(10);
    expect(planDips(strokes, 120).dips).toHaveLength(5);
  });
});

describe('a load', () => {
  it('is found again by a written line: so many letters, so much ink', () => {
    const strokes = Array.from({ length: 40 }, () => ({ area: 5, startsFull: false }));
    const cover = coverOf(calibratedLoad(8, 5));
    expect(cover).toBeCloseTo(40, 9);
    expect(planDips(strokes, cover).dips).toEqual([0, 8, 16, 24, 32]);
  });

  it('is what the tool holds: more with a reservoir, none to plan for a pen that feeds itself', () => {
    const broad = usualLoad({ kind: 'broad-nib', reservoir: null }, false) as number;
    expect(usualLoad({ kind: 'broad-nib', reservoir: true }, false)).toBeGreaterThan(broad);
    expect(usualLoad({ kind: 'quill', reservoir: null }, false)).toBeLessThan(broad);
    expect(usualLoad(undefined, true)).toBeLessThan(usualLoad(undefined, false) as number);
    for (const kind of ['cartridge-pen', 'felt-marker', 'brush-pen', 'pencils'] as const)
      expect(usualLoad({ kind, reservoir: null }, false)).toBeUndefined();
  });

  it('is begun anew by a long stroke', () => {
    expect(startsFull(40, 100)).toBe(true);
    expect(startsFull(10, 100)).toBe(false);
  });
});
