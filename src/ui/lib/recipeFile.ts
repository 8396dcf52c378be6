import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { Problem } from '@/core/problem/problem';

/** A recipe file is some ten kB at most; a larger file is something else. */
const LARGEST = 64 * 1024;

/**
 * Reads a recipe a scribe has saved or been sent.
 * @throws Problem when the file is too large, no JSON, or no recipe.
 */
export async function readRecipeFile(file: File): Promise<Recipe> {
  if (file.size > LARGEST) {
    throw new Problem('file', `“${file.name}” is too large for a recipe (at most ${LARGEST / 1024} kB).`);
  }
  let data: unknown;
  try {
    data = JSON.parse(await file.text());
  } catch {
    throw new Problem('file', `“${file.name}” is not readable JSON. Nothing was imported.`);
  }
  return parseRecipe(data);
}
