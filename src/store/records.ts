import { and, asc, desc, eq, gte, inArray } from 'drizzle-orm';
import { ABOUT_ID, type About } from '@/core/about/about';
import { entriesOf } from '@/core/log/entriesOf';
import { type Entry, type EntryData, type EntryKind, readEntries, readEntry } from '@/core/log/entry';
import { merge } from '@/core/problem/merge';
import { asOneStep, ChangedElsewhere } from './changes';
import { openDatabase } from './client';
import { dropUnusedPictures } from './pictures';
import { records } from './schema';
import { forgetSession, keepSession, readSession } from './study';

/** An entry as stored; its data is JSON that `core/log` reads. */
export interface DeskRecord {
  readonly id: string;
  readonly kind: string;
  readonly data: string;
  readonly at: string;
}

/** Maximum and default number of entries returned. */
export const MOST_RECORDS = 2000;

/** Filter of entries. */
export interface Wanted {
  readonly kinds: readonly EntryKind[];
  /** Not older than this. */
  readonly since?: Date;
  readonly limit?: number;
}

/** The latest entries of some kinds, oldest of them first; what cannot be read is passed over. */
export async function listRecords({ kinds, since, limit = MOST_RECORDS }: Wanted): Promise<Entry[]> {
  if (kinds.length === 0) return [];
  const db = await openDatabase();
  const found = await db
    .select()
    .from(records)
    .where(and(inArray(records.kind, [...kinds]), since ? gte(records.at, since.toISOString()) : undefined))
    .orderBy(desc(records.at))
    .limit(Math.min(limit, MOST_RECORDS));
  return readEntries(found.reverse());
}

/** One entry; undefined where there is none, or it cannot be read. */
export async function findRecord(id: string): Promise<Entry | undefined> {
  const db = await openDatabase();
  return readEntries(await db.select().from(records).where(eq(records.id, id)).limit(1))[0];
}

/** Entries by their ids, in no order. */
export async function findRecords(ids: readonly string[]): Promise<Entry[]> {
  if (ids.length === 0) return [];
  const db = await openDatabase();
  return readEntries(
    await db
      .select()
      .from(records)
      .where(inArray(records.id, [...ids])),
  );
}

/** Every entry there is, oldest first: for a backup. */
export async function allRecords(): Promise<DeskRecord[]> {
  const db = await openDatabase();
  return db.select().from(records).orderBy(asc(records.at));
}

/**
 * Merges two changes of an entry.
 * @throws ChangedElsewhere where both changed one thing, and differently.
 */
function settled<K extends EntryKind>(
  kind: K,
  was: unknown,
  mine: unknown,
  theirs: unknown,
): EntryData<EntryKind> {
  const merged = merge({ was, mine, theirs });
  if (merged.kind === 'merged') return readEntry(kind, merged.value);
  const [field = 'data'] = merged.path;
  throw new ChangedElsewhere(
    'This was also changed in another window, and differently: the kept version is shown now. Change it again if it is not what you want.',
    field,
    theirs,
  );
}

/**
 * Keeps an entry that was read as `was` (null where there was none) and that others may have changed since: both changes
 * are kept. Answers it as it is kept.
 * @throws ChangedElsewhere where both changed one thing, and differently.
 */
export async function changeRecord({ id, kind, data, at }: Entry, was: unknown): Promise<Entry> {
  if (kind === 'session') {
    let kept = readSession(JSON.stringify(data));
    await keepSession(id, kept, (stored) => {
      kept = stored ? readSession(JSON.stringify(settled('session', was, data, stored))) : kept;
      return kept;
    });
    return { id, kind, data: kept, at };
  }
  const db = await openDatabase();
  await forgetInPlaceOf(id);
  return asOneStep(async () => {
    const [row] = await db.select().from(records).where(eq(records.id, id)).limit(1);
    if (!row) {
      const text = JSON.stringify(data);
      const made = await db
        .insert(records)
        .values({ id, kind, data: text, at })
        .onConflictDoNothing()
        .returning();
      return made[0] && { id, kind, data, at };
    }
    const [theirs] = readEntries([row]);
    const next = theirs?.kind === kind ? settled(kind, was, data, theirs.data) : data;
    const changed = await db
      .update(records)
      .set({ kind, data: JSON.stringify(next), at })
      .where(and(eq(records.id, id), eq(records.data, row.data)))
      .returning();
    return changed[0] && { id, kind, data: next, at };
  });
}

/** Takes a session back, with what came of it, whose place another kind of record is about to take. */
async function forgetInPlaceOf(id: string): Promise<void> {
  if ((await findRecord(id))?.kind === 'session') await forgetSession(id);
}

/** Inserts the record or overwrites the one with its id; a session with all that comes of it. */
export async function saveRecord(record: DeskRecord): Promise<void> {
  if (record.kind === 'session') return keepSession(record.id, readSession(record.data));
  const db = await openDatabase();
  await forgetInPlaceOf(record.id);
  const { id: _, ...values } = record;
  await db.insert(records).values(record).onConflictDoUpdate({ target: records.id, set: values });
}

export async function deleteRecord(id: string): Promise<void> {
  const db = await openDatabase();
  const [found] = await db
    .select({ kind: records.kind, data: records.data })
    .from(records)
    .where(eq(records.id, id))
    .limit(1);
  if (found?.kind === 'session') return forgetSession(id);
  await db.delete(records).where(eq(records.id, id));
  // The picture of a page goes with what was measured of it, at once; with the last letter of it that was kept as a model.
  const gone = found ? readEntries([{ id, at: '', ...found }]) : [];
  for (const { picture } of [...entriesOf('review', gone), ...entriesOf('model', gone)]) {
    await dropUnusedPictures(new Date(), picture);
  }
}

/** What the scribe has said of themselves; undefined where nothing was asked yet. */
export async function findAbout(): Promise<About | undefined> {
  const db = await openDatabase();
  const rows = await db.select().from(records).where(eq(records.id, ABOUT_ID)).limit(1);
  const [found] = entriesOf('about', readEntries(rows));
  if (!found) return undefined;
  const { entryId: _, ...about } = found;
  return about;
}
