import { eq } from 'drizzle-orm';
import { KEPT_TABLE_NAMES, type KeptTable } from '@/core/desk/keptTables';
import { keyOf, rowsOf } from './backupStream';
import { BACKUP_TABLES } from './backupTables';
import { openDatabase } from './client';

/** A row of the store that its own schema cannot read: written by another version, or damaged. */
export interface UnreadableRow {
  readonly table: KeptTable;
  readonly key: string;
  readonly why: string;
  /** What is there, as JSON text. */
  readonly content: string;
}

/** Maximum number of rows listed: somebody must look at each. */
const MOST_LISTED = 100;

/** Rows that cannot be read and that nothing shows; at most a hundred. */
export async function listUnreadable(): Promise<UnreadableRow[]> {
  const db = await openDatabase();
  const found: UnreadableRow[] = [];
  for (const table of KEPT_TABLE_NAMES) {
    for await (const { key, row, why } of rowsOf(db, table)) {
      if (why === undefined) continue;
      found.push({ table, key, why, content: JSON.stringify(row) });
      if (found.length === MOST_LISTED) return found;
    }
  }
  return found;
}

/** Removes a row that cannot be read; a readable one stays. Answers whether it was removed. */
export async function removeUnreadable(table: KeptTable, key: string): Promise<boolean> {
  const rows = await listUnreadable();
  if (!rows.some((row) => row.table === table && row.key === key)) return false;
  const db = await openDatabase();
  await db.delete(BACKUP_TABLES[table].table).where(eq(keyOf(table), key));
  return true;
}
