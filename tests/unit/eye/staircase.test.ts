import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { JUDGEMENTS, KINDS, questionOf } from '@/core/eye/judgement';
import { rowsOf } from '@/core/eye/rows';
import { answered, begin, isDone, progressOf, type Staircase, thresholdOf } from '@/core/eye/staircase';
import { numbersFrom } from '@/core/measure/seeded';

/** An eye that tells a difference of `threshold` 79 times in a hundred, more the larger it is, and guesses below. */
const eyeOf = (threshold: number, random: () => number) => (level: number) => {
  const seen = 1 - Math.exp(-((level / threshold) ** 3) * 0.87);
  return random() < 0.5 + 0.5 * seen;
};

function measured(threshold: number, seed: number): Staircase {
  const sees = eyeOf(threshold, numbersFrom(seed));
  let stairs = begin(6, 0.3, 12);
  while (!isDone(stairs)) stairs = answered(stairs, sees(stairs.level));
  return stairs;
}

describe('the staircase', () => {
  it('finds what an eye tells, within a third, two times in three', () => {
    for (const threshold of [0.8, 1.5, 3, 5]) {
      const found = Array.from({ length: 60 }, (_, seed) => thresholdOf(measured(threshold, seed + 1)));
      const mean = Math.exp(found.reduce((sum, one) => sum + Math.log(one), 0) / found.length);
      expect(mean / threshold, String(threshold)).toBeGreaterThan(0.75);
      expect(mean / threshold, String(threshold)).toBeLessThan(1.35);
      const near = found.filter((one) => Math.abs(Math.log(one / threshold)) < Math.log(1.5)).length;
      expect(near / found.length).toBeGreaterThan(0.66);
    }
  });

  it('ends, stays within its bounds, and never goes back', () => {
    fc.assert(
      fc.property(fc.array(fc.boolean(), { minLength: 60, maxLength: 80 }), (answers) => {
        let stairs = begin(6, 0.3, 12);
        let far = 0;
        for (const right of answers) {
          if (isDone(stairs)) break;
          stairs = answered(stairs, right);
          expect(stairs.level).toBeGreaterThanOrEqual(0.3);
          expect(stairs.level).toBeLessThanOrEqual(12);
          expect(progressOf(stairs)).toBeGreaterThanOrEqual(far);
          far = progressOf(stairs);
        }
        expect(isDone(stairs)).toBe(true);
      }),
    );
  });

  it('whoever is always right ends at the least difference there is; whoever is always wrong at the most', () => {
    const all = (right: boolean) => {
      let stairs = begin(6, 0.3, 12);
      while (!isDone(stairs)) stairs = answered(stairs, right);
      return stairs.level;
    };
    expect(all(true)).toBe(0.3);
    expect(all(false)).toBe(12);
  });
});

describe('the rows of a question', () => {
  const setting = freshRecipe('italic');
  const spread = (row: ReturnType<typeof rowsOf>[number]) =>
    row.nodes.flatMap((node) => (node.kind === 'form' ? [node.x] : []));

  it.each(JUDGEMENTS)('%s: differ in that alone, and in the row that is meant', (kind) => {
    fc.assert(
      fc.property(fc.nat(1000), (seed) => {
        const question = questionOf(kind, KINDS[kind].first, numbersFrom(seed));
        const rows = rowsOf(question, setting);
        const plain = rowsOf({ ...question, difference: 1e-9 }, setting);
        const [other, same] = question.answer === 0 ? rows : [rows[1], rows[0]];
        const was = plain[question.answer === 0 ? 1 : 0];
        expect(same).toEqual(was);
        expect(other.nodes.length).toBe(same.nodes.length);
        // As tall whatever is asked: nobody may tell the heavier row by its height.
        expect(other.body).toBeCloseTo(same.body, 6);
        if (kind === 'spacing') expect(spread(other)).not.toEqual(spread(same));
        else expect(JSON.stringify(other.nodes)).not.toBe(JSON.stringify(same.nodes));
      }),
      { numRuns: 20 },
    );
  });
});
