import { freshRecipe } from '../../src/core/document/defaults';
import { HANDS } from '../../src/core/hands/registry';
import { axeFinds, expect, type Page, test } from './desk';

const cards = (page: Page) => page.getByRole('main').locator('li[id]');
const card = (page: Page, id: string) => page.locator(`li[id="${id}"]`);
const written = (page: Page, id: string) => card(page, id).getByTestId('sample');
/** Every hand but the two that the other tests are full of; and a letter to look for on its desk. */
const OTHERS = HANDS.filter(({ id }) => id !== 'italic' && id !== 'copperplate');
const letterOf = ({ rightToLeft }: { rightToLeft: boolean }) => (rightToLeft ? 'ن' : '[oO]');

test.beforeEach(async ({ page }) => {
  await page.goto('/hand');
});

test('every drawn hand writes my words, the others say that they cannot', async ({ page }) => {
  await expect(cards(page)).toHaveCount(HANDS.length);
  await page.getByRole('textbox', { name: 'Your words' }).fill('Comet');
  for (const { id, script } of HANDS) {
    if (script) {
      await expect(written(page, id)).toBeVisible();
      // A path a letter, and one a join where the hand joins them.
      await expect.poll(() => written(page, id).locator('path').count()).toBeGreaterThanOrEqual(5);
    } else await expect(card(page, id).getByText('Its letters are not drawn here yet')).toBeVisible();
  }
  await page.getByRole('textbox', { name: 'Your words' }).fill('луна');
  await expect(card(page, 'italic').getByText(/It has no letter for/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Your words' }).fill('Bolide');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Your words' })).toHaveValue('Bolide');
});

test('the gallery is narrowed, compared and chosen from', async ({ page }) => {
  await page.getByLabel('Look', { exact: true }).selectOption('broken');
  await expect(cards(page)).toHaveCount(1);
  await page.getByLabel('For', { exact: true }).selectOption('envelope');
  await page.getByRole('button', { name: 'Show all of them' }).click();
  await expect(cards(page)).toHaveCount(HANDS.length);

  for (const id of ['italic', 'uncial']) await card(page, id).getByLabel('Compare').check();
  const tray = page.getByRole('region', { name: 'Side by side' });
  await expect(tray.getByTestId('sample')).toHaveCount(2);
  await tray.getByRole('button', { name: 'Remove Italic' }).click();
  await expect(tray.getByTestId('sample')).toHaveCount(1);

  await card(page, 'textura').getByLabel('School of Textura').selectOption({ label: 'blacker' });
  await card(page, 'textura').getByRole('link', { name: 'Choose Textura' }).click();
  await expect(page.getByRole('button', { name: 'Hand: Textura' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'School: blacker' })).toBeVisible();
});

test('which hand for me: from a purpose, a tool and a taste to hands with reasons', async ({ page }) => {
  await page.getByLabel('To write', { exact: true }).selectOption('certificate');
  await page.getByLabel('It should look').selectOption('broken');
  const suggested = page.getByRole('list', { name: 'Suggested hands' }).getByRole('listitem');
  await expect(suggested.first()).toContainText('Textura');
  await expect(suggested.first()).toContainText('It is often chosen for certificates.');
  await page.getByLabel('With', { exact: true }).selectOption('pointed');
  await expect(suggested.first()).toContainText('Copperplate');
  await suggested.first().getByRole('link', { name: 'Choose Copperplate' }).click();
  await expect(page.getByRole('button', { name: 'Hand: Copperplate' })).toBeVisible();
});

/** One hand each of an edge, of capitals only, of a round pen, and from the right. */
const WALKED: readonly string[] = ['foundational', 'roman', 'monoline', 'court'];

// Every hand writes, drills and plans in the unit tests; the way through the stations is the same for all.
for (const hand of OTHERS.filter(({ id }) => WALKED.includes(id))) {
  const { id, name, families } = hand;
  test(`${name}: from its card to strokes, words, a ten-minute page and a course`, async ({ page }) => {
    await expect(written(page, id)).toBeVisible();
    await card(page, id).getByRole('link', { name: 'Strokes' }).click();
    await expect(page.getByRole('heading', { name: /, stroke by stroke$/ })).toBeVisible();
    const letter = page.getByRole('button', { name: new RegExp(`^Letter ${letterOf(hand)}$`) }).last();
    await letter.click();
    await expect(
      page.getByRole('heading', { name: new RegExp(`^${letterOf(hand)}, stroke by stroke$`) }),
    ).toBeVisible();

    await page.goto(`/practise?hand=${id}`);
    await page.getByRole('button', { name: 'Ten-minute page' }).click();
    const bands = page.getByRole('list', { name: 'Bands of the page' }).locator('> li');
    await expect(bands.filter({ hasText: /Letters? / }).first()).toBeVisible();
    await page.getByRole('tab', { name: 'Words' }).click();
    await page.getByRole('button', { name: 'none', exact: true }).click();
    for (const family of families.filter(({ case: of }) => of === 'small' || of === 'capital').slice(0, 3))
      await page
        .getByRole('button', { name: new RegExp(`^All of (capitals, )?${family.name}$`) })
        .first()
        .click();
    await page.getByRole('button', { name: 'A small set that shows all' }).click();
    await expect(page.getByTestId('found-words')).not.toBeEmpty();
    await page.getByRole('tab', { name: 'Course' }).click();
    await expect(page.getByRole('heading', { name: '12 pages' })).toBeVisible();
  });
}

test('a brush bounces, its shapes take turns, and a page is laid to collect new ones', async ({ page }) => {
  await page.goto('/strokes?hand=brush');
  const line = page.getByRole('region', { name: 'Write anything' }).locator('svg').first();
  const still = await line.innerHTML();
  await page.getByRole('tab', { name: 'Pen' }).click();
  await page.getByRole('slider', { name: 'Bounce' }).fill('1');
  await expect.poll(() => line.innerHTML()).not.toBe(still);
  const bounced = await line.innerHTML();
  await page.getByRole('combobox', { name: 'View' }).selectOption('two colours');
  const letter = page.getByRole('img', { name: /^Letter / }).first();
  const colours = () =>
    letter
      .locator('path')
      .evaluateAll((paths) => new Set(paths.map((path) => path.getAttribute('fill'))).size);
  await expect.poll(colours).toBeGreaterThan(10);
  await page.getByLabel('Tip touched to').fill('#101010');
  await expect(letter.locator('path[fill="#101010"]').first()).toBeAttached();
  await page.getByRole('tab', { name: 'Shapes' }).click();
  await page.getByLabel('Let shapes take turns').check();
  await expect.poll(() => line.innerHTML()).not.toBe(bounced);

  await page.goto('/practise?hand=brush');
  await page.getByText('Other pages').click();
  await page.getByRole('button', { name: 'Alphabet of mine' }).click();
  const bands = page.getByRole('list', { name: 'Bands of the page' }).locator('> li');
  await expect(bands.first()).toContainText('a b c d e f g');
  await page.getByRole('textbox', { name: 'Shapes of' }).fill('k');
  await page.getByRole('button', { name: 'Page to collect them' }).click();
  await expect(bands).toHaveCount(1);
  await expect(bands.first()).toContainText('Letter k');
});

test('an Arabic letter is measured in dots, and a line of it goes out as PDF, SVG and PNG', async ({
  page,
  request,
}) => {
  await page.goto('/strokes?hand=court');
  await page.getByRole('combobox', { name: 'View' }).selectOption('in dots');
  await expect(page.getByRole('img', { name: /^Letter / }).first()).toBeVisible();
  const line = page.getByRole('region', { name: 'Write anything' }).getByRole('textbox');
  await line.fill('نجم');
  await expect(line).toHaveAttribute('dir', 'auto');
  const recipe = { ...freshRecipe('court'), exemplar: 'نجم وقمر' };
  for (const [format, beginning] of [
    ['pdf', '%PDF'],
    ['svg', '<svg'],
    ['png', 'PNG'],
  ] as const) {
    const response = await request.post(`/api/render?format=${format}&dpi=150`, { data: recipe });
    expect(response.status()).toBe(200);
    const body = await response.body();
    expect(body.length).toBeGreaterThan(1000);
    expect(body.toString('latin1')).toContain(beginning);
  }
});

test('axe finds nothing on the gallery', async ({ page }) => {
  await page.goto('/hand');
  await expect(written(page, 'italic')).toBeVisible();
  await card(page, 'italic').getByLabel('Compare').check();
  await page.getByLabel('To write', { exact: true }).selectOption('label');
  expect(await axeFinds(page)).toEqual([]);
});
