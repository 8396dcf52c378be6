import 'server-only';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { type Client, createClient } from '@libsql/client';
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql';
import { migrate } from 'drizzle-orm/libsql/migrator';
import * as schema from './schema';

/**
 * One database, wherever it is. `ELVANE_DB_URL` names it: a `file:` URL (the default, under data/) or the address of
 * a remote libSQL server, with `ELVANE_DB_TOKEN`. Nothing else in the application knows which.
 */
const DEFAULT_URL = 'file:data/elvane.db';
/** How long a writer waits for another process before giving up, in ms. */
const BUSY_TIMEOUT = 5000;

export type Database = LibSQLDatabase<typeof schema>;

interface Connection {
  readonly client: Client;
  readonly database: Database;
  readonly ready: Promise<void>;
}

// Kept on globalThis: the framework may load this module more than once in a process.
const holder = globalThis as { elvaneConnection?: Connection };

function connect(): Connection {
  const url = process.env.ELVANE_DB_URL || DEFAULT_URL;
  if (url.startsWith('file:')) mkdirSync(dirname(url.slice('file:'.length)), { recursive: true });
  const client = createClient({
    url,
    authToken: process.env.ELVANE_DB_TOKEN || undefined,
    timeout: BUSY_TIMEOUT,
  });
  const database = drizzle(client, { schema });
  const ready = migrate(database, {
    migrationsFolder: join(/* turbopackIgnore: true */ process.cwd(), 'drizzle'),
  });
  // Whoever awaits the database sees the failure; this only keeps it from being reported as unhandled as well.
  ready.catch(() => undefined);
  return { client, database, ready };
}

/** The database, opened and migrated on first use. */
export async function openDatabase(): Promise<Database> {
  holder.elvaneConnection ??= connect();
  await holder.elvaneConnection.ready;
  return holder.elvaneConnection.database;
}

/** Closes the database so that the process can end. */
export function closeDatabase(): void {
  holder.elvaneConnection?.client.close();
  holder.elvaneConnection = undefined;
}
