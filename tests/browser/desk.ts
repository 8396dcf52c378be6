import { type BrowserContext, test as base, expect, type Page } from '@playwright/test';
import axe from 'axe-core';

/** The first of the ports the servers under test listen on: one server and one database for each worker. */
export const FIRST_PORT = 3417;
export const WORKERS = 2;
const DESKTOP = { width: 1280, height: 800 };

/** What a browser keeps for a site that a test could leave to the next; scripts that are compiled stay. */
const KEPT_FOR_A_SITE = 'cookies,local_storage,indexeddb,service_workers,cache_storage';

/** Tests of a worker work at their own desk: nothing one of them keeps is seen by another's. */
export const test = base.extend<
  { baseURL: string; ownWindow: boolean },
  { address: string; window: BrowserContext }
>({
  address: [
    // biome-ignore lint/correctness/noEmptyPattern: fixtures are told apart by what they take
    async ({}, use, { parallelIndex }) => use(`http://127.0.0.1:${FIRST_PORT + parallelIndex}`),
    { scope: 'worker' },
  ],
  baseURL: async ({ address }, use) => use(address),
  // One window a worker, in which a page of the last test stays until the next has opened: a browser that starts and compiles everything
  // anew for each test takes half of the time of a short one.
  window: [
    async ({ browser, address }, use) => {
      const window = await browser.newContext({
        baseURL: address,
        viewport: DESKTOP,
        acceptDownloads: true,
      });
      await use(window);
      await window.close();
    },
    { scope: 'worker' },
  ],
  // What a test changes for a whole window, such as its clock, it changes in a window of its own.
  ownWindow: [false, { option: true }],
  context: async ({ browser, ownWindow, window, address, viewport, isMobile, hasTouch }, use) => {
    if (ownWindow || isMobile) {
      const own = await browser.newContext({ baseURL: address, viewport, isMobile, hasTouch });
      await use(own);
      await own.close();
      return;
    }
    await use(window);
    await window.unrouteAll();
    const [last, ...others] = window.pages();
    for (const page of others) await page.close();
    if (!last) return;
    // A page without script: nothing of the test goes on.
    await last.goto(`${address}/api/health/live`);
    const session = await window.newCDPSession(last);
    await session.send('Storage.clearDataForOrigin', { origin: address, storageTypes: KEPT_FOR_A_SITE });
    await session.detach();
  },
  // A page that is shown does not answer yet: on a busy machine what is pressed before it does is lost.
  page: async ({ page }, use) => {
    for (const other of page.context().pages()) if (other !== page) await other.close();
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

/** A test that sets what holds for a whole window. */
export const testInOwnWindow = test.extend({ ownWindow: true });

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
  // Colours pass into one another: what they end in is what is read.
  const still = await page.addStyleTag({
    content: '* { transition: none !important; animation: none !important }',
  });
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const found: string[] = [];
  for (const theme of ['lampblack', 'vellum']) {
    const violations = await page.evaluate(
      async ([to, exclude, rules]) => {
        document.documentElement.dataset.theme = to;
        const run: typeof axe.run = Reflect.get(window, 'axe').run;
        // What passes is not asked for: that takes most of the time.
        const only = rules.length > 0 ? { runOnly: rules } : {};
        return (await run({ exclude }, { ...only, resultTypes: ['violations'] })).violations;
      },
      [theme, NOT_LOOKED_AT, theme === 'lampblack' ? OF_A_THEME : []] as const,
    );
    found.push(
      ...violations.map(
        ({ id, nodes }) =>
          `${theme}, ${id}: ${nodes.map(({ html, failureSummary }) => html.slice(0, 160) + failureSummary).join(' ')}`,
      ),
    );
  }
  await still.evaluate((style) => style.parentElement?.removeChild(style));
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
