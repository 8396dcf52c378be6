import { and, asc, eq, inArray, lt, sql } from 'drizzle-orm';
import type { Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { lookUp } from '@/core/measure/lookUp';
import { merge } from '@/core/problem/merge';
import { asOneStep, ChangedElsewhere } from './changes';
import { openDatabase } from './client';
import { readItem } from './readItem';
import { items, stagedItems } from './schema';

/** An item as a row of the table. */
export const rowOf = (item: Item) => ({
  id: item.id,
  kind: item.kind,
  label: item.label,
  archived: item.archived,
  data: JSON.stringify(item),
});

/** The bench, by kind and name. */
export async function listItems(): Promise<Item[]> {
  const db = await openDatabase();
  const rows = await db.select({ data: items.data }).from(items).orderBy(asc(items.kind), asc(items.label));
  return rows.flatMap(({ data }) => readItem(data) ?? []);
}

export async function findItem(id: string): Promise<Item | undefined> {
  const db = await openDatabase();
  const [row] = await db.select({ data: items.data }).from(items).where(eq(items.id, id)).limit(1);
  return row && readItem(row.data);
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

/** A change of some facts of a thing: their values when they were read, and their new values. */
export interface ItemChange {
  readonly id: string;
  readonly was: Readonly<Record<string, unknown>>;
  readonly now: Readonly<Record<string, unknown>>;
}

/**
 * Changes some facts of a thing and leaves all others as they are stored: hours that were logged meanwhile stay. Answers
 * the thing as it is now.
 * @throws ChangedElsewhere where a fact was changed otherwise since it was read, or the thing is gone; Problem where what
 * it becomes cannot be.
 */
export async function changeItem({ id, was, now }: ItemChange): Promise<Item> {
  const db = await openDatabase();
  return asOneStep(async () => {
    const [row] = await db.select({ data: items.data }).from(items).where(eq(items.id, id)).limit(1);
    if (!row) throw new ChangedElsewhere('This thing was taken off the bench in another window.', 'id', null);
    const stored = readItem(row.data);
    const kept: Readonly<Record<string, unknown>> = stored ?? JSON.parse(row.data);
    const theirs = Object.fromEntries(Object.keys(now).map((key) => [key, lookUp(kept, key) ?? null]));
    const merged = merge({ was, mine: now, theirs });
    if (merged.kind === 'conflict') {
      const [field = 'id'] = merged.path;
      throw new ChangedElsewhere(
        `This was changed in another window: it is ${say(lookUp(kept, field))} there.`,
        field,
        kept,
      );
    }
    const next = parseItem({ ...kept, ...(merged.value as object) });
    const { id: _, ...values } = rowOf(next);
    const [written] = await db
      .update(items)
      .set(values)
      .where(and(eq(items.id, id), eq(items.data, row.data)))
      .returning({ id: items.id });
    return written && next;
  });
}

/** A fact in a sentence. */
const say = (fact: unknown): string =>
  fact === null || fact === undefined || fact === '' ? 'not known' : `“${String(fact)}”`;

/** Removes items. Answers them, so that the deletion can be undone by saving them again. */
export async function deleteItems(ids: readonly string[]): Promise<Item[]> {
  if (ids.length === 0) return [];
  const db = await openDatabase();
  const gone = await db
    .delete(items)
    .where(inArray(items.id, [...ids]))
    .returning({ data: items.data });
  return gone.flatMap(({ data }) => readItem(data) ?? []);
}

/** Rows per statement: SQLite limits the number of bound values. */
const ROWS_A_STATEMENT = 400;

/** Stages rows of a file. The bench is unchanged until `commitBatch`. */
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

/** Puts a staged file on the bench in one transaction. Returns the number of things. */
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

/** Discards a staged file. */
export async function dropBatch(batch: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedItems).where(eq(stagedItems.batch, batch));
}

/** Discards files staged before a time and never committed. */
export async function dropStaleBatches(before: Date): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedItems).where(lt(stagedItems.stagedAt, before.toISOString()));
}
