import type { Offer } from '../problem/problem';
import { settle } from '../sheet/solve';
import { parseRecipe, type Recipe } from './recipe';

/**
 * Applies an offer to a recipe: replaces its fields and solves the rest again.
 * @throws Problem when the offer does not fit the recipe.
 */
export const takenUp = (recipe: Recipe, { change }: Offer): Recipe =>
  settle(parseRecipe({ ...recipe, ...change }));
