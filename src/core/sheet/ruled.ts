import type { Drawing, DrawingNode } from '../drawing/drawing';
import { checkBars } from '../page/checkBars';
import { gauge } from '../page/gauge';
import { header } from '../page/header';
import { type LineLanguage, lineLanguage } from '../page/lineLanguage';
import { type CodeModules, marks } from '../page/marks';
import { handOf } from '../setting/handOf';
import { horizontals } from './draw/horizontals';
import { ladders } from './draw/ladder';
import { nibCaptions } from './draw/nibCaptions';
import { slopes } from './draw/slopes';
import { zoneLetters } from './draw/zoneLetters';
import { headline } from './headline';
import { layoutSheet, type SheetLayout } from './layout';
import type { Sheet } from './sheet';

/** Something drawn on the ruling, where it lies. */
export type Drawn = (recipe: Sheet, layout: SheetLayout, language: LineLanguage) => DrawingNode[];

const NO_WORDS: Drawn = () => [];

/**
 * The ruled sheet, with `words` on its lines. It knows nothing of letters: a page that rules sheets without words need
 * not fetch them (`ruleSheet` writes the words as well).
 * @throws Problem when the recipe cannot be ruled.
 */
export function ruled(recipe: Sheet, words: Drawn = NO_WORDS, code?: CodeModules): Drawing {
  const layout = layoutSheet(recipe);
  const language = lineLanguage(recipe.tint);
  const ruling = [slopes, ladders, horizontals];
  return {
    ...layout.page,
    title: recipe.title || `${handOf(recipe).name} guideline sheet`,
    nodes: [
      ...ruling.flatMap((part) => part(recipe, layout, language)),
      ...words(recipe, layout, language),
      ...zoneLetters(layout, language),
      ...gauge(recipe, layout, language),
      ...checkBars(layout, language),
      ...nibCaptions(recipe, layout, language),
      ...header({ ...recipe, headline: headline(recipe) }, layout, language),
      ...marks(layout, language, code),
    ],
  };
}
