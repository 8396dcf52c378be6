import { pieceFrame } from '../piece/layout';
import { type Piece, parsePiece } from '../piece/piece';
import { PIECE_FORMAT } from '../piece/pieceFormat';
import { checkGiven } from '../sheet/checkGiven';
import { layoutSheet } from '../sheet/layout';
import { parseRecipe, type Recipe } from './recipe';

/** A document of the shelf: a sheet with its practice bands, or a piece. */
export type Document = Recipe | Piece;

export const isPiece = (document: Document): document is Piece => document.format === PIECE_FORMAT;

/** Is this untrusted data meant as a piece? */
export const saysPiece = (data: unknown): boolean =>
  typeof data === 'object' && data !== null && (data as { format?: unknown }).format === PIECE_FORMAT;

/**
 * Reads a document of any kind and version from untrusted data.
 * @throws Problem naming the field, as `parseRecipe` and `parsePiece` do.
 */
export const parseDocument = (data: unknown): Document =>
  saysPiece(data) ? parsePiece(data) : parseRecipe(data);

/** @throws Problem when a document contradicts itself, or cannot be laid on its paper: then nothing could open it. */
export function checkDocument(document: Document): void {
  if (isPiece(document)) {
    pieceFrame(document);
    return;
  }
  checkGiven(document);
  layoutSheet(document);
}
