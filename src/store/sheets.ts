import { and, desc, eq, isNull, lt, sql } from 'drizzle-orm';
import { openDatabase } from './client';
import { sheets } from './schema';

/** A sheet as stored. `recipe` is JSON text that the reader parses. */
export interface StoredSheet {
  readonly id: string;
  readonly name: string;
  readonly recipe: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly revision: number;
}

const columns = {
  id: sheets.id,
  name: sheets.name,
  recipe: sheets.recipe,
  createdAt: sheets.createdAt,
  updatedAt: sheets.updatedAt,
  revision: sheets.revision,
};

/** Maximum number of sheets on the shelf, the newest first. */
const SHELF_LIMIT = 500;

/** Sheets on the shelf, latest first. */
export async function listSheets(): Promise<StoredSheet[]> {
  const db = await openDatabase();
  return db
    .select(columns)
    .from(sheets)
    .where(isNull(sheets.deletedAt))
    .orderBy(desc(sheets.updatedAt))
    .limit(SHELF_LIMIT);
}

/** Sheets on the shelf, latest first, without what was made of them. */
export async function listSheetHeads(): Promise<Omit<StoredSheet, 'recipe'>[]> {
  const db = await openDatabase();
  const { recipe: _, ...heads } = columns;
  return db
    .select(heads)
    .from(sheets)
    .where(isNull(sheets.deletedAt))
    .orderBy(desc(sheets.updatedAt))
    .limit(SHELF_LIMIT);
}

/** Batch size when usually only the first sheet is needed. */
const AT_ONCE = 5;

/** The same sheets as a generator that reads a few at a time, for callers that look for the latest of some kind. */
export async function* latestSheets(): AsyncGenerator<StoredSheet, void> {
  const db = await openDatabase();
  for (let from = 0; from < SHELF_LIMIT; from += AT_ONCE) {
    const rows = await db
      .select(columns)
      .from(sheets)
      .where(isNull(sheets.deletedAt))
      .orderBy(desc(sheets.updatedAt))
      .limit(AT_ONCE)
      .offset(from);
    yield* rows;
    if (rows.length < AT_ONCE) return;
  }
}

/** The sheet with this id, unless deleted. */
export async function findSheet(id: string): Promise<StoredSheet | undefined> {
  const db = await openDatabase();
  const [sheet] = await db
    .select(columns)
    .from(sheets)
    .where(and(eq(sheets.id, id), isNull(sheets.deletedAt)));
  return sheet;
}

/** Result of a save: the sheet's new revision, or the sheet as it is stored now (none when deleted). */
export type Saved =
  | { readonly kind: 'saved'; readonly revision: number }
  | { readonly kind: 'stale'; readonly theirs: StoredSheet | undefined };

/** A sheet that nobody has saved yet. */
export const UNSAVED = 0;

/**
 * Saves a sheet that was read at revision `basedOn`; refused when it has been saved or deleted since. `UNSAVED` makes a
 * new sheet; without a revision whatever is there is overwritten, and a deleted sheet comes back.
 */
export async function saveSheet(
  sheet: { id: string; name: string; recipe: string },
  now: Date,
  basedOn?: number,
): Promise<Saved> {
  const db = await openDatabase();
  const updatedAt = now.toISOString();
  const next = sql<number>`${sheets.revision} + 1`;
  const made = { ...sheet, createdAt: updatedAt, updatedAt, deletedAt: null };
  const changed = { name: sheet.name, recipe: sheet.recipe, updatedAt, deletedAt: null, revision: next };
  const revision = { revision: sheets.revision };
  const [row] =
    basedOn === undefined
      ? await db
          .insert(sheets)
          .values(made)
          .onConflictDoUpdate({ target: sheets.id, set: changed })
          .returning(revision)
      : basedOn === UNSAVED
        ? await db.insert(sheets).values(made).onConflictDoNothing().returning(revision)
        : await db
            .update(sheets)
            .set(changed)
            .where(and(eq(sheets.id, sheet.id), eq(sheets.revision, basedOn), isNull(sheets.deletedAt)))
            .returning(revision);
  return row ? { kind: 'saved', ...row } : { kind: 'stale', theirs: await findSheet(sheet.id) };
}

/** Takes a sheet off the shelf, to be brought back by `restoreSheet`. Answers whether there was one. */
export async function deleteSheet(id: string, now: Date): Promise<boolean> {
  const db = await openDatabase();
  const changed = await db
    .update(sheets)
    .set({ deletedAt: now.toISOString() })
    .where(and(eq(sheets.id, id), isNull(sheets.deletedAt)))
    .returning({ id: sheets.id });
  return changed.length > 0;
}

/** Undoes a deletion. Answers whether there was one to undo. */
export async function restoreSheet(id: string): Promise<boolean> {
  const db = await openDatabase();
  const changed = await db
    .update(sheets)
    .set({ deletedAt: null })
    .where(eq(sheets.id, id))
    .returning({ id: sheets.id });
  return changed.length > 0;
}

/** Permanently removes sheets deleted before `before`. */
export async function purgeSheets(before: Date): Promise<void> {
  const db = await openDatabase();
  await db.delete(sheets).where(lt(sheets.deletedAt, before.toISOString()));
}
