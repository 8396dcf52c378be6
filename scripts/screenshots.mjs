/** Takes the pictures of docs/screenshots from a running demo: `npm run demo`, then `node scripts/screenshots.mjs`. */
import { chromium } from '@playwright/test';

const base = `http://127.0.0.1:${process.env.PORT ?? '3000'}`;
const VIEWS = [
  { name: 'hand', path: '/hand' },
  { name: 'rule', path: '/rule?sheet=demo-italic' },
  { name: 'rule-lampblack', path: '/rule?sheet=demo-copperplate', theme: 'lampblack' },
  { name: 'strokes', path: '/strokes?sheet=demo-italic' },
  { name: 'strokes-copperplate', path: '/strokes?sheet=demo-copperplate', theme: 'lampblack' },
  { name: 'shelf', path: '/shelf' },
  { name: 'bench', path: '/bench' },
  { name: 'workshop', path: '/workshop' },
];

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking'],
});
for (const { name, path, theme = 'vellum' } of VIEWS) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies([{ name: 'elvane-theme', value: theme, url: base }]);
  const page = await context.newPage();
  await page.goto(base + path, { waitUntil: 'networkidle' });
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}
await browser.close();
