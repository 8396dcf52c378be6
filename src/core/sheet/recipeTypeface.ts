import type { Mm } from '../measure/units';
import { type Typeface, typeface } from '../type/typeface';
import { type OwnLetter, ownLetters } from './letterSet';
import { moduleLength } from './lineSystem';
import { type Recipe, recipeHand } from './recipe';

/** Letters of pointed hands are drawn in fifths of the body. */
const FIFTHS = 5;

const isPointed = (recipe: Recipe) => recipeHand(recipe).tool === 'pointed';

/** Length on paper of the unit letters are drawn in: the nib's width, or a fifth of the body under a pointed pen. */
export const letterUnit = (recipe: Recipe, width: Mm = recipe.width): Mm =>
  isPointed(recipe) ? (recipe.zones.body * moduleLength(recipe, width)) / FIFTHS : width;

/** A shade fatter than this, in fifths of the body, would close the letters. */
const FATTEST_SHADE = 1.6;

/**
 * The letters a recipe writes with, for a nib of `width` where a sheet compares several; undefined where the hand's
 * letters are not drawn. A shade too fat for the body is written as fat as the letters can bear.
 */
export function recipeTypeface(
  recipe: Recipe,
  {
    width = recipe.width,
    held = false,
    own = [],
  }: { width?: Mm; held?: boolean; own?: readonly OwnLetter[] } = {},
): Typeface | undefined {
  const { hand, penAngle, slope, writing } = recipe;
  const scale = isPointed(recipe) ? FIFTHS / recipe.zones.body : 1;
  const { body, ascender, descender, capital } = recipe.zones;
  const zones = {
    ...recipe.zones,
    body: body * scale,
    ascender: ascender * scale,
    descender: descender * scale,
    capital: capital * scale,
  };
  const shade = Math.min(FATTEST_SHADE, width / letterUnit(recipe, width));
  return typeface({
    hand,
    zones,
    penAngle,
    slope,
    held,
    joined: writing.joined,
    chosen: writing.variants,
    ...(isPointed(recipe) && { pressed: { shade, hairline: shade / writing.contrast } }),
    ...(own.length > 0 && { own: ownLetters(own, zones) }),
  });
}
