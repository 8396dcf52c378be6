import { HANDS } from '../../src/core/hands/registry';
import { expect, type Page, test } from './desk';

/** Everything a page says: what is read, what its controls and pictures are called, and what its fields hold. */
async function saidOn(page: Page): Promise<string> {
  return page.evaluate(() => {
    const named = [...document.querySelectorAll('[aria-label]')].map((one) => one.getAttribute('aria-label'));
    const fields = [...document.querySelectorAll('input, textarea')].map((one) =>
      one instanceof HTMLInputElement || one instanceof HTMLTextAreaElement ? `${one.value}` : '',
    );
    return [document.body.innerText, ...named, ...fields].join('\n');
  });
}

/** What no page may say, whatever the hand. */
const NONSENSE: readonly (readonly [what: string, pattern: RegExp])[] = [
  ['a negative length', /(^|[\s(:])[-−]\s?\d+(\.\d+)? ?(mm|nib widths?|of the body|dots|in\b|″)/m],
  ['a number that is none', /\b(NaN|Infinity|undefined|null)\b|\[object /],
  [
    'a one that is many',
    /(^|[^\d.,/½¼¾])1 (nib widths|dots|lines|units|sheets|pages|things|letters|hours|sessions)\b/m,
  ],
  ['more decimals than anybody reads', /\d\.\d{4,}/],
  ['an empty box', /[□▯�]/],
  ['an amount of nothing', /\b0 (mm too|ml\b|mm less|mm more)/],
  ['lines that are none', /Rule no lines/],
  ['a sentence that begins with a comma', /(^|\n)\s*, [a-z]/],
];
/** The largest ratio a pen can make. */
const MOST_RATIO = 300;

function nonsenseIn(said: string): string[] {
  const found = NONSENSE.flatMap(([what, pattern]) => {
    const hit = pattern.exec(said);
    return hit
      ? [`${what}: “${said.slice(Math.max(0, hit.index - 40), hit.index + 40).replace(/\s+/g, ' ')}”`]
      : [];
  });
  for (const [whole, ratio] of said.matchAll(/1 : (\d+(?:\.\d+)?)/g)) {
    if (Number(ratio) > MOST_RATIO) found.push(`a ratio beyond all pens: “${whole}”`);
  }
  return found;
}

/** Opens every tab of a station, one after the other, and reads it. */
async function readAll(page: Page, path: string): Promise<ReadonlyMap<string, string>> {
  await page.goto(path);
  const read = new Map<string, string>([['', await saidOn(page)]]);
  const tabs = page.getByRole('tab');
  for (const name of await tabs.allInnerTexts()) {
    const tab = page.getByRole('tab', { name, exact: true }).first();
    await tab.click();
    await expect(tab).toHaveAttribute('aria-selected', 'true');
    // What a tab fetches is waited for: it says so while it does.
    await expect(
      page.getByText(/^(Searching the drawer|Drawing the chart|Loading the bench|Looking|Reading)/),
    ).toHaveCount(0);
    read.set(name, await saidOn(page));
  }
  return read;
}

/** A fact told in mm beside its name: “Stem 1.59 nib widths (3.8 mm)” or “Stem 3.8 mm”. */
function millimetres(said: string, name: string): number | undefined {
  const found = new RegExp(`(?:^|\\n)${name}\\s*\\n?[^\\n]*?([\\d.]+) mm`, 'm').exec(said);
  return found ? Number(found[1]) : undefined;
}

for (const { id, name, tool } of HANDS) {
  test(`all that is said of ${name} makes sense, and no two places tell one fact differently`, async ({
    page,
  }) => {
    test.setTimeout(600_000);
    const wrong: string[] = [];
    const told = new Map<string, Map<string, number>>();
    for (const station of ['rule', 'kit', 'strokes', 'practise', 'today']) {
      const read = await readAll(page, `/${station}?hand=${id}`);
      for (const [tab, said] of read) {
        wrong.push(...nonsenseIn(said).map((what) => `${station} ${tab}: ${what}`));
        for (const fact of tool === 'broad' ? ['Stem', 'Bar', 'Body'] : ['Body']) {
          const mm = millimetres(said, fact);
          if (mm === undefined) continue;
          const places = told.get(fact) ?? new Map<string, number>();
          told.set(fact, places.set(`${station} ${tab}`, mm));
        }
      }
    }
    expect(wrong).toEqual([]);
    for (const [fact, places] of told) {
      const values = [...places.values()];
      // Places may round to a tenth.
      expect(Math.max(...values) - Math.min(...values), `${fact}: ${[...places].join('; ')}`).toBeLessThan(
        0.06,
      );
    }
  });
}

test('a piece in every hand, and the stations that show all of them, make sense', async ({ page }) => {
  test.setTimeout(600_000);
  const wrong: string[] = [];
  await page.goto('/piece?fresh=1&hand=italic');
  for (const { id, rightToLeft } of HANDS) {
    await page.getByRole('tab', { name: 'Text', exact: true }).click();
    await page.getByLabel('Hand', { exact: true }).selectOption(id);
    await page.getByLabel('Text of the body').fill(rightToLeft ? 'نجم ليل' : 'Dusk');
    await expect(page.getByTestId('findings')).not.toBeEmpty();
    for (const tab of ['Text', 'Nib', 'Decorate', 'List', 'To the desk']) {
      await page.getByRole('tab', { name: tab, exact: true }).click();
      wrong.push(...nonsenseIn(await saidOn(page)).map((what) => `piece in ${id}, ${tab}: ${what}`));
    }
  }
  for (const station of ['hand', 'bench', 'log', 'review', 'shelf', 'pens', 'workshop']) {
    for (const [tab, said] of await readAll(page, `/${station}`)) {
      wrong.push(...nonsenseIn(said).map((what) => `${station} ${tab}: ${what}`));
    }
  }
  expect(wrong).toEqual([]);
});
