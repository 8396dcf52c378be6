import { ALL_STATIONS } from '../../src/ui/stations/stations';
import { axeFinds, expect, type Page, test } from './desk';

/** Hands of other families than the one the desk opens with. */
const HANDS = ['copperplate', 'brush', 'court', 'monoline'];
const STATIONS = ALL_STATIONS.map(({ href, steps }, i) =>
  steps ? `${href}?hand=${HANDS[i % HANDS.length]}` : href,
);

/** Text of the page, its size under `least` CSS pixels; lettering of sheets is drawn at the paper's scale. */
const smallText = (page: Page, least: number) =>
  page.evaluate((smallest) => {
    const found = new Set<string>();
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode()) {
      const element = node.parentElement;
      const text = node.textContent?.trim() ?? '';
      if (!element || text === '' || element.closest('svg, script, style, .sr-only, option, .js-plotly-plot'))
        continue;
      if (!element.checkVisibility()) continue;
      const size = Number.parseFloat(getComputedStyle(element).fontSize);
      if (size < smallest) found.add(`${size}px: ${text.slice(0, 40)}`);
    }
    return [...found];
  }, least);

/** What can be pressed and is lower than `least` CSS pixels; a box to tick is as large as its label. */
const smallTargets = (page: Page, least: number) =>
  page.evaluate((smallest) => {
    const pressed =
      'button, select, [role=tab], summary, input:not([type=hidden], [type=file], [type=range])';
    return [...document.querySelectorAll<HTMLElement>(pressed)].flatMap((element) => {
      if (!element.checkVisibility({ visibilityProperty: true }) || element.closest('.sr-only, .phrase'))
        return [];
      const target = element.matches('[type=checkbox], [type=radio]')
        ? (element.closest('label') ?? element)
        : element;
      const { width, height } = target.getBoundingClientRect();
      if (width === 0 || height >= smallest) return [];
      const name = element.getAttribute('aria-label') ?? element.textContent?.trim() ?? '';
      return [`${element.tagName.toLowerCase()} “${name.slice(0, 30)}” ${Math.round(height)}px`];
    });
  }, least);

test('at 1280 by 800 text is 13 px and more, the rail needs no scrollbar, axe finds nothing', async ({
  page,
}) => {
  const errors: string[] = [];
  page.on('console', (message) => message.type() === 'error' && errors.push(message.text()));
  page.on('pageerror', (error) => errors.push(error.message));
  await page.setViewportSize({ width: 1280, height: 800 });
  for (const station of STATIONS) {
    await page.goto(station);
    expect(await smallText(page, 13), station).toEqual([]);
    const rail = await page.getByRole('navigation', { name: 'Stations' }).evaluate((nav) => ({
      across: nav.scrollWidth - nav.clientWidth,
      down: nav.scrollHeight - nav.clientHeight,
    }));
    expect(rail, station).toEqual({ across: 0, down: 0 });
    expect(await axeFinds(page), station).toEqual([]);
  }
  expect(errors).toEqual([]);
});

test('on a tablet everything is as large as a finger', async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  const small: string[] = [];
  for (const station of STATIONS) {
    await page.goto(station);
    small.push(...(await smallTargets(page, 40)).map((found) => `${station}: ${found}`));
  }
  expect([...new Set(small)]).toEqual([]);
});

test('no line of the sentence begins with a comma, however narrow', async ({ page }) => {
  for (const [path, width] of [
    ['/rule?hand=copperplate', 700],
    ['/rule?hand=roman', 660],
    ['/piece?fresh=1&hand=italic', 700],
    ['/rule?hand=court', 900],
  ] as const) {
    await page.setViewportSize({ width, height: 900 });
    await page.goto(path);
    const begins = await page.evaluate(() => {
      const sentence = document.querySelector('.phrase')?.closest('p');
      if (!sentence) return ['no sentence'];
      const found: string[] = [];
      const walk = document.createTreeWalker(sentence, NodeFilter.SHOW_TEXT);
      const left = sentence.getBoundingClientRect().left;
      for (let node = walk.nextNode(); node; node = walk.nextNode()) {
        if (!node.textContent?.startsWith(',')) continue;
        const range = document.createRange();
        range.setStart(node, 0);
        range.setEnd(node, 1);
        if (range.getBoundingClientRect().left - left < 3) found.push(node.textContent);
      }
      return found;
    });
    expect(begins, `${path} at ${width}`).toEqual([]);
  }
});

test('charts over time are drawn in the colours of their theme', async ({ page, context, baseURL }) => {
  const colours = async (theme: string) => {
    await context.addCookies([{ name: 'elvane-theme', value: theme, url: baseURL }]);
    await page.goto('/log');
    await page.getByRole('tab', { name: 'Charts' }).click();
    const bar = page.locator('.js-plotly-plot .bars path, .js-plotly-plot .scatterlayer path').first();
    await expect(bar).toBeAttached();
    const primary = await page.evaluate(() =>
      getComputedStyle(document.documentElement).getPropertyValue('--color-primary').trim(),
    );
    return { primary, drawn: await page.locator('.js-plotly-plot svg').first().innerHTML() };
  };
  const inRgb = (hex: string) =>
    `rgb(${[1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)).join(', ')})`;
  const [vellum, lampblack] = [await colours('vellum'), await colours('lampblack')];
  expect(vellum.primary).not.toBe(lampblack.primary);
  expect(vellum.drawn).toContain(inRgb(vellum.primary));
  expect(lampblack.drawn).toContain(inRgb(lampblack.primary));
  expect(lampblack.drawn).not.toContain(inRgb(vellum.primary));
});
