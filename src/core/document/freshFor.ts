import { type About, deskPaper } from '../about/about';
import type { HandId } from '../hands/registry';
import { freshRecipe } from './defaults';
import type { Recipe } from './recipe';

/** A fresh recipe on the scribe's own paper, laid for their writing hand. */
export function freshFor(about: About, hand: HandId, school?: string): Recipe {
  const recipe = freshRecipe(hand, school);
  const paper = { ...recipe.paper, ...deskPaper(about), mirrored: about.side === 'left' };
  return { ...recipe, paper };
}
