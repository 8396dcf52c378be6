import { mkdtempSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { closeDatabase } from './client';
import { whatIsWrong } from './ready';

let folder: string;

beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'elvane-ready-'));
  vi.stubEnv('ELVANE_DB_URL', `file:${join(folder, 'test.db')}`);
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

it('a store that takes a write and gives it back is ready, again and again', async () => {
  const { openDatabase } = await import('./client');
  await openDatabase();
  expect(await whatIsWrong(new Date('2026-11-27T05:00:00Z'))).toBeUndefined();
  expect(await whatIsWrong(new Date('2026-11-27T05:00:01Z'))).toBeUndefined();
});

it('a file that was taken away is missed, though its connection still writes', async () => {
  const { openDatabase } = await import('./client');
  await openDatabase();
  const path = join(folder, 'test.db');
  renameSync(path, `${path}.away`);
  expect(await whatIsWrong(new Date())).toMatch(/database file is gone/);
  renameSync(`${path}.away`, path);
  expect(await whatIsWrong(new Date())).toBeUndefined();
});
