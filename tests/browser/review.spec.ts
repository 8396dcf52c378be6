import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { freshRecipe } from '@/core/document/defaults';
import { freshBlock, freshPiece, settingOf } from '@/core/piece/freshPiece';
import { bandOf } from '@/core/practice/bands/bandOf';
import { axeFinds, expect, nothingIsCut, type Page, test } from './desk';

const open = (page: Page, path: string) => page.goto(path);

/** Prints a page of the italic desk: it is kept under its code, and can be photographed. */
async function printOne(page: Page): Promise<void> {
  await open(page, '/today?hand=foundational');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('button', { name: /^Print/ })
      .first()
      .click(),
  ]);
  expect(
    readFileSync(await download.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
}

/** Has the simulated hand write on the page printed last, and photographs it. */
async function photographed(page: Page): Promise<void> {
  await page.getByLabel('Taken as').selectOption('scan');
  await page.getByRole('button', { name: 'Write and photograph it' }).click();
  await page.waitForURL(/\/review\/rev-/, { timeout: 60_000 });
}

test('the whole way: printed, written by the simulated hand, photographed, remarks, the next page, the logbook; axe', async ({
  page,
}) => {
  const inBoth = async (path: string, ready: () => Promise<unknown>, what: string) => {
    await open(page, path);
    await ready();
    expect(await axeFinds(page), what).toEqual([]);
    await nothingIsCut(page, what);
  };

  await printOne(page);
  await open(page, '/review');
  await photographed(page);
  const remarks = page.getByTestId('remarks').getByRole('article');
  await expect(remarks.first()).toBeVisible();
  expect(await remarks.count()).toBeLessThanOrEqual(3);
  await expect(page.getByTestId('remarks')).toContainText(/Your pen stood at 2\d°, not 30°/);
  // Every figure has its ±, and how many letters it rests on.
  const angle = page
    .getByTestId('figures')
    .getByRole('row', { name: /Pen angle/ })
    .first();
  await expect(angle).toContainText(/2\d(\.\d)?° ± \d/);
  await expect(angle).toContainText(/\d+ measured/);
  // The page straightened, its models over it, letter by letter.
  await expect(page.getByTestId('page').getByTestId('model')).toBeVisible();
  await page.getByLabel('Model', { exact: true }).selectOption('side by side');
  await page.getByTestId('rows').getByRole('button').first().click();
  await expect(page.getByTestId('letter')).toBeVisible();
  await page.getByRole('button', { name: /Next/ }).click();
  await expect(page.getByRole('dialog')).toContainText(/, 2 of \d+/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);

  const [next] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the next page' }).click(),
  ]);
  expect(
    readFileSync(await next.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await page.getByRole('button', { name: /^(Log it|Count it)/ }).click();
  await expect(page.getByRole('button', { name: 'Counted in the logbook' })).toBeDisabled();

  // A teacher's words stand in place of the application's.
  await remarks.last().getByRole('button', { name: 'Edit this remark' }).click();
  await page.getByRole('textbox', { name: 'Remark' }).fill('Lay the edge on the gauge, Aveline.');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Lay the edge on the gauge, Aveline.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Lay the edge on the gauge, Aveline.')).toBeVisible();

  // The next page is there to be photographed too; the first is in the list, the table and the charts.
  const here = page.url();
  await open(page, '/review');
  await expect(page.getByTestId('reviews').getByRole('listitem').first()).toContainText('Foundational');
  await page.getByRole('tab', { name: 'Table' }).click();
  await expect(page.getByRole('region', { name: 'Figures of all pages' })).toContainText('°');
  await page.getByRole('tab', { name: 'Letters' }).click();
  await expect(page.getByTestId('letters-beside').getByRole('listitem').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Over time' }).click();
  await expect(page.getByTestId('history').getByRole('img', { name: 'Pen angle over time' })).toBeVisible();

  // In either theme, at every width.
  await inBoth('/review', () => page.getByTestId('reviews').waitFor(), 'the station');
  await page.getByRole('tab', { name: 'Table' }).click();
  expect(await axeFinds(page), 'the table').toEqual([]);
  await inBoth(new URL(here).pathname, () => page.getByTestId('remarks').waitFor(), 'a review');
  await page.getByTestId('rows').getByRole('button').first().click();
  await page.getByTestId('letter').waitFor();
  expect(await axeFinds(page), 'a letter').toEqual([]);
  await page.keyboard.press('Escape');

  // Deleted, its picture is gone at once.
  const picture = await page.getByTestId('page').locator('image').first().getAttribute('href');
  await page.getByRole('button', { name: 'Delete with its picture' }).click();
  await page.waitForURL((url) => url.pathname === '/review');
  expect((await page.request.get(picture ?? '')).status()).toBe(404);
  expect((await page.request.get(new URL(here).pathname)).status()).toBe(404);
});

test('the best letter is kept as one’s own model, and seen beside others', async ({ page }) => {
  const fresh = freshRecipe('foundational');
  const bands = [bandOf('b1', 'letter', 'n', { free: 6, lines: 1 })];
  const data = { ...fresh, aids: { ...fresh.aids, marks: 'practice' }, practice: { bands } };
  expect((await page.request.post('/api/practice?format=pdf', { data })).ok()).toBe(true);
  await open(page, '/review');
  await photographed(page);
  await page.getByTestId('rows').getByRole('button', { name: 'n', exact: true }).first().click();
  await page.getByRole('button', { name: 'Keep as my model' }).click();
  await expect(page.getByTestId('own-model')).toContainText('This is your own model.');
  await page.getByRole('button', { name: /^Next/ }).click();
  await expect(page.getByRole('img', { name: /^Your model of / })).toBeVisible();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByTestId('own-model')).toContainText('Is this your best?');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Delete with its picture' }).click();
  await page.waitForURL((url) => url.pathname === '/review');
});

test('what cannot be measured is said in plain words, and the page can be chosen by hand', async ({
  page,
}) => {
  await printOne(page);
  await open(page, '/log');
  const cat = await page.screenshot({ type: 'png', fullPage: true });
  await open(page, '/review');
  const input = page.getByLabel('Pictures of pages');
  const say = async (name: string, mimeType: string, buffer: Buffer, words: RegExp) => {
    await input.setInputFiles({ name, mimeType, buffer });
    await expect(page.getByRole('alert').getByText(words)).toBeVisible();
  };
  await say(
    'page.jpg',
    'image/jpeg',
    Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
    /kind of file cannot be measured/,
  );
  await say('page.png', 'image/png', Buffer.from('\x89PNG\r\n\x1a\n broken', 'latin1'), /cannot be read/);
  await say(
    'scan.pdf',
    'application/pdf',
    Buffer.from('%PDF-1.7 /OpenAction /JavaScript'),
    /programs or files in it/,
  );

  // A picture of something else, by hand: what is not there is not measured.
  await input.setInputFiles({ name: 'cat.png', mimeType: 'image/png', buffer: cat });
  await expect(
    page.getByRole('alert').getByText(/No page with marks was found|corner of the page/),
  ).toBeVisible();
  await page.getByText('Choose the page by hand').click();
  const corner = page.getByRole('button', { name: /^Upper left corner/ });
  await corner.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(corner).toHaveAccessibleName(/12 % across/);
  await page.getByRole('button', { name: 'Measure by its rings' }).click();
  await expect(page.getByRole('alert').getByText(/No marks were found/)).toBeVisible();
});

test('writing that was not printed here is measured by the rows that are shown', async ({ page }) => {
  await open(page, '/review');
  await page.getByText('Writing that was not printed here').click();
  await page.getByLabel('Hand', { exact: true }).selectOption({ label: 'Italic' });
  const pitch = Number(await page.getByRole('textbox', { name: 'From baseline to baseline' }).inputValue());
  const body = 12;
  // Three rows of stems that lean by 12°, in the block the handles show at first.
  const [width, height] = [2000, 1500];
  const perMm = (0.4 * height) / (2 * pitch + body);
  const stems = [0, 1, 2].flatMap((row) =>
    Array.from({ length: 20 }, (_, i) => {
      const [foot, x] = [0.3 * height + (row * pitch + body) * perMm, 0.17 * width + i * 0.03 * width];
      const top = foot - body * perMm;
      const lean = (foot - top) * Math.tan((12 * Math.PI) / 180);
      const wide = 2 * perMm;
      return `<path d="M${x} ${foot}h${wide}L${x + wide + lean} ${top}h${-wide}z"/>`;
    }),
  );
  const drawn = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}"><rect width="100%" height="100%" fill="#fff"/>${stems.join('')}</svg>`;
  const buffer = await sharp(Buffer.from(drawn)).png().toBuffer();
  await page
    .getByLabel('Picture of the writing')
    .setInputFiles({ name: 'rows.png', mimeType: 'image/png', buffer });
  const corner = page.getByRole('button', { name: /^Upper left corner/ });
  await corner.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowRight');
  // A loupe shows what lies under the handle, while it is held or reached.
  await expect(page.getByTestId('loupe')).toBeVisible();
  await page.getByRole('textbox', { name: 'Rows marked' }).focus();
  await expect(page.getByTestId('loupe')).toHaveCount(0);
  await page.getByRole('button', { name: 'Measure this writing' }).click();
  await page.waitForURL(/\/review\/rev-/, { timeout: 60_000 });
  await expect(page.getByText('without marks, by the rows that were marked')).toBeVisible();
  const slope = page.getByTestId('figures').getByRole('row', { name: /^Slope \d/ });
  await expect(slope).toContainText(/1[12]\.\d° ±|12° ±/);
  await expect(slope).toContainText('60 measured');
  await expect(page.getByTestId('remarks')).toContainText(/Stems lean 12°/);
  await page.getByRole('button', { name: 'Delete with its picture' }).click();
  await page.waitForURL((url) => url.pathname === '/review');
});

test('a guide of a piece: printed with marks, written, and measured pen by pen against its own lines', async ({
  page,
}) => {
  const blocks = [
    freshBlock('1', 'title', 'WINTER', settingOf('roman', 1.5)),
    freshBlock(
      '2',
      'body',
      'A lamp of brass stood by the window, and the hill lay in snow',
      settingOf('italic', 1.5),
    ),
  ];
  const piece = freshPiece('a5', blocks);
  const margins = { top: 30, right: 18, bottom: 20, left: 18 };
  const paper = { ...piece.paper, sideways: false, margins };
  const recipe = { ...piece, title: 'Winter', paper };
  expect((await page.request.put('/api/sheets/winter', { data: { name: 'Winter', recipe } })).ok()).toBe(
    true,
  );
  await open(page, '/piece?sheet=winter');
  await page.getByRole('tab', { name: 'To the desk' }).click();
  await page.getByLabel('What').selectOption('guide');
  await page.getByLabel('With review marks, to be photographed once it is written').check();
  await expect(page.locator('[data-role=marks]').first()).toBeAttached();
  const [guide] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF' }).click(),
  ]);
  expect(guide.suggestedFilename()).toBe('winter-guide.pdf');

  await open(page, '/review');
  await photographed(page);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Guide: Winter, Italic 1.5 mm');
  await expect(page.getByText(/Roman capitals 1.5 mm has a review of its own/)).toBeVisible();
  const figures = page.getByTestId('figures');
  await expect(figures.getByRole('row', { name: /Pen angle/ })).toContainText('45°');
  await expect(figures.getByRole('row', { name: /Lines against the layout/ })).toContainText('100 %');
  await expect(page.getByTestId('rows')).toContainText('A lamp of');
  await expect(page.getByTestId('page').getByTestId('model')).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
  await nothingIsCut(page, 'a guide’s review');
  await page.getByTestId('beside').getByRole('link').click();
  await expect(page.getByTestId('rows')).toContainText('WINTER');
  // The page of one pen goes; what the other wrote stays, picture and all.
  await page.getByRole('button', { name: 'Delete this review' }).click();
  await page.waitForURL((url) => url.pathname === '/review');
  await page
    .getByTestId('reviews')
    .getByRole('link', { name: /Guide: Winter/ })
    .first()
    .click();
  await expect(page.getByTestId('page').getByTestId('model')).toBeVisible();
  const picture = await page.getByTestId('page').locator('image').first().getAttribute('href');
  expect((await page.request.get(picture ?? '')).status()).toBe(200);
  await page.getByRole('button', { name: 'Delete with its picture' }).click();
  await page.waitForURL((url) => url.pathname === '/review');
  expect((await page.request.get(picture ?? '')).status()).toBe(404);
});

test('a nib’s strip: printed from the Bench, photographed, kept with the nib, and letters are written with it', async ({
  page,
}) => {
  // A nib of this test's own: others of the desk may be measured by others.
  const nib = {
    id: 'strip-nib',
    kind: 'pointed-nib',
    label: 'nib of the strip',
    width: 1,
    hairline: 0.1,
  };
  const put = await page.request.put('/api/items', { data: [nib] });
  expect(put.status()).toBe(200);
  await open(page, '/bench?item=strip-nib');
  await page.getByRole('link', { name: 'Print a strip for it' }).click();
  await page.waitForURL(/practise/);
  await expect(page.getByLabel('Title at the head of the page')).toHaveValue('Strip of nib of the strip');
  await expect(page.getByText('Ten steps of pressure').first()).toBeVisible();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'PDF', exact: true }).click(),
  ]);
  expect(download.suggestedFilename()).toContain('strip');
  await open(page, '/review');
  await photographed(page);
  const profile = page.getByTestId('profile');
  await expect(profile).toContainText('The strip of “nib of the strip”');
  await expect(profile.getByRole('row', { name: /Finest line/ })).toContainText(/0\.1\d ± 0\.03 mm/);
  await expect(profile.getByRole('row', { name: /One load covers/ })).toContainText(/\d{3} mm²/);
  await expect(profile.getByRole('img', { name: /Steps of pressure/ })).toBeVisible();
  // A page with nothing but a strip has no letters to log or to practise on.
  await expect(page.getByRole('button', { name: /Print the next page|Log it/ })).toHaveCount(0);
  expect(await axeFinds(page)).toEqual([]);
  await profile.getByRole('button', { name: /^Keep with/ }).click();
  await expect(profile.getByRole('button', { name: 'Kept with the nib' })).toBeVisible();
  const all: { id: string; width: number; hairline: number; load: number; measuredAt: string }[] = await (
    await page.request.get('/api/items')
  ).json();
  const kept = all.find(({ id }) => id === nib.id);
  expect(Math.abs((kept?.width ?? 0) - 1)).toBeLessThan(0.08);
  expect(kept?.load).toBeGreaterThan(300);
  expect(kept?.measuredAt).toBeTruthy();
  await page.getByRole('link', { name: 'See letters written with it' }).click();
  await page.waitForURL(/strokes/);
  await expect(page.getByRole('button', { name: /nib of the strip/ }).first()).toBeVisible();
});
