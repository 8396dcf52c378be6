import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import {
  type APIRequestContext,
  axeFinds,
  expect,
  nothingIsCut,
  type Page,
  test,
  testInOwnWindow,
} from './desk';

const open = (page: Page, path: string) => page.goto(path);

/** Goes on with Tab until what is to be pressed has the focus; so nothing is needed but keys. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 80; i++) {
    const focused = await page.evaluate(() => {
      const { activeElement: one } = document;
      return one?.getAttribute('aria-label') ?? one?.textContent?.trim() ?? '';
    });
    if (name.test(focused)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`nothing called ${name} can be reached by Tab`);
}

const steps = (page: Page) => page.getByTestId('steps').getByRole('listitem').allTextContents();
/** The tool Today says to take out, whatever other tests have chosen at this desk. */
const toolOf = async (page: Page): Promise<string> =>
  (await page.getByRole('region', { name: 'Take out' }).getByRole('listitem').first().textContent()) ?? '';
const hoursOf = async (request: APIRequestContext, label: string): Promise<number> => {
  const items: { label: string; hours?: number }[] = await (await request.get('/api/items')).json();
  return items.find((item) => item.label === label)?.hours ?? 0;
};

testInOwnWindow(
  'a ten-minute session by keyboard alone: begun, ended, judged, logged; its hours on the bench, another page next',
  async ({ page, request }) => {
    // The clock of the page is run ahead below; a pen that moved all that time would be drawn thirty thousand times.
    await page.emulateMedia({ reducedMotion: 'reduce' });
    await page.clock.install();
    await open(page, '/today?hand=italic');
    const [before, why] = [await steps(page), await page.getByTestId('why').textContent()];
    expect(before.length).toBeGreaterThan(2);
    expect(why).toMatch(/\w+.*\./);
    const tool = await toolOf(page);
    const hours = await hoursOf(request, tool);
    await tabTo(page, /^Begin$/);
    await page.keyboard.press('Enter');
    await page.waitForURL(/\/today\/session/);
    await expect(page.getByTestId('step')).toBeVisible();
    await expect(page.getByRole('timer')).toHaveText(/0:\d\d/);
    // The pen writes what is to be written, large.
    await expect(page.getByRole('img', { name: /as the pen writes it/ })).toBeVisible();

    // A reload, or a crash, goes on where it was.
    await page.keyboard.press('Space');
    await page.keyboard.press('Enter');
    await expect(page.getByText(`3 of ${before.length}`)).toBeVisible();

    // Something happens on the sheet: one key says what to do, and the clock waits.
    await page.keyboard.press('r');
    const rescue = page.getByRole('region', { name: 'Rescue' });
    await expect(rescue.getByText('a drop on the sheet')).toBeVisible();
    await expect(page.getByText('Paused. Space goes on.')).toBeVisible();
    await page.keyboard.press('r');
    await expect(rescue).toBeHidden();
    await expect(page.getByText('Paused. Space goes on.')).toBeHidden();
    const [kept] = await Promise.all([
      page.waitForResponse(
        (response) =>
          response.url().includes('/api/records/sit-') &&
          (response.request().postData() ?? '').includes('"paused":true'),
      ),
      page.keyboard.press('p'),
    ]);
    expect(kept.status()).toBe(200);
    await page.reload();
    await expect(page.getByText(`3 of ${before.length}`)).toBeVisible();
    await expect(page.getByText('Paused.')).toBeVisible();
    await page.keyboard.press('p');

    // Ten minutes are long for a test: the clock of the page runs ahead.
    await page.clock.runFor('10:00');
    await expect(page.getByRole('timer')).toHaveText(/10:\d\d/);
    for (let i = 2; i < before.length; i++) await page.keyboard.press('ArrowRight');
    await expect(page.getByRole('heading', { name: 'Compare with the model' })).toBeVisible();
    const points = page.getByRole('group').filter({ has: page.getByRole('radio') });
    const count = await points.count();
    expect(count).toBeGreaterThanOrEqual(3);
    expect(count).toBeLessThanOrEqual(5);
    for (let i = 0; i < count; i++) {
      await page.keyboard.press('1');
      await page.keyboard.press('Tab');
    }
    await expect(page.getByRole('radio', { name: 'off', checked: true })).toHaveCount(count);
    await tabTo(page, /^Keep the session$/);
    await page.keyboard.press('Enter');
    await page.waitForURL((url) => url.pathname === '/today');
    await expect(page.getByTestId('open-sitting')).toHaveCount(0);
    await expect.poll(() => steps(page)).not.toEqual(before);
    await expect(page.getByTestId('why')).not.toHaveText(why ?? '');
    await expect(page.getByText('Keep in mind')).toBeVisible();
    await open(page, '/log');
    await expect(page.getByTestId('entries').locator('> li').first()).toContainText('Italic, 10 min');
    expect(await hoursOf(request, tool)).toBeCloseTo(hours + 1 / 6, 1);
  },
);

test('a page written without the runner is logged in two clicks, with its hours, and taken back', async ({
  page,
  request,
}) => {
  await open(page, '/today');
  const before = await steps(page);
  const tool = await toolOf(page);
  const hours = await hoursOf(request, tool);
  await page.getByRole('button', { name: 'I wrote it' }).click();
  await page.getByRole('button', { name: /^Keep it: ten minutes/ }).click();
  await expect(page.getByText('Logged: 10 minutes of Italic.')).toBeVisible();
  await expect.poll(() => hoursOf(request, tool)).toBeCloseTo(hours + 1 / 6, 1);
  await expect.poll(() => steps(page)).not.toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => hoursOf(request, tool)).toBeCloseTo(hours, 1);
  await expect.poll(() => steps(page)).toEqual(before);
});

test('the length and the hand change what is planned, and the page prints', async ({ page }) => {
  await open(page, '/today');
  const minutes = async () =>
    (
      await page
        .getByTestId('steps')
        .getByText(/^[\d.]+ min$/)
        .allTextContents()
    )
      .map((text) => Number.parseFloat(text))
      .reduce((sum, one) => sum + one, 0);
  expect(await minutes()).toBeLessThanOrEqual(10);
  const short = (await steps(page)).length;
  await page.getByRole('button', { name: '40 minutes' }).click();
  await expect.poll(async () => (await steps(page)).length).toBeGreaterThan(short);
  expect(await minutes()).toBeLessThanOrEqual(40);
  await page.getByRole('button', { name: 'just warm up' }).click();
  await expect(page.getByTestId('why')).toContainText('A warm-up');
  await page.getByRole('button', { name: '10 minutes' }).click();
  await expect(page.getByRole('img', { name: 'The page, as it will be printed' })).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print the page' }).click();
  expect((await download).suggestedFilename()).toBe('today.pdf');
  await page.getByRole('combobox', { name: 'Hand' }).selectOption('Copperplate');
  await expect(page.getByTestId('steps')).toContainText('new');
});

test('a goal says whether it is in time, and its sessions go into a calendar', async ({ page }) => {
  await open(page, '/today?hand=uncial');
  await page.getByRole('button', { name: 'Set a goal' }).click();
  await page.getByLabel('For', { exact: true }).fill('the spring fair');
  await page.getByRole('button', { name: 'Keep the goal' }).click();
  await expect(page.getByTestId('goal')).toContainText(/for the spring fair: \d+ of 26 letters/);
  await expect(page.getByTestId('track')).toContainText(/rack/);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Sessions as a calendar' }).click();
  const text = readFileSync(await (await download).path(), 'utf8');
  const calendar = new ICAL.Component(ICAL.parse(text));
  const events = calendar.getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(10);
  for (const event of events) expect(new ICAL.Event(event).duration.toSeconds()).toBe(20 * 60);
  await page.getByRole('button', { name: 'Give it up' }).click();
  await expect(page.getByRole('button', { name: 'Set a goal' })).toBeVisible();
});

test('the logbook: searched, changed, taken out and back; each letter has its page; charts', async ({
  page,
}) => {
  await open(page, '/log');
  const entries = page.getByTestId('entries').locator('> li');
  const all = await entries.count();
  expect(all).toBeGreaterThan(20);
  await page.getByRole('searchbox').fill('cloud all evening');
  await expect.poll(() => entries.count()).toBeLessThan(all);
  await expect(entries.first()).toContainText('Cloud all evening');
  await entries
    .first()
    .getByRole('button', { name: /^Look at/ })
    .click();
  const note = page.getByLabel('Note');
  await note.fill('Cloud all evening; wrote captions.');
  await note.blur();
  await expect(entries.first()).toContainText('wrote captions');
  const found = await entries.count();
  await entries
    .first()
    .getByRole('button', { name: /^Remove/ })
    .click();
  await expect(entries).toHaveCount(found - 1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(entries).toHaveCount(found);
  await page.reload();
  await expect(page.getByText('wrote captions')).toBeVisible();

  await page.getByRole('tab', { name: 'Letters' }).click();
  // Letters are written by the hand, with their baselines level.
  const family = page.getByRole('region', { name: 'Letters by family' });
  await expect(family.getByRole('button', { name: /^n, / }).locator('svg path')).not.toHaveCount(0);
  await page.getByRole('button', { name: /^n, / }).click();
  await expect(page.getByTestId('letter-page')).toContainText(/written \d+ times?, last on/);
  await expect(page.getByTestId('letter-page').locator('h2 svg')).toBeVisible();
  await expect(page.getByTestId('letter-page')).toContainText('Ratings');
  await page.getByRole('tab', { name: 'Charts' }).click();
  await expect(page.getByRole('img', { name: 'Minutes by week' }).locator('svg').first()).toBeVisible();
  await expect(page.getByTestId('charts')).toContainText(/\d+ sessions, \d+ hours/);
});

test('the logbook goes out as table, JSON and calendar, and the table comes in as it was', async ({
  page,
  request,
}) => {
  const csv = await (await request.get('/api/log/export?format=csv')).text();
  const json = await (await request.get('/api/log/export?format=json')).json();
  const ics = await (await request.get('/api/log/export?format=ics')).text();
  expect(json.format).toBe('elvane-log');
  expect(json.sessions.length).toBeGreaterThan(20);
  const events = new ICAL.Component(ICAL.parse(ics)).getAllSubcomponents('vevent');
  expect(events.length).toBe(json.sessions.length);

  await open(page, '/log');
  await page.getByRole('tab', { name: 'Files' }).click();
  await page
    .getByLabel('Logbook table')
    .setInputFiles({ name: 'logbook.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
  await expect(page.getByTestId('fates')).toContainText(
    `0 new, 0 changed, ${json.sessions.length} as before, 0 refused.`,
  );
  const rows = [
    'id,hand,began,ended,minutes,units,checks,wobbled,note',
    'ses-from-file,italic,2020-05-04T18:00:00+02:00,2020-05-04T18:30:00+02:00,30,letter:n letter:m,feet=right,,from an old notebook',
    ',italic,yesterday,,20,letter:n,,,',
  ];
  await page.getByLabel('Logbook table').setInputFiles({
    name: 'old.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  });
  await expect(page.getByTestId('fates')).toContainText('1 new, 0 changed, 0 as before, 1 refused.');
  await expect(page.getByTestId('fates')).toContainText('Row 3: refused');
  await page.getByRole('button', { name: 'Keep one session' }).click();
  await expect(page.getByText('One session is in the logbook.')).toBeVisible();
  expect(await (await request.get('/api/log?text=old notebook')).json()).toMatchObject({
    entries: [{ id: 'ses-from-file' }],
  });
  await request.delete('/api/records/ses-from-file');

  // A student's logbook is a row for their teacher; nothing of it is kept.
  await page.getByRole('tab', { name: 'Class' }).click();
  await page.getByLabel('Logbook of a student').setInputFiles({
    name: 'Mira.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(json)),
  });
  await expect(page.getByTestId('students')).toContainText(/Mira.*Italic.*\d+ of 62/);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Print the page for Mira' }).click();
  expect((await download).suggestedFilename()).toBe('Mira.pdf');
});

test('what is no logbook is refused in plain words', async ({ request }) => {
  const bad: [string, unknown, RegExp][] = [
    ['/api/log/import', { sessions: [{ id: 'a', session: { hand: 'italic' } }] }, /began|it began/i],
    ['/api/log/import', { sessions: 'all' }, /sessions/i],
    ['/api/log/student', { sessions: [] }, /no sessions/],
    [
      '/api/today/page',
      { hand: 'italic', steps: [{ unit: 'dance', minutes: 1, reason: 'due', text: 'x' }] },
      /letter:n/,
    ],
  ];
  for (const [path, data, message] of bad) {
    const response = await request.post(path, { data });
    expect(response.status(), path).toBe(422);
    expect((await response.json()).error.message).toMatch(message);
  }
  expect((await request.get('/api/log/export?format=docx')).status()).toBe(422);
  expect((await request.get('/api/log/unit?hand=italic&unit=nothing')).status()).toBe(422);
  expect((await request.get('/api/log/summary?weeks=-3')).status()).toBe(422);
});

test('the eye is trained: the difference shrinks while it is right, and what it tells is kept', async ({
  page,
}) => {
  await open(page, '/today/eye');
  await page.getByRole('button', { name: 'slope' }).click();
  await expect(page.getByRole('heading', { name: 'Which row leans more?' })).toBeVisible();
  expect(await axeFinds(page)).toEqual([]);
  // Always the upper row: right by chance, half the time; it ends all the same.
  for (let i = 0; i < 60; i++) await page.keyboard.press(i % 3 === 0 ? '2' : 'ArrowUp');
  await expect(page.getByTestId('eye-result')).toContainText(/You tell [\d.]+° of slope\./);
  await open(page, '/log');
  await expect(page.getByTestId('entries')).toContainText('The eye: slope');
});

test('axe finds nothing on Today, a session and the logbook; nothing is cut', async ({ page }) => {
  const check = async (what: string) => expect(await axeFinds(page), what).toEqual([]);
  const uncut = (what: string) => nothingIsCut(page, what);
  await open(page, '/today?hand=foundational');
  await check('today');
  await uncut('today');
  await page.getByRole('button', { name: 'I wrote it' }).click();
  await check('self-check');
  await page.getByRole('button', { name: 'Set a goal' }).click();
  await check('goal');
  await uncut('self-check');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.waitForURL(/\/today\/session/);
  await expect(page.getByTestId('step')).toBeVisible();
  await check('session');
  await uncut('session');
  await page.getByRole('button', { name: 'End here' }).click();
  await page.getByRole('button', { name: /Nothing was written/ }).click();
  await page.waitForURL((url) => url.pathname === '/today');
  await open(page, '/log');
  for (const tab of ['Days', 'Letters', 'Charts', 'Files', 'Class']) {
    await page.getByRole('tab', { name: tab }).click();
    await expect(page.locator('.loading')).toHaveCount(0);
    if (tab === 'Letters') await page.getByRole('button', { name: /^n, / }).click();
    if (tab === 'Charts') await expect(page.getByTestId('charts').locator('svg').first()).toBeVisible();
    await check(tab);
    await uncut(tab);
  }
});
