import type { Zones } from '../hand/hand';
import type { Letter } from '../hand/letter';
import type { Mm, NibWidths } from '../measure/units';
import { lru, perObject } from '../memo/memo';
import type { Typeface } from '../type/face';
import { typeface } from '../type/typeface';
import { handOf } from './handOf';
import type { OwnLetter } from './letterSet';
import { moduleLength } from './lineSystem';
import { ownLetters } from './ownLetters';
import type { Setting } from './setting';

/** Letters of pressed hands are drawn in fifths of the body. */
const FIFTHS = 5;

/** Length on paper of the unit a hand's letters are drawn in. */
export function letterUnit(recipe: Setting, width: Mm = recipe.width): Mm {
  switch (handOf(recipe).unit) {
    case 'nib':
      return width;
    case 'dot':
      return width * Math.SQRT2;
    case 'fifth':
      return (recipe.zones.body * moduleLength(recipe, width)) / FIFTHS;
  }
}

/** The recipe's heights in letter units. */
export function letterZones(recipe: Setting, width: Mm = recipe.width): Zones {
  const scale = moduleLength(recipe, width) / letterUnit(recipe, width);
  const { body, ascender, descender, capital, smallCapital } = recipe.zones;
  return {
    ...recipe.zones,
    body: body * scale,
    ascender: ascender * scale,
    descender: descender * scale,
    capital: capital * scale,
    smallCapital: smallCapital && smallCapital * scale,
  };
}

/**
 * Full shade and hairline of a pressed pen in letter units. A shade too fat for the body is written as fat as the
 * letters can bear.
 */
export function pressedPen(recipe: Setting, width: Mm = recipe.width) {
  const { fattestShade, tool } = handOf(recipe);
  const shade = Math.min(fattestShade, width / letterUnit(recipe, width));
  return { shade, hairline: tool === 'monoline' ? shade : shade / recipe.writing.contrast };
}

/** Thickness of the edge of a dip nib, whatever its width: 0.05 to 0.15 mm (common teaching value). */
const EDGE: Mm = 0.1;

/** Thickness of the edge in letter units. */
export const edgeOf = (recipe: Setting, width: Mm = recipe.width): NibWidths =>
  EDGE / letterUnit(recipe, width);

/** Letters of one's own at the bodies they were last asked for. */
const BODIES = 8;
const ownAt = perObject((_: readonly OwnLetter[]) => lru<readonly Letter[]>(BODIES));

/**
 * The letters a recipe writes with, for a nib of `width` where a sheet compares several; undefined where the hand's
 * letters are not drawn.
 */
export function recipeTypeface(
  recipe: Setting,
  {
    width = recipe.width,
    held = false,
    own = [],
  }: { width?: Mm; held?: boolean; own?: readonly OwnLetter[] } = {},
): Typeface | undefined {
  const { hand, penAngle, slope, writing } = recipe;
  const zones = letterZones(recipe, width);
  const { style } = handOf(recipe);
  return typeface({
    hand,
    zones,
    penAngle,
    slope,
    ...(style && { style }),
    held,
    joined: writing.joined,
    ...(writing.bounce > 0 && { bounce: writing.bounce }),
    ...(writing.mixed && { mixed: true }),
    chosen: writing.variants,
    ...(handOf(recipe).tool === 'broad'
      ? { edge: edgeOf(recipe, width) }
      : { pressed: pressedPen(recipe, width) }),
    ...(own.length > 0 && { own: ownAt(own)(String(zones.body), () => ownLetters(own, zones)) }),
  });
}
