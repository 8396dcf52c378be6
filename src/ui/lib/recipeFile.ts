import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { Problem } from '@/core/problem/problem';

/** A sheet is some ten kB at most, a piece with a long list half a MB; a larger file is something else. */
const LARGEST = 1024 * 1024;

/**
 * Reads the JSON a scribe has saved or been sent.
 * @throws Problem when the file is too large, or no JSON.
 */
export async function readJsonFile(file: File): Promise<unknown> {
  if (file.size > LARGEST) {
    throw new Problem('file', `“${file.name}” is too large for a sheet (at most ${LARGEST / 1024} kB).`);
  }
  try {
    return JSON.parse(await file.text());
  } catch {
    throw new Problem('file', `“${file.name}” is not readable JSON. Nothing was imported.`);
  }
}

/**
 * Reads a recipe from a file.
 * @throws Problem when it is none.
 */
export const readRecipeFile = async (file: File): Promise<Recipe> => parseRecipe(await readJsonFile(file));
