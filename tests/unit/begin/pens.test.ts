import { beforeAll, describe, expect, it } from 'vitest';
import { NOBODY } from '@/core/about/about';
import { PENS } from '@/core/compare/penLimits';
import { handFor } from '@/core/compare/penSheet';
import { comparePens } from '@/core/compare/pens';
import { freshRecipe } from '@/core/document/defaults';
import { loadAllScripts } from '@/core/hands/scripts';
import { DEMO_BENCH } from '@/core/kit/demoBench';
import { asNib, type Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { Problem } from '@/core/problem/problem';
import { inkOf } from '@/core/type/cut';
import { renderSvg } from '@/render/svg';
import { seriesFor, seriesOf } from '@/ui/strokes/series';

beforeAll(loadAllScripts);

const bench = DEMO_BENCH.map((item) => parseItem(JSON.parse(JSON.stringify(item))));
const pens = bench.filter((item) => asNib(item));
const options = { hand: 'italic', about: NOBODY };
const pen = (id: string): Item => {
  const found = pens.find((item) => item.id === id);
  if (!found) throw new Error(`no pen ${id}`);
  return found;
};
const reading = (item: Item) => comparePens('moon', [item], options).readings[0]?.reading ?? '';
const number = (text: string, name: string) => Number(new RegExp(`${name} ([\\d.]+)`).exec(text)?.[1]);

describe('one word with every pen', () => {
  it('every pen of the drawer writes it in a hand it can, and says what it does', () => {
    const { pages, readings } = comparePens('moon', pens, options);
    expect(readings).toHaveLength(Math.min(PENS.most, pens.length));
    expect(readings.filter(({ trouble }) => trouble)).toEqual([]);
    expect(pages.length).toBeGreaterThan(1);
    for (const page of pages) {
      expect([page.width, page.height]).toEqual([210, 297]);
      expect(renderSvg(page)).not.toMatch(/NaN/);
    }
  });

  it('wider pens write it larger, and the reading is the pen model’s', () => {
    const [small, large] = [1, 3].map((width) => reading({ ...pen('felt-2'), wear: 'none', width }));
    expect(number(large ?? '', 'body')).toBe(3 * number(small ?? '', 'body'));
    expect(number(small ?? '', 'body')).toBe(5);
    // W·cos(45° + 6°) and what the edge of felt adds.
    expect(number(large ?? '', 'stem')).toBeCloseTo(
      3 * Math.cos((51 * Math.PI) / 180) + 0.3 * Math.sin((51 * Math.PI) / 180),
      1,
    );
  });

  it('says how often a load writes it, and writes it beside itself paler and paler until the load is empty', () => {
    const timesOf = (text: string) =>
      /it twice$/.test(text) ? 2 : /not write it once$/.test(text) ? 0 : number(text, 'a load writes it');
    const often = (id: string) => timesOf(reading(pen(id)));
    // A narrow nib lays less ink a word than a wide one with the same load, and a reservoir holds more.
    expect(often('square-2')).toBeGreaterThan(often('square-4'));
    const dry = { ...pen('square-4'), reservoir: false };
    expect(often('square-4')).toBeGreaterThan(timesOf(reading(dry)));
    expect(often('glass')).toBeGreaterThan(often('square-2'));
    for (const fed of ['fineliner', 'felt-2', 'plate-4', 'fountain-round', 'pencil-soft']) {
      expect(reading(pen(fed)), fed).not.toMatch(/load/);
    }
    const [page] = comparePens('moon', [pen('square-2')], options).pages;
    const colours = [...renderSvg(page as NonNullable<typeof page>).matchAll(/fill="#(\w\w)\w{4}"/g)].map(
      ([, red]) => Number.parseInt(red ?? '', 16),
    );
    expect(new Set(colours).size).toBeGreaterThan(1);
  });

  it('a round point writes one line of its own width, and no doubled strokes', () => {
    expect(reading(pen('fountain-round'))).toBe('line 0.6 mm; body 8 mm');
    expect(reading(pen('pencil-soft'))).toBe('line 0.7 mm; body 8 mm');
    expect(number(reading(pen('fountain-flexible')), 'hairline')).toBe(0.35);
  });

  it('a worn edge leaves thicker hairlines; a shade is as wide as it was measured, whatever the flex', () => {
    const felt = pen('felt-2');
    const [fresh, worn] = (['none', 'worn out'] as const).map((wear) => reading({ ...felt, wear }));
    expect(number(worn ?? '', 'thinnest')).toBeGreaterThan(number(fresh ?? '', 'thinnest'));
    const pointed = pens.find(({ kind }) => kind === 'pointed-nib') as Item;
    for (const flex of ['stiff', 'flexible'] as const) {
      expect(number(reading({ ...pointed, flex }), 'shade')).toBeCloseTo(pointed.width ?? 0, 1);
    }
  });

  it('a word too long for the page is said, and the other pens write it', () => {
    const { readings } = comparePens(
      'mmmmmmmmmmmm',
      [pen('felt-2'), { ...pen('felt-2'), id: 'huge', width: 20 }],
      options,
    );
    expect(readings.map(({ trouble }) => trouble !== undefined)).toEqual([false, true]);
  });

  it('nothing to write, or nothing to write with, is refused', () => {
    expect(() => comparePens(' ', pens, options)).toThrow(Problem);
    expect(() => comparePens('moon', [], options)).toThrow(/at least one pen/);
  });

  it('a pen that cannot write the hand asked for writes one of its own', () => {
    for (const kind of ['broad', 'two-point', 'pointed', 'brush'] as const)
      expect(handFor({ kind }, 'monoline')).toBe('monoline');
    expect(handFor({ kind: 'broad' }, 'uncial')).toBe('uncial');
    expect(handFor({ kind: 'pointed' }, 'uncial')).toBe('copperplate');
    expect(handFor({ kind: 'brush' }, 'uncial')).toBe('brush');
  });
});

describe('a letter at several values of one property', () => {
  it.each(['italic', 'copperplate', 'brush', 'roman', 'court'])(
    '%s: every series has names of its own, and letters that differ',
    (hand) => {
      const recipe = freshRecipe(hand);
      const letter = hand === 'roman' ? 'N' : hand === 'court' ? 'ن' : 'n';
      const ids = seriesFor(recipe);
      expect(ids.length).toBeGreaterThan(0);
      for (const id of ids) {
        const series = seriesOf(id, recipe, letter, []);
        expect(series.length, id).toBeGreaterThan(1);
        expect(new Set(series.map(({ name }) => name)).size).toBe(series.length);
        const inks = series.map(({ pen, cut }) => JSON.stringify(inkOf(pen, cut)));
        expect(new Set(inks).size, id).toBe(series.length);
      }
    },
  );

  it('of nothing that is asked for is empty', () => {
    expect(seriesOf('toString', freshRecipe('italic'), 'n', [])).toEqual([]);
    expect(seriesOf('angle', freshRecipe('italic'), 'ж', [])).toEqual([]);
    expect(seriesFor(freshRecipe('italic'))).not.toContain('contrast');
    expect(seriesFor(freshRecipe('copperplate'))).not.toContain('angle');
  });
});
