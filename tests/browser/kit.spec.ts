import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page, test } from './desk';

const ranking = (page: Page) => page.getByRole('list', { name: 'Ranking' });
const kits = (page: Page) => ranking(page).locator('> li');

test('copperplate for a left-handed beginner: ranked, refused with the measurement, chosen, prepared', async ({
  page,
}) => {
  await page.goto('/kit?hand=copperplate', { waitUntil: 'networkidle' });
  await page.getByLabel('Purpose').selectOption('first tries');
  await page.getByLabel('Experience').selectOption('beginner');
  await page.getByLabel('Writing hand').selectOption('left');
  const first = kits(page).first();
  await expect(first).toContainText('1. stiff pointed nib');
  await expect(first).toContainText('in the straight holder with a ring socket, with carbon ink');
  await expect(first).toContainText('A stiff nib forgives a heavy hand.');

  await page.getByText(/^Cannot be/).click();
  await expect(page.getByRole('list', { name: 'Refused' })).toContainText(
    'The shank of “elbow nib of its own angle” has an arc of 4.4 mm radius; “oblique holder with a fixed flange” takes at most 3.8 mm.',
  );

  await first.getByRole('button', { name: 'Choose this kit' }).click();
  await expect(first.getByRole('button', { name: 'Chosen' })).toBeVisible();
  await expect(page.getByText('the stiff pointed nib', { exact: true })).toBeVisible();

  await page.getByRole('tab', { name: 'Prepare' }).click();
  const seat = page.getByRole('checkbox', { name: 'Done: seat' });
  await seat.check();
  await page.reload({ waitUntil: 'networkidle' });
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await expect(page.getByRole('checkbox', { name: 'Done: seat' })).toBeChecked();
  await expect(page.getByRole('region', { name: 'Grip and page' }).getByRole('status')).toContainText(
    'Turn the page 10°',
  );
});

test('textura at 20 mm: the 4 mm nib, side by side, why not, and what to buy', async ({ page }) => {
  await page.goto('/kit?hand=textura', { waitUntil: 'networkidle' });
  await page.getByLabel('Experience').selectOption('some');
  await page.getByLabel('Writing hand').selectOption('right');
  await page.getByLabel('Purpose').selectOption('drills');
  await page.getByLabel('Body wanted, mm').fill('20');
  await page.keyboard.press('Enter');
  await expect(kits(page).first()).toContainText('1. 4 mm square-cut nib');
  await expect(kits(page).first()).toContainText('nib widths: right for Textura');
  await kits(page).nth(0).getByLabel('side by side').check();
  await kits(page).nth(1).getByLabel('side by side').check();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
  await page.getByLabel('Thing to ask about').selectOption({ label: '1 mm square-cut nib' });
  await expect(page.getByRole('list', { name: 'Why not' })).toContainText(
    'would make 20 mm of body 20 nib widths',
  );
  await page.getByLabel('Thing to ask about').selectOption({ label: '2.4 mm square-cut nib' });
  await expect(page.getByRole('list', { name: 'What it can do' })).toContainText('Italic at a body of');
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  await page.getByRole('link', { name: 'Rule' }).click();
  await expect(page.getByTestId('given-width')).toHaveText('4 mm');
});

test('ink is mixed, labelled and mended; trouble is narrowed down and its cure remembered', async ({
  page,
}) => {
  await page.goto('/kit?hand=copperplate', { waitUntil: 'networkidle' });
  await kits(page)
    .first()
    .getByRole('button', { name: /Choose this kit|Chosen/ })
    .click();
  await page.getByRole('tab', { name: 'Ink' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('night blue');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  await expect(page.getByRole('cell', { name: 'night blue' })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Label' }).click();
  expect(readFileSync(await (await waiting).path(), 'utf8')).toContain('night blue');
  await page.getByLabel('The ink is').selectOption('rubs off');
  await expect(page.getByText(/Add one drop of gum arabic/)).toBeVisible();
  await page.getByRole('button', { name: 'It helped' }).click();
  await expect(page.getByText(/it has helped you once/)).toBeVisible();

  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  await page.getByRole('button', { name: 'two rails' }).click();
  const causes = page.getByRole('list', { name: 'Likely causes' });
  await expect(causes.getByRole('listitem')).toHaveCount(5);
  const before = await causes.textContent();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(causes).not.toHaveText(before ?? '');
  await causes.getByRole('button', { name: 'That cured it' }).first().click();
  await expect(page.getByText(/^Noted: it was that/)).toBeVisible();
});

test('the bench is sorted, filtered, edited and saved as CSV that comes back unchanged', async ({ page }) => {
  await page.goto('/bench', { waitUntil: 'networkidle' });
  await page.getByLabel('Search the bench').fill('oblique');
  await expect(page.getByRole('textbox', { name: /^Name of the/ })).toHaveCount(3);
  await page.getByLabel('Search the bench').fill('');
  await page.getByLabel('Choose 4 mm reed').check();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the 4 mm reed, again' })).toBeVisible();
  await page.getByRole('button', { name: 'Look at the 4 mm reed, again' }).click();
  await page
    .getByRole('complementary', { name: 'Margin' })
    .getByRole('textbox', { name: 'Width mm' })
    .fill('99');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('the nearest that works is 40 mm');
  await page.getByRole('complementary', { name: 'Margin' }).getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the 4 mm reed, again' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the 4 mm reed, again' })).toBeVisible();

  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save CSV' }).click();
  const csv = readFileSync(await (await waiting).path());
  const open = page.getByLabel('CSV file to open');
  const file = (buffer: Buffer) => ({ name: 'bench.csv', mimeType: 'text/csv', buffer });
  await open.setInputFiles(file(csv));
  await expect(page.getByText(/^0 new, 0 changed, \d+ as before, 0 refused/)).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await open.setInputFiles(file(Buffer.from('kind,label,widht\nink,x,1\n')));
  await expect(page.getByText(/“widht” is none of the bench’s; the nearest is “width”/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).last().click();
  await open.setInputFiles(file(Buffer.from("kind,label,width\npointed-nib,broken,5\nink,'=1+1,\n")));
  await expect(page.getByText('1 new, 0 changed, 0 as before, 1 refused')).toBeVisible();
  await page.getByRole('button', { name: 'Write 1 row' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the =1+1' })).toBeVisible();
});

test('a photo that is none is refused; a nib the chosen kit uses can be deleted and put back', async ({
  page,
}) => {
  await page.goto('/kit?hand=italic', { waitUntil: 'networkidle' });
  await page.getByLabel('With this tool').selectOption({ label: '3 mm square-cut nib' });
  await expect(kits(page)).toHaveCount(1);
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  await page.getByLabel('Or lines on this page').fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Body wanted, mm')).not.toHaveValue('');

  await page.goto('/bench', { waitUntil: 'networkidle' });
  await page.getByRole('button', { name: 'Look at the 3 mm square-cut nib' }).click();
  await page.getByLabel('Photo').setInputFiles({
    name: 'nib.png',
    mimeType: 'image/png',
    buffer: Buffer.from('not a picture'),
  });
  await expect(page.getByRole('alert').first()).toContainText(
    '“nib.png” is not a picture this browser can read',
  );
  await page.getByRole('complementary', { name: 'Margin' }).getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('Sheets ruled for it keep their width')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the 3 mm square-cut nib' })).toBeVisible();
  await page.goto('/kit?hand=italic', { waitUntil: 'networkidle' });
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await expect(page.getByText('For 3 mm square-cut nib')).toBeVisible();
});

test('a hundred thousand rows are read with progress, and cancelled with nothing written', async ({
  page,
  request,
}) => {
  await page.goto('/bench', { waitUntil: 'networkidle' });
  const count = async () => ((await (await request.get('/api/items')).json()) as unknown[]).length;
  const before = await count();
  const rows = Array.from({ length: 100_000 }, (_, i) => `many-${i},ink,ink ${i}`).join('\n');
  await page.getByLabel('CSV file to open').setInputFiles({
    name: 'many.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`id,kind,label\n${rows}\n`),
  });
  await expect(page.getByText('100000 new, 0 changed, 0 as before, 0 refused')).toBeVisible({
    timeout: 60_000,
  });
  await page.getByRole('button', { name: 'Write 100000 rows' }).click();
  await expect(page.getByText(/Writing: [1-9]\d* of 100000 rows/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  await page.reload({ waitUntil: 'networkidle' });
  expect(await count()).toBe(before);
});

for (const theme of ['vellum', 'lampblack'] as const) {
  test(`axe finds nothing on the kit in ${theme}`, async ({ page, context, baseURL }) => {
    await context.addCookies([{ name: 'elvane-theme', value: theme, url: baseURL as string }]);
    await page.goto('/kit?hand=copperplate', { waitUntil: 'networkidle' });
    for (const name of ['Match', 'Prepare', 'Ink', 'What is going wrong?']) {
      await page.getByRole('tab', { name }).click();
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(
        violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 200)).join(' ')}`),
        name,
      ).toEqual([]);
    }
  });
}
