import { z } from 'zod';
import type { Drawing } from '../drawing/drawing';
import type { HandId } from '../hands/registry';
import type { Mm } from '../measure/units';
import { pageSize } from '../page/boxes';
import { codeModules } from '../page/codeModules';
import { type PageCode, pageHash } from '../page/pageCode';
import { piecePage } from '../piece/layout';
import { MOST_BANDS } from '../practice/band';
import { bandSchema } from '../practice/bandFormat';
import { type Composed, compose, drawPage } from '../practice/compose';
import { type DueRow, dueRows } from '../practice/dueRows';
import { read } from '../problem/read';
import { ownLettersSchema } from '../setting/letterSet';
import { ruleSheet } from '../sheet/rule';
import { type Sheet, sheetShape } from '../sheet/sheet';
import { drawKeptPiece, type KeptPiece, keptPieceSchema } from './keptPiece';
import { pageNumbering } from './pageNumbering';

/** Lines to compare at the foot of a page, and the longest of them. */
const MOST_CHECKS = 12;
const LONGEST_CHECK = 300;

const sheetSchema = z.strictObject(sheetShape);

const keptSheetSchema = z.strictObject({
  sheet: sheetSchema,
  /** What is practised on it; null for a sheet that is only ruled. */
  bands: z.array(bandSchema).max(MOST_BANDS).readonly().nullable(),
  checks: z.array(z.string().max(LONGEST_CHECK)).max(MOST_CHECKS).readonly(),
  numbering: pageNumbering,
  /** Which of the pages the bands fill, from 0. */
  index: z.int().min(0).max(9999),
  own: ownLettersSchema.readonly(),
});
/** A sheet, ruled or with what is practised on it. */
export type KeptSheet = z.infer<typeof keptSheetSchema>;

/**
 * A printed page as it was drawn: all that is needed to draw it again to the last stroke, and so to know what should stand
 * where on a photograph of it.
 */
export type KeptPage = KeptSheet | KeptPiece;

export const isPiece = (page: KeptPage): page is KeptPiece => 'piece' in page;

/** Reads a kept page from untrusted data. @throws Problem that names what is wrong. */
export const parseKeptPage = (data: unknown): KeptPage =>
  typeof data === 'object' && data !== null && 'piece' in data
    ? read(keptPieceSchema, data, { what: 'the kept guide' })
    : read(keptSheetSchema, data, { what: 'the kept page' });

const SHEET_KEYS = new Set(Object.keys(sheetShape));

/** The sheet of a document, without what the document adds to it. */
const sheetOf = (document: Sheet): Sheet => {
  return sheetSchema.parse(
    Object.fromEntries(Object.entries(document).filter(([key]) => SHEET_KEYS.has(key))),
  );
};

/** One page of what was composed, to be kept. */
export const keptFrom = ({ recipe, bands, checks, numbering, own }: Composed, index: number): KeptSheet => ({
  sheet: sheetOf(recipe),
  bands,
  checks,
  numbering,
  index,
  own,
});

/** A sheet that is only ruled, to be kept. */
export const keptSheet = (sheet: KeptSheet['sheet'], own: KeptSheet['own']): KeptSheet => ({
  sheet: sheetOf(sheet),
  bands: null,
  checks: [],
  numbering: { first: 1, of: 1 },
  index: 0,
  own,
});

/** The page composed again; undefined for a sheet that is only ruled. The letters of its hand must have been fetched. */
export const composedAgain = ({ sheet, bands, checks, numbering, own }: KeptSheet): Composed | undefined =>
  bands === null ? undefined : compose(sheet, { own, bands, checks, numbering });

/** Rows of a page on which something is due; undefined where nothing is practised on it. */
export function dueOn(page: KeptPage): readonly DueRow[] | undefined {
  if (isPiece(page)) return undefined;
  const composed = composedAgain(page);
  return composed && dueRows(composed, page.index);
}

/** Hands whose letters the page is written with. */
export const handsOn = (page: KeptPage): readonly HandId[] =>
  isPiece(page) ? [...new Set(page.piece.blocks.map(({ setting }) => setting.hand))] : [page.sheet.hand];

/** Size of its paper. */
export const sizeOf = (page: KeptPage): { readonly width: Mm; readonly height: Mm } =>
  isPiece(page) ? piecePage(page.piece) : pageSize(page.sheet.paper);

/** The code of a page of a print. */
export const codeOf = (id: string, page: KeptPage): PageCode => ({
  id,
  page: page.numbering.first + (isPiece(page) ? 0 : page.index),
  of: page.numbering.of,
  hash: pageHash(JSON.stringify(page)),
});

/** The page as it was printed, its code on it. */
export function drawKept(page: KeptPage, code: PageCode): Drawing {
  const modules = codeModules(code);
  if (isPiece(page)) return drawKeptPiece(page, modules);
  const composed = composedAgain(page);
  return composed ? drawPage(composed, page.index, modules) : ruleSheet(page.sheet, page.own, modules);
}
