import { and, asc, count, eq, gt, inArray, sql } from 'drizzle-orm';
import { type HandId, isHand } from '@/core/hands/registry';
import { type Used, usedBy } from '@/core/kit/use';
import { entriesOf } from '@/core/log/entriesOf';
import { readEntries, readEntry } from '@/core/log/entry';
import type { Session } from '@/core/log/session';
import { lookUp } from '@/core/measure/lookUp';
import { inOrder, type KeptRating, memoryOf, ratingsOf, withRating } from '@/core/study/history';
import { memorySchema, ratingsSchema } from '@/core/study/historyFormat';
import { isKnown, type Memory } from '@/core/study/memory';
import { ofKey } from '@/core/study/unit';
import { asOneBatch, stillIs } from './changes';
import { type Database, openDatabase } from './client';
import { findItem } from './items';
import { items, records, study } from './schema';

/** Changes are serialised: each reads what the one before has written. */
let turn: Promise<unknown> = Promise.resolve();
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const mine = turn.then(work, work);
  turn = mine.catch(() => undefined);
  return mine;
}

/** What is remembered of a hand, by the keys of units. What cannot be read counts as new, and is written anew with the next rating. */
export async function memoriesOf(hand: HandId): Promise<Map<string, Memory>> {
  const db = await openDatabase();
  const rows = await db
    .select({ unit: study.unit, memory: study.memory })
    .from(study)
    .where(eq(study.hand, hand));
  return new Map(
    rows.flatMap(({ unit, memory }) => {
      const read = memorySchema.safeParse(parsed(memory));
      return read.success ? [[unit, read.data] as const] : [];
    }),
  );
}

/** Letters that are known, hand by hand: those that were not off the last time. */
export async function lettersLearned(): Promise<Readonly<Partial<Record<HandId, readonly string[]>>>> {
  const db = await openDatabase();
  const rows = await db
    .select({ hand: study.hand, unit: study.unit, memory: study.memory })
    .from(study)
    .where(sql`${study.unit} like 'letter:%'`);
  const learned: Partial<Record<HandId, string[]>> = {};
  for (const { hand, unit, memory } of rows) {
    const letter = ofKey(unit)?.of;
    if (!isHand(hand) || letter === undefined || !isKnown(memorySchema.safeParse(parsed(memory)).data))
      continue;
    learned[hand] = [...(lookUp(learned, hand) ?? []), letter];
  }
  return learned;
}

/** All ratings of one unit, the earliest first. */
export async function ratingsOfUnit(hand: HandId, unit: string): Promise<readonly KeptRating[]> {
  const db = await openDatabase();
  const [row] = await db
    .select({ ratings: study.ratings })
    .from(study)
    .where(and(eq(study.hand, hand), eq(study.unit, unit)))
    .limit(1);
  return row ? readRatings(row.ratings) : [];
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
const readRatings = (text: string): KeptRating[] => ratingsSchema.safeParse(parsed(text)).data ?? [];

/** A session as it is stored, and the text it is stored as; null where there is no record of that id. */
async function findSession(id: string): Promise<{ stored: Session | undefined; text: string | null }> {
  const db = await openDatabase();
  const rows = await db.select().from(records).where(eq(records.id, id)).limit(1);
  const [found] = entriesOf('session', readEntries(rows));
  const text = rows[0]?.data ?? null;
  if (!found) return { stored: undefined, text };
  const { entryId: _, ...stored } = found;
  return { stored, text };
}

/** First statement of a batch that reads before it writes: it acquires the write lock. */
const firstToWrite = (db: Database) => db.delete(study).where(sql`0`);

const recordIs = (db: Database, id: string, text: string | null) =>
  db.run(stillIs(sql`select data from records where id = ${id}`, text));

/**
 * Keeps a session, new or changed: its record, what it says of what was practised, and what it used; all or nothing.
 * `settle` brings it together with what is stored by then.
 */
export const keepSession = (
  id: string,
  mine: Session,
  settle: (stored: Session | undefined) => Session = () => mine,
): Promise<void> =>
  inTurn(() =>
    asOneBatch(async () => {
      const db = await openDatabase();
      const { stored: before, text } = await findSession(id);
      const session = settle(before);
      const row = {
        kind: 'session',
        data: JSON.stringify(session),
        at: new Date(session.ended).toISOString(),
      };
      await db.batch([
        firstToWrite(db),
        recordIs(db, id, text),
        db
          .insert(records)
          .values({ id, ...row })
          .onConflictDoUpdate({ target: records.id, set: row }),
        ...(await restudied(id, before, session)),
        ...(await used(before, session)),
      ]);
    }),
  ).then(() => undefined);

/** Takes a session back, with all that came of it. */
export const forgetSession = (id: string): Promise<void> =>
  inTurn(() =>
    asOneBatch(async () => {
      const db = await openDatabase();
      const { stored: before, text } = await findSession(id);
      await db.batch([
        firstToWrite(db),
        recordIs(db, id, text),
        db.delete(records).where(eq(records.id, id)),
        ...(await restudied(id, before, undefined)),
        ...(await used(before, undefined)),
      ]);
    }),
  ).then(() => undefined);

/** The statements that bring what is remembered up to date with one session put in, changed or taken out. */
async function restudied(id: string, before: Session | undefined, after: Session | undefined) {
  const db = await openDatabase();
  const hands = new Set([before?.hand, after?.hand].flatMap((hand) => hand ?? []));
  const statements = [];
  for (const hand of hands) {
    const now = after?.hand === hand ? ratingsOf(id, after) : new Map<string, KeptRating>();
    const units = [...new Set([...(before?.hand === hand ? before.units : []), ...now.keys()])];
    if (units.length === 0) continue;
    const rows = await db
      .select()
      .from(study)
      .where(and(eq(study.hand, hand), inArray(study.unit, units)));
    const known = new Map(rows.map((row) => [row.unit, row.ratings]));
    for (const unit of units) {
      const was = known.get(unit) ?? null;
      statements.push(
        db.run(stillIs(sql`select ratings from study where hand = ${hand} and unit = ${unit}`, was)),
      );
      const ratings = withRating(was === null ? [] : readRatings(was), id, now.get(unit));
      const memory = memoryOf(ratings);
      const one = and(eq(study.hand, hand), eq(study.unit, unit));
      if (!memory) statements.push(db.delete(study).where(one));
      else {
        const set = { memory: JSON.stringify(memory), ratings: JSON.stringify(ratings) };
        statements.push(
          db
            .insert(study)
            .values({ hand, unit, ...set })
            .onConflictDoUpdate({ target: [study.hand, study.unit], set }),
        );
      }
    }
  }
  return statements;
}

/**
 * The statements that put hours on a tool and take ink from a bottle, or give them back. They count from what is stored
 * when they are carried out, so that neither an edit on the bench nor another server's session is lost.
 */
async function used(before: Session | undefined, after: Session | undefined) {
  const db = await openDatabase();
  const changes: Used[] = [];
  const apply = async ({ kit }: Session, minutes: number) => {
    const [tool, ink] = await Promise.all([kit.tool?.id, kit.ink?.id].map((id) => id && findItem(id)));
    if (tool && minutes !== 0) changes.push(...usedBy({ tool, ...(ink && { ink }) }, minutes));
  };
  const minutesOf = (session: Session | undefined) => (session && !session.elsewhere ? session.minutes : 0);
  const sameKit =
    before && after && before.kit.tool?.id === after.kit.tool?.id && before.kit.ink?.id === after.kit.ink?.id;
  if (sameKit) await apply(after, minutesOf(after) - minutesOf(before));
  else {
    if (before) await apply(before, -minutesOf(before));
    if (after) await apply(after, minutesOf(after));
  }
  return changes.map(({ item, fact, by }) => {
    const path = `$.${fact}`;
    return db
      .update(items)
      .set({
        data: sql`json_set(${items.data}, ${path}, max(0, round(coalesce(json_extract(${items.data}, ${path}), 0) + ${by}, 2)))`,
      })
      .where(eq(items.id, item.id));
  });
}

/** Fingerprint of the logbook: number of sessions, their total size, and the latest time. */
const stateOfLog = sql`select count(*) || ' ' || coalesce(sum(length(data)), 0) || ' ' || coalesce(max(at), '') from records where kind = 'session'`;

/** Number of sessions processed before the event loop is yielded to. */
const AT_ONE_GO = 100;

/**
 * Rebuilds the memory from all sessions, including those inserted by the same batch: after a restore, an import, or a loss. All or
 * nothing.
 */
export const rebuildStudy = (laid: readonly { id: string; session: Session }[] = []): Promise<void> =>
  inTurn(() =>
    asOneBatch(async () => {
      const db = await openDatabase();
      const [state] = await db.all<{ state: string }>(sql`select (${stateOfLog}) as state`);
      const all = new Map<string, { hand: HandId; unit: string; ratings: Map<string, KeptRating> }>();
      const take = (id: string, session: Session) => {
        for (const [unit, rating] of ratingsOf(id, session)) {
          const key = `${session.hand} ${unit}`;
          const one = all.get(key) ?? { hand: session.hand, unit, ratings: new Map() };
          one.ratings.set(id, rating);
          all.set(key, one);
        }
      };
      const replaced = new Set(laid.map(({ id }) => id));
      for (let after = ''; ; ) {
        const rows = await db
          .select()
          .from(records)
          .where(and(eq(records.kind, 'session'), gt(records.id, after)))
          .orderBy(asc(records.id))
          .limit(AT_ONE_GO);
        for (const { entryId, ...session } of entriesOf('session', readEntries(rows)))
          if (!replaced.has(entryId)) take(entryId, session);
        const last = rows.at(-1);
        if (!last || rows.length < AT_ONE_GO) break;
        after = last.id;
        await othersTurn();
      }
      for (const { id, session } of laid) take(id, session);
      const remembered = [];
      for (const { hand, unit, ratings } of all.values()) {
        const kept = inOrder(ratings.values());
        remembered.push(
          db.insert(study).values({
            hand,
            unit,
            memory: JSON.stringify(memoryOf(kept)),
            ratings: JSON.stringify(kept),
          }),
        );
        if (remembered.length % AT_ONE_GO === 0) await othersTurn();
      }
      await db.batch([
        db.delete(study).where(sql`1`),
        db.run(stillIs(stateOfLog, state?.state ?? null)),
        ...laid.map(({ id, session }) => {
          const set = {
            kind: 'session',
            data: JSON.stringify(session),
            at: new Date(session.ended).toISOString(),
          };
          return db
            .insert(records)
            .values({ id, ...set })
            .onConflictDoUpdate({ target: records.id, set });
        }),
        ...remembered,
      ]);
    }),
  ).then(() => undefined);

/** Yields to the event loop. */
const othersTurn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** Rebuilds what is remembered where there are sessions and nothing of them is: a restore that broke off at its end. */
export async function mendStudy(): Promise<void> {
  const db = await openDatabase();
  const [[kept], [written]] = await Promise.all([
    db.select({ n: count() }).from(study),
    db.select({ n: count() }).from(records).where(eq(records.kind, 'session')),
  ]);
  if (kept?.n === 0 && (written?.n ?? 0) > 0) await rebuildStudy();
}

/** Reads the data of a session that comes as JSON. @throws Problem naming the field that is wrong. */
export const readSession = (data: string): Session => readEntry('session', JSON.parse(data)) as Session;
