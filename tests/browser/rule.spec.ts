import { readFileSync } from 'node:fs';
import { expect, type Page, test } from './desk';

/** Opens a part of the recipe sentence. */
async function open(page: Page, label: string) {
  const panel = page.getByRole('dialog', { name: label });
  // A click that comes before the page has woken up opens nothing: click again then.
  await expect(async () => {
    if (!(await panel.isVisible()))
      await page.getByRole('button', { name: new RegExp(`^${label}:`) }).click();
    await expect(panel).toBeVisible({ timeout: 2_000 });
  }).toPass({ timeout: 30_000 });
  return panel;
}

async function choose(page: Page, label: string, choice: string | RegExp) {
  const panel = await open(page, label);
  // Not check(), which wants its answer at once: the letters of a hand are fetched when it is first chosen.
  await panel.getByRole('radio', { name: choice }).click();
  await expect(panel.getByRole('radio', { name: choice })).toBeChecked();
  await page.keyboard.press('Escape');
}

async function enter(page: Page, label: string, field: string | RegExp, value: string) {
  const panel = await open(page, label);
  await panel.getByRole('textbox', { name: field }).fill(value);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
}

const given = (page: Page, quantity: string) => page.getByTestId(`given-${quantity}`);

test('from a hand and a nib to a sheet that prints', async ({ page }) => {
  await page.goto('/rule?hand=italic');

  await choose(page, 'Hand', /^Foundational/);
  await enter(page, 'Height', /Body, in nib widths/, '3');
  const remarks = page.getByRole('region', { name: 'Remarks' });
  await expect(remarks).toContainText('Foundational is usually written with a body of 4 to 4.5 nib widths');
  await expect(remarks).toContainText('nearest usual weight is 4');

  await choose(page, 'Hand', /^Italic/);
  await choose(page, 'Nib', /^2\.4 mm square-cut nib/);
  await expect(page.getByRole('button', { name: 'Paper: A4 upright' })).toBeVisible();
  await expect(given(page, 'bodyMm')).toHaveText('12 mm');
  await expect(remarks).toBeHidden();

  await enter(page, 'Lines', 'Or exactly', '5');
  await expect(given(page, 'lines')).toHaveText('5');
  const followed = Number((await given(page, 'width').textContent())?.replace(' mm', ''));
  expect(followed).toBeGreaterThan(3.4);
  expect(followed).toBeLessThan(4);
  await expect(page.getByTestId('nearest-nib')).toContainText(/Nearest in your drawer: the (3\.5|4) mm /);

  await choose(page, 'Nib', /^3\.5 mm square-cut nib/);
  await expect(given(page, 'width')).toHaveText('3.5 mm');
  await expect(given(page, 'bodyMm')).toHaveText('17.5 mm');
  await expect(given(page, 'lines')).toHaveText('5');

  await enter(page, 'Slope', /Slope, off the vertical/, '6');
  const slopePanel = await open(page, 'Slope lines');
  await slopePanel.getByRole('checkbox', { name: 'Rule slope lines' }).check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Slope lines: slope lines every 10 mm' })).toBeVisible();
  await expect(page.locator('[data-role=slope] path')).toHaveCount(1);

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const download = await waiting;
  expect(download.suggestedFilename()).toBe('italic-guideline-sheet.pdf');
  const pdf = readFileSync(await download.path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.toString('latin1')).toMatch(/MediaBox \[0 0 595\.27\d* 841\.88\d*\]/);

  await expect(page.getByTestId('save-state')).toHaveText('Kept on the shelf');
  await page.reload();
  await expect(given(page, 'width')).toHaveText('3.5 mm');
  await expect(page.locator('[data-role=slope] path')).toHaveCount(1);

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('[data-role=slope]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.locator('[data-role=slope]')).toHaveCount(1);
});

test('what is changed while a hand is being fetched is kept', async ({ page }) => {
  await page.goto('/strokes?hand=italic');
  const hands = await open(page, 'Hand');
  let release = () => {};
  const held = new Promise<void>((resolve) => {
    release = resolve;
  });
  await page.route('**/_next/static/**', async (route) => {
    await held;
    await route.continue();
  });
  const fetching = page.waitForRequest('**/_next/static/**');
  await hands.getByRole('radio', { name: /^Copperplate/ }).click();
  await fetching;
  await page.keyboard.press('Escape');
  await enter(page, 'Lines', 'Or exactly', '4');
  release();
  await expect(page.getByRole('button', { name: 'Hand: Copperplate' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Lines: four lines' })).toBeVisible();
});

test('Back keeps the work', async ({ page }) => {
  await page.goto('/rule?hand=uncial');
  await enter(page, 'Height', /Body, in nib widths/, '4.5');
  await page.getByRole('link', { name: 'Shelf' }).click();
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  await page.goBack();
  await expect(given(page, 'body')).toHaveText('4.5 nib widths');
});

test('an edit that cannot be ruled is refused with the nearest that can, and nothing changes', async ({
  page,
}) => {
  await page.goto('/rule?hand=italic');
  const panel = await open(page, 'Paper');
  await panel.getByRole('combobox').selectOption({ label: 'Place card 55 × 90 mm' });
  await panel.getByRole('textbox', { name: 'Columns' }).fill('3');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Paper: Place card 55 × 90 mm upright' })).toBeVisible();
  const refusal = page.locator('header').getByRole('alert');
  await expect(refusal).toContainText('no room to rule');

  await enter(page, 'Nib', 'Or any width', '12');
  await expect(refusal).toContainText('Not one line fits on this sheet. The largest nib that fits one is');
  await expect(given(page, 'width')).toHaveText('2.4 mm');
  await refusal.getByRole('button', { name: /^Use .* mm/ }).click();
  await expect(given(page, 'lines')).toHaveText('1');

  const nib = await open(page, 'Nib');
  await nib.getByRole('textbox', { name: 'Or any width' }).fill('900');
  await page.keyboard.press('Enter');
  await expect(nib.getByRole('alert')).toContainText('Nib width is 900 mm; the nearest allowed is 30 mm.');
});

test('everything by keyboard', async ({ page }) => {
  await page.goto('/rule?hand=italic');
  await expect(given(page, 'width')).toHaveText('2.4 mm');
  await page.keyboard.press(']');
  await expect(given(page, 'width')).toHaveText('3 mm');
  await page.keyboard.press('[');
  await page.keyboard.press('[');
  await expect(given(page, 'width')).toHaveText('2.3 mm');
  await page.keyboard.press('.');
  await expect(page.getByRole('button', { name: 'Pen angle: 46°' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: 'Pen angle: 45°' })).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByTestId('zoom')).toHaveText('100 %');
  await page.keyboard.press('+');
  await expect(page.getByTestId('zoom')).toHaveText('140 %');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('print the sheet');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeHidden();
  const waiting = page.waitForEvent('download');
  await page.keyboard.press('p');
  await waiting;
  // The sentence itself: Tab to a part, Enter opens it, arrows step, Escape gives the focus back.
  const angle = page.getByRole('button', { name: /^Pen angle:/ });
  await angle.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: /^Pen angle/ })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('Escape');
  await expect(angle).toBeFocused();
  await expect(angle).toHaveText('46°');
});

test('life size is true after matching a bank card', async ({ page }) => {
  await page.goto('/workshop#screen');
  await page.getByRole('slider').fill('5');
  const card = await page.getByTestId('card-outline').boundingBox();
  expect(card?.width).toBeCloseTo(85.6 * 5, 0);
  await page.getByRole('button', { name: 'It matches' }).click();
  await page.goto('/rule?hand=italic');
  await page.getByRole('button', { name: 'Life size' }).click();
  const sheet = await page.getByRole('img', { name: /Preview/ }).boundingBox();
  expect(sheet?.width).toBeCloseTo(210 * 5, 0);
});

test('a comparison sheet rules a band for each nib', async ({ page }) => {
  await page.goto('/rule?hand=uncial');
  const panel = await open(page, 'Nib');
  await panel.getByRole('button', { name: 'Compare nibs on one sheet' }).click();
  await panel.getByRole('checkbox', { name: '5 mm', exact: true }).check();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'Nib: the 2.4, 3, 5 mm nibs in bands' })).toBeVisible();
  await expect(page.locator('[data-role=band-captions] text')).toHaveCount(3);
});
