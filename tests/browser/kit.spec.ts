import { readFileSync } from 'node:fs';
import { axeFinds, expect, type Page, test } from './desk';

const ranking = (page: Page) => page.getByRole('list', { name: 'Ranking' });
const kits = (page: Page) => ranking(page).locator('> li');

test('copperplate for a left-handed beginner: ranked, refused with the measurement, chosen, prepared', async ({
  page,
}) => {
  await page.goto('/kit?hand=copperplate');
  await page.getByLabel('Purpose').selectOption('first tries');
  await page.getByLabel('Experience').selectOption('beginner');
  await page.getByLabel('Writing hand').selectOption('left');
  const first = kits(page).first();
  await expect(first).toContainText('1. stiff pointed nib');
  await expect(first).toContainText('in the straight holder with a ring socket, with carbon ink');
  await expect(first).toContainText('A stiff nib forgives a heavy hand.');

  await page.getByText(/^What does not go together/).click();
  await expect(page.getByRole('list', { name: 'Refused' })).toContainText(
    'elbow nib of its own angle with oblique holder with a fixed flange: The shank of “elbow nib of its own angle” has an arc of 4.4 mm radius; “oblique holder with a fixed flange” takes at most 3.8 mm.',
  );

  await first.getByRole('button', { name: 'Choose this kit' }).click();
  await expect(first.getByRole('button', { name: 'Chosen' })).toBeVisible();
  await expect(page.getByText('the stiff pointed nib', { exact: true })).toBeVisible();

  await page.getByRole('tab', { name: 'Prepare' }).click();
  const seat = page.getByRole('checkbox', { name: 'Done: seat' });
  // What is read again must have been kept by then: on leaving it is sent, not waited for.
  const kept = page.waitForResponse((response) => response.url().includes('/api/records/prepared-'));
  await seat.check();
  await kept;
  await page.reload();
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await expect(page.getByRole('checkbox', { name: 'Done: seat' })).toBeChecked();
  await expect(page.getByRole('region', { name: 'Grip and page' }).getByRole('status')).toContainText(
    'Turn the page 10°',
  );

  // What was tried goes before what was measured.
  const loose = page.getByRole('button', { name: 'loose' });
  await loose.click();
  await expect(loose).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('tab', { name: 'Match' }).click();
  await page.getByText(/^What does not go together/).click();
  await expect(page.getByRole('list', { name: 'Refused' })).toContainText(
    /You tried it: “stiff pointed nib” is loose in “.*”/,
  );
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await loose.click();
  await expect(loose).toHaveAttribute('aria-pressed', 'false');
});

test('textura at 20 mm: the 4 mm nib, side by side, why not, and what to buy', async ({ page }) => {
  await page.goto('/kit?hand=textura');
  await page.getByLabel('Experience').selectOption('some');
  await page.getByLabel('Writing hand').selectOption('right');
  await page.getByLabel('Purpose').selectOption('drills');
  await page.getByLabel('Body wanted', { exact: true }).fill('20');
  await page.keyboard.press('Enter');
  await expect(kits(page).first()).toContainText('1. 4 mm square-cut nib');
  await expect(kits(page).first()).toContainText('nib widths: right for Textura');
  await kits(page).nth(0).getByLabel('side by side').check();
  await kits(page).nth(1).getByLabel('side by side').check();
  await expect(page.getByRole('heading', { name: 'Side by side' })).toBeVisible();
  const differing = page.getByRole('region', { name: 'Side by side' });
  await expect(differing.getByRole('row').nth(1)).toContainText(/for:|against:/);
  await expect(differing.getByText(/harm|family/)).toHaveCount(0);
  const tool = page.getByRole('combobox', { name: 'Tool', exact: true });
  await tool.selectOption({ label: '1 mm square-cut nib' });
  const why = page.getByRole('status', { name: 'Why not' });
  await expect(why).toContainText('would make 20 mm of body 20 nib widths');
  await expect(why).toContainText('rules it out');
  await tool.selectOption({ label: 'cartridge pen with a 1.9 mm italic nib' });
  await page.getByRole('combobox', { name: 'Ink', exact: true }).selectOption({ label: 'india ink' });
  await expect(why).toContainText(
    '“cartridge pen with a 1.9 mm italic nib” with “india ink” cannot be used.',
  );
  await tool.selectOption({ label: '2.4 mm square-cut nib' });
  await expect(page.getByRole('list', { name: 'What it can do' })).toContainText('Italic at a body of');
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  await expect(page.getByText(/^Chosen: 4 mm square-cut nib/)).toBeVisible();
  await page.getByRole('link', { name: 'Rule' }).click();
  await page.waitForURL(/\/rule\?/);
  // Another test may have measured this nib.
  await expect(page.getByTestId('given-width')).toHaveText(/^4(\.1)? mm$/);
});

test('ink is mixed, labelled and mended; trouble is narrowed down and its cure remembered', async ({
  page,
}) => {
  await page.goto('/kit?hand=copperplate');
  await kits(page)
    .first()
    .getByRole('button', { name: /Choose this kit|Chosen/ })
    .click();
  await page.getByRole('tab', { name: 'Ink' }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill('night blue');
  await page.getByRole('button', { name: 'Keep', exact: true }).first().click();
  // Whoever repeats it sees with what it was written, and how long it keeps.
  await expect(page.getByRole('cell', { name: /^night blue for .+ on .+/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Keeps until' })).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Label' }).click();
  expect(readFileSync(await (await waiting).path(), 'utf8')).toContain('night blue');
  await page.getByLabel('The ink is').selectOption('rubs off');
  await expect(page.getByText(/Add one drop of gum arabic/)).toBeVisible();
  await page.getByRole('button', { name: 'It helped' }).click();
  await expect(page.getByText(/it has helped you once/)).toBeVisible();
  // After two drops that did not help, the cause is looked for elsewhere.
  await page.getByRole('button', { name: 'It did not' }).click();
  await expect(page.getByText(/Two drops have not helped/)).toHaveCount(0);
  await page.getByRole('button', { name: 'It did not' }).click();
  await expect(page.getByText(/Two drops have not helped: let it dry through/)).toBeVisible();
  await page.getByRole('button', { name: 'Go on with drops' }).click();
  await expect(page.getByText(/Two drops have not helped/)).toHaveCount(0);

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

test('the bench says which ink goes into which pen, and why', async ({ page }) => {
  await page.goto('/bench');
  await page.getByText('Which ink goes into which pen').click();
  const cell = (ink: string, pen: string) =>
    page.getByRole('button', { name: new RegExp(`^${ink} in ${pen}: `) });
  await expect(cell('carbon ink', '4 mm flat twin-plate pen')).toHaveAccessibleName(/does not go$/);
  await cell('carbon ink', '4 mm flat twin-plate pen').click();
  await expect(page.getByText('Carbon dries hard between the plates and ruins the pen.')).toBeVisible();
  await expect(cell('blue-black dye ink', '4 mm flat twin-plate pen')).toHaveAccessibleName(/goes well$/);
  // A glass pen is dipped into any ink, and into no cartridge.
  await cell('long cartridges, black', 'glass pen').click();
  await expect(page.getByText(/Nothing can be dipped into a cartridge/)).toBeVisible();
});

test('a kit says what is laid out, how its tool is held and charged, and what to do on the sheet', async ({
  page,
}) => {
  await page.goto('/kit?hand=monoline');
  await kits(page)
    .filter({ has: page.getByRole('heading', { name: /\d\. glass pen$/ }) })
    .getByRole('button', { name: 'Choose this kit' })
    .click();
  await page.getByRole('tab', { name: 'Prepare' }).click();
  const laid = page.getByRole('region', { name: 'Lay out on the desk' });
  await expect(laid).toContainText('glass pen');
  await expect(laid).toContainText('two pots of water');
  await expect(page.getByText('Dip to two thirds of the grooves, and touch the rim.')).toBeVisible();
  // No edge and no tines: nothing is said of where they point.
  await expect(page.getByText(/Downstrokes then come straight towards you/)).toBeVisible();
  await expect(page.getByText('The nib points to')).toBeHidden();
  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  const rescue = page.getByRole('region', { name: 'When it happens on the good sheet' });
  await expect(rescue.getByText('a drop on the sheet')).toBeVisible();
  await expect(rescue.getByText('a fibre in the slit')).toHaveCount(0);
});

test('the bench is sorted, filtered, edited and saved as CSV that comes back unchanged', async ({ page }) => {
  await page.goto('/bench');
  await page.getByLabel('Search the bench').fill('oblique');
  await expect(page.getByRole('textbox', { name: /^Name of the/ })).toHaveCount(3);
  await page.getByLabel('Search the bench').fill('');
  await page.getByLabel('Choose straight holder with a ring socket').check();
  await page.getByLabel('Choose oblique holder with a fixed flange').check();
  const beside = page.getByRole('region', { name: 'Side by side' });
  await expect(beside.getByRole('row').nth(1)).toContainText('Type of holder');
  await expect(beside.getByRole('row').nth(1)).toContainText(/straight.*oblique|oblique.*straight/);
  await page.getByLabel('Choose straight holder with a ring socket').uncheck();
  await expect(beside).toBeHidden();
  await page.getByLabel('Choose oblique holder with a fixed flange').uncheck();
  await page.getByLabel('Choose 4 mm reed').check();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the 4 mm reed, again' })).toBeVisible();
  await page.getByRole('button', { name: 'Details of the 4 mm reed, again' }).click();
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
  await expect(page.getByText(/“widht” is not one of the bench’s; the nearest is “width”/)).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).last().click();
  await open.setInputFiles(file(Buffer.from("kind,label,width\npointed-nib,broken,5\nink,'=1+1,\n")));
  await expect(page.getByText('1 new, 0 changed, 0 as before, 1 refused')).toBeVisible();
  await page.getByRole('button', { name: 'Write 1 row' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the =1+1' })).toBeVisible();
});

test('a photo that is none is refused; a nib the chosen kit uses can be deleted and put back', async ({
  page,
}) => {
  await page.goto('/kit?hand=italic');
  await page.getByLabel('With this tool').selectOption({ label: '3 mm square-cut nib' });
  await expect(kits(page)).toHaveCount(1);
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  await page.getByLabel('Or lines on this page', { exact: true }).fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Body wanted', { exact: true })).not.toHaveValue('');

  await page.goto('/bench');
  await page.getByRole('button', { name: 'Details of the 3 mm square-cut nib' }).click();
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
  await page.goto('/kit?hand=italic');
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await expect(page.getByText('For 3 mm square-cut nib')).toBeVisible();
});

test('a hundred thousand rows are read with progress, and cancelled with nothing written', async ({
  page,
  request,
}) => {
  await page.goto('/bench');
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
  await page.reload();
  expect(await count()).toBe(before);
});

test('axe finds nothing on the kit', async ({ page }) => {
  await page.goto('/kit?hand=copperplate');
  for (const name of ['Match', 'Prepare', 'Ink', 'What is going wrong?']) {
    await page.getByRole('tab', { name }).click();
    expect(await axeFinds(page), name).toEqual([]);
  }
});

test('a chosen nib rules for its own width, whatever was asked for; the card says so before', async ({
  page,
}) => {
  await page.goto('/kit?hand=italic');
  await page.getByLabel('Or lines on this page', { exact: true }).fill('9');
  await page.keyboard.press('Enter');
  await page.getByLabel('Writing hand').selectOption('right');
  await page.getByLabel('With this tool').selectOption({ label: '2 mm square-cut nib' });
  await expect(kits(page)).toHaveCount(1);
  const card = kits(page).first();
  await expect(card).toContainText(
    'Choosing it rules this sheet for 2 mm, 5.3 nib widths: a body of 10.6 mm',
  );
  await card.getByRole('button', { name: 'Choose this kit' }).click();
  await expect(page.getByText('The sheet is ruled for its 2 mm.')).toBeVisible();
  await page.getByLabel('Body wanted', { exact: true }).fill('15');
  await page.keyboard.press('Enter');
  await page.getByLabel('With this tool').selectOption({ label: '2.4 mm square-cut nib' });
  await expect(kits(page)).toHaveCount(1);
  await expect(kits(page).first()).toContainText('lighter than Italic is written');
  await kits(page)
    .first()
    .getByRole('button', { name: /Choose this kit|Chosen/ })
    .click();
  await expect(page.getByText('The sheet is ruled for its 2.4 mm.')).toBeVisible();
  await page.getByRole('link', { name: 'Rule' }).click();
  await expect(page.getByTestId('given-width')).toHaveText('2.4 mm');
});

test('asking about another hand leaves the sheet alone, and nothing of it leaks back', async ({ page }) => {
  await page.goto('/kit?hand=italic');
  const sentence = page.locator('header');
  const before = await sentence.textContent();
  await page.getByLabel('Body wanted', { exact: true }).fill('14');
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Hand', exact: true }).selectOption('uncial');
  await expect(kits(page).first()).toContainText('Choosing it rules a new sheet of Uncial.');
  await expect(page.getByLabel('Body wanted', { exact: true })).toHaveValue('');
  expect(await sentence.textContent()).toBe(before);
  await expect(sentence).toContainText('Italic');
  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  await expect(page.getByText('No kit is chosen; what is likely depends on it.')).toBeVisible();
  await page.getByRole('tab', { name: 'Match' }).click();
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  // A new sheet, not the one that was open.
  await page.waitForURL(/\/rule\?hand=uncial/);
  await expect(page.locator('header')).toContainText('Uncial');
});

test('two pencils are bound by a picture and lead to outlines; a nib of unknown width is measured from Kit', async ({
  page,
}) => {
  await page.goto('/kit?hand=italic');
  await page.getByLabel('Purpose').selectOption('first tries');
  await page.getByLabel('Experience').selectOption('beginner');
  await page.getByLabel('With this tool').selectOption({ label: 'two bound pencils' });
  await expect(kits(page)).toHaveCount(1);
  await expect(kits(page).first()).toContainText('Two pencils are the cheapest way to learn the angle.');
  await expect(kits(page).first()).not.toContainText(/poor|something is missing/);
  await kits(page).first().getByRole('button', { name: 'Choose this kit' }).click();
  await page.getByRole('tab', { name: 'Prepare' }).click();
  await expect(page.getByRole('img', { name: /^Two pencils taped together/ })).toBeVisible();
  await page.getByRole('tab', { name: 'What is going wrong?' }).click();
  await expect(page.getByRole('button', { name: 'two rails' })).toHaveCount(0);
  await page.getByRole('tab', { name: 'Match' }).click();
  await kits(page).first().getByRole('button', { name: 'Practise outlines with it' }).click();
  await page.waitForURL(/\/practise/);
  await expect(page.getByText(/outlines/).first()).toBeVisible();

  await page.goto('/bench');
  await page.getByRole('button', { name: 'Details of the 3 mm square-cut nib' }).click();
  const width = page
    .getByRole('complementary', { name: 'Margin' })
    .getByRole('textbox', { name: 'Width mm' });
  await width.fill('');
  await page.keyboard.press('Enter');
  await page.goto('/kit?hand=italic');
  await page.getByLabel('With this tool').selectOption({ label: '3 mm square-cut nib' });
  await page.getByRole('link', { name: 'Measure it on the bench' }).click();
  await page.getByRole('button', { name: 'Measure: its width is not known' }).click();
  await page.getByRole('textbox', { name: 'Span of the ladder' }).fill('30');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Keep with this nib' }).click();
  await expect(width).toHaveValue('3');
});

test('a word for a width is refused, a changed row stays where it is, and an edit can be undone', async ({
  page,
}) => {
  await page.goto('/bench');
  const names = () =>
    page
      .getByRole('textbox', { name: /^Name of the/ })
      .evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value));
  const width = page.getByRole('textbox', { name: 'Width of the 2 mm square-cut nib' });
  await expect(width).toHaveValue('2');
  const before = await names();
  await width.fill('abc');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert').first()).toContainText('Width must be a number from 0.05 to 40 mm');
  await width.fill('6.5');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Width of “2 mm square-cut nib” changed.')).toBeVisible();
  expect(await names()).toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(width).toHaveValue('2');
});

test('what is asked about is what is shown: another tool, another hand, and a left hand that is announced', async ({
  page,
}) => {
  await page.goto('/kit?hand=italic');
  await page.getByRole('button', { name: 'Choose this kit' }).first().click();
  await expect(page.getByRole('button', { name: 'Chosen', exact: true })).toBeVisible();
  const margin = page.getByRole('complementary', { name: 'Margin' });
  // A tool that is asked about goes before the kit that was chosen.
  await margin.getByLabel('With this tool').selectOption({ label: '3 mm square-cut nib' });
  await page.getByRole('tab', { name: 'Prepare', exact: true }).click();
  await expect(page.getByRole('tabpanel')).toContainText('3 mm square-cut nib');
  await margin.getByLabel('With this tool').selectOption({ index: 0 });
  // Grip and page are of the hand that is asked about, not of the sheet that lies open.
  const grip = page.getByRole('region', { name: 'Grip and page' }).getByRole('img');
  const forItalic = await grip.getAttribute('aria-label');
  await margin.getByRole('combobox', { name: 'Hand', exact: true }).selectOption({ label: 'Copperplate' });
  await expect(grip).not.toHaveAttribute('aria-label', forItalic ?? '');
  // A left hand holds for every page from then on: it is said, and taken back.
  await margin.getByLabel('Writing hand').selectOption('left');
  await expect(page.getByText(/From now on every new page is laid for a left hand/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).last().click();
  await expect(margin.getByLabel('Writing hand')).toHaveValue('right');
});

test('words that name a part lead to its drawing, and the page is told how far it is turned', async ({
  page,
}) => {
  await page.goto('/kit?hand=copperplate');
  await page.getByRole('tab', { name: 'Prepare' }).click();
  const tines = page.getByRole('link', { name: 'tines' }).first();
  await expect(tines).toBeVisible();
  await page.getByRole('slider', { name: 'The page is turned' }).fill('0');
  await expect(page.getByTestId('lie')).toContainText(
    /steeper than the slant: turn the page \d+° anticlockwise/,
  );
  await page.getByRole('button', { name: 'Turn it as advised' }).click();
  await expect(page.getByTestId('lie')).toHaveCount(0);
  await tines.click();
  await page.waitForURL(/parts#tines/);
  await expect(page.locator('#tines')).toContainText('The two halves that part under pressure');
  await expect(page.getByRole('img', { name: /Pointed nib: points, tines, slit/ })).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
});

test('a piece asks for its ink: the mix is scaled to it', async ({ page }) => {
  await page.goto('/piece?sheet=demo-panel');
  await page.getByRole('tab', { name: 'To the desk' }).click();
  await page.getByRole('link', { name: /^Mix [\d.]+ ml for it/ }).click();
  await page.waitForURL(/kit\?ml=/);
  await page.getByRole('button', { name: 'Scale these amounts to it' }).click();
  const wanted = Number(new URL(page.url()).searchParams.get('ml') ?? 2);
  const said = await page.getByText(/ml in all\. Mix in a separate pot/).textContent();
  // To a drop: gum is counted in whole ones.
  expect(Math.abs(Number.parseFloat(said ?? '') - wanted)).toBeLessThan(0.1);
  await expect(page.getByText('Pull a test stroke').first()).toBeVisible();
});
