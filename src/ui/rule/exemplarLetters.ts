import type { Recipe } from '@/core/document/recipe';
import type { Drawing } from '@/core/drawing/drawing';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import type { OwnLetter } from '@/core/setting/letterSet';
import { layoutSheet } from '@/core/sheet/layout';
import { ruled } from '@/core/sheet/ruled';
import type { Letters } from '../sheet/sheetDesk';
import { HAND_LETTERS } from '../sheet/useSheet';

/** What writes an exemplar: the pen, the setting of letters, and the letters of the hand. */
type Writing = typeof import('@/core/sheet/draw/exemplar');

let writing: Writing | undefined;

const hasWords = ({ exemplar }: Recipe) => exemplar.trim() !== '';

/** Most sheets have no text and need no letters; these are fetched with the first word. */
export const EXEMPLAR_LETTERS: Letters<Recipe> = {
  named: HAND_LETTERS.named,
  here: (recipe) => !hasWords(recipe) || (writing !== undefined && isLoaded(recipe.hand)),
  fetch: async ({ hand }) => {
    [writing] = await Promise.all([import('@/core/sheet/draw/exemplar'), loadScript(hand)]);
  },
};

/** The sheet as it prints. */
export const previewOf = (recipe: Recipe, own: readonly OwnLetter[]): Drawing =>
  ruled(recipe, (sheet, layout, language) => writing?.exemplar(sheet, layout, language, own) ?? []);

/** The words of the exemplar that find no room. */
export const leftOutOf = (recipe: Recipe, own: readonly OwnLetter[]): string =>
  writing?.leftOut(recipe, layoutSheet(recipe), own) ?? '';
