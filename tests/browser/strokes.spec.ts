import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

test('play a letter, turn the pen, ask for half the weight, write a line to PDF', async ({ page }) => {
  await page.goto('/strokes?hand=italic', { waitUntil: 'networkidle' });
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

  await page.getByRole('slider', { name: 'Held pen angle' }).fill('25');
  await expect(page.getByText(/comes out too heavy at 25°/).first()).toBeVisible();

  await page.getByRole('checkbox', { name: 'Hold one angle throughout' }).uncheck();
  await page.getByRole('button', { name: 'Half as heavy?' }).first().click();
  await expect(page.getByText(/Hold the pen at \d+° for it/)).toBeVisible();

  const text = page.getByRole('textbox', { name: 'Text to write' });
  await text.fill('comet ж');
  await expect(page.getByText('No letter yet for ж')).toBeVisible();
  await text.fill('comet and bolide');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const pdf = readFileSync(await (await waiting).path());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');

  await page.getByRole('button', { name: 'Keep on the sheet' }).click();
  await page.getByRole('link', { name: 'Rule' }).click();
  await expect(page.locator('[data-role=exemplar] path')).toHaveCount(1);
});

test('with reduced motion, play goes stroke by stroke', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto('/strokes?hand=italic', { waitUntil: 'networkidle' });
  const along = page.getByRole('slider', { name: 'Along the letter' });
  await page.getByRole('button', { name: 'Play' }).click();
  const first = await along.inputValue();
  await page.waitForTimeout(300);
  expect(await along.inputValue()).toBe(first);
  expect(Number(first)).toBeGreaterThan(0.2);
});

test('a hand without letters says so and offers one that has them', async ({ page }) => {
  await page.goto('/strokes?hand=uncial', { waitUntil: 'networkidle' });
  await expect(page.getByText('The letters of Uncial are not drawn yet')).toBeVisible();
  await page.getByRole('button', { name: 'Study Italic' }).click();
  await expect(page.getByRole('heading', { name: 'a, stroke by stroke' })).toBeVisible();
});

for (const theme of ['vellum', 'lampblack'] as const) {
  test(`axe finds nothing on the strokes in ${theme}`, async ({ page, context, baseURL }) => {
    await context.addCookies([{ name: 'elvane-theme', value: theme, url: baseURL as string }]);
    await page.goto('/strokes?hand=italic');
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(
      violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' ')}`),
    ).toEqual([]);
  });
}
