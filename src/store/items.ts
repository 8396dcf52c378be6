import { asc, eq, inArray, lt, sql } from 'drizzle-orm';
import type { Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { openDatabase } from './client';
import { items, stagedItems } from './schema';

/** An item as a row of the table. */
export const rowOf = (item: Item) => ({
  id: item.id,
  kind: item.kind,
  label: item.label,
  archived: item.archived,
  data: JSON.stringify(item),
});

/** A row that can no longer be read is left out and stays in the store. */
function readable(data: string): Item[] {
  try {
    return [parseItem(JSON.parse(data))];
  } catch {
    return [];
  }
}

/** The bench, by kind and name. */
export async function listItems(): Promise<Item[]> {
  const db = await openDatabase();
  const rows = await db.select({ data: items.data }).from(items).orderBy(asc(items.kind), asc(items.label));
  return rows.flatMap(({ data }) => readable(data));
}

export async function findItem(id: string): Promise<Item | undefined> {
  const db = await openDatabase();
  const [row] = await db.select({ data: items.data }).from(items).where(eq(items.id, id)).limit(1);
  return row && readable(row.data)[0];
}

/** Inserts the items or overwrites those with their ids, all or nothing. */
export async function saveItems(list: readonly Item[]): Promise<void> {
  if (list.length === 0) return;
  const db = await openDatabase();
  const upserts = list.map(rowOf).map((row) => {
    const { id: _, ...values } = row;
    return db.insert(items).values(row).onConflictDoUpdate({ target: items.id, set: values });
  });
  await db.batch(upserts as [(typeof upserts)[number], ...typeof upserts]);
}

/** Removes items. Answers them, so that the deletion can be undone by saving them again. */
export async function deleteItems(ids: readonly string[]): Promise<Item[]> {
  if (ids.length === 0) return [];
  const db = await openDatabase();
  const gone = await db
    .delete(items)
    .where(inArray(items.id, [...ids]))
    .returning({ data: items.data });
  return gone.flatMap(({ data }) => readable(data));
}

/** Rows a statement: SQLite takes a bounded number of bound values. */
const ROWS_A_STATEMENT = 400;

/** Puts rows of a file aside. Nothing of them is on the bench until `commitBatch`. */
export async function stageItems(batch: string, list: readonly Item[], now: Date): Promise<void> {
  const db = await openDatabase();
  const stagedAt = now.toISOString();
  for (let i = 0; i < list.length; i += ROWS_A_STATEMENT) {
    const rows = list
      .slice(i, i + ROWS_A_STATEMENT)
      .map((item) => ({ batch, id: item.id, data: JSON.stringify(item), stagedAt }));
    await db
      .insert(stagedItems)
      .values(rows)
      .onConflictDoUpdate({
        target: [stagedItems.batch, stagedItems.id],
        set: { data: sql`excluded.data` },
      });
  }
}

/** Lays a staged file on the bench, in one go. Answers how many things it was. */
export async function commitBatch(batch: string): Promise<number> {
  const db = await openDatabase();
  const [count] = await db
    .select({ n: sql<number>`count(*)` })
    .from(stagedItems)
    .where(eq(stagedItems.batch, batch));
  await db.batch([
    db.run(sql`
      INSERT OR REPLACE INTO items (id, kind, label, archived, data)
      SELECT id, json_extract(data, '$.kind'), json_extract(data, '$.label'),
             coalesce(json_extract(data, '$.archived'), 0), data
      FROM staged_items WHERE batch = ${batch}`),
    db.delete(stagedItems).where(eq(stagedItems.batch, batch)),
  ]);
  return count?.n ?? 0;
}

/** Throws a staged file away. */
export async function dropBatch(batch: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedItems).where(eq(stagedItems.batch, batch));
}

/** Throws away what was staged before a moment and never finished. */
export async function dropStaleBatches(before: Date): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedItems).where(lt(stagedItems.stagedAt, before.toISOString()));
}
