import { z } from 'zod';
import type { CodeModules } from '../page/marks';
import type { PageCode } from '../page/pageCode';
import { drawPiece } from '../piece/drawPiece';
import { type Laid, layoutPiece } from '../piece/layout';
import type { Own } from '../piece/pen';
import { pieceSchema } from '../piece/piece';
import { ownLettersSchema } from '../setting/letterSet';
import { pageNumbering } from './pageNumbering';

/** A guide of a piece as it was printed: the piece, written for one row of its list, and one's own letters by their hands. */
export const keptPieceSchema = z.strictObject({
  piece: pieceSchema,
  letters: z.record(z.string().max(40), ownLettersSchema.readonly()),
  numbering: pageNumbering,
});
export type KeptPiece = z.infer<typeof keptPieceSchema>;

/** A laid piece, to be kept: as it was written in, without the list it is one row of. */
export const keptPiece = (
  { piece }: Laid,
  letters: Own,
  { page, of }: Pick<PageCode, 'page' | 'of'>,
): KeptPiece =>
  keptPieceSchema.parse({ piece: { ...piece, rows: [] }, letters, numbering: { first: page, of } });

/** The piece laid out again. The letters of its hands must have been fetched. */
export const laidAgain = ({ piece, letters }: KeptPiece): Laid => layoutPiece(piece, letters);

/** The guide as it was printed. */
export const drawKeptPiece = (kept: KeptPiece, code: CodeModules) =>
  drawPiece(laidAgain(kept), 'guide', { code });
