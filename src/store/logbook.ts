import { and, desc, eq, gte, inArray, lt, ne, or, sql } from 'drizzle-orm';
import { entriesOf } from '@/core/log/entriesOf';
import { type Entry, type EntryKind, readEntries } from '@/core/log/entry';
import { holds } from '@/core/log/search';
import type { Session } from '@/core/log/session';
import { type Fate, fateOf, type LoggedSession } from '@/core/log/sessionCsv';
import { type Counted, countedSchema } from '@/core/log/summary';
import { openDatabase } from './client';
import { records } from './schema';
import { rebuildStudy } from './study';

/** Entries of one screen of the logbook. */
export const A_SCREEN = 40;

/** Filter of the logbook. */
export interface LogWanted {
  readonly kinds: readonly EntryKind[];
  /** Only entries that contain this text. */
  readonly text?: string;
  /** Older than this entry. */
  readonly before?: { readonly at: string; readonly id: string };
  readonly limit?: number;
}

/** Batch size of the search through entries. */
const LOOKED_AT = 400;

/** A screen of the logbook, the latest first; never all of it. */
export async function listLog({ kinds, text, before, limit = A_SCREEN }: LogWanted): Promise<Entry[]> {
  if (!text?.trim()) return entriesBefore(kinds, before, limit);
  const found: Entry[] = [];
  for (let last = before; ; ) {
    const read = await entriesBefore(kinds, last, LOOKED_AT);
    found.push(...read.filter((entry) => holds(entry, text)));
    const end = read.at(-1);
    if (found.length >= limit || read.length < LOOKED_AT || !end) return found.slice(0, limit);
    last = { at: end.at, id: end.id };
  }
}

async function entriesBefore(
  kinds: readonly EntryKind[],
  before: LogWanted['before'],
  limit: number,
): Promise<Entry[]> {
  const db = await openDatabase();
  const rows = await db
    .select()
    .from(records)
    .where(
      and(
        inArray(records.kind, [...kinds]),
        before
          ? or(lt(records.at, before.at), and(eq(records.at, before.at), lt(records.id, before.id)))
          : undefined,
      ),
    )
    .orderBy(desc(records.at), desc(records.id))
    .limit(limit);
  return readEntries(rows);
}

/** The fields that are counted of sessions since a time; nothing else is read, since there may be ten years of them. */
export async function countedSince(since: Date, limit: number): Promise<Counted[]> {
  const db = await openDatabase();
  const of = (field: string) => sql<string>`json_extract(${records.data}, ${`$.${field}`})`;
  const rows = await db
    .select({ hand: of('hand'), began: of('began'), minutes: of('minutes'), checks: of('checks') })
    .from(records)
    .where(and(eq(records.kind, 'session'), gte(records.at, since.toISOString())))
    .orderBy(desc(records.at))
    .limit(limit);
  return rows.flatMap(({ checks, ...row }) => {
    const read = countedSchema.safeParse({ ...row, checks: JSON.parse(checks ?? '[]') });
    return read.success ? [read.data] : [];
  });
}

const logged = (rows: Parameters<typeof readEntries>[0]): LoggedSession[] =>
  entriesOf('session', readEntries(rows)).map(({ entryId, ...session }) => ({ id: entryId, session }));

/** Batch size of sessions read for a file. */
const AT_A_TIME = 500;

/** All sessions, part by part, the earliest first: for a file. */
export async function* allSessions(): AsyncGenerator<LoggedSession[]> {
  const db = await openDatabase();
  for (let last: { at: string; id: string } | undefined; ; ) {
    const rows = await db
      .select()
      .from(records)
      .where(
        and(
          eq(records.kind, 'session'),
          last
            ? or(
                sql`${records.at} > ${last.at}`,
                and(eq(records.at, last.at), sql`${records.id} > ${last.id}`),
              )
            : undefined,
        ),
      )
      .orderBy(records.at, records.id)
      .limit(AT_A_TIME);
    yield logged(rows);
    const end = rows.at(-1);
    if (!end || rows.length < AT_A_TIME) return;
    last = { at: end.at, id: end.id };
  }
}

/** The given sessions that are already logged, by their ids. */
async function loggedAlready(sessions: readonly LoggedSession[]): Promise<ReadonlyMap<string, Session>> {
  const db = await openDatabase();
  const before = new Map<string, Session>();
  for (let i = 0; i < sessions.length; i += AT_A_TIME) {
    const ids = sessions.slice(i, i + AT_A_TIME).map(({ id }) => id);
    const rows = await db.select().from(records).where(inArray(records.id, ids));
    for (const { id, session } of logged(rows)) before.set(id, session);
  }
  return before;
}

/** What becomes of sessions beside those that are logged. */
export async function fatesOf(sessions: readonly LoggedSession[]): Promise<Fate[]> {
  const before = await loggedAlready(sessions);
  return sessions.map(({ id, session }) => fateOf(session, before.get(id)));
}

/**
 * Lays sessions of a file in the logbook, all or nothing; what was practised is worked out anew in the same step. The bench is
 * left as it is. A session whose id another kind of record has gets one of its own: it never takes that record's place.
 */
export async function importSessions(sessions: readonly LoggedSession[]): Promise<void> {
  if (sessions.length === 0) return;
  const [before, taken] = await Promise.all([loggedAlready(sessions), takenByOthers(sessions)]);
  await rebuildStudy(
    sessions.map(({ id, session }) => {
      const here = before.has(id) && !before.get(id)?.elsewhere;
      return {
        id: taken.has(id) ? `ses-${crypto.randomUUID()}` : id,
        session: here ? session : { ...session, elsewhere: true },
      };
    }),
  );
}

/** Ids of sessions that records of another kind have. */
async function takenByOthers(sessions: readonly LoggedSession[]): Promise<ReadonlySet<string>> {
  const db = await openDatabase();
  const taken = new Set<string>();
  for (let i = 0; i < sessions.length; i += AT_A_TIME) {
    const ids = sessions.slice(i, i + AT_A_TIME).map(({ id }) => id);
    const rows = await db
      .select({ id: records.id })
      .from(records)
      .where(and(inArray(records.id, ids), ne(records.kind, 'session')));
    for (const { id } of rows) taken.add(id);
  }
  return taken;
}
