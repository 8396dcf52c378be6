import { sql } from 'drizzle-orm';
import { openDatabase } from './client';
import { items, printers, sheets } from './schema';

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
