import { z } from 'zod';
import type { Drawing } from '../drawing/drawing';
import { codeModules } from '../page/codeModules';
import { type PageCode, pageHash } from '../page/pageCode';
import { MOST_BANDS } from '../practice/band';
import { bandSchema } from '../practice/bandFormat';
import { type Composed, compose, drawPage } from '../practice/compose';
import { read } from '../problem/read';
import { ownLettersSchema } from '../setting/letterSet';
import { ruleSheet } from '../sheet/rule';
import { type Sheet, sheetShape } from '../sheet/sheet';

/** Lines to compare at the foot of a page, and the longest of them. */
const MOST_CHECKS = 12;
const LONGEST_CHECK = 300;
const pageNumber = z.int().min(1).max(9999);

const sheetSchema = z.strictObject(sheetShape);

/**
 * A printed page as it was drawn: all that is needed to draw it again to the last stroke, and so to know what should stand
 * where on a photograph of it.
 */
const keptPageSchema = z.strictObject({
  sheet: sheetSchema,
  /** What is practised on it; null for a sheet that is only ruled. */
  bands: z.array(bandSchema).max(MOST_BANDS).readonly().nullable(),
  checks: z.array(z.string().max(LONGEST_CHECK)).max(MOST_CHECKS).readonly(),
  numbering: z.strictObject({ first: pageNumber, of: pageNumber }),
  /** Which of the pages the bands fill, from 0. */
  index: z.int().min(0).max(9999),
  own: ownLettersSchema.readonly(),
});
export type KeptPage = z.infer<typeof keptPageSchema>;

/** Reads a kept page from untrusted data. @throws Problem that names what is wrong. */
export const parseKeptPage = (data: unknown): KeptPage =>
  read(keptPageSchema, data, { what: 'the kept page' });

const SHEET_KEYS = new Set(Object.keys(sheetShape));

/** The sheet of a document, without what the document adds to it. */
const sheetOf = (document: Sheet): Sheet => {
  return sheetSchema.parse(
    Object.fromEntries(Object.entries(document).filter(([key]) => SHEET_KEYS.has(key))),
  );
};

/** One page of what was composed, to be kept. */
export const keptFrom = ({ recipe, bands, checks, numbering, own }: Composed, index: number): KeptPage => ({
  sheet: sheetOf(recipe),
  bands,
  checks,
  numbering,
  index,
  own,
});

/** A sheet that is only ruled, to be kept. */
export const keptSheet = (sheet: KeptPage['sheet'], own: KeptPage['own']): KeptPage => ({
  sheet: sheetOf(sheet),
  bands: null,
  checks: [],
  numbering: { first: 1, of: 1 },
  index: 0,
  own,
});

/** The page composed again; undefined for a sheet that is only ruled. The letters of its hand must have been fetched. */
export const composedAgain = ({ sheet, bands, checks, numbering, own }: KeptPage): Composed | undefined =>
  bands === null ? undefined : compose(sheet, { own, bands, checks, numbering });

/** The code of a page of a print. */
export const codeOf = (id: string, page: KeptPage): PageCode => ({
  id,
  page: page.numbering.first + page.index,
  of: page.numbering.of,
  hash: pageHash(JSON.stringify(page)),
});

/** The page as it was printed, its code on it. */
export function drawKept(page: KeptPage, code: PageCode): Drawing {
  const composed = composedAgain(page);
  const modules = codeModules(code);
  return composed ? drawPage(composed, page.index, modules) : ruleSheet(page.sheet, page.own, modules);
}
