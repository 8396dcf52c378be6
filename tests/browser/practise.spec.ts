import { readFileSync } from 'node:fs';
import { freshRecipe } from '../../src/core/document/defaults';
import { bandOf } from '../../src/core/practice/bands/bandOf';
import { axeFinds, type Download, expect, type Page, test } from './desk';

const bands = (page: Page) => page.getByRole('list', { name: 'Bands of the page' }).locator('> li');
const names = async (page: Page) =>
  bands(page).locator('button[aria-expanded] > span:first-child').allTextContents();
const paper = (page: Page) => page.getByRole('img', { name: /^Page/ });
const open = (page: Page, path: string) => page.goto(path);

async function saved(page: Page, click: () => Promise<void>): Promise<{ name: string; bytes: Buffer }> {
  const download = page.waitForEvent('download');
  await click();
  const file: Download = await download;
  return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
}

const pagesOf = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length;

/** A page that nothing stands on: Practise opens on today's. */
async function openEmpty(page: Page, hand: string) {
  await open(page, `/practise?hand=${hand}`);
  await page.getByText('Other pages').click();
  await page.getByRole('button', { name: 'Empty page' }).click();
  await expect(page.getByText('Nothing to practise yet.')).toBeVisible();
}

test.describe('Practise opens on today’s page', () => {
  for (const hand of ['italic', 'copperplate', 'brush', 'monoline', 'court', 'roman']) {
    test(`in ${hand}: the letters that Today asks for`, async ({ page }) => {
      await open(page, `/today?hand=${hand}`);
      const steps = await page.getByTestId('steps').getByRole('listitem').count();
      expect(steps).toBeGreaterThan(1);
      const why = await page.getByTestId('why').innerText();
      await open(page, `/practise?hand=${hand}`);
      await expect(page.getByTestId('todays')).toContainText(why);
      await expect(bands(page).nth(1)).toBeVisible();
      await expect(page.getByText('Nothing to practise yet.')).toHaveCount(0);
    });
  }
});

test('a ten-minute italic page in one click, after marking what is known', async ({ page }) => {
  await openEmpty(page, 'italic');
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.getByRole('button', { name: 'none', exact: true }).click();
  await page.getByRole('button', { name: 'All of straight' }).click();
  await page.getByRole('button', { name: 'All of branching' }).click();
  await expect(page.getByRole('button', { name: 'n, known' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('tab', { name: 'Page' }).click();
  await page.getByRole('button', { name: 'Ten-minute page' }).click();
  await expect(bands(page).first()).toContainText('Zigzag');
  const all = await names(page);
  expect(all).toContain('Cups');
  expect(all).toContain('Letter a');
  expect(all).toContain('Letter d');
  const word = all.find((name) => name.startsWith('Word '))?.slice('Word '.length) ?? '';
  expect(word).toMatch(/^[iltjfnmhrbpkad]{3,8}$/);
  await expect(paper(page)).toHaveAccessibleName('Page 1 of 1: Italic, ten minutes');
  const { name, bytes } = await saved(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(name).toBe('italic-ten-minutes.pdf');
  expect(pagesOf(bytes)).toBe(1);
  // Known letters stay known.
  await page.reload();
  await page.getByRole('tab', { name: 'Words' }).click();
  await expect(page.getByRole('button', { name: 'h, known' })).toBeVisible();
});

test('a left-handed copperplate drill page, band by band', async ({ page }) => {
  await openEmpty(page, 'copperplate');
  await page.getByLabel('For a left hand').check();
  for (const drill of ['Under-turns', 'Over-turns', 'Ovals, anticlockwise']) {
    await page.getByRole('button', { name: 'Stroke drill' }).click();
    await page.getByLabel('Drill', { exact: true }).selectOption({ label: drill });
  }
  expect(await names(page)).toEqual(['Under-turns', 'Over-turns', 'Ovals, anticlockwise']);
  await page.getByLabel('Trace').fill('3');
  await page.keyboard.press('Enter');
  await expect(bands(page).last()).toContainText('guided, 3 to trace');
  // The large model stands on the right, away from the hand.
  const guided = paper(page).locator('[data-role="guided"]').first();
  const sheet = await paper(page).boundingBox();
  const model = await guided.boundingBox();
  expect((model?.x ?? 0) - (sheet?.x ?? 0)).toBeGreaterThan((sheet?.width ?? 0) / 2);
  const { bytes } = await saved(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(pagesOf(bytes)).toBe(1);
});

test('bands are ordered by mouse and keyboard, duplicated, taken away, and all of it undone', async ({
  page,
}) => {
  await openEmpty(page, 'italic');
  for (const kind of ['Letter', 'Word', 'Picture']) {
    await page.getByRole('button', { name: kind, exact: true }).click();
    await page.getByRole('button', { expanded: true }).first().click();
  }
  expect(await names(page)).toEqual(['Letter n', 'Word moon', 'Phases of the moon']);
  await page.getByRole('button', { name: 'Move Letter n', exact: true }).focus();
  const spoken = page.locator('[id^="DndLiveRegion"]');
  for (const [key, said] of [
    ['Space', /Picked up Letter n|goes to place 1/],
    ['ArrowDown', 'Letter n goes to place 2'],
    ['Space', 'Letter n put down at place 2'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(spoken).toContainText(said);
  }
  await expect.poll(() => names(page)).toEqual(['Word moon', 'Letter n', 'Phases of the moon']);
  const [from, to] = [
    page.getByRole('button', { name: 'Move Phases of the moon', exact: true }),
    bands(page).first(),
  ];
  const [start, end] = [await from.boundingBox(), await to.boundingBox()];
  await page.mouse.move((start?.x ?? 0) + 5, (start?.y ?? 0) + 10);
  await page.mouse.down();
  await page.mouse.move((start?.x ?? 0) + 5, (start?.y ?? 0) - 40, { steps: 5 });
  await page.mouse.move((end?.x ?? 0) + 5, (end?.y ?? 0) + 5, { steps: 8 });
  await page.mouse.up();
  await expect.poll(() => names(page)).toEqual(['Phases of the moon', 'Word moon', 'Letter n']);
  await page.getByRole('button', { name: 'Duplicate Word moon' }).click();
  await page.getByRole('button', { name: 'Remove Letter n' }).click();
  await expect.poll(() => names(page)).toEqual(['Phases of the moon', 'Word moon', 'Word moon']);
  for (let i = 0; i < 4; i++) await page.keyboard.press('Control+z');
  await expect.poll(() => names(page)).toEqual(['Letter n', 'Word moon', 'Phases of the moon']);
  // What was made is kept.
  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  await page.reload();
  expect(await names(page)).toEqual(['Letter n', 'Word moon', 'Phases of the moon']);
});

test('a click on the page opens the band there; the title stands at its head', async ({ page }) => {
  await open(page, '/practise?sheet=demo-ten');
  const box = await paper(page).locator('[data-role="guided"]').last().boundingBox();
  await page.mouse.click((box?.x ?? 0) + 10, (box?.y ?? 0) + 10);
  await expect(bands(page).getByRole('button', { expanded: true })).toContainText('Letter d');
  await page.getByLabel('Title at the head of the page').fill('Dusk');
  await expect(paper(page)).toHaveAccessibleName('Page 1 of 1: Dusk');
});

test('a page recipe goes out and comes in unchanged; what is no recipe is refused', async ({ page }) => {
  const made = {
    ...freshRecipe('italic'),
    title: 'From a friend',
    practice: {
      bands: [bandOf('b1', 'letter', 'g', { ink: 'outline', size: 1.5 }), bandOf('b2', 'word', 'comet')],
    },
  };
  await open(page, '/practise?hand=copperplate');
  const input = page.getByLabel('Saved page');
  await input.setInputFiles({
    name: 'friend.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(made)),
  });
  await expect.poll(() => names(page)).toEqual(['Letter g', 'Word comet']);
  const { bytes } = await saved(page, () =>
    page.getByRole('button', { name: 'Page file', exact: true }).click(),
  );
  expect(JSON.parse(bytes.toString())).toEqual(made);
  await input.setInputFiles({ name: 'no.json', mimeType: 'application/json', buffer: Buffer.from('{"a":') });
  await expect(page.getByText('“no.json” is not readable JSON. Nothing was imported.')).toBeVisible();
  expect(await names(page)).toEqual(['Letter g', 'Word comet']);
});

test('what does not fit says so beside its band', async ({ page }) => {
  await openEmpty(page, 'italic');
  await page.getByRole('button', { name: 'Word', exact: true }).click();
  await page.getByLabel('Word', { exact: true }).fill('observatories');
  await page.getByLabel('Size, against the sheet', { exact: true }).fill('3');
  await page.keyboard.press('Enter');
  await expect(bands(page).first()).toContainText(/is \d+ mm wide at this size .* A nib of [\d.]+ mm fits\./);
});

test('words from known letters: a covering set, pairs, a rich join, a list of one’s own', async ({
  page,
}) => {
  await openEmpty(page, 'italic');
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.getByRole('button', { name: 'none', exact: true }).click();
  for (const letter of 'adgqunmh') await page.getByRole('button', { name: letter, exact: true }).click();
  await page.getByLabel('to stress').check();
  await page.getByRole('button', { name: 'g, known' }).click();
  await expect(page.getByRole('button', { name: 'g, known, to stress' })).toBeVisible();
  await page.getByRole('button', { name: 'A small set that shows all' }).click();
  const found = page.getByTestId('found-words');
  await expect(found).toContainText('words show every letter you know and every pair');
  const words = await found.getByRole('listitem').allTextContents();
  for (const word of words) expect(word).toMatch(/^[adgqunmh]+$/);
  expect(words.filter((word) => word.includes('g')).length).toBeGreaterThan(1);

  await page.getByRole('button', { name: 'all small' }).click();
  await page.getByRole('button', { name: 'Find pairs' }).click();
  await expect(found).toContainText('One letter apart: n or u');
  await page.getByLabel('Pair, or any letters').fill('oo');
  await page.getByRole('button', { name: 'Find words' }).click();
  await expect(found).toContainText('Rich in “oo”');
  const rich = await found.getByRole('listitem').allTextContents();
  for (const word of rich) expect(word).toContain('oo');
  await found.getByRole('button', { name: `Put “${rich[0]}” on the page` }).click();
  await page.getByRole('button', { name: 'Words A–Z of' }).click();
  await expect(found.getByRole('listitem')).toHaveCount(26);

  await page.getByLabel('Word list file').setInputFiles({
    name: 'nebo.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('mesiac\nhviezda\nлуна\nďalekohľad\n'),
  });
  await expect(page.getByTestId('list-facts')).toHaveText(
    '“nebo.txt”: 4 words, 3 of them from letters you know.',
  );
  await expect(page.getByTestId('lacking')).toContainText('л (1 word)');
  // The list is the sheet's own: choosing the bundled one and the other again, as with anything else on it.
  const from = page.getByRole('combobox', { name: 'Words from' });
  await from.selectOption('Bundled English list');
  await expect(page.getByTestId('list-facts')).toContainText('Bundled English list');
  await from.selectOption('nebo.txt');
  await expect(page.getByTestId('list-facts')).toContainText('“nebo.txt”');
  await page.getByRole('button', { name: 'Remove this list' }).click();
  await expect(page.getByTestId('list-facts')).toContainText('Bundled English list');
  await page.getByRole('tab', { name: 'Page' }).click();
  expect(await names(page)).toEqual([`Word ${rich[0]}`]);
});

test('a pack too thin for its hand says so before it is made, and is planned anew in one tap', async ({
  page,
}) => {
  await open(page, '/practise?hand=uncial');
  await page.getByRole('tab', { name: 'Course' }).click();
  const more = page.getByRole('button', { name: /^Plan \d+ sessions, for the whole hand$/ });
  await expect(page.getByText(/of the hand have no room in this pack: z/)).toBeVisible();
  await more.click();
  await expect(page.getByLabel('Sessions')).not.toHaveValue('9');
  await expect(page.getByRole('heading', { name: /^1\d pages$/ })).toBeVisible();
  await expect(more).toHaveCount(0);
});

test('a pack for a class: planned, cancelled, made, and a page of it laid on the desk', async ({ page }) => {
  await open(page, '/practise?hand=italic');
  await page.getByRole('tab', { name: 'Course' }).click();
  await expect(page.getByRole('heading', { name: '12 pages' })).toBeVisible();
  await page.getByLabel('Sessions').fill('2');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('tabpanel').getByRole('alert')).toContainText(
    'The nearest that works is 5 sessions.',
  );
  await page.getByLabel('Sessions').fill('27');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: '30 pages' })).toBeVisible();

  // A pack is soon drawn: this one is held up, so that there is time to cancel it.
  await page.route(/\/api\/course/, () => undefined, { times: 1 });
  await page.getByRole('button', { name: 'Make the pack' }).click();
  await expect(page.getByRole('progressbar', { name: /the pack/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('The pack was cancelled.')).toBeVisible();

  const { name, bytes } = await saved(page, () =>
    page.getByRole('button', { name: 'Make the pack' }).click(),
  );
  expect(name).toBe('italic-course.pdf');
  expect(pagesOf(bytes)).toBe(30);

  await page.getByRole('button', { name: /^Lay “Branching.*\(1 of/ }).click();
  await expect.poll(async () => (await names(page)).some((band) => /^Letters? n/.test(band))).toBe(true);
});

test('every tab is accessible', async ({ page }) => {
  await open(page, '/practise?sheet=demo-ten');
  for (const tab of ['Page', 'Words', 'Course']) {
    await page.getByRole('tab', { name: tab }).click();
    if (tab === 'Page') await bands(page).first().getByRole('button', { expanded: false }).click();
    if (tab === 'Words') {
      await page.getByRole('button', { name: 'none', exact: true }).click();
      await page.getByRole('button', { name: 'All of a-shape' }).click();
      await page.getByRole('button', { name: 'A small set that shows all' }).click();
      await expect(page.getByTestId('found-words')).toBeVisible();
    }
    if (tab === 'Course') await expect(page.getByRole('heading', { name: '12 pages' })).toBeVisible();
    expect(await axeFinds(page), tab).toEqual([]);
  }
});
