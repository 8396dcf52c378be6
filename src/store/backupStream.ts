import { and, asc, count, eq, getTableColumns, gt, isNotNull, isNull, lt, or, sql } from 'drizzle-orm';
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core';
import { KEPT_TABLE_NAMES, type KeptTable } from '@/core/desk/keptTables';
import { lookUp } from '@/core/measure/lookUp';
import { Problem } from '@/core/problem/problem';
import { BACKUP_TABLES } from './backupTables';
import { atOneMoment, type Database, openDatabase } from './client';
import { withoutOldPhoto } from './oldPhotos';
import { findPicture, insideData, type Picture, savePicture } from './pictures';
import { items, pictures, records, stagedRows, study } from './schema';
import { rebuildStudy } from './study';

/** A backup is a zip: `manifest.json`, a file for each picture, then a file of JSON lines for each table. */
export const BACKUP_FORMAT = 'elvane-backup';
export const BACKUP_ZIP_VERSION = 3;

export interface Manifest {
  readonly format: typeof BACKUP_FORMAT;
  readonly version: number;
  readonly madeAt: string;
  /** Rows of each table. */
  readonly tables: Readonly<Record<string, number>>;
  /** How many pictures it holds. */
  readonly pictures: number;
}

/** Batch size of reading; the largest row, a list of words, is two megabytes. */
const ROWS_AT_A_TIME = 20;

export const keyOf = (name: KeptTable): SQLiteColumn => {
  const { table } = BACKUP_TABLES[name];
  return 'hand' in table ? table.hand : table.id;
};

/** What a row is in a backup: an item is its own JSON, other rows are their columns. */
const outward = (name: KeptTable, row: Record<string, unknown>): unknown => {
  if (name === 'items') return JSON.parse(String(row.data));
  const { columns } = BACKUP_TABLES[name];
  return Object.fromEntries(columns.map((column) => [column, row[column]]));
};

/** Receives the parts of a backup in order, at its own pace. */
export interface BackupSink {
  readonly manifest: (manifest: Manifest) => Promise<void>;
  readonly picture: (picture: Picture) => Promise<void>;
  /** Rows of one table, all of them in calls one after the other. */
  readonly row: (table: KeptTable, row: unknown) => Promise<void>;
  /** A row that its own schema can no longer read: kept beside the backup, because it could not be restored. */
  readonly unreadable: (table: KeptTable, row: unknown) => Promise<void>;
}

/** Rows of a table as a backup has them, a few read at a time, and whether they can be restored; if not, why. */
export async function* rowsOf(moment: Database, name: KeptTable) {
  const { table, row: readRow } = BACKUP_TABLES[name];
  const key = keyOf(name);
  let last: unknown;
  for (;;) {
    const rows: Record<string, unknown>[] = await moment
      .select()
      .from(table)
      .where(last === undefined ? undefined : gt(key, last))
      .orderBy(asc(key))
      .limit(ROWS_AT_A_TIME);
    if (rows.length === 0) return;
    for (const stored of rows) {
      let row: unknown = stored;
      let why: string | undefined;
      try {
        row = outward(name, stored);
        readRow(row);
      } catch (error) {
        why = error instanceof Problem ? error.message : 'It is no readable JSON.';
      }
      yield { key: String(lookUp(stored, key.name)), row, why, readable: why === undefined };
    }
    last = rows.at(-1)?.[key.name];
  }
}

/** Ids of the pictures that things, and records of any kind, show: those that are there. */
async function picturesOf(moment: Database): Promise<string[]> {
  const rows = await moment
    .select({ id: pictures.id })
    .from(pictures)
    .where(
      or(
        sql`${pictures.id} in (select ${insideData('photo')} from ${items})`,
        sql`${pictures.id} in (select ${insideData('picture')} from ${records})`,
      ),
    )
    .orderBy(asc(pictures.id));
  return rows.map(({ id }) => id);
}

/** Drops the reference to a photo that no longer exists: it would make the whole backup unrestorable. */
const withoutLostPhoto = (row: unknown, kept: readonly string[]): unknown =>
  typeof row === 'object' &&
  row !== null &&
  'photo' in row &&
  typeof row.photo === 'string' &&
  !kept.includes(row.photo)
    ? { ...row, photo: null }
    : row;

/** Streams a snapshot of the store, a few rows or one picture at a time: first counts, then contents. */
export async function streamBackup(now: Date, sink: BackupSink): Promise<void> {
  await atOneMoment(async (moment) => {
    const tables: Record<string, number> = {};
    for (const name of KEPT_TABLE_NAMES) {
      tables[name] = 0;
      for await (const { readable } of rowsOf(moment, name)) if (readable) tables[name] += 1;
    }
    const shown = await picturesOf(moment);
    await sink.manifest({
      format: BACKUP_FORMAT,
      version: BACKUP_ZIP_VERSION,
      madeAt: now.toISOString(),
      tables,
      pictures: shown.length,
    });
    for (const id of shown) {
      const picture = await findPicture(id, moment);
      if (picture) await sink.picture(picture);
    }
    for (const name of KEPT_TABLE_NAMES) {
      for await (const { row, readable } of rowsOf(moment, name))
        if (readable) await sink.row(name, name === 'items' ? withoutLostPhoto(row, shown) : row);
    }
    for (const name of KEPT_TABLE_NAMES) {
      for await (const { row, readable } of rowsOf(moment, name)) {
        if (!readable) await sink.unreadable(name, row);
      }
    }
  });
}

/**
 * Stages rows of a backup, numbered from `first`; nothing is changed until `commitRestore`.
 * @throws Problem naming what cannot be read.
 */
export async function stageRows(
  batch: string,
  name: KeptTable,
  first: number,
  rows: readonly unknown[],
  now: Date,
): Promise<void> {
  if (rows.length === 0) return;
  const db = await openDatabase();
  const stagedAt = now.toISOString();
  const parted = name === 'items' ? rows.map(withoutOldPhoto) : rows.map((item) => ({ item }));
  const values = parted.map(({ item }, i) => ({
    batch,
    name,
    number: first + i,
    data: JSON.stringify(BACKUP_TABLES[name].row(item)),
    stagedAt,
  }));
  for (const part of parted) if ('picture' in part && part.picture) await savePicture(part.picture, now);
  // Rows sent again after a lost answer overwrite themselves.
  await db
    .insert(stagedRows)
    .values(values)
    .onConflictDoUpdate({
      target: [stagedRows.batch, stagedRows.name, stagedRows.number],
      set: { data: sql`excluded.data`, stagedAt },
    });
}

/** Discards a staged backup. */
export async function dropRestore(batch: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedRows).where(eq(stagedRows.batch, batch));
}

/** Discards backups staged before `before` and never restored. */
export async function dropStaleRestores(before: Date): Promise<void> {
  const db = await openDatabase();
  await db.delete(stagedRows).where(lt(stagedRows.stagedAt, before.toISOString()));
}

/** Number of photos that staged things refer to and that are not stored. */
async function lostPhotos(batch: string): Promise<number> {
  const db = await openDatabase();
  const photo = sql`json_extract(json_extract(${stagedRows.data}, '$.data'), '$.photo')`;
  const [found] = await db
    .select({ lost: sql<number>`count(distinct ${photo})` })
    .from(stagedRows)
    .leftJoin(pictures, eq(pictures.id, photo))
    .where(
      and(eq(stagedRows.batch, batch), eq(stagedRows.name, 'items'), isNull(pictures.id), isNotNull(photo)),
    );
  return found?.lost ?? 0;
}

/**
 * Replaces everything in the store by the backup put aside, all or nothing.
 * @throws Problem when there is nothing to restore, rows are missing or an id stands twice.
 */
export async function commitRestore(
  batch: string,
  expected: Readonly<Record<string, number>>,
  now: Date,
): Promise<void> {
  const db = await openDatabase();
  if (Object.values(expected).every((count) => count === 0)) {
    throw new Problem(
      'backup',
      'The backup holds nothing: restoring it would only empty this desk. Nothing was changed.',
    );
  }
  for (const name of KEPT_TABLE_NAMES) {
    const mine = and(eq(stagedRows.batch, batch), eq(stagedRows.name, name));
    const key = sql`json_extract(${stagedRows.data}, ${`$.${keyOf(name).name}`})`;
    const [found] = await db
      .select({ n: count(), ids: sql<number>`count(distinct ${key})` })
      .from(stagedRows)
      .where(mine);
    const { n, ids } = found ?? { n: 0, ids: 0 };
    if (n !== (expected[name] ?? 0)) {
      throw new Problem(
        'backup',
        `The backup is cut short: ${n} of ${expected[name] ?? 0} ${name} came through. Nothing was changed.`,
      );
    }
    if (ids !== n) {
      throw new Problem(
        'backup',
        `The backup holds ${n - ids} of its ${name} twice under one id. Nothing was changed.`,
      );
    }
  }
  const lost = await lostPhotos(batch);
  if (lost > 0) {
    throw new Problem(
      'backup',
      `The backup is cut short: ${lost} of its photos did not come through. Nothing was changed.`,
    );
  }
  // No window has seen the restored sheets, so a save from an open one is refused as stale.
  const revision = now.getTime();
  const steps = KEPT_TABLE_NAMES.flatMap((name) => {
    const { table, columns } = BACKUP_TABLES[name];
    const known: Record<string, SQLiteColumn> = getTableColumns(table);
    const into = columns.map((column) => sql.identifier(known[column]?.name ?? column));
    const from = columns.map((column) => sql`json_extract(${stagedRows.data}, ${`$.${column}`})`);
    if (name === 'sheets') {
      into.push(sql.identifier('revision'));
      from.push(sql`${revision}`);
    }
    return [
      db.delete(table),
      db.run(
        sql`insert into ${table} (${sql.join(into, sql`, `)}) select ${sql.join(from, sql`, `)} from ${stagedRows} where ${stagedRows.batch} = ${batch} and ${stagedRows.name} = ${name}`,
      ),
    ];
  });
  const [first, ...others] = steps;
  // Rebuild the study state from the restored sessions.
  if (first) await db.batch([first, ...others, db.delete(study)]);
  await dropRestore(batch);
  await rebuildStudy();
}
