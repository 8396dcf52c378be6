import type { Drawing } from '../drawing/drawing';
import { checkBars } from '../page/checkBars';
import { gauge } from '../page/gauge';
import { header } from '../page/header';
import { lineLanguage } from '../page/lineLanguage';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { exemplar } from './draw/exemplar';
import { horizontals } from './draw/horizontals';
import { ladders } from './draw/ladder';
import { nibCaptions } from './draw/nibCaptions';
import { slopes } from './draw/slopes';
import { zoneLetters } from './draw/zoneLetters';
import { headline } from './headline';
import { layoutSheet } from './layout';
import type { Sheet } from './sheet';

/**
 * The ruled sheet: the one function from recipe to drawing. Preview, PDF, SVG, PNG and thumbnails all draw this.
 * `own` are letters of the scribe's own, for the exemplar.
 * @throws Problem when the recipe cannot be ruled.
 */
export function ruleSheet(recipe: Sheet, own: readonly OwnLetter[] = []): Drawing {
  const layout = layoutSheet(recipe);
  const language = lineLanguage(recipe.tint);
  const written = exemplar(recipe, layout, language, own);
  const ruling = [slopes, ladders, horizontals];
  return {
    ...layout.page,
    title: recipe.title || `${handOf(recipe).name} guideline sheet`,
    nodes: [
      ...ruling.flatMap((part) => part(recipe, layout, language)),
      ...written,
      ...zoneLetters(recipe, layout, language),
      ...gauge(recipe, layout, language),
      ...checkBars(recipe, layout, language),
      ...nibCaptions(recipe, layout, language),
      ...header({ ...recipe, headline: headline(recipe) }, layout, language),
    ],
  };
}
