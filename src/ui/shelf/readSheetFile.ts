import type { Recipe } from '@/core/document/recipe';
import { layoutSheet } from '@/core/sheet/layout';
import { readRecipeFile } from '../lib/recipeFile';
import { usualName } from '../lib/usualName';

/**
 * A sheet from a file of its recipe, and what it is ruled for.
 * @throws Problem when it is none, or cannot be ruled.
 */
export async function readSheetFile(file: File): Promise<{ recipe: Recipe; says: string }> {
  const recipe = await readRecipeFile(file);
  layoutSheet(recipe);
  return { recipe, says: usualName(recipe) };
}
