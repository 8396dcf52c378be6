import type { Drawing } from '../drawing/drawing';
import { bandCaptions, checkBars, gauge, header, zoneLetters } from './draw/aids';
import { exemplar } from './draw/exemplar';
import { horizontals } from './draw/horizontals';
import { ladders } from './draw/ladder';
import { lineLanguage } from './draw/lineLanguage';
import { slopes } from './draw/slopes';
import { layoutSheet } from './layout';
import { type Recipe, recipeHand } from './recipe';

/**
 * The ruled sheet: the one function from recipe to drawing. Preview, PDF, SVG, PNG and thumbnails all draw this.
 * @throws Problem when the recipe cannot be ruled.
 */
export function ruleSheet(recipe: Recipe): Drawing {
  const layout = layoutSheet(recipe);
  const language = lineLanguage(recipe.tint);
  const parts = [slopes, ladders, horizontals, exemplar, zoneLetters, gauge, checkBars, bandCaptions, header];
  return {
    ...layout.page,
    title: recipe.title || `${recipeHand(recipe).name} guideline sheet`,
    nodes: parts.flatMap((part) => part(recipe, layout, language)),
  };
}
