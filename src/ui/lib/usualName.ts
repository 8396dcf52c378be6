import { plain } from '@/core/measure/units';
import { type Recipe, recipeHand } from '@/core/sheet/recipe';
import { bodyHeight } from '@/core/sheet/solve';
import { inWords } from './words';

/** "Foundational, four and a half nib widths": a sheet's name when it has none of its own. */
export const usualName = (recipe: Recipe): string => {
  const hand = recipeHand(recipe);
  return hand.basis === 'nib'
    ? `${hand.name}, ${inWords(recipe.zones.body)} nib widths`
    : `${hand.name}, ${plain(bodyHeight(recipe))} mm`;
};
