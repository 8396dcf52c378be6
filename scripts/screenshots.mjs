/** Takes the pictures of docs/screenshots from a running demo: `npm run demo`, then `node scripts/screenshots.mjs`. */
import { chromium } from '@playwright/test';

const base = `http://127.0.0.1:${process.env.PORT ?? '3000'}`;
/** Chooses the best kit and looks at what can go wrong with it. */
async function showTrouble(page) {
  await page
    .getByRole('button', { name: /Choose this kit|Chosen/ })
    .first()
    .click();
  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  await page.getByRole('button', { name: 'two rails' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
}

/** Answers the three questions, so that the first page stands there. */
async function answered(page) {
  for (const name of ['cards and invitations', 'a felt marker with a broad edge', 'my right hand'])
    await page.getByRole('button', { name, exact: true }).click();
  await page.getByAltText('The first page').waitFor();
  await page.waitForTimeout(1500);
}

/** Begins a session and goes on to its first letter. */
async function atTheDesk(page) {
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/session/);
  // Keys before it answers are lost.
  await page.waitForTimeout(1500);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Space');
  await page.waitForTimeout(2600);
}

/** Has the simulated hand write on the demo's page, and photographs it. */
async function reviewed(page) {
  await page.getByLabel('A fault in rows').selectOption('narrow');
  await page.getByLabel('of the letters').fill('a');
  await page.getByRole('button', { name: 'Write and photograph it' }).click();
  await page.waitForURL(/rev-/, { timeout: 60_000 });
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
}

/** Opens the page of a letter. */
async function oneLetter(page) {
  await page.getByRole('tab', { name: 'Letters' }).click();
  await page.getByRole('button', { name: /^n, / }).click();
  await page.waitForTimeout(1000);
}

const VIEWS = [
  { name: 'today', path: '/today' },
  { name: 'session', path: '/today?minutes=20', prepare: atTheDesk },
  { name: 'log', path: '/log', theme: 'lampblack', prepare: oneLetter },
  { name: 'review', path: '/review', prepare: reviewed },
  { name: 'pens', path: '/pens' },
  { name: 'hand', path: '/hand' },
  { name: 'kit', path: '/kit?hand=copperplate', theme: 'lampblack', prepare: showTrouble },
  { name: 'rule', path: '/rule?sheet=demo-italic' },
  { name: 'strokes', path: '/strokes?hand=brush', theme: 'lampblack' },
  {
    name: 'practise',
    path: '/practise?sheet=demo-ten',
    prepare: (page) => page.getByText('Letter a').click(),
  },
  { name: 'piece', path: '/piece?sheet=demo-panel' },
  { name: 'bench', path: '/bench' },
  // Last: its answers change the hand and the tool of the desk.
  { name: 'begin', path: '/begin', prepare: answered },
];

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking'],
});
for (const { name, path, theme = 'vellum', prepare } of VIEWS) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  await context.addCookies([{ name: 'elvane-theme', value: theme, url: base }]);
  const page = await context.newPage();
  await page.goto(base + path, { waitUntil: 'networkidle' });
  await page.waitForTimeout(1000);
  await prepare?.(page);
  await page.waitForTimeout(500);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
}
await browser.close();
