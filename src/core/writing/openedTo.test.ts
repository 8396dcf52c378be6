import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import type { HandId } from '../hands/registry';
import { loadScript } from '../hands/scripts';
import { letterUnit, recipeTypeface } from '../setting/settingFace';
import { setLine } from '../type/setLine';
import { inkedLength } from './figure';
import { whiteFor } from './openedTo';

const HANDS = ['italic', 'copperplate', 'brush', 'monoline', 'roman'] as const satisfies readonly HandId[];

describe.each(HANDS)('a text in %s opened to a length', (hand) => {
  beforeAll(() => loadScript(hand));
  const text = hand === 'roman' ? 'NOVEMBER' : 'november';

  const long = (letterSpace: number) => {
    const recipe = freshRecipe(hand);
    const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, letterSpace } });
    return face ? inkedLength(face.pen, setLine(face, text)) * letterUnit(recipe) : 0;
  };

  it('is as long as was asked, to a tenth of a millimetre', () => {
    for (const times of [0.97, 1, 1.1, 1.25]) {
      const wanted = long(0) * times;
      expect(long(whiteFor(freshRecipe(hand), text, wanted))).toBeCloseTo(wanted, 0);
      expect(Math.abs(long(whiteFor(freshRecipe(hand), text, wanted)) - wanted)).toBeLessThan(0.1);
    }
  });

  it('is refused what cannot be, with the nearest length that works', () => {
    expect(() => whiteFor(freshRecipe(hand), text, 1)).toThrow(/the nearest length that works is [\d.]+ mm/);
    expect(() => whiteFor(freshRecipe(hand), text, 5000)).toThrow(
      /the nearest length that works is [\d.]+ mm/,
    );
  });
});
