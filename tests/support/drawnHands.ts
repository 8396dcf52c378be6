import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { HANDS, type HandId } from '@/core/hands/registry';
import { hasLetters } from '@/core/hands/scripts';
import { recipeTypeface } from '@/core/setting/settingFace';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';

/** Hands whose letters are drawn: tests of letters run over all of them. */
export const DRAWN: readonly HandId[] = HANDS.map(({ id }) => id).filter(hasLetters);

/** The letters a recipe is written with. */
export function faceOf(recipe: Recipe): Typeface {
  const face = recipeTypeface(recipe);
  if (!face) throw new Error(`${recipe.hand} has no letters`);
  return face;
}

/** A hand's letters at its usual setting. */
export function usualFace(hand: HandId, joined?: boolean, school?: string): Typeface {
  const recipe = freshRecipe(hand, school);
  return faceOf({
    ...recipe,
    writing: { ...recipe.writing, joined: joined ?? recipe.writing.joined },
  });
}

/** Every shape of every letter. */
export const cutsOf = (face: Typeface): Cut[] => [...face.shapes.values()].flat();

export const nameOf = ({ letter }: Cut): string => `${letter.text} (${letter.variant})`;
