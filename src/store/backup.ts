import { sql } from 'drizzle-orm';
import { z } from 'zod';
import { HANDS } from '@/core/hands/registry';
import { fromNib, itemSchema } from '@/core/kit/item';
import { NIB_KINDS } from '@/core/kit/nib';
import { ENTRY_KINDS, LONGEST_ENTRY } from '@/core/log/entry';
import { WORD_LIST_LIMITS } from '@/core/practice/words/wordList';
import { LETTER_SET_LIMITS } from '@/core/setting/letterSet';
import { openDatabase } from './client';
import { listItems, rowOf } from './items';
import { allRecords } from './records';
import { items, letterSets, printers, records, sheets, wordLists } from './schema';

/** One file that holds everything: plain JSON, readable by people, independent of where the database lives. */
export const BACKUP_FORMAT = 'elvane-backup';
export const BACKUP_VERSION = 1;

/** Most rows of a kind a backup may carry; far beyond a person's shelf, and a bound on memory. */
const MOST_ROWS = 20_000;
const MOST_ITEMS = 200_000;
/** A recipe with a page of practice bands, as JSON. */
const LONGEST_RECIPE = 64_000;
const text = (longest: number) => z.string().max(longest);
const time = z.iso.datetime();

export const backupSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(BACKUP_VERSION),
  madeAt: time,
  sheets: z
    .array(
      z.strictObject({
        id: text(40),
        name: text(80),
        recipe: text(LONGEST_RECIPE),
        createdAt: time,
        updatedAt: time,
        deletedAt: time.nullable(),
      }),
    )
    .max(MOST_ROWS),
  nibs: z
    .array(
      z.strictObject({
        id: text(40),
        kind: z.enum(NIB_KINDS),
        label: text(80),
        width: z.number().positive().max(100),
        uncertainty: z.number().nonnegative().nullable(),
        measuredAt: time.nullable(),
      }),
    )
    .max(MOST_ROWS)
    .default([]),
  /** Absent in the earliest backups, which had nibs only. */
  items: z.array(itemSchema).max(MOST_ITEMS).default([]),
  records: z
    .array(z.strictObject({ id: text(60), kind: z.enum(ENTRY_KINDS), data: text(LONGEST_ENTRY), at: time }))
    .max(MOST_ROWS)
    .default([]),
  printers: z
    .array(
      z.strictObject({
        id: text(40),
        name: text(80),
        measuredX: z.number().positive(),
        measuredY: z.number().positive(),
        selected: z.boolean(),
      }),
    )
    .max(MOST_ROWS),
  /** Absent in backups made before there were letter sets. */
  letterSets: z
    .array(z.strictObject({ hand: text(40), content: text(LETTER_SET_LIMITS.bytes) }))
    .max(HANDS.length)
    .default([]),
  /** Absent in backups made before there were word lists. */
  wordLists: z
    .array(z.strictObject({ id: text(40), name: text(80), content: text(WORD_LIST_LIMITS.bytes) }))
    .max(1)
    .default([]),
});

export type Backup = z.infer<typeof backupSchema>;

/** Everything in the store. */
export async function makeBackup(now: Date): Promise<Backup> {
  const db = await openDatabase();
  const [allSheets, allPrinters, allSets, allWords] = await db.batch([
    db.select().from(sheets),
    db.select().from(printers),
    db.select().from(letterSets),
    db.select().from(wordLists),
  ]);
  return {
    format: BACKUP_FORMAT,
    version: BACKUP_VERSION,
    madeAt: now.toISOString(),
    sheets: allSheets.map(({ revision: _, ...sheet }) => sheet),
    nibs: [],
    items: await listItems(),
    records: (await allRecords()).filter((record): record is Backup['records'][number] =>
      ENTRY_KINDS.some((kind) => kind === record.kind),
    ),
    printers: allPrinters,
    letterSets: allSets,
    wordLists: allWords,
  };
}

/** SQLite takes a bounded number of bound values a statement; rows go in by so many at a time. */
const ROWS_A_STATEMENT = 500;

/** Replaces everything in the store by the backup, all or nothing. */
export async function restoreBackup(backup: Backup, now: Date): Promise<void> {
  const db = await openDatabase();
  // No window has seen these rows: whatever it saves from what it has open is refused as stale.
  const revision = now.getTime();
  await db.batch([
    db.delete(sheets),
    db.delete(items),
    db.delete(records),
    db.delete(printers),
    db.delete(letterSets),
    db.delete(wordLists),
    ...chunks(backup.sheets.map((sheet) => ({ ...sheet, revision }))).map((rows) =>
      db.insert(sheets).values(rows),
    ),
    ...chunks([...backup.items, ...backup.nibs.map((nib) => fromNib(nib))].map(rowOf)).map((rows) =>
      db.insert(items).values(rows),
    ),
    ...chunks(backup.records).map((rows) => db.insert(records).values(rows)),
    ...chunks(backup.printers).map((rows) => db.insert(printers).values(rows)),
    ...chunks(backup.letterSets).map((rows) => db.insert(letterSets).values(rows)),
    ...chunks(backup.wordLists).map((rows) => db.insert(wordLists).values(rows)),
  ]);
}

function chunks<T>(rows: readonly T[]): T[][] {
  const found: T[][] = [];
  for (let i = 0; i < rows.length; i += ROWS_A_STATEMENT) found.push(rows.slice(i, i + ROWS_A_STATEMENT));
  return found;
}

/** Number of rows of each kind. */
export async function countRows(): Promise<Record<'sheets' | 'items' | 'printers', number>> {
  const db = await openDatabase();
  const count = { n: sql<number>`count(*)` };
  const [[s], [n], [p]] = await db.batch([
    db.select(count).from(sheets),
    db.select(count).from(items),
    db.select(count).from(printers),
  ]);
  return { sheets: s?.n ?? 0, items: n?.n ?? 0, printers: p?.n ?? 0 };
}
