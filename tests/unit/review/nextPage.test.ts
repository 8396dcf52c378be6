import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { loadScript } from '@/core/hands/scripts';
import { compose } from '@/core/practice/compose';
import { pageAfter } from '@/core/review/nextPage';
import { ratedBy } from '@/core/review/ratings';
import { remarksOn } from '@/core/review/remarks';
import type { ReviewRow } from '@/core/review/review';
import { WORDS } from '../../support/practice';

beforeAll(() => loadScript('italic'));

const row = (text: string, fault?: ReviewRow['faults'][number]['fault'], off = 0.5): ReviewRow => ({
  text,
  baseline: 800,
  body: 120,
  from: 300,
  to: 1900,
  letters: Array.from({ length: 6 }, (_, i) => ({
    box: [300 + 100 * i, 680, 90, 120],
    off,
    angle: null,
    slope: null,
  })),
  faults: fault ? [{ fault, score: 2, value: -0.2, letters: 6 }] : [],
});

describe('the page after a review', () => {
  const nextFor = (rows: ReviewRow[]) =>
    pageAfter(freshRecipe('italic'), { rows, remarks: [] }, new Set(['n', 'i', 'a']), WORDS);
  const letters = (rows: ReviewRow[]) =>
    nextFor(rows).flatMap(({ what }) =>
      what.kind === 'letter' ? [what.of] : what.kind === 'letters' ? what.of.split(' ') : [],
    );

  it('brings back the letters of rows that were off, with their drill, on one page', () => {
    const rows = [row('n'), row('a', 'narrow'), row('h', 'high branch'), row('i')];
    expect(letters(rows).sort()).toEqual(['a', 'h']);
    const bands = nextFor(rows);
    expect(bands.some(({ what }) => what.kind === 'drill')).toBe(true);
    expect(compose(freshRecipe('italic'), { bands }).pages).toHaveLength(1);
  });

  it('where no row was off, those that were farthest from their models', () => {
    expect(
      letters([
        row('n', undefined, 0.9),
        row('i', undefined, 0.2),
        row('a', undefined, 0.8),
        row('o', undefined, 0.1),
      ]),
    ).toEqual(expect.arrayContaining(['n', 'a']));
  });

  it('of words alone is a page all the same', () => {
    expect(nextFor([row('minimum')]).length).toBeGreaterThan(0);
  });
});

describe('remarks', () => {
  const base = {
    nib: 2.4,
    pressed: false,
    body: 12,
    slopeLines: false,
    gauge: true,
    upper: 'waistline' as const,
  };
  const figure = (id: 'angle' | 'angleSpread' | 'feet' | 'slope', value: number, asked: number | null) => ({
    id,
    value,
    asked,
    error: id === 'feet' ? 0.5 : 2.4,
    count: 30,
  });

  it('are silent about what lies within the error', () => {
    const figures = [figure('angle', 43, 45), figure('angleSpread', 1, null), figure('feet', 0.3, 0)];
    const said = remarksOn({ ...base, figures, rows: [] });
    expect(said.map(({ cure }) => cure)).toEqual(['']);
    expect(said[0]?.text).toMatch(/held its angle: 43° where 45° is asked/);
  });

  it('name a fault of several rows once, with all its letters', () => {
    const [, remark] = remarksOn({
      ...base,
      figures: [],
      rows: [row('n', 'narrow'), row('h', 'narrow'), row('o')],
    });
    expect(remark?.text).toBe('Your n and h are narrower than the model (twelve letters).');
    const [, one] = remarksOn({ ...base, figures: [], rows: [row('n', 'narrow'), row('o')] });
    expect(one?.text).toBe('Your n is narrower than the model (six letters).');
  });

  it('say the sign of a slope and of a pen angle', () => {
    const figures = [figure('angle', 36, 45), figure('slope', 11, 6)];
    const said = remarksOn({ ...base, figures, rows: [] }).map(({ text }) => text);
    // Slope is put right first: it is read as another angle too.
    expect(said[0]).toMatch(/lean 11°, and 6° is asked/);
    expect(said[1]).toMatch(/stood at 36°, not 45°.*heavier/);
  });

  it('name slope and parallels before the angle, and strokes out of parallel once', () => {
    const splay = { id: 'parallels' as const, value: 5, asked: 0, error: 1.3, count: 8 };
    const rows = [row('n', 'not parallel'), row('h', 'flat')];
    const said = remarksOn({ ...base, figures: [figure('angle', 54, 45), splay], rows }).map(
      ({ text }) => text,
    );
    expect(said[0]).toMatch(/not parallel: they stand 5° apart/);
    expect(said[1]).toMatch(/stood at 54°/);
    expect(said.filter((text) => /parallel/.test(text))).toHaveLength(1);
    const [byRow] = remarksOn({ ...base, figures: [], rows }).map(({ text }) => text);
    expect(byRow).toBe('The strokes of n are not parallel (six letters).');
  });

  it('name the line that a hand has over its letters', () => {
    const short = { id: 'body' as const, value: 11, asked: 12, error: 0.3, count: 30 };
    const cure = (upper: 'waistline' | 'capital line') =>
      remarksOn({ ...base, upper, figures: [short], rows: [] })[0]?.cure;
    expect(cure('capital line')).toMatch(/begin on the capital line/);
    expect(cure('waistline')).toMatch(/begin on the waistline/);
  });

  it('name the gauge where the page has one, and a card where it has none', () => {
    const figures = [figure('angle', 36, 45)];
    const cure = (gauge: boolean) => remarksOn({ ...base, gauge, figures, rows: [] })[0]?.cure;
    expect(cure(true)).toMatch(/the gauge of this page/);
    expect(cure(false)).toMatch(/a card to 45°/);
    expect(cure(false)).not.toMatch(/gauge/);
  });

  it('go with ratings of the same figures', () => {
    const figures = [figure('angle', 38, 45), figure('feet', 0.1, 0)];
    expect(ratedBy(figures, [row('n', 'strokes apart')], 12)).toEqual([
      { criterion: 'angle', rating: 'off' },
      { criterion: 'feet', rating: 'right' },
      { criterion: 'joints', rating: 'off' },
    ]);
  });
});
