/** Takes the pictures of docs/screenshots from a running demo: `npm run demo`, then `npm run screenshots`. */
import { chromium, type Page } from '@playwright/test';
import { ALL_STATIONS, OTHER_PAGES } from '../src/ui/stations/stations';

const base = `http://127.0.0.1:${process.env.PORT ?? '3000'}`;
/** Chooses the best kit and looks at what can go wrong with it. */
async function showTrouble(page: Page) {
  await page
    .getByRole('button', { name: /Choose this kit|Chosen/ })
    .first()
    .click();
  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  await page.getByRole('button', { name: 'two rails' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
}

/** Answers the three questions, so that the first page stands there. */
async function answered(page: Page) {
  for (const name of ['cards and invitations', 'a felt marker with a broad edge', 'my right hand'])
    await page.getByRole('button', { name, exact: true }).click();
  await page.getByAltText('The first page').waitFor();
  await page.waitForTimeout(1500);
}

/** Begins a session and goes on to its first letter. */
async function atTheDesk(page: Page) {
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/session/);
  // Keys before it answers are lost.
  await page.waitForTimeout(1500);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Space');
  await page.waitForTimeout(2600);
}

/** Has the simulated hand write on the demo's page, and photographs it. */
async function reviewed(page: Page) {
  await page.getByLabel('A fault in rows').selectOption('narrow');
  await page.getByLabel('of the letters').fill('a');
  await page.getByRole('button', { name: 'Write and photograph it' }).click();
  await page.waitForURL(/rev-/, { timeout: 60_000 });
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(1500);
}

/** Opens the page of a letter. */
async function oneLetter(page: Page) {
  await page.getByRole('tab', { name: 'Letters' }).click();
  await page.getByRole('button', { name: /^n, / }).click();
  await page.waitForTimeout(1000);
}

type Prepare = (page: Page) => Promise<void>;

/** What is done at a station before its picture is taken. */
const PREPARED: Readonly<Record<string, Prepare>> = {
  '/log': oneLetter,
  '/review': reviewed,
  '/kit': showTrouble,
  '/practise': (page) => page.getByText('Letter a').click(),
};

interface View {
  readonly name: string;
  readonly path: string;
  readonly lampblack?: boolean;
  readonly prepare?: Prepare;
}

const VIEWS: readonly View[] = [
  ...ALL_STATIONS.flatMap(({ href, shown }) =>
    shown
      ? [
          {
            name: href.slice(1),
            path: href + (shown.query ?? ''),
            lampblack: shown.lampblack,
            prepare: PREPARED[href],
          },
        ]
      : [],
  ),
  { name: 'session', path: '/today?minutes=20', prepare: atTheDesk },
  { name: 'pens', path: OTHER_PAGES.pens.href },
  // Last: its answers change the hand and the tool of the desk.
  { name: 'begin', path: OTHER_PAGES.begin.href, prepare: answered },
];

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking'],
});
for (const { name, path, lampblack, prepare } of VIEWS) {
  const theme = lampblack ? 'lampblack' : 'vellum';
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
