import { axeFinds, type BrowserContext, expect, type Page, test, testInOwnWindow } from './desk';

const state = (page: Page) => page.getByTestId('save-state');
/** A sheet of this test's own, so that no other test sees what it does. */
async function ownSheet(page: Page, name: string): Promise<string> {
  await page.goto('/rule?hand=uncial');
  const field = page.getByRole('textbox', { name: 'Name of the sheet' });
  await field.fill(name);
  await field.press('Enter');
  await expect(state(page)).toHaveText('Kept on the shelf');
  return new URL(page.url()).searchParams.get('sheet') as string;
}
/** Another window on a sheet of this test's own, which has been saved since that window opened it. */
async function staleWindow(page: Page, context: BrowserContext, name: string): Promise<Page> {
  const id = await ownSheet(page, name);
  const other = await context.newPage();
  await other.goto(`/rule?sheet=${id}`);
  await page.keyboard.press(']');
  await expect(state(page)).toHaveText('Kept on the shelf');
  await other.keyboard.press('.');
  await expect(state(other)).toHaveText('Changed elsewhere');
  return other;
}
const angle = (page: Page) => page.getByRole('button', { name: /^Pen angle:/ });

for (const station of ['kit', 'strokes'] as const) {
  test(`${station}: an edit is undone by button and by key, and kept`, async ({ page }) => {
    const id = await ownSheet(page, `Shell ${station}`);
    await page.goto(`/${station}?sheet=${id}`);
    const before = await angle(page).innerText();
    const change = async () => {
      await angle(page).click();
      const field = page.getByRole('textbox', { name: /angle/i });
      await field.fill('33');
      await field.press('Enter');
      await page.keyboard.press('Escape');
      await expect(angle(page)).toHaveText('33°');
    };
    await change();
    await expect(state(page)).toHaveText('Kept on the shelf');
    await page.getByRole('button', { name: 'Undo', exact: true }).click();
    await expect(angle(page)).toHaveText(before);
    await page.getByRole('button', { name: 'Redo', exact: true }).click();
    await expect(angle(page)).toHaveText('33°');
    await page.getByRole('heading', { level: 1, includeHidden: true }).first().click({ force: true });
    await page.keyboard.press('Control+z');
    await expect(angle(page)).toHaveText(before);
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog')).toContainText('undo');
    await page.getByRole('button', { name: 'Close' }).click();
  });
}

test('a save that cannot be sent is said on Kit, waits, and is sent when the server is back', async ({
  page,
}) => {
  const id = await ownSheet(page, 'Failing');
  await page.goto(`/kit?sheet=${id}`);
  await page.route('**/api/sheets/**', (route) => route.abort());
  await page.getByRole('textbox', { name: 'Name of the sheet' }).fill('Failing no more');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Not saved: try again' })).toBeVisible();
  await expect(page.getByTestId('waiting')).toContainText('is sent as soon as it can be');
  await page.unroute('**/api/sheets/**');
  await expect(state(page)).toHaveText('Kept on the shelf');
  await expect(page.getByTestId('waiting')).toBeHidden();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Name of the sheet' })).toHaveValue('Failing no more');
});

test('two windows on one sheet: the stale one is refused, told what differs, and both can be kept', async ({
  page,
  context,
}) => {
  const other = await staleWindow(page, context, 'Two windows');
  await expect(other.getByRole('alert').filter({ hasText: 'Two windows' })).toContainText('the nib or shade');
  await other.getByRole('button', { name: 'Keep both' }).click();
  await expect(state(other)).toHaveText('Kept on the shelf');
  await other.goto('/shelf');
  await other.getByRole('searchbox').fill('Two windows');
  await expect(other.getByRole('listitem')).toHaveCount(2);

  // Deleted elsewhere: it does not come back of itself.
  await other.getByRole('button', { name: 'Delete Two windows', exact: true }).click();
  await page.keyboard.press('.');
  await expect(state(page)).toHaveText('Changed elsewhere');
  await expect(page.getByRole('alert').filter({ hasText: 'deleted' })).toBeVisible();
  await page.getByRole('button', { name: 'Put mine back on the shelf' }).click();
  await expect(state(page)).toHaveText('Kept on the shelf');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  for (const station of ['rule', 'strokes', 'practise', 'kit', 'piece', 'shelf', 'bench'] as const) {
    test(`${station} is one column, by touch`, async ({ page }) => {
      const sheet = station === 'piece' ? 'demo-caption' : 'demo-italic';
      await page.goto(`/${station}?sheet=${sheet}`);
      const sideways = () =>
        page.evaluate(() =>
          [document.documentElement, ...document.querySelectorAll('main, main *')]
            .filter((one) => {
              const { overflowX } = getComputedStyle(one);
              const scrolls =
                one === document.documentElement || overflowX === 'auto' || overflowX === 'scroll';
              return (
                scrolls && one.scrollWidth > one.clientWidth + 1 && one.getAttribute('aria-label') !== 'Paper'
              );
            })
            .map((one) => one.outerHTML.slice(0, 120)),
        );
      expect(await sideways()).toEqual([]);
      const small = await page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('main button, nav a, main select, main .input')]
          .map((one) => ({ one, box: one.getBoundingClientRect() }))
          .filter(({ one, box }) => box.width > 0 && !one.closest('.sr-only') && box.height < 43.5)
          .map(({ one }) => one.outerHTML.slice(0, 120)),
      );
      expect(small).toEqual([]);
      if (station === 'shelf' || station === 'bench') return;
      const margin = page.getByRole('button', { name: /^(Readings|Bands|Text|Strokes|What it is)/ });
      await margin.tap();
      await expect(page.getByRole('complementary', { name: 'Margin' })).toBeInViewport({ ratio: 0.5 });
      expect(await sideways()).toEqual([]);
      await margin.tap();
      await page.getByRole('button', { name: 'Open the sentence' }).tap();
      await expect(
        page.getByRole('button', { name: station === 'piece' ? /^Paper:/ : /^Hand:/ }),
      ).toBeVisible();
      expect(await axeFinds(page)).toEqual([]);
    });
  }
});

testInOwnWindow('a notice stays while it is pointed at or reached, and goes in time', async ({ page }) => {
  await page.clock.install();
  await page.goto('/shelf');
  const name = 'Dome inscription, capitals';
  await page.getByRole('button', { name: `Duplicate ${name}` }).click();
  const notice = page.getByText(`Duplicated “${name}”.`);
  await notice.hover();
  await page.clock.runFor(60_000);
  await expect(notice).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).focus();
  await page.mouse.move(0, 0);
  await page.getByRole('button', { name: 'Close' }).focus();
  await page.getByRole('searchbox').focus();
  await page.clock.runFor(13_000);
  await expect(notice).toHaveCount(0);
});

test('a stale window that is left without a choice leaves its work beside theirs', async ({
  page,
  context,
}) => {
  const other = await staleWindow(page, context, 'Left stale');
  await other.goto('about:blank');
  await expect
    .poll(async () => {
      await page.goto('/shelf');
      await page.getByRole('searchbox').fill('Left stale');
      return page.getByRole('listitem').count();
    })
    .toBe(2);
});
