import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, expect, it } from 'vitest';

const folder = mkdtempSync(join(tmpdir(), 'elvane-starts-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** A process that opens the database as a server does on its first start, and says what it found there. */
function start(url: string): Promise<{ code: number | null; said: string }> {
  const opens = `
    const { openDatabase, closeDatabase } = await import('./src/store/client');
    const { listPrinters } = await import('./src/store/printers');
    await openDatabase();
    console.log('printers: ' + (await listPrinters()).length);
    closeDatabase();
  `;
  return new Promise((resolve) => {
    const child = spawn(
      process.execPath,
      ['--import', 'tsx', '--conditions=react-server', '--input-type=module', '-e', opens],
      { env: { ...process.env, ELVANE_DB_URL: url } },
    );
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
    child.on('exit', (code) => resolve({ code, said }));
  });
}

it('two servers that start at once on an empty file both find their tables', async () => {
  for (let i = 0; i < 3; i++) {
    const url = `file:${join(folder, `${i}.db`)}`;
    const started = await Promise.all([start(url), start(url), start(url)]);
    for (const { code, said } of started) expect(said + code).toBe('printers: 0\n0');
  }
});
