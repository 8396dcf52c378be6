import AxeBuilder from '@axe-core/playwright';
import { test as base, expect, type Page } from '@playwright/test';

/** The first of the ports the servers under test listen on: one server and one database for each worker. */
export const FIRST_PORT = 3417;
export const WORKERS = 2;

/** Tests of a worker work at their own desk: nothing one of them keeps is seen by another's. */
export const test = base.extend<{ baseURL: string }>({
  // biome-ignore lint/correctness/noEmptyPattern: fixtures are told apart by what they take
  baseURL: async ({}, use, { parallelIndex }) => {
    await use(`http://127.0.0.1:${FIRST_PORT + parallelIndex}`);
  },
  // A page that is shown does not answer yet: on a busy machine what is pressed before it does is lost.
  page: async ({ page }, use) => {
    // Without a screen there is no print dialogue: a page to print goes to the downloads, as in browsers that show no PDFs.
    await page.addInitScript(() =>
      Object.defineProperty(navigator, 'pdfViewerEnabled', { get: () => false }),
    );
    const awake = (path: string) =>
      page
        .locator(
          /^\/(rule|kit|strokes|practise|piece)\b/.test(path) ? 'html[data-awake=sheet]' : 'html[data-awake]',
        )
        .waitFor({ state: 'attached' });
    const goto = page.goto.bind(page);
    page.goto = async (asked, options) => {
      const url = withUsualPen(asked);
      const response = await goto(url, options);
      if (url.startsWith('/')) await awake(url);
      return response;
    };
    const reload = page.reload.bind(page);
    page.reload = async (options) => {
      const response = await reload(options);
      await awake(new URL(page.url()).pathname);
      return response;
    };
    await use(page);
  },
});

/**
 * A fresh sheet is ruled for the kit chosen for its hand, and tests of a worker share a desk: where the address names no pen,
 * the hand's usual one is asked for, whatever another test has chosen.
 */
const withUsualPen = (url: string): string =>
  /^\/(rule|kit|strokes|practise|piece)\?.*hand=/.test(url) && !url.includes('nib=') ? `${url}&nib=` : url;

/** What differs between the themes: all else about a page is the same in both, and looked at in one. */
const OF_A_THEME = ['color-contrast', 'link-in-text-block'];

/** Parts of drawings are no controls and no text to read; of a long table its first rows are like all others. */
const NOT_LOOKED_AT = ['svg[role=img] > *', 'tbody > tr:nth-child(n+9)'];

/** What axe finds on a page as it stands, in both themes: every rule in vellum, those about colours in lampblack. */
export async function axeFinds(page: Page): Promise<string[]> {
  const found: string[] = [];
  for (const theme of ['lampblack', 'vellum']) {
    await page.evaluate(async (to) => {
      document.documentElement.dataset.theme = to;
      // Colours pass into one another; what is still moving after a second moves for ever.
      const still = Promise.allSettled(document.getAnimations().map(({ finished }) => finished));
      await Promise.race([still, new Promise((done) => setTimeout(done, 1000))]);
    }, theme);
    const axe = NOT_LOOKED_AT.reduce((all, one) => all.exclude(one), new AxeBuilder({ page }));
    const { violations } = await (theme === 'lampblack' ? axe.withRules(OF_A_THEME) : axe).analyze();
    found.push(
      ...violations.map(
        ({ id, nodes }) =>
          `${theme}, ${id}: ${nodes.map(({ html, failureSummary }) => html.slice(0, 160) + failureSummary).join(' ')}`,
      ),
    );
  }
  return found;
}

/** On a phone, a tablet and a desk nothing of a page is wider than its screen. */
export async function nothingIsCut(page: Page, what: string): Promise<void> {
  for (const [width, height] of [
    [390, 844],
    [768, 1024],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    const wider = () =>
      page.evaluate(() => {
        const station = document.querySelector('#station');
        return Math.max(
          document.documentElement.scrollWidth - window.innerWidth,
          station ? station.scrollWidth - station.clientWidth : 0,
        );
      });
    await expect.poll(wider, `${what} at ${width}`).toBeLessThanOrEqual(0);
  }
}

export {
  type APIRequestContext,
  type BrowserContext,
  type Download,
  expect,
  type Page,
} from '@playwright/test';
