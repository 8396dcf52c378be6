import type { Zones } from '../hand/hand';
import type { Letter } from '../hand/letter';
import type { Mm, NibWidths } from '../measure/units';
import { lru, perObject } from '../memo/memo';
import { spreadFor } from '../pen/thickness';
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
 * Full spread and hairline of a pressed pen in letter units, for a shade of `width` measured across the stroke. A spread
 * too wide for the body is written as wide as the letters can bear.
 */
export function pressedPen(recipe: Setting, width: Mm = recipe.width) {
  const { tool } = handOf(recipe);
  const shade = width / letterUnit(recipe, width);
  const hairline = tool === 'monoline' ? shade : shade / recipe.writing.contrast;
  const spread = tool === 'pointed' ? spreadFor(shade, hairline, recipe.slope) : shade;
  // Only the full spread is limited; the hairline keeps its proportion.
  const bearable = Math.min(1, bearableShade(recipe, width) / width);
  return { spread: spread * bearable, hairline: hairline * bearable };
}

/** Excess of a shade over the maximum from which it visibly closes the letters. */
export const CLOSES = 1.02;

/** The fattest shade, across the stroke, that leaves the letters of a pressed hand open at this body. */
export function bearableShade(recipe: Setting, width: Mm = recipe.width): Mm {
  const { fattestShade, tool } = handOf(recipe);
  if (tool === 'broad') return Number.POSITIVE_INFINITY;
  const unit = letterUnit(recipe, width);
  if (tool !== 'pointed') return fattestShade * unit;
  // The spread is bounded; the shade lies across it (`shadeAcross`), hairline and all.
  const share = 1 / recipe.writing.contrast;
  const spreadOfOne = spreadFor(1, share, recipe.slope);
  return (fattestShade / spreadOfOne) * unit;
}

/** Thickness of the edge in letter units. */
export const edgeOf = (recipe: Setting, width: Mm = recipe.width): NibWidths =>
  recipe.edge / letterUnit(recipe, width);

/** Cache of own letters scaled to the bodies last used. */
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
    ...(writing.letterSpace !== 0 && { letterSpace: writing.letterSpace }),
    ...(writing.wordSpace !== 0 && { wordSpace: writing.wordSpace }),
    ...(writing.endings !== 'plain' && { endings: writing.endings }),
    ...(writing.bounce > 0 && { bounce: writing.bounce }),
    ...(writing.mixed && { mixed: true }),
    chosen: writing.variants,
    ...(handOf(recipe).tool === 'broad'
      ? { edge: edgeOf(recipe, width) }
      : { pressed: pressedPen(recipe, width) }),
    ...(own.length > 0 && { own: ownAt(own)(String(zones.body), () => ownLetters(own, zones)) }),
  });
}
