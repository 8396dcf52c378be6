import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import type { HandId } from '../hands/registry';
import { loadScript } from '../hands/scripts';
import { recipeTypeface } from '../setting/settingFace';
import { setLine } from '../type/setLine';
import { liftsOf } from './lifts';

const lifts = (hand: HandId, text: string, joined = true) => {
  const recipe = freshRecipe(hand);
  const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, joined } });
  if (!face) throw new Error(`${hand} has no letters`);
  return liftsOf(face, setLine(face, text), text);
};

describe('where the pen is lifted', () => {
  beforeAll(async () => {
    await Promise.all((['copperplate', 'italic', 'monoline', 'court'] as const).map(loadScript));
  });

  it('is after every stroke where letters are not joined', () => {
    const { length } = lifts('italic', 'nn', false);
    // Two strokes each.
    expect(length).toBe(4);
    expect(lifts('italic', 'nn', false).every(({ through }) => through.length === 0)).toBe(true);
  });

  it('is nowhere in a joined word of single strokes, from the first hairline to the last', () => {
    const [run, ...more] = lifts('monoline', 'eee');
    expect(more).toEqual([]);
    // Into the word, twice between letters, and out of it.
    expect(run?.through.length).toBeGreaterThanOrEqual(3);
  });

  it('comes before the dots and bars, which are written when the word is done', () => {
    // A stem with a square top is begun anew; copperplate also lifts after its first hairline.
    for (const [hand, each] of [
      ['monoline', 2],
      ['copperplate', 3],
    ] as const) {
      const runs = lifts(hand, 'it it');
      expect(runs, hand).toHaveLength(2 * (each + 2));
      const [dot, bar, next] = runs.slice(each);
      expect(dot?.from[1], `${hand}: the dot stands over the body`).toBeGreaterThan(5);
      expect(bar?.from[1], `${hand}: so does the bar`).toBeGreaterThan(5);
      const end = runs[each - 1]?.to[0] ?? 0;
      expect(next?.to[0], `${hand}: the second word begins to the right`).toBeGreaterThan(end);
    }
  });

  it('leaves dots of Arabic letters to the end', () => {
    const runs = lifts('court', 'بيت');
    const dots = runs.slice(-5);
    expect(dots.every(({ from, to }) => Math.hypot(from[0] - to[0], from[1] - to[1]) < 1.6)).toBe(true);
    expect(runs.length).toBeGreaterThan(5);
  });
});
