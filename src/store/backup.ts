import { z } from 'zod';
import { KEPT_TABLE_NAMES } from '@/core/desk/keptTables';
import { fromNib } from '@/core/kit/item';
import { NIB_KINDS } from '@/core/kit/nib';
import { Problem } from '@/core/problem/problem';
import { read } from '@/core/problem/read';
import { BACKUP_FORMAT, commitRestore, dropRestore, stageRows } from './backupStream';
import { MOST_LISTS } from './wordLists';

/** Backups of version 1 were one JSON file; they can still be restored. */
export const BACKUP_JSON_VERSION = 1;

/** Maximum number of rows of a kind in such a backup: a bound on memory. */
const MOST_ROWS = 20_000;
const MOST_ITEMS = 200_000;
const list = (most: number) => z.array(z.unknown()).max(most);

const backupSchema = z.strictObject({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(BACKUP_JSON_VERSION),
  madeAt: z.iso.datetime(),
  sheets: list(MOST_ROWS),
  /** Only in the earliest backups, which had nibs and no other things. */
  nibs: z
    .array(
      z.strictObject({
        id: z.string().max(40),
        kind: z.enum(NIB_KINDS),
        label: z.string().max(80),
        width: z.number().positive().max(100),
        uncertainty: z.number().nonnegative().nullable(),
        measuredAt: z.iso.datetime().nullable(),
      }),
    )
    .max(MOST_ROWS)
    .default([]),
  items: list(MOST_ITEMS).default([]),
  records: list(MOST_ROWS).default([]),
  printedPages: list(MOST_ROWS).default([]),
  printers: list(MOST_ROWS),
  letterSets: list(100).default([]),
  wordLists: list(MOST_LISTS).default([]),
});

/** Batch size of staged rows. */
const ROWS_AT_A_TIME = 100;

/**
 * Replaces everything in the store by a backup of version 1, all or nothing. Answers how many rows of each table it was.
 * @throws Problem naming what cannot be read.
 */
export async function restoreJson(data: unknown, now: Date): Promise<Record<string, number>> {
  const head = z.looseObject({ format: z.unknown(), version: z.unknown() }).safeParse(data).data;
  if (head?.format !== BACKUP_FORMAT) {
    throw new Problem('format', 'This is not an Elvane backup: its “format” is not “elvane-backup”.');
  }
  if (typeof head.version === 'number' && head.version > BACKUP_JSON_VERSION) {
    throw new Problem(
      'version',
      `This backup is of version ${head.version}; as JSON this Elvane reads up to version ${BACKUP_JSON_VERSION}.`,
    );
  }
  const { nibs, ...backup } = read(backupSchema, data, { what: 'the backup' });
  const all = { ...backup, items: [...backup.items, ...nibs.map((nib) => fromNib(nib))] };
  const batch = crypto.randomUUID();
  const counts: Record<string, number> = {};
  try {
    for (const name of KEPT_TABLE_NAMES) {
      const rows = all[name];
      for (let first = 0; first < rows.length; first += ROWS_AT_A_TIME) {
        await stageRows(batch, name, first, rows.slice(first, first + ROWS_AT_A_TIME), now);
      }
      counts[name] = rows.length;
    }
    await commitRestore(batch, counts, now);
  } catch (error) {
    await dropRestore(batch);
    throw error;
  }
  return counts;
}
