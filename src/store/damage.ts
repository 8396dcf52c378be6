import 'server-only';
import { readdir, rename, stat } from 'node:fs/promises';
import { basename, dirname, join } from 'node:path';
import { createClient } from '@libsql/client';

/** Infix of the name under which a damaged database is kept: `elvane.db.damaged-2026-11-30T18-02-11Z`. */
const ASIDE = '.damaged-';
/** Suffix of its file once its announcement has been dismissed. */
const READ = '.read';
/** A file database consists of up to three files: the database, its write-ahead log, and the log's shared-memory index. */
const PARTS = ['', '-wal', '-shm'];

/** A database that could not be read when the server started. */
export interface Damage {
  /** Name of the file it was moved to, without its folder. */
  readonly name: string;
  /** When the server found it, as an ISO time. */
  readonly at: string;
}

/** Whether the database in this file is intact; a missing or empty file is a new one. */
async function isWhole(file: string): Promise<boolean> {
  const there = await stat(file).catch(() => undefined);
  if (!there || there.size === 0) return true;
  try {
    const client = createClient({ url: `file:${file}` });
    try {
      // Checks structure and pages, not the order of indexes: seconds for a desk of many years.
      const { rows } = await client.execute('PRAGMA quick_check(1)');
      return rows[0]?.[0] === 'ok';
    } finally {
      client.close();
    }
  } catch (error) {
    // One that cannot be opened at all, or is held by another server, is no damage: opening it says what is wrong.
    return !isDamage(error);
  }
}

const isDamage = (error: unknown): boolean =>
  error instanceof Error &&
  (/SQLITE_CORRUPT|SQLITE_NOTADB|file is not a database|disk image is malformed/i.test(error.message) ||
    isDamage(error.cause));

/**
 * Puts a damaged database aside, whole as it is, so that the server can start with an empty one. Answers the name it is kept under, or
 * undefined where nothing is wrong. Of two servers that start at once, the second finds it done.
 */
export async function setAsideIfDamaged(file: string, now: Date): Promise<string | undefined> {
  const before = await stat(file).catch(() => undefined);
  if (await isWhole(file)) return undefined;
  const after = await stat(file).catch(() => undefined);
  if (after?.ino !== before?.ino) return undefined;
  const stamp = now.toISOString().slice(0, 'YYYY-MM-DDTHH:MM:SS'.length).replaceAll(':', '-');
  const aside = `${file}${ASIDE}${stamp}Z`;
  for (const part of PARTS) await rename(file + part, aside + part).catch(() => undefined);
  return basename(aside);
}

/** Damaged databases that have not been dismissed, the latest first; none where the database is not a file. */
export async function damagesOf(file: string | undefined): Promise<readonly Damage[]> {
  if (file === undefined) return [];
  const folder = dirname(file);
  const start = `${basename(file)}${ASIDE}`;
  const names = await readdir(folder).catch(() => []);
  return names
    .filter((name) => name.startsWith(start) && name.endsWith('Z'))
    .sort()
    .reverse()
    .map((name) => ({ name, at: timeOf(name.slice(start.length)) }));
}

/** `2026-11-30T18-02-11Z` as an ISO time. */
const timeOf = (stamp: string): string => stamp.replace(/T(\d\d)-(\d\d)-(\d\d)Z$/, 'T$1:$2:$3Z');

/** Dismisses it; the file stays. Returns false where nothing of that name was announced. */
export async function markRead(file: string | undefined, name: string): Promise<boolean> {
  if (file === undefined || !(await damagesOf(file)).some((damage) => damage.name === name)) return false;
  await rename(join(dirname(file), name), join(dirname(file), name + READ));
  return true;
}
