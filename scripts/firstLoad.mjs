/**
 * What each station loads at the first visit: script, compressed, workers included.
 *
 * Run the application with the demo data (`npm run demo`), then `node scripts/firstLoad.mjs [address]`.
 * `--files` lists the files of each station as well.
 */
import { gzipSync } from 'node:zlib';
import { chromium } from '@playwright/test';

const address =
  process.argv.slice(2).find((argument) => !argument.startsWith('--')) ?? 'http://127.0.0.1:3000';
const listsFiles = process.argv.includes('--files');
/** The second of a station is a fresh sheet, without words on it. */
const STATIONS = 'workshop hand rule rule?hand=italic strokes bench kit shelf practise piece'.split(' ');
/** How long a station is watched after it has fallen quiet: what it fetches when idle belongs to it as well. */
const QUIET_MS = 2500;

/** Bytes of a script as a proxy would send it: the server itself packs nothing for the own machine. */
const packed = async (path) =>
  gzipSync(Buffer.from(await (await fetch(address + path)).arrayBuffer())).length;

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
for (const station of STATIONS) {
  const page = await (await browser.newContext()).newPage();
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Target.setAutoAttach', {
    autoAttach: true,
    waitForDebuggerOnStart: false,
    flatten: true,
  });
  const scripts = new Map();
  session.on('Network.responseReceived', ({ requestId, response }) => {
    if (response.mimeType.includes('javascript')) scripts.set(requestId, new URL(response.url).pathname);
  });
  page.on('worker', () => undefined);
  await page.goto(`${address}/${station}`, { waitUntil: 'networkidle' });
  await page.waitForTimeout(QUIET_MS);
  const files = await Promise.all(
    [...scripts.values()].map(async (path) => ({ path, bytes: await packed(path) })),
  );
  const total = files.reduce((sum, file) => sum + file.bytes, 0);
  console.log(`${station.padEnd(18)} ${(total / 1000).toFixed(0).padStart(4)} kB`);
  if (listsFiles)
    for (const file of files.sort((a, b) => b.bytes - a.bytes))
      console.log(`   ${(file.bytes / 1000).toFixed(1).padStart(6)} ${file.path}`);
  await page.context().close();
}
await browser.close();
