import { type Document, isPiece, parseDocument } from '@/core/document/document';
import { pieceFrame } from '@/core/piece/layout';
import { layoutSheet } from '@/core/sheet/layout';
import { readJsonFile } from '../lib/recipeFile';
import { standing } from './standing';

/**
 * A document from a file, what it is, and where it opens.
 * @throws Problem when it is none, or cannot be drawn.
 */
export async function readSheetFile(
  file: File,
): Promise<{ recipe: Document; says: string; station: string }> {
  const recipe = parseDocument(await readJsonFile(file));
  if (isPiece(recipe)) pieceFrame(recipe);
  else layoutSheet(recipe);
  return { recipe, ...standing(recipe) };
}
