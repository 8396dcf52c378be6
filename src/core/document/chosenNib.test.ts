import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { HANDS } from '../hands/registry';
import { loadAllScripts } from '../hands/scripts';
import { bodyHeight } from '../setting/bodyHeight';
import { pin, roomForLines } from '../sheet/solve';
import { whatFollows, withChosenNib } from './chosenNib';
import { freshRecipe } from './defaults';

beforeAll(loadAllScripts);
const nib = (width: number, edge = 0.1) => ({ id: 'owned', kind: 'broad' as const, width, edge });

describe('a nib that is chosen', () => {
  it('of 2 mm with nine lines wanted keeps its 2 mm; the weight follows', () => {
    const recipe = freshRecipe('italic');
    const chosen = withChosenNib(recipe, nib(2), 10.6);
    expect(chosen).toMatchObject({ width: 2, nib: 'owned', given: { width: 2, bodyMm: 10.6 } });
    expect(chosen.zones.body).toBeCloseTo(5.3, 9);
    expect(bodyHeight(chosen)).toBeCloseTo(10.6, 9);
    expect(whatFollows(recipe, nib(2), 10.6)).toMatch(/^2 mm, 5.3 nib widths: a body of 10.6 mm, \w+ lines$/);
  });

  it('of 2.4 mm with a body of 15 mm stays 2.4 mm, and is said to be light', () => {
    const recipe = freshRecipe('italic');
    expect(withChosenNib(recipe, nib(2.4), 15).width).toBe(2.4);
    expect(whatFollows(recipe, nib(2.4), 15)).toContain('6.3 nib widths');
    expect(whatFollows(recipe, nib(2.4), 15)).toContain('lighter than Italic is written');
  });

  it('of a hand whose heights do not hang on it is said by its shade', () => {
    expect(whatFollows(freshRecipe('copperplate'), nib(0.9), 7)).toMatch(
      /^a shade of 0.9 mm: a body of 7 mm, \w+ lines$/,
    );
  });

  it('of a hand of one line gives the line it draws without pressure', () => {
    const recipe = freshRecipe('monoline');
    const pointed = { ...nib(1.2), kind: 'pointed' as const, hairline: 0.12 };
    expect(withChosenNib(recipe, pointed, null).width).toBe(0.12);
    expect(whatFollows(recipe, pointed, null)).toMatch(/^a line of 0.12 mm: a body of 8 mm/);
    // The gap of two bound pencils is no line.
    expect(withChosenNib(recipe, { ...nib(7), kind: 'two-point' }, null).width).toBe(recipe.width);
    expect(withChosenNib(freshRecipe('copperplate'), pointed, null).width).toBe(1.2);
  });

  it('that no weight could carry that high is ruled at the hand’s own weight', () => {
    const chosen = withChosenNib(freshRecipe('italic'), nib(0.5), 60);
    expect(chosen).toMatchObject({ width: 0.5, zones: { body: 5 } });
  });

  it.each(HANDS.map(({ id }) => id))(
    '%s: is always ruled at its own width, whatever was pinned before',
    (hand) => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.4, max: 8, noNaN: true }),
          fc.option(fc.double({ min: 3, max: 30, noNaN: true })),
          fc.constantFrom('none', 'bodyMm', 'body', 'lines'),
          (width, bodyMm, pinned) => {
            const fresh = freshRecipe(hand);
            const before =
              pinned === 'none'
                ? fresh
                : pinned === 'bodyMm'
                  ? pin(fresh, 'bodyMm', bodyHeight(fresh))
                  : pinned === 'body'
                    ? pin(fresh, 'body', fresh.zones.body)
                    : pin(fresh, 'lines', roomForLines(fresh));
            const chosen = withChosenNib(before, nib(width), bodyMm);
            expect(chosen.width).toBe(width);
            expect(chosen.nib).toBe('owned');
          },
        ),
        { numRuns: 40 },
      );
    },
  );
});
