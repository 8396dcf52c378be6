import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { takenUp } from '../document/offer';
import { HANDS } from '../hands/registry';
import { Problem } from '../problem/problem';
import { bodyHeight } from '../setting/bodyHeight';
import { checkGiven } from './checkGiven';
import { pin, roomForLines } from './solve';

const refusal = (work: () => void): Problem | undefined => {
  try {
    work();
  } catch (error) {
    if (error instanceof Problem) return error;
    throw error;
  }
  return undefined;
};

describe('a recipe from outside', () => {
  it('that pins a body its nib and weight do not make is refused, with two ways out that work', () => {
    const recipe = { ...freshRecipe('italic'), given: { bodyMm: 10 } };
    const problem = refusal(() => checkGiven(recipe));
    expect(problem?.field).toBe('bodyMm');
    expect(problem?.message).toContain('pinned at 10 mm, but the sheet is ruled with 12 mm');
    const bodies = problem?.offers?.map((offer) => {
      const taken = takenUp(recipe, offer);
      checkGiven(taken);
      return bodyHeight(taken);
    });
    expect(bodies?.[0]).toBeCloseTo(10, 2);
    expect(bodies?.[1]).toBeCloseTo(12, 2);
  });

  it('whose weight or nib is pinned elsewhere is refused by that name', () => {
    const fresh = freshRecipe('italic');
    expect(refusal(() => checkGiven({ ...fresh, given: { body: 4 } }))?.field).toBe('body');
    expect(refusal(() => checkGiven({ ...fresh, given: { width: 3 } }))?.field).toBe('width');
  });

  it.each(HANDS.map(({ id }) => id))('%s: whatever was pinned here passes', (hand) => {
    const fresh = freshRecipe(hand);
    expect(refusal(() => checkGiven(fresh))).toBeUndefined();
    fc.assert(
      fc.property(fc.double({ min: 0.7, max: 1.4, noNaN: true }), fc.boolean(), (times, lines) => {
        const pinned = lines
          ? pin(fresh, 'lines', Math.max(1, Math.round(roomForLines(fresh) * times)))
          : pin(fresh, 'bodyMm', bodyHeight(fresh) * times);
        expect(refusal(() => checkGiven(pinned))).toBeUndefined();
      }),
      { numRuns: 25 },
    );
  });
});
