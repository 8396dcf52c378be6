import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe } from 'vitest';
import { storeTests } from '../../tests/support/storeTests';
import { closeDatabase } from './client';

const folder = mkdtempSync(join(tmpdir(), 'elvane-store-'));
let count = 0;

afterAll(() => {
  closeDatabase();
  rmSync(folder, { recursive: true, force: true });
});

describe('the store in a file', () => {
  storeTests(async () => {
    closeDatabase();
    count += 1;
    process.env.ELVANE_DB_URL = `file:${join(folder, `${count}.db`)}`;
  });
});
