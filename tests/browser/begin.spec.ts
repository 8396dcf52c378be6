import { type ChildProcess, spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { axeFinds, expect, type Page, test } from './desk';

/** A desk of its own that nobody has used: its tests go on from each other, in order. */
const PORT = 3434;
const BASE = `http://127.0.0.1:${PORT}`;
const FOLDER = 'test-results/begin';
/** What a beginner may take, by the issue: two minutes and eight clicks. */
const MOST_CLICKS = 8;
const TWO_MINUTES = 120_000;

test.describe.configure({ mode: 'serial' });

let server: ChildProcess;

test.beforeAll(async () => {
  rmSync(FOLDER, { recursive: true, force: true });
  server = spawn(process.execPath, ['scripts/start.mjs'], {
    env: {
      ...process.env,
      PORT: String(PORT),
      ELVANE_DB_URL: `file:${FOLDER}/begin.db`,
      ELVANE_LOG_LEVEL: 'error',
    },
    stdio: 'ignore',
  });
  await expect
    .poll(() =>
      fetch(`${BASE}/api/health`).then(
        ({ ok }) => ok,
        () => false,
      ),
    )
    .toBe(true);
});
test.afterAll(() => {
  server.kill('SIGKILL');
});

const pdfOf = async (page: Page, press: () => Promise<void>): Promise<Buffer> => {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  return readFileSync(await download.path());
};
const pagesIn = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0;
/** Pages are not answered before they are awake: what is pressed before is lost. */
const open = async (page: Page, path: string) => {
  await page.goto(`${BASE}${path}`);
  await page.locator('html[data-awake]').waitFor({ state: 'attached' });
};

test('from an empty database to a printed first page: in two minutes and at most eight clicks', async ({
  page,
}) => {
  const began = Date.now();
  let clicks = 0;
  const click = async (name: string) => {
    clicks += 1;
    await page.getByRole('button', { name, exact: true }).click();
  };
  await open(page, '/');
  await expect(page).toHaveURL(/\/begin$/);
  await click('cards and invitations');
  await click('a felt marker with a broad edge');
  await click('my left hand');
  await expect(page.getByAltText('The first page')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Begin with Italic' })).toBeVisible();
  const pdf = await pdfOf(page, () => click('Print the first page'));
  expect(pagesIn(pdf)).toBe(1);
  expect(clicks).toBeLessThanOrEqual(MOST_CLICKS);
  expect(Date.now() - began).toBeLessThan(TWO_MINUTES);
  // What was answered is kept: the page, the tool, the writing hand.
  await expect(page).toHaveURL(/\/practise\?sheet=/);
  const things: { label: string }[] = await (await page.request.get(`${BASE}/api/items`)).json();
  expect(things.map(({ label }) => label)).toEqual(['felt marker, about 3.5 mm']);
  await open(page, '/workshop');
  await expect(page.getByLabel('Writing hand')).toHaveValue('left');
  // Whoever has begun is not asked again.
  await open(page, '/');
  await expect(page).toHaveURL(/\/today/);
});

test('what was printed is asked after; once written, the next page goes further', async ({ page }) => {
  await open(page, '/practise');
  const strip = page.getByRole('region', { name: 'The page you printed' });
  await expect(strip).toContainText('i l');
  await strip.getByRole('button', { name: 'I wrote it' }).click();
  await expect(strip).toHaveCount(0);
  await page.getByRole('button', { name: 'Ten-minute page' }).click();
  await expect(page.getByText(/^Letters? [a-z]/).first()).toBeVisible();
  await expect(page.getByText('Letters i l', { exact: true })).toHaveCount(0);
});

test('the scribe is asked once: paper, side and inches hold everywhere', async ({ page }) => {
  await open(page, '/workshop');
  await page.getByLabel('Lengths in').selectOption('inch');
  // The next page is made of what is kept: whoever is there in the same moment sees what was before.
  await Promise.all([
    page.waitForResponse((answer) => answer.request().postData()?.includes('"letter"') ?? false),
    page.getByLabel('Paper in the printer').selectOption('letter'),
  ]);
  await expect(page.getByLabel('Paper in the printer')).toHaveValue('letter');
  await open(page, '/rule?hand=foundational');
  await expect(page.getByRole('button', { name: /Letter upright/ })).toBeVisible();
  await page.getByText('More', { exact: true }).click();
  const margin = page.getByRole('textbox', { name: 'Top' });
  await margin.fill('1 1/2 in');
  await margin.press('Enter');
  await expect(margin).toHaveValue('1 1/2');
  // A nib is millimetres to everybody.
  await page.keyboard.press('Escape');
  await page
    .getByRole('button', { name: /mm nib/ })
    .first()
    .click();
  await expect(page.getByRole('textbox', { name: 'Or any width' })).toHaveValue('2.4');
  await page.keyboard.press('Escape');
  await page.getByText('Distances from the top edge').click();
  await expect(page.getByText(/\d in$/).first()).toBeVisible();
  await open(page, '/kit');
  await expect(page.getByLabel('Writing hand')).toHaveValue('left');
  await open(page, '/workshop');
  await page.getByLabel('Lengths in').selectOption('mm');
  await page.getByLabel('Writing hand').selectOption('right');
});

test('a class of eight of mixed hands gets its pages as one file', async ({ page }) => {
  await open(page, '/practise');
  await page.getByRole('tab', { name: 'Class' }).click();
  const rows = [
    'Name,Side,Hand,Letters,Paper',
    'Aveline,left,Italic,n m h,A4',
    'Brannoc,right,Foundational,,A4',
    'Corisande,right,Copperplate,i u,Letter',
    'Dunmore,left,Uncial,o c,A4',
    'Emberlyn,right,Textura,,A4',
    'Fennimore,right,Roman capitals,I L,A4',
    'Gwendry,left,Brush lettering,,A5',
    'Halewyn,right,Italic,nmhr,A4',
  ];
  const file = { name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) };
  await page.getByLabel('List of a class').setInputFiles(file);
  await expect(page.getByText('8 names read.')).toBeVisible();
  const pages = await pdfOf(page, () => page.getByRole('button', { name: 'One PDF' }).click());
  expect(pagesIn(pages)).toBe(8);
  await page.getByLabel('Copies', { exact: true }).fill('2');
  const copies = await pdfOf(page, () => page.getByRole('button', { name: 'Print for everybody' }).click());
  expect(pagesIn(copies)).toBe(16);
  // The list is kept at the desk.
  await open(page, '/practise');
  await page.getByRole('tab', { name: 'Class' }).click();
  await expect(page.getByLabel('Letters Aveline knows')).toHaveValue('n m h');
  await page.getByRole('button', { name: 'Remove Halewyn from the list' }).click();
  await expect(page.getByLabel('Letters Halewyn knows')).toHaveCount(0);
});

test('the same word with several pens, on the screen and on paper', async ({ page, request }) => {
  for (const [id, kind, width] of [
    ['fine', 'broad-nib', 1],
    ['wide', 'broad-nib', 3],
    ['point', 'pointed-nib', 0.8],
  ] as const) {
    const put = await request.put(`${BASE}/api/items/${id}`, {
      data: { id, kind, label: `the ${id} one`, width },
    });
    expect(put.ok()).toBe(true);
  }
  await open(page, '/bench');
  await page.getByRole('link', { name: 'One word with every pen' }).click();
  await expect(page.getByText('Italic: stem 2, bar 2.2, thinnest 0.1 mm at 45°; body 15 mm')).toBeVisible();
  await expect(page.getByText(/Copperplate: shade 0.8/)).toBeVisible();
  await page.getByLabel('The word').fill('comet');
  await expect(page.getByRole('img', { name: '“comet” with every pen' })).toBeVisible();
  await page.getByLabel('the wide one').uncheck();
  await expect(page.getByText('body 15 mm')).toHaveCount(0);
  const pdf = await pdfOf(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(pagesIn(pdf)).toBe(1);
  await page.getByLabel('The word').fill('');
  await expect(page.getByText(/type a word/i)).toBeVisible();
});

test('each station points on, and goes along with its sheet', async ({ page }) => {
  await open(page, '/kit');
  const way = page.getByRole('navigation', { name: 'The day’s work' });
  await way.getByRole('button', { name: 'Next: prepare it' }).click();
  await expect(page.getByRole('tab', { name: 'Prepare' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByRole('heading', { name: 'When you stop' })).toBeVisible();
  await way.getByRole('button', { name: 'Next: rule a sheet' }).click();
  await expect(page).toHaveURL(/\/rule/);
  await way.getByRole('button', { name: 'Practise' }).click();
  await expect(page).toHaveURL(/\/practise/);
});

test('axe finds nothing on the beginning', async ({ page }) => {
  for (const path of ['/begin', '/pens', '/workshop', '/practise', '/kit#prepare']) {
    await open(page, path);
    if (path === '/practise') await page.getByRole('tab', { name: 'Class' }).click();
    await expect(page.locator('.loading')).toHaveCount(0);
    expect(await axeFinds(page), path).toEqual([]);
  }
});

test('nothing that is read is under 12 px, nothing that is pressed under 24', async ({ page }) => {
  for (const path of [
    '/begin',
    '/kit',
    '/rule',
    '/strokes',
    '/practise',
    '/piece',
    '/bench',
    '/pens',
    '/workshop',
  ]) {
    await open(page, path);
    if (path === '/practise') await page.getByRole('tab', { name: 'Class' }).click();
    const small = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('body :not(svg *)')].flatMap((one) => {
        if (one.getClientRects().length === 0 || one.closest('svg, .sr-only')) return [];
        const read = [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim());
        const { width, height } = one.getBoundingClientRect();
        const tooSmall = read && Number.parseFloat(getComputedStyle(one).fontSize) < 12;
        const tooTiny = ['BUTTON', 'SELECT'].includes(one.tagName) && (width < 23.5 || height < 23.5);
        return tooSmall || tooTiny ? [one.outerHTML.slice(0, 120)] : [];
      }),
    );
    expect(small, path).toEqual([]);
  }
});

test('nothing is cut on a phone or a tablet', async ({ page }) => {
  for (const [width, height] of [
    [390, 844],
    [768, 1024],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const path of ['/begin', '/pens', '/workshop']) {
      await open(page, path);
      const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(wider, `${path} at ${width}`).toBeLessThanOrEqual(0);
    }
  }
});
