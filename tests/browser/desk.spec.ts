import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { freshRecipe } from '@/core/document/defaults';
import { axeFinds, expect, FIRST_PORT, test } from './desk';

test('the shelf names, duplicates, finds, deletes with undo, exports and imports', async ({ page }) => {
  await page.goto('/shelf');
  const name = 'Aurora captions in italic';
  await page.getByRole('button', { name: `Duplicate ${name}` }).click();
  const copy = page.getByRole('textbox', { name: `Name of ${name} (copy)` });
  await copy.fill('Comet captions');
  await copy.press('Enter');
  await page.getByRole('searchbox').fill('comet');
  await expect(page.getByRole('listitem')).toHaveCount(1);

  await page.getByRole('button', { name: 'Delete Comet captions' }).click();
  await expect(page.getByText('Nothing on the shelf matches')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('listitem')).toHaveCount(1);

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export Comet captions' }).click();
  const file = readFileSync(await (await waiting).path());
  expect(JSON.parse(file.toString())).toMatchObject({ format: 'elvane-recipe', version: 3, hand: 'italic' });

  const upload = (content: string | Buffer) =>
    page.getByLabel('Saved sheet').setInputFiles({
      name: 'bolide.json',
      mimeType: 'application/json',
      buffer: Buffer.from(content),
    });
  await page.getByRole('searchbox').fill('');
  const before = await page.getByRole('listitem').count();
  await upload('{ not json');
  await expect(page.getByRole('alert').first()).toContainText('“bolide.json” is not readable JSON');
  await upload(JSON.stringify({ ...JSON.parse(file.toString()), version: 9 }));
  await expect(page.getByRole('alert').first()).toContainText('version 9; this Elvane reads up to version 3');
  await upload('x'.repeat(1_100_000));
  await expect(page.getByRole('alert').first()).toContainText('too large');
  await expect(page.getByRole('listitem')).toHaveCount(before);
  await upload(JSON.stringify({ ...JSON.parse(file.toString()), title: '<img src=x onerror=alert(1)>' }));
  await expect(page.getByRole('listitem')).toHaveCount(before + 1);
  await expect(page.locator('img:not([src^="/api/sheets/"])')).toHaveCount(0);
});

test('a nib is measured by its ladder and every sheet follows', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Details of the 4 mm square-cut nib' }).click();
  await page.getByRole('button', { name: 'Measure', exact: true }).click();
  await page.getByRole('textbox', { name: 'Span of the ladder' }).fill('41');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('measured-width')).toHaveText('W = 4.1 mm ± 0.04 mm');
  await page.getByRole('button', { name: 'Keep with this nib' }).click();
  const row = page
    .getByRole('row')
    .filter({ has: page.getByRole('textbox', { name: 'Name of the 4 mm square-cut nib' }) });
  await expect(row.getByRole('textbox', { name: 'Width of the 4 mm square-cut nib' })).toHaveValue('4.1');
  await expect(row).toContainText('± 0.04 mm');
  await page.goto('/rule?hand=italic');
  await page.getByRole('button', { name: /^Nib:/ }).click();
  await page.getByRole('radio', { name: /^4 mm square-cut nib/ }).check();
  await expect(page.getByTestId('given-width')).toHaveText('4.1 mm');
});

test('a printer profile corrects PDFs and nonsense is refused', async ({ page, request }) => {
  await page.goto('/workshop');
  await page.getByRole('textbox', { name: 'Printer' }).fill('Dome office printer');
  await page.getByRole('textbox', { name: 'Bar across measures' }).fill('80');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Keep and use' }).click();
  await expect(page.getByRole('alert').first()).toContainText('never more than 5 % off');
  await page.getByRole('textbox', { name: 'Bar across measures' }).fill('98.2');
  await page.getByRole('textbox', { name: 'Bar down measures' }).fill('97.7');
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Keep and use' }).click();
  await expect(page.getByRole('radio', { name: /Dome office printer/ })).toBeChecked();
  await page.goto('/rule');
  await expect(page.getByText('Corrected for Dome office printer: print at 100 %.')).toBeVisible();
  await page.goto('/workshop');
  // Two windows: one adds a printer, the other learns of it; one that is gone is not chosen in silence.
  const other = await request.put('/api/printers/attic', {
    data: { name: 'Attic', measuredX: 99, measuredY: 99 },
  });
  expect(other.ok()).toBe(true);
  await page.getByRole('radio', { name: 'no printer' }).click();
  await expect(page.getByRole('radio', { name: /Attic/ })).toBeVisible();
  await request.delete('/api/printers/attic');
  await page.getByRole('radio', { name: /Attic/ }).click();
  await expect(page.getByText('This printer was removed in another window.')).toBeVisible();
  await page.getByRole('button', { name: 'Remove Dome office printer' }).click();
  await expect(page.getByRole('radio', { name: /Dome office printer/ })).toHaveCount(0);
  expect((await request.get('/api/health')).ok()).toBe(true);
});

test('everything goes to one file and comes back from it', async ({ page, request }) => {
  await page.goto('/workshop');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up to a file' }).click();
  const download = await waiting;
  expect(download.suggestedFilename()).toMatch(/^elvane-backup-\d{4}-\d\d-\d\d\.zip$/);
  const backup = readFileSync(await download.path());
  const before = await (await request.get('/api/health')).json();

  const choose = (buffer: Buffer, name = 'desk.zip') =>
    page.getByLabel('Backup file').setInputFiles({ name, mimeType: 'application/octet-stream', buffer });
  const replace = page.getByRole('button', { name: 'Replace everything' });
  const restore = async (buffer: Buffer) => {
    await choose(buffer);
    await expect(page.getByText(/Replace everything here by “.*” of \d+ \w+ \d+: .* sheets/)).toBeVisible();
    await replace.click();
  };
  // What is no backup is refused before anything is asked.
  await choose(Buffer.from('{"format":"elsewhere"}'), 'desk.json');
  await expect(page.getByRole('alert').first()).toContainText('not an Elvane backup');
  await expect(replace).toHaveCount(0);
  await restore(backup.subarray(0, backup.length / 2));
  await expect(page.getByRole('alert').first()).toContainText('Nothing was changed');
  expect(await (await request.get('/api/health')).json()).toEqual(before);
  await request.delete('/api/items', { data: ['glass'] });
  expect(await (await request.get('/api/health')).json()).not.toEqual(before);
  await restore(backup);
  await expect(page.getByText(/^Restored: \w+ sheets, \d+ things on the bench/)).toBeVisible();
  expect(await (await request.get('/api/health')).json()).toEqual(before);
});

test('axe finds nothing on Rule with everything open', async ({ page }) => {
  await page.goto('/rule?hand=italic');
  await page.getByText('More', { exact: true }).click();
  await page.getByRole('button', { name: /^Nib:/ }).click();
  expect(await axeFinds(page)).toEqual([]);
});

test('a link that leads nowhere says so: a sheet that is gone, a broken recipe, an unknown address', async ({
  page,
}) => {
  await page.goto('/rule?sheet=nobody-knows-it');
  await expect(page.getByText('The sheet of this link is not on the shelf')).toBeVisible();
  await page.goto('/rule?r=broken');
  await expect(page.getByText('The sheet in this link cannot be read')).toBeVisible();
  await page.goto('/shelff');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  await page.getByRole('main').getByRole('link', { name: 'shelf' }).click();
  await page.waitForURL(/\/shelf$/);
});

test('the copy the server made by itself is looked at before it replaces anything', async ({ page }) => {
  await page.goto('/workshop');
  // The copy is made after the start, while others are served.
  await expect
    .poll(async () => {
      await page.reload();
      return page.getByTestId('copies').count();
    })
    .toBe(1);
  await page.getByRole('button', { name: /^Restore that of \d+ \w+/ }).click();
  await expect(page.getByText(/Replace everything here by “elvane-copy-.*\.zip”.*\d+ sheets/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it' }).click();
  await expect(page.getByText(/Replace everything here/)).toHaveCount(0);
});

test('a database that was damaged at the start is said on every page, with the newest copy, until it was read about', async ({
  page,
  baseURL,
}) => {
  const folder = join('test-results', `db-${Number(new URL(baseURL).port) - FIRST_PORT}`);
  const aside = join(folder, 'browser.db.damaged-2026-11-30T18-02-11Z');
  writeFileSync(aside, 'what was there');
  try {
    await page.goto('/begin');
    await page.getByRole('link', { name: 'See what can be restored' }).click();
    const said = page.getByRole('alert').filter({ hasText: 'browser.db.damaged-2026-11-30T18-02-11Z' });
    await expect(said).toContainText(/damaged when the server started on 30 November 2026/);
    await expect(said).toContainText(/The newest copy is of \d+ \w+\./);
    await said.getByRole('button', { name: 'Restore the newest copy' }).click();
    await expect(page.getByText(/Replace everything here by “elvane-copy-.*\.zip”/)).toBeVisible();
    await page.getByRole('button', { name: 'Leave it' }).click();
    await said.getByRole('button', { name: 'Do not show this again' }).click();
    await expect(said).toHaveCount(0);
    await page.goto('/rule');
    await expect(page.getByLabel('Name of the sheet')).toBeVisible();
    await expect(page.getByRole('link', { name: 'See what can be restored' })).toHaveCount(0);
    expect(readFileSync(`${aside}.read`, 'utf8')).toBe('what was there');
  } finally {
    for (const file of [aside, `${aside}.read`]) rmSync(file, { force: true });
  }
});

test('a picture of the shelf that did not come is asked for again, and confirmed while nothing has changed', async ({
  page,
  request,
}) => {
  const sheet = { name: 'Seen again', recipe: freshRecipe('copperplate') };
  expect((await request.put('/api/sheets/seen-again', { data: sheet })).ok()).toBe(true);
  const path = '/api/sheets/seen-again/picture';
  const { etag } = (await request.get(path)).headers();
  const again = () => request.get(path, { headers: { 'If-None-Match': etag ?? '' } });
  expect((await again()).status()).toBe(304);
  await request.put('/api/sheets/seen-again', { data: { ...sheet, recipe: freshRecipe('brush') } });
  expect((await again()).status()).toBe(200);

  let refused = 0;
  await page.route(`**${path}**`, (route) => {
    refused += 1;
    return refused <= 2 ? route.fulfill({ status: 503, body: '' }) : route.continue();
  });
  await page.goto('/shelf');
  const picture = page.getByRole('link', { name: 'Open Seen again' }).locator('img');
  await expect
    .poll(() => picture.evaluate((img: HTMLImageElement) => img.naturalWidth).catch(() => 0))
    .toBeGreaterThan(0);
  expect(refused).toBe(3);
  await request.delete('/api/sheets/seen-again');
});
