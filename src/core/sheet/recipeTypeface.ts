import type { Zones } from '../hands/hand';
import type { Mm } from '../measure/units';
import { type Typeface, typeface } from '../type/typeface';
import { type OwnLetter, ownLetters } from './letterSet';
import { moduleLength } from './lineSystem';
import { type Recipe, recipeHand } from './recipe';

/** Letters that are not written with a broad edge are drawn in fifths of the body. */
const FIFTHS = 5;

/** Length on paper of the unit letters are drawn in: the broad nib's width, or else a fifth of the body. */
export const letterUnit = (recipe: Recipe, width: Mm = recipe.width): Mm =>
  recipeHand(recipe).tool === 'broad' ? width : (recipe.zones.body * moduleLength(recipe, width)) / FIFTHS;

/** The recipe's heights in letter units. */
export function letterZones(recipe: Recipe, width: Mm = recipe.width): Zones {
  const scale = moduleLength(recipe, width) / letterUnit(recipe, width);
  const { body, ascender, descender, capital } = recipe.zones;
  return {
    ...recipe.zones,
    body: body * scale,
    ascender: ascender * scale,
    descender: descender * scale,
    capital: capital * scale,
  };
}

/**
 * Full shade and hairline of a pressed pen in letter units. A shade too fat for the body is written as fat as the
 * letters can bear.
 */
export function pressedPen(recipe: Recipe, width: Mm = recipe.width) {
  const shade = Math.min(FATTEST_SHADE, width / letterUnit(recipe, width));
  return { shade, hairline: shade / recipe.writing.contrast };
}

/** A shade fatter than this, in fifths of the body, would close the letters. */
const FATTEST_SHADE = 1.6;

/**
 * The letters a recipe writes with, for a nib of `width` where a sheet compares several; undefined where the hand's
 * letters are not drawn.
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
  const zones = letterZones(recipe, width);
  return typeface({
    hand,
    zones,
    penAngle,
    slope,
    held,
    joined: writing.joined,
    chosen: writing.variants,
    ...(recipeHand(recipe).tool === 'pointed' && { pressed: pressedPen(recipe, width) }),
    ...(own.length > 0 && { own: ownLetters(own, zones) }),
  });
}
