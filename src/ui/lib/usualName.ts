import type { Recipe } from '@/core/document/recipe';
import { plain } from '@/core/measure/units';
import { inWords } from '@/core/measure/words';
import { bodyHeight } from '@/core/setting/bodyHeight';
import { handOf } from '@/core/setting/handOf';

/** "Foundational, four and a half nib widths": a sheet's name when it has none of its own. */
export const usualName = (recipe: Recipe): string => {
  const hand = handOf(recipe);
  return hand.basis === 'nib'
    ? `${hand.name}, ${inWords(recipe.zones.body)} nib widths`
    : `${hand.name}, ${plain(bodyHeight(recipe))} mm`;
};
