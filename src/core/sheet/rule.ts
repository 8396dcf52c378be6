import type { Drawing } from '../drawing/drawing';
import type { CodeModules } from '../page/marks';
import type { OwnLetter } from '../setting/letterSet';
import { exemplar } from './draw/exemplar';
import { ruled } from './ruled';
import type { Sheet } from './sheet';

/**
 * The ruled sheet with its exemplar: the one function from recipe to drawing. Preview, PDF, SVG, PNG and thumbnails all
 * draw this. `own` are letters of the scribe's own, `code` is what the mark of a sheet that has marks says.
 * @throws Problem when the recipe cannot be ruled.
 */
export const ruleSheet = (recipe: Sheet, own: readonly OwnLetter[] = [], code?: CodeModules): Drawing =>
  ruled(recipe, (sheet, layout, language) => exemplar(sheet, layout, language, own), code);
