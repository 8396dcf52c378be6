import type { Drawing } from '../drawing/drawing';
import { bandCaptions, checkBars, gauge, header, zoneLetters } from './draw/aids';
import { exemplar } from './draw/exemplar';
import { horizontals } from './draw/horizontals';
import { ladders } from './draw/ladder';
import { lineLanguage } from './draw/lineLanguage';
import { slopes } from './draw/slopes';
import { layoutSheet } from './layout';
import type { OwnLetter } from './letterSet';
import { type Recipe, recipeHand } from './recipe';

/**
 * The ruled sheet: the one function from recipe to drawing. Preview, PDF, SVG, PNG and thumbnails all draw this.
 * `own` are letters of the scribe's own, for the exemplar.
 * @throws Problem when the recipe cannot be ruled.
 */
export function ruleSheet(recipe: Recipe, own: readonly OwnLetter[] = []): Drawing {
  const layout = layoutSheet(recipe);
  const language = lineLanguage(recipe.tint);
  const written = exemplar(recipe, layout, language, own);
  const ruling = [slopes, ladders, horizontals];
  const furniture = [zoneLetters, gauge, checkBars, bandCaptions, header];
  const draw = (parts: typeof ruling) => parts.flatMap((part) => part(recipe, layout, language));
  return {
    ...layout.page,
    title: recipe.title || `${recipeHand(recipe).name} guideline sheet`,
    nodes: [...draw(ruling), ...written, ...draw(furniture)],
  };
}
