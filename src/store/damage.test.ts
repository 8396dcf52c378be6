import {
  appendFileSync,
  copyFileSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { freshRecipe } from '../core/document/defaults';
import { closeDatabase, openDatabase } from './client';
import { damagesOf, markRead, setAsideIfDamaged } from './damage';
import { listSheets, saveSheet } from './sheets';

let folder = '';
const file = () => join(folder, 'desk.db');
const NOW = new Date('2026-11-30T18:02:11Z');
const SHEETS = 40;

const open = (name: string) => vi.stubEnv('ELVANE_DB_URL', `file:${join(folder, name)}`);

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'elvane-damage-'));
  closeDatabase();
  open('written.db');
  const recipe = JSON.stringify(freshRecipe('court'));
  for (let i = 0; i < SHEETS; i++) await saveSheet({ id: `s-${i}`, name: 'Dome', recipe }, NOW);
  await (await openDatabase()).run('PRAGMA wal_checkpoint(TRUNCATE)');
  closeDatabase();
  // A copy, so that no process of this test has a hand on it.
  copyFileSync(join(folder, 'written.db'), file());
  open('desk.db');
});
afterEach(() => {
  closeDatabase();
  vi.unstubAllEnvs();
  rmSync(folder, { recursive: true, force: true });
});

describe('a database that cannot be read', () => {
  const DAMAGES: readonly (readonly [what: string, damage: () => void])[] = [
    ['is no database', () => writeFileSync(file(), 'x'.repeat(9000))],
    ['is cut in half', () => truncateSync(file(), Math.floor(readFileSync(file()).length / 2 / 4096) * 4096)],
    [
      'has pages overwritten',
      () => {
        const bytes = readFileSync(file());
        bytes.fill(0xa5, 4096, bytes.length - 4096);
        writeFileSync(file(), bytes);
      },
    ],
  ];
  for (const [what, damage] of DAMAGES)
    it(`that ${what} is put aside as it is, and the desk begins empty and can be written to`, async () => {
      damage();
      const asItWas = readFileSync(file());
      await openDatabase();
      expect(await listSheets()).toEqual([]);
      const [found, ...others] = await damagesOf(file());
      expect(others).toEqual([]);
      expect(Math.abs(Date.parse(found?.at ?? '') - Date.now())).toBeLessThan(3_600_000);
      expect(readFileSync(join(folder, found?.name ?? '')).equals(asItWas)).toBe(true);
      await saveSheet({ id: 'new', name: 'New', recipe: JSON.stringify(freshRecipe('brush')) }, NOW);
      closeDatabase();
      expect((await listSheets()).map(({ id }) => id)).toEqual(['new']);
      expect(await damagesOf(file())).toHaveLength(1);
    });

  it('is announced until it was read about, and its file stays', async () => {
    writeFileSync(file(), 'x'.repeat(9000));
    const name = (await setAsideIfDamaged(file(), NOW)) ?? '';
    expect(await damagesOf(file())).toEqual([{ name, at: '2026-11-30T18:02:11Z' }]);
    for (const wrong of ['desk.db', '../desk.db', `${name}x`, ''])
      expect(await markRead(file(), wrong)).toBe(false);
    expect(await markRead(file(), name)).toBe(true);
    expect(await damagesOf(file())).toEqual([]);
    expect(readdirSync(folder)).toContain(`${name}.read`);
  });
});

it('a sound database, one with writes not yet laid in, and none at all are left alone', async () => {
  expect(await setAsideIfDamaged(file(), NOW)).toBeUndefined();
  await saveSheet({ id: 'open', name: 'Open', recipe: JSON.stringify(freshRecipe('italic')) }, NOW);
  expect(await setAsideIfDamaged(file(), NOW)).toBeUndefined();
  expect(await listSheets()).toHaveLength(SHEETS + 1);
  expect(await setAsideIfDamaged(join(folder, 'none.db'), NOW)).toBeUndefined();
  closeDatabase();
  appendFileSync(join(folder, 'empty.db'), '');
  expect(await setAsideIfDamaged(join(folder, 'empty.db'), NOW)).toBeUndefined();
});
