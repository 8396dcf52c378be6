import type { SQLiteTable } from 'drizzle-orm/sqlite-core';
import { z } from 'zod';
import type { KeptTable } from '@/core/desk/keptTables';
import { parseDocument } from '@/core/document/document';
import { parseKeptPage } from '@/core/document/keptPage';
import { HANDS } from '@/core/hands/registry';
import { parseItem } from '@/core/kit/itemFormat';
import { LONGEST_ENTRY, readEntry } from '@/core/log/entry';
import { PRINT_ID } from '@/core/page/pageCode';
import { printerCorrection } from '@/core/page/printer';
import { WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import { read } from '@/core/problem/read';
import { parseLetterSet } from '@/core/setting/letterSet';
import { LETTER_SET_LIMITS } from '@/core/setting/letterSetFormat';
import { items, letterSets, printedPages, printers, records, sheets, wordLists } from './schema';

/** A piece with its text and a long list, as JSON: what a save takes at most (`DOCUMENT_BODY`). */
const LONGEST_DOCUMENT = 1024 * 1024;
const text = (longest: number) => z.string().max(longest);
const time = z.iso.datetime();

const sheetRow = z.strictObject({
  id: text(40),
  name: text(80),
  recipe: text(LONGEST_DOCUMENT),
  createdAt: time,
  updatedAt: time,
  deletedAt: time.nullable(),
});
const recordRow = z.strictObject({ id: text(60), kind: text(40), data: text(LONGEST_ENTRY), at: time });
const printerRow = z.strictObject({
  id: text(40),
  name: text(80),
  measuredX: z.number().positive(),
  measuredY: z.number().positive(),
  selected: z.boolean(),
});
const letterSetRow = z.strictObject({
  hand: z.enum(HANDS.map(({ id }) => id)),
  content: text(LETTER_SET_LIMITS.bytes),
});
const printedPageRow = z.strictObject({
  id: text(40),
  print: z.string().regex(PRINT_ID),
  page: z.int().min(1).max(9999),
  of: z.int().min(1).max(9999),
  hash: text(10),
  title: text(200),
  engine: text(40),
  at: time,
  data: text(LONGEST_DOCUMENT),
});
const wordListRow = z.strictObject({ id: text(40), name: text(80), content: text(WORD_LIST_LIMITS.bytes) });

/** Parses the JSON inside a row with its own reader; an error names the row. */
function inside(name: string, json: string, check: (data: unknown) => unknown): void {
  try {
    check(JSON.parse(json));
  } catch (error) {
    const why = error instanceof Problem ? error.message : 'it is not JSON.';
    throw new Problem('backup', `${name} in this backup cannot be read: ${why} Nothing was changed.`);
  }
}

interface Kept {
  readonly table: SQLiteTable;
  /** Columns that a backup holds. */
  readonly columns: readonly string[];
  /** Reads a row from untrusted data, by the same schemas as on entry. @throws Problem */
  readonly row: (data: unknown) => object;
}

/** How each kept table is stored and read. A new table is an entry here and one in `KEPT_TABLES`. */
export const BACKUP_TABLES = {
  sheets: {
    table: sheets,
    columns: ['id', 'name', 'recipe', 'createdAt', 'updatedAt', 'deletedAt'],
    row: (data: unknown) => {
      const row = read(sheetRow, data, { what: 'the sheet' });
      inside(`The sheet “${row.name}”`, row.recipe, parseDocument);
      return row;
    },
  },
  items: {
    table: items,
    columns: ['id', 'kind', 'label', 'archived', 'data'],
    row: (data: unknown) => {
      const item = parseItem(data);
      return {
        id: item.id,
        kind: item.kind,
        label: item.label,
        archived: item.archived,
        data: JSON.stringify(item),
      };
    },
  },
  records: {
    table: records,
    columns: ['id', 'kind', 'data', 'at'],
    row: (data: unknown) => {
      const row = read(recordRow, data, { what: 'the record' });
      inside(`The ${row.kind} “${row.id}”`, row.data, (entry) => readEntry(row.kind, entry));
      return row;
    },
  },
  printers: {
    table: printers,
    columns: ['id', 'name', 'measuredX', 'measuredY', 'selected'],
    row: (data: unknown) => {
      const row = read(printerRow, data, { what: 'the printer' });
      printerCorrection(row.measuredX, row.measuredY);
      return row;
    },
  },
  letterSets: {
    table: letterSets,
    columns: ['hand', 'content'],
    row: (data: unknown) => {
      const row = read(letterSetRow, data, { what: 'the letter set' });
      inside(`The letter set of ${row.hand}`, row.content, parseLetterSet);
      return row;
    },
  },
  wordLists: {
    table: wordLists,
    columns: ['id', 'name', 'content'],
    row: (data: unknown) => read(wordListRow, data, { what: 'the word list' }),
  },
  printedPages: {
    table: printedPages,
    columns: ['id', 'print', 'page', 'of', 'hash', 'title', 'engine', 'at', 'data'],
    row: (data: unknown) => {
      const row = read(printedPageRow, data, { what: 'the printed page' });
      inside(`The printed page ${row.page} of ${row.print}`, row.data, parseKeptPage);
      return row;
    },
  },
} as const satisfies Readonly<Record<KeptTable, Kept>>;
