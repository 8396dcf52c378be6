import { sql } from 'drizzle-orm';
import { openDatabase } from './client';
import { items, printers, records, sheets } from './schema';

/** Number of rows of each kind. */
export async function countRows(): Promise<Record<'sheets' | 'items' | 'printers' | 'records', number>> {
  const db = await openDatabase();
  const count = { n: sql<number>`count(*)` };
  const [[s], [n], [p], [r]] = await db.batch([
    db.select(count).from(sheets),
    db.select(count).from(items),
    db.select(count).from(printers),
    db.select(count).from(records),
  ]);
  return { sheets: s?.n ?? 0, items: n?.n ?? 0, printers: p?.n ?? 0, records: r?.n ?? 0 };
}

/** Whether the desk is empty: nothing on the shelf, nothing on the bench. */
export async function isEmptyDesk(): Promise<boolean> {
  const { sheets: onShelf, items: onBench } = await countRows();
  return onShelf === 0 && onBench === 0;
}
