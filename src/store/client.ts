import 'server-only';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { type Client, createClient } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import { setAsideIfDamaged } from './damage';
import * as schema from './schema';

/**
 * One database, wherever it is. `ELVANE_DB_URL` names it: a `file:` URL (the default, under data/) or the address of
 * a remote libSQL server, with `ELVANE_DB_TOKEN`. Nothing else in the application knows which.
 */
const DEFAULT_URL = 'file:data/elvane.db';
/** Maximum time that a writer waits for another process, in ms. */
const BUSY_TIMEOUT = 5000;
/** Interval of keep-alive statements in a transaction on a server, in ms: it ends after some seconds of silence. */
const SPOKEN_IN = 2000;
/** Timeout of one request to a remote database, in ms. */
const REMOTE_PATIENCE = 10_000;

export type Database = LibSQLDatabase<typeof schema>;

interface Opened {
  readonly client: Client;
  readonly database: Database;
}

interface Connection {
  readonly opened: Promise<Opened>;
  /** Once it is open: the end of a process waits for no promise. */
  client?: Client;
}

// Kept on globalThis: the framework may load this module more than once in a process.
const holder = globalThis as { elvaneConnection?: Connection };

const address = () => process.env.ELVANE_DB_URL || DEFAULT_URL;
const isFile = (url: string) => url.startsWith('file:');

/** The file of the database; undefined where it is on a server. */
export const fileOf = (): string | undefined =>
  isFile(address()) ? address().slice('file:'.length) : undefined;

/** Asks a remote database: without an end, one that hangs would hold whoever asks for minutes. */
async function inTime(request: Request): Promise<Response> {
  const ending = new AbortController();
  let timer: NodeJS.Timeout | undefined;
  // A timer besides the signal: the object that forwards the signal may be garbage-collected before it fires, and the request would never
  // end.
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => {
      ending.abort();
      reject(new Error('fetch failed: the database took too long'));
    }, REMOTE_PATIENCE);
  });
  const whole = async () => {
    const answer = await fetch(request, { signal: ending.signal });
    return new Response(await answer.arrayBuffer(), answer);
  };
  const asked = whole();
  asked.catch(() => undefined);
  try {
    return await Promise.race([asked, late]);
  } finally {
    clearTimeout(timer);
  }
}

const newClient = (url: string): Client =>
  createClient({
    url,
    authToken: process.env.ELVANE_DB_TOKEN || undefined,
    timeout: BUSY_TIMEOUT,
    fetch: inTime,
  });

/** Two servers may start on one empty database: the second finds the tables of the first, and retries. */
const MOST_MIGRATIONS_TRIED = 20;
const BETWEEN_TRIES = 100;

/**
 * Runs the migrations that another server has not run yet.
 * @throws the error of the last attempt.
 */
async function migrated(database: Database): Promise<void> {
  const migrationsFolder = join(/* turbopackIgnore: true */ process.cwd(), 'drizzle');
  for (let tried = 1; ; tried++) {
    try {
      return await migrate(database, { migrationsFolder });
    } catch (error) {
      if (tried === MOST_MIGRATIONS_TRIED || !isOthersWork(error)) throw error;
      await new Promise((resolve) => setTimeout(resolve, BETWEEN_TRIES));
    }
  }
}

/** Does an error say that another server is doing, or has done, what was to be done? */
const isOthersWork = (error: unknown): boolean =>
  error instanceof Error &&
  (/already exists|duplicate column|database is locked|SQLITE_BUSY/i.test(error.message) ||
    isOthersWork(error.cause));

function connect(): Connection {
  const connection: Connection = { opened: open() };
  connection.opened.then(
    ({ client }) => {
      // Closed before it was open.
      if (holder.elvaneConnection === connection) connection.client = client;
      else client.close();
    },
    () => undefined,
  );
  return connection;
}

async function open(): Promise<Opened> {
  const url = address();
  const file = fileOf();
  if (file !== undefined) {
    mkdirSync(dirname(file), { recursive: true });
    await setAsideIfDamaged(file, new Date());
  }
  const client = newClient(url);
  try {
    const database = drizzle(client, { schema });
    // Readers of one moment, such as a backup, and writers do not wait for each other.
    if (file !== undefined) await client.execute('PRAGMA journal_mode = WAL');
    await migrated(database);
    return { client, database };
  } catch (error) {
    client.close();
    throw error;
  }
}

/** The database, opened and migrated on first use; a damaged file is put aside before (`damage.ts`). */
export async function openDatabase(): Promise<Database> {
  holder.elvaneConnection ??= connect();
  const connection = holder.elvaneConnection;
  try {
    return (await connection.opened).database;
  } catch (error) {
    // A failed attempt to open is not cached, so that the next one can succeed.
    if (holder.elvaneConnection === connection) holder.elvaneConnection = undefined;
    throw error;
  }
}

/**
 * Reads the store as it is at one moment, however long that takes, on a connection of its own: others read and write
 * meanwhile.
 */
export async function atOneMoment<T>(read: (database: Database) => Promise<T>): Promise<T> {
  await openDatabase();
  const client = newClient(address());
  const moment = await client.transaction('read');
  // A server gives up a transaction that nobody speaks in; whoever reads slowly is no reason to.
  const awake = isFile(address())
    ? undefined
    : setInterval(() => void moment.execute('select 1').catch(() => undefined), SPOKEN_IN);
  try {
    const asked: Client = Object.assign(Object.create(client), {
      execute: moment.execute.bind(moment),
      batch: moment.batch.bind(moment),
    });
    return await read(drizzle(asked, { schema }));
  } finally {
    clearInterval(awake);
    moment.close();
    client.close();
  }
}

/** Closes the database so that the process can end. */
export function closeDatabase(): void {
  holder.elvaneConnection?.client?.close();
  holder.elvaneConnection = undefined;
}
