import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { findCopy, listCopies, makeCopy } from '@/app/_lib/copies';
import { freshRecipe } from '@/core/document/defaults';
import { closeDatabase } from '@/store/client';
import { saveSheet } from '@/store/sheets';
import { readBackup } from '@/ui/workshop/readBackup';

let folder = '';
const at = (day: number) => new Date(Date.UTC(2026, 10, day, 3));

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'elvane-copies-'));
  closeDatabase();
  vi.stubEnv('ELVANE_DB_URL', `file:${join(folder, 'desk.db')}`);
  vi.stubEnv('ELVANE_COPIES', join(folder, 'copies'));
  await saveSheet({ id: 'a', name: 'Dome', recipe: JSON.stringify(freshRecipe('italic')) }, at(1));
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

it('a copy a day is made, the last seven are kept, and each can be read to its end', async () => {
  for (let day = 1; day <= 9; day++) {
    await makeCopy(at(day));
    await makeCopy(at(day));
  }
  const copies = await listCopies();
  expect(copies.map(({ day }) => day)).toEqual([9, 8, 7, 6, 5, 4, 3].map((day) => `2026-11-0${day}`));
  expect(readdirSync(join(folder, 'copies'))).toHaveLength(7);
  const file = await findCopy(copies[0]?.name ?? '');
  const sheets: unknown[] = [];
  for await (const part of readBackup(file as Blob))
    if ('table' in part && part.table === 'sheets') sheets.push(...part.rows);
  expect(sheets).toMatchObject([{ id: 'a', name: 'Dome' }]);
});

it('one that could not be finished is no copy, and the day’s is made anew', async () => {
  await makeCopy(at(1));
  const half = readFileSync(join(folder, 'copies', 'elvane-copy-2026-11-01.zip')).subarray(0, 100);
  writeFileSync(join(folder, 'copies', 'elvane-copy-2026-11-02.zip.part'), half);
  expect((await listCopies()).map(({ day }) => day)).toEqual(['2026-11-01']);
  await makeCopy(at(2));
  expect((await listCopies()).map(({ day }) => day)).toEqual(['2026-11-02', '2026-11-01']);
});

it('only copies are found by name, and nothing is made where no folder is named', async () => {
  await makeCopy(at(1));
  for (const name of ['../desk.db', 'desk.db', 'elvane-copy-2026-11-01.zip.part', '/etc/passwd', ''])
    expect(await findCopy(name)).toBeUndefined();
  vi.stubEnv('ELVANE_COPIES', '');
  await makeCopy(at(2));
  expect(await listCopies()).toEqual([]);
});

it('an empty desk is not copied: it would push out the copies that hold something', async () => {
  await makeCopy(at(1));
  closeDatabase();
  vi.stubEnv('ELVANE_DB_URL', `file:${join(folder, 'empty.db')}`);
  await makeCopy(at(2));
  expect((await listCopies()).map(({ day }) => day)).toEqual(['2026-11-01']);
});
