import { readFileSync } from 'node:fs';
import { axeFinds, expect, type Page, test } from './desk';

const tab = (page: Page, name: string) => page.getByRole('tab', { name }).click();

test('play a letter, turn the pen, read the chart’s answer, write a line to PDF', async ({ page }) => {
  await page.goto('/strokes?hand=italic');
  await page.getByRole('button', { name: 'Letter w', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'w, stroke by stroke' })).toBeVisible();
  await expect(page.getByRole('region', { name: /stroke by stroke/ }).getByRole('listitem')).toHaveCount(4);

  const along = page.getByRole('slider', { name: 'Along the letter' });
  await page.getByRole('button', { name: 'Play' }).click();
  await expect.poll(async () => Number(await along.inputValue())).toBeGreaterThan(0.05);
  await page.getByRole('button', { name: 'Hold' }).click();
  const heldAt = Number(await along.inputValue());
  expect(heldAt).toBeLessThan(1);
  await page.getByRole('button', { name: 'Next stroke' }).click();
  expect(Number(await along.inputValue())).toBeGreaterThan(heldAt);

  await tab(page, 'Pen');
  await page.getByRole('slider', { name: 'Held pen angle' }).fill('25');
  await expect(page.getByText(/comes out too heavy at 25°/).first()).toBeVisible();
  await page.getByRole('checkbox', { name: 'Hold one angle throughout' }).uncheck();

  await tab(page, 'Weight');
  await expect(page.locator('.polar')).toBeVisible();
  await page.getByLabel('Make this stroke half as heavy').selectOption({ index: 0 });
  await expect(page.getByText(/Hold the pen at \d+° for it, instead of 45°/)).toBeVisible();

  await tab(page, 'Measures');
  await expect(page.getByText(/they are parallel/)).toBeVisible();

  const text = page.getByRole('textbox', { name: 'Text to write' });
  await text.fill('comet ж');
  await expect(page.getByText('No letter yet for ж')).toBeVisible();
  await text.fill('comet');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const pdf = readFileSync(await (await waiting).path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');

  await page.getByRole('button', { name: 'Keep on the sheet' }).click();
  await page.getByRole('link', { name: 'Rule' }).click();
  await expect(page.locator('[data-role=exemplar] path')).toHaveCount(5);
});

test('a slider changes the hand on the sheet', async ({ page }) => {
  await page.goto('/strokes?hand=copperplate');
  await tab(page, 'Pen');
  const slant = page.getByRole('slider', { name: 'Slant' });
  await slant.focus();
  await slant.press('ArrowLeft');
  await slant.press('ArrowLeft');
  await expect(page.getByRole('button', { name: 'on a slant of 53°' })).toBeVisible();
  await page.getByRole('slider', { name: 'Contrast' }).fill('5');
  await expect(page.getByText('1 : 5', { exact: true })).toBeVisible();
});

test('shapes are chosen, kept as a default set, and go out and in as JSON', async ({ page }) => {
  await page.goto('/strokes?hand=italic');
  await page.getByRole('button', { name: 'Letter g', exact: true }).click();
  await tab(page, 'Shapes');
  await page.getByRole('radio', { name: /closed tail/ }).check();
  await expect(page.getByText('this sheet has 1 chosen shape')).toBeVisible();
  await page.getByRole('button', { name: 'Make these shapes my default' }).click();
  await expect(page.getByText('These shapes are now your default.')).toBeVisible();

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'This letter as a start for my own' }).click();
  const own = JSON.parse(readFileSync(await (await waiting).path(), 'utf8'));
  expect(own.letters[0].text).toBe('g');

  const open = page.getByLabel('Letter set to open');
  const file = (content: string) => ({
    name: 'mine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(content),
  });
  await open.setInputFiles(file(JSON.stringify(own).replace(/"x":[-\d.]+/, '"x":NaN')));
  await expect(page.getByText('NaN and Infinity are not numbers in JSON')).toBeVisible();
  own.letters[0].strokes[0].name = '<script>alert(1)</script>';
  await open.setInputFiles(file(JSON.stringify(own)));
  await expect(page.getByText(/The name of a stroke may hold letters/)).toBeVisible();
  await expect(page.getByRole('radio', { name: /closed tail/ })).toBeChecked();

  own.letters[0].strokes[0].name = 'bowl';
  own.letters[0].text = 'ж';
  own.letters[0].variant = 'usual';
  await open.setInputFiles(file(JSON.stringify(own)));
  await expect(page.getByText('1 letter of your own').first()).toBeVisible();
  await page.getByRole('textbox', { name: 'Text to write' }).fill('ж');
  await expect(page.getByText('No letter yet for ж')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Letter ж' })).toBeVisible();

  await page.getByRole('button', { name: 'Put my own letters away' }).click();
  await expect(page.getByRole('button', { name: 'Letter ж' })).toHaveCount(0);
});

test('two letters are compared beside each other and overlaid', async ({ page }) => {
  await page.goto('/strokes?hand=copperplate');
  await page.getByLabel('Beside').selectOption('school:1-1-1');
  await page.getByRole('checkbox', { name: 'overlaid' }).uncheck();
  await expect(page.getByRole('img', { name: /Compared with: ratio 1:1:1/ })).toBeVisible();
  for (const view of ['solid', 'outline', 'skeleton', 'double line']) {
    await page.getByLabel('View').selectOption(view);
    await expect(page.getByRole('img', { name: /^Letter a/ })).toBeVisible();
  }
});

test('a letter of a brush line is moved and reshaped by hand, and the sheet keeps it', async ({ page }) => {
  await page.goto('/strokes?hand=brush');
  await page.getByLabel('Text to write').fill('snow and ice');
  await page.getByRole('button', { name: 'Change a letter by hand' }).click();
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: 'Next letter' }).click();
  await expect(page.getByText('o, letter 3')).toBeVisible();
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'Move o up' }).click();
  await page.getByRole('button', { name: 'Previous letter' }).click();
  await page.getByRole('button', { name: 'Previous letter' }).click();
  await page.getByLabel('Shape of s here').selectOption({ index: 2 });
  await page.getByRole('button', { name: 'Keep on the sheet' }).click();
  await expect(page.getByRole('button', { name: 'Keep on the sheet' })).toBeDisabled();
  await page.reload();
  await expect(page.getByLabel('Text to write')).toHaveValue('snow and ice');
  await page.getByRole('button', { name: 'Change a letter by hand' }).click();
  await expect(page.getByLabel('Shape of s here')).not.toHaveValue('');
  await page.getByRole('button', { name: 'Put back' }).click();
  await expect(page.getByLabel('Shape of s here')).toHaveValue('');
});

test('a line of the court hand rises, is signed and filled, and comes as a file', async ({ page }) => {
  await page.goto('/strokes?hand=court');
  const line = page.getByRole('img', { name: 'The line as the hand writes it' });
  await page.getByLabel('Text to write').fill('بحر النور');
  const plain = await line.locator('path').count();
  await tab(page, 'Pen');
  const rise = page.getByRole('slider', { name: 'Rise of the line' });
  await rise.focus();
  await page.keyboard.press('End');
  await expect(rise).toHaveAttribute('aria-valuetext', '8°');
  await page.getByRole('checkbox', { name: 'Small letters with the third pen' }).check();
  await expect.poll(() => line.locator('path').count()).toBe(plain + 1);
  await page.getByRole('checkbox', { name: 'Small dots round the line' }).check();
  await expect.poll(() => line.locator('path').count()).toBeGreaterThan(plain + 50);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'SVG', exact: true }).click();
  expect((await download).suggestedFilename()).toBe('written.svg');
});

test('the station works by keyboard', async ({ page }) => {
  await page.goto('/strokes?hand=italic');
  const along = page.getByRole('slider', { name: 'Along the letter' });
  await page.getByRole('heading', { name: /stroke by stroke/ }).click();
  await page.keyboard.press('b');
  const earlier = Number(await along.inputValue());
  expect(earlier).toBeLessThan(1);
  await page.keyboard.press('n');
  expect(Number(await along.inputValue())).toBeGreaterThan(earlier);
  await page.getByRole('tab', { name: 'Strokes' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'Pen' })).toBeFocused();
  await expect(page.getByRole('heading', { name: 'Turn the pen' })).toBeVisible();
});

test('at 768 px everything is in reach', async ({ page }) => {
  await page.setViewportSize({ width: 768, height: 1024 });
  await page.goto('/strokes?hand=italic');
  await expect(page.getByRole('button', { name: 'Play' })).toBeInViewport();
  await expect(page.getByRole('tab', { name: 'Shapes' })).toBeInViewport();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(768);
});

test('with reduced motion, play goes stroke by stroke', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/strokes?hand=italic');
  const along = page.getByRole('slider', { name: 'Along the letter' });
  await page.getByRole('button', { name: 'Play' }).click();
  const first = await along.inputValue();
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  expect(await along.inputValue()).toBe(first);
  expect(Number(first)).toBeGreaterThan(0.2);
});

test('axe finds nothing on the strokes', async ({ page }) => {
  await page.goto('/strokes?hand=italic');
  for (const name of ['Strokes', 'Pen', 'Weight', 'Measures', 'Shapes']) {
    await tab(page, name);
    expect(await axeFinds(page), name).toEqual([]);
  }
});

test('lifts of the pen are shown over a word, and white is asked for between letters and words', async ({
  page,
}) => {
  await page.goto('/strokes?hand=copperplate');
  const typed = page.getByLabel('Text to write');
  await typed.fill('it');
  const length = page.getByText(/^[\d.]+ mm long$/);
  const mm = async () => Number.parseFloat((await length.textContent()) ?? '');
  await page.getByRole('checkbox', { name: 'Lifts of the pen' }).check();
  // First hairline, two stems, a dot and a bar.
  await expect(page.getByTestId('lifts').locator('text')).toHaveCount(5);
  await expect(page.getByText('five times set down (ring)')).toBeVisible();
  const own = await mm();
  await page.getByRole('tab', { name: 'Pen', exact: true }).click();
  const between = page.getByRole('slider', { name: 'White between letters' });
  await between.fill('0.4');
  await between.dispatchEvent('change');
  await expect.poll(mm).toBeGreaterThan(own + 1.5);
  await expect(page.getByText('40 % of the body')).toBeVisible();
  // Or the length is asked for, and the white follows.
  const opened = page.getByLabel('Open it to', { exact: true });
  await opened.fill('15');
  await opened.press('Enter');
  await expect.poll(mm).toBeCloseTo(15, 0);
  await opened.fill('900');
  await opened.press('Enter');
  await expect(page.getByText(/the nearest length that works is/)).toBeVisible();
  await between.fill('0.4');
  await between.dispatchEvent('change');
  await expect.poll(mm).toBeGreaterThan(own + 1.5);
  // It is kept with the sheet: Practise has it too.
  await page.getByRole('link', { name: 'Practise', exact: true }).first().click();
  await page.waitForURL(/practise/);
  await page.getByText('White and endings').click();
  await expect(page.getByRole('slider', { name: 'White between letters' })).toHaveValue('0.4');
});
