import type { Offer } from '../problem/problem';
import { settle } from '../sheet/solve';
import { parseRecipe, type Recipe } from './recipe';

/**
 * A recipe with an offer taken up: its fields replaced, everything else worked out anew.
 * @throws Problem when the offer does not fit the recipe.
 */
export const takenUp = (recipe: Recipe, { change }: Offer): Recipe =>
  settle(parseRecipe({ ...recipe, ...change }));
