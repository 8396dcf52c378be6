import { readFileSync } from 'node:fs';
import { axeFinds, type Download, expect, type Page, test } from './desk';

const open = (page: Page, path: string) => page.goto(path);
const tab = (page: Page, name: string) => page.getByRole('tab', { name, exact: true }).click();
const paper = (page: Page) => page.getByRole('img', { name: /^Preview/ });
const findings = (page: Page) => page.getByTestId('findings');

async function saved(page: Page, click: () => Promise<void>): Promise<{ name: string; bytes: Buffer }> {
  const download = page.waitForEvent('download');
  await click();
  const file: Download = await download;
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
}

const pagesOf = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length;

async function enter(page: Page, label: string, value: string) {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(value);
  await field.press('Enter');
}

test('a caption card from nothing: text, a rubric, the largest nib that fits, and a guide to the desk', async ({
  page,
}) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await page
    .getByLabel('Text of the body')
    .fill('An eye of glass that gathers the light of stars too faint to be seen.');
  await expect(findings(page)).toContainText('It fits');
  await page.getByRole('button', { name: 'Rubric' }).first().click();
  await page.getByLabel('Text of the rubric').fill('The Great Refractor');
  await page.getByRole('button', { name: 'Move the block up' }).click();
  await page.getByRole('button', { name: 'Centred by what is inked' }).click();

  // Too large a nib: what does not fit is said, with what would help.
  await enter(page, 'Nib width', '9');
  await expect(findings(page)).toContainText(/mm too (wide|tall) for its frame/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(findings(page)).toContainText('It fits');

  await tab(page, 'To the desk');
  await expect(page.getByText(/Rule \w+ lines, from the guide/)).toBeVisible();
  await page.getByLabel('What').selectOption('guide');
  const guide = await saved(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(guide.name).toBe('piece-guide.pdf');
  expect(pagesOf(guide.bytes)).toBe(1);
  // Dark paper: the page is dark, an ink that does not show is said, and the plan goes another way.
  const sheet = page.getByRole('img', { name: /^Preview/ }).locator('..');
  await expect(sheet).toHaveCSS('background-color', 'rgb(255, 255, 255)');
  await page.getByRole('combobox', { name: 'Paper', exact: true }).selectOption('night-blue card');
  await page
    .getByRole('combobox', { name: 'Ink', exact: true })
    .selectOption({ label: 'blue-black dye ink' });
  await expect(page.getByTestId('findings')).toContainText('This ink does not show on dark paper');
  await expect(sheet).not.toHaveCSS('background-color', 'rgb(255, 255, 255)');
  await expect(page.getByText(/Rule \w+ lines on the paper itself with a white pencil/)).toBeVisible();
  await page.getByRole('combobox', { name: 'Paper', exact: true }).selectOption('');
  await page.getByLabel('To be done by').fill('2026-12-12T18:00');
  await expect(page.getByText(/Begin by 12 December, 1\d:\d\d at the latest/)).toBeVisible();
  const calendar = await saved(page, () =>
    page.getByRole('button', { name: 'Save as calendar file' }).click(),
  );
  expect(calendar.bytes.toString()).toMatch(/^BEGIN:VCALENDAR[\s\S]*DTEND[\s\S]*END:VCALENDAR/);
  await page.getByLabel('Show on the page').check();
  await expect(page.locator('[data-role=dips]').first()).toBeAttached();

  // What was made is kept: a reload, and the shelf.
  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Rubric The Great Refractor/ })).toBeVisible();
});

test('an envelope for every row of a list: read, laid out, ticked off, printed on larger sheets', async ({
  page,
}) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await page.getByLabel('Text of the body').fill('{name}\n{street}');
  await tab(page, 'List');
  const rows = [
    'Name,Street',
    'Orla Fennimore,3 Larkrise Lane',
    'Tobin Ashgrove,17 Tarn Street',
    'Asta Brell,5 Weir Row',
    `${'Featherstonehaugh'.repeat(6)},1 Hill`,
  ];
  await page
    .getByLabel('List of names')
    .setInputFiles({ name: 'guests.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
  await expect(page.getByText('4 rows read.')).toBeVisible();
  await expect(page.getByText(/^(1 do|All fit)/)).toBeVisible();
  await page.getByRole('button', { name: 'Tobin Ashgrove, 17 Tarn Street' }).click();
  await expect(paper(page).locator('[data-role=line]')).toHaveCount(2);
  await page.getByLabel('State of row 1').selectOption('written');
  const file = await saved(page, () => page.getByRole('button', { name: 'PDF of the 2 that fit' }).click());
  expect(pagesOf(file.bytes)).toBe(2);
  await tab(page, 'To the desk');
  await page.getByLabel('As many as fit on A4, with cut marks').check();
  await tab(page, 'List');
  const sheet = await saved(page, () => page.getByRole('button', { name: 'PDF of the 2 that fit' }).click());
  expect(pagesOf(sheet.bytes)).toBe(1);
});

/** Opens a part of the sentence, does something there, and closes it. */
async function inPhrase(page: Page, name: string, act: () => Promise<unknown>) {
  await page.getByRole('button', { name: new RegExp(`^${name}:`) }).click();
  await act();
  await page.keyboard.press('Escape');
}

/** A new block of a role, open, with its text. */
async function addBlock(page: Page, role: string, text: string) {
  await page.getByRole('group', { name: 'Add a block' }).getByRole('button', { name: role }).click();
  await page.getByLabel(`Text of the ${role.toLowerCase()}`).fill(text);
}

test('a certificate in capitals and small capitals with foundational, in a double rule', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await inPhrase(page, 'Paper', () => page.getByLabel('Format').selectOption('a4'));
  await page.getByLabel('Text of the body').fill('This is to say that');
  await page.getByLabel('Hand', { exact: true }).selectOption('foundational');
  await addBlock(page, 'Name', 'Orla Fennimore');
  await page.getByLabel('Hand', { exact: true }).selectOption('roman');
  await page.getByLabel('School').selectOption('small-capitals');
  await enter(page, 'Nib width', '1.5');
  await addBlock(
    page,
    'Body',
    'has counted meteors through twelve clear nights, and lost not one of them to sleep.',
  );
  await page.getByLabel('Hand', { exact: true }).selectOption('foundational');
  await enter(page, 'Nib width', '1.5');
  await page.getByRole('button', { name: 'Centred by what is inked' }).click();
  await tab(page, 'Decorate');
  await page.getByLabel('Kind').selectOption('double rule');
  await expect(findings(page)).toContainText('It fits');
  await expect(paper(page).locator('[data-role=border] path')).toHaveCount(2);
  await tab(page, 'To the desk');
  const file = await saved(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(pagesOf(file.bytes)).toBe(1);
});

test('a size of one’s own is drawn as it is told, after a sideways format too', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  const drawn = () =>
    page
      .getByRole('img', { name: /^Preview/ })
      .evaluate((svg) => svg.getAttribute('viewBox')?.split(' ').slice(2).map(Number));
  const lengths = (label: string) => page.getByRole('textbox', { name: label, exact: true });
  await inPhrase(page, 'Paper', async () => {
    await page.getByRole('radio', { name: 'sideways' }).check();
    const [width, height] = (await drawn()) as [number, number];
    expect(width).toBeGreaterThan(height);
    await page.getByLabel('Format').selectOption('custom');
    await lengths('Paper width').fill('128');
    await page.keyboard.press('Enter');
    await lengths('Paper height').fill('90');
    await page.keyboard.press('Enter');
  });
  await expect.poll(drawn).toEqual([128, 90]);
  await inPhrase(page, 'Paper', async () => {
    await lengths('Paper height').fill('190');
    await page.keyboard.press('Enter');
  });
  await expect.poll(drawn).toEqual([128, 190]);
});

test('a panel with a rubric and a large initial, its nib chosen by comparison', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await inPhrase(page, 'Paper', async () => {
    await page.getByLabel('Format').selectOption('a4');
    await page.getByRole('radio', { name: 'upright' }).check();
  });
  await page
    .getByLabel('Text of the body')
    .fill(
      'When frost has swept the air and every lamp of the valley is out, the winter sky stands open from hill to hill.',
    );
  await page.getByLabel('Hand', { exact: true }).selectOption('foundational');
  await page.getByRole('button', { name: 'From the left' }).click();
  await page.getByText('White, initial, finish, flourish').click();
  await enter(page, 'Large initial, in lines', '2');
  await addBlock(page, 'Rubric', 'Of the winter sky');
  await page.getByRole('button', { name: 'Ink: madder' }).click();
  await page.getByRole('button', { name: 'Move the block up' }).click();
  await tab(page, 'Nib');
  await expect(page.getByText(/The largest that fits/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expect(findings(page)).toContainText(/It fits: [\s\S]*The initial is as heavy as its height asks/);
});

test('place cards with a border of ticks and a scatter of stars', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await inPhrase(page, 'Paper', () => page.getByLabel('Format').selectOption('place-card'));
  await page.getByLabel('Text of the body').fill('Tobin');
  await tab(page, 'Decorate');
  await page.getByLabel('Kind').selectOption('ticks');
  await enter(page, 'Distance from the edge', '3');
  await page.getByLabel('Motif').selectOption('stars');
  await enter(page, 'How many, an odd number', '6');
  await expect(paper(page).locator('[data-role=scatter] path')).toHaveCount(7);
  const before = await paper(page).locator('[data-role=scatter]').innerHTML();
  await page.getByRole('button', { name: 'Scatter again' }).click();
  await expect.poll(() => paper(page).locator('[data-role=scatter]').innerHTML()).not.toBe(before);
});

test('a line is moved by hand, undone by key, and a nib is taken from the comparison', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await page.getByLabel('Text of the body').fill('dusk');
  const line = paper(page).locator('[data-role=line]');
  await line.click();
  await enter(page, 'Line, to the right', '5');
  await expect(page.getByLabel('Line, to the right', { exact: true })).toHaveValue('5');
  await page.keyboard.press('Escape');
  await page
    .getByRole('heading', { name: 'Piece' })
    .first()
    .evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Line, to the right', { exact: true })).toHaveValue('0');

  await tab(page, 'Nib');
  await expect(page.getByText(/The largest that fits/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await expect(page.getByText(/Now \d/)).not.toHaveText(/Now 1.5 mm/);
});

test('a save from a stale piece is refused, and nothing is lost', async ({ page, request, baseURL }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await page.getByLabel('Text of the body').fill('mine');
  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  await expect(page).toHaveURL(/sheet=/);
  const id = new URL(page.url()).searchParams.get('sheet');
  const data = await (await request.get(`${baseURL}/api/sheets/${id}/picture`)).text();
  expect(data).toContain('<svg');
  await page.evaluate(async (sheet) => {
    const kept = JSON.parse(sessionStorage.getItem(`elvane-sheet-${sheet}`) ?? '{}');
    await fetch(`/api/sheets/${sheet}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ name: 'Theirs', recipe: { ...kept.history.present, title: 'theirs' } }),
    });
  }, id);
  await page.getByLabel('Text of the body').fill('mine again');
  await expect(page.getByText(/changed in another window.*Different there: the title/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep both' }).click();
  await expect(page.getByLabel('Text of the body')).toHaveValue('mine');
});

test('axe finds nothing on the piece', async ({ page }) => {
  await open(page, '/piece?fresh=1&hand=italic');
  await page.getByLabel('Text of the body').fill('dusk over the dome');
  for (const name of ['Text', 'Nib', 'Decorate', 'List', 'To the desk']) {
    await tab(page, name);
    await expect(page.locator('.loading')).toHaveCount(0);
    expect(await axeFinds(page), name).toEqual([]);
  }
});

test('a new piece is begun beside the one that is open, and a brush’s body is what its field says', async ({
  page,
}) => {
  await open(page, '/shelf');
  await page.getByRole('button', { name: 'New piece', exact: true }).click();
  const text = page.getByLabel('Text of the body');
  await text.fill('Asta Brell');
  await page.getByRole('button', { name: /^Paper/ }).click();
  await page.getByLabel('Format').selectOption({ label: 'C6 envelope' });
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  const first = page.url();

  await page.getByRole('button', { name: 'Begin a new piece' }).click();
  await expect(text).toHaveValue('');
  await text.fill('Dusk');
  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  expect(page.url()).not.toBe(first);

  // Brush and monoline: the body of the field is the body on paper, and can be changed.
  for (const hand of ['Brush lettering', 'Monoline, doubled']) {
    const body = page.getByLabel('Body height', { exact: true });
    const hands = page.getByLabel('Hand', { exact: true });
    const nib = page.getByLabel('Nib width', { exact: true });
    // Lengths of these hands do not hang on a nib width: that it comes and goes tells when a hand has come with its letters.
    await hands.selectOption({ label: 'Italic' });
    await expect(nib).toHaveCount(1);
    await hands.selectOption({ label: hand });
    await expect(nib).toHaveCount(0);
    await expect(body).not.toHaveValue('1');
    await enter(page, 'Body height', '6');
    await expect(body).toHaveValue('6');
    await expect(findings(page)).toContainText('It fits');
  }

  await open(page, first);
  await expect(text).toHaveValue('Asta Brell');
  await expect(page.getByRole('button', { name: /^Paper/ })).toContainText('C6');
});
