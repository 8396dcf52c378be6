import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { demoPages } from '@/core/document/demoPages';
import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { HANDS } from '@/core/hands/registry';
import { type Band, MOST_BANDS } from '@/core/practice/band';
import { bandOf } from '@/core/practice/bands/bandOf';
import { kindOf, kindsFor } from '@/core/practice/bands/registry';
import { compose } from '@/core/practice/compose';
import {
  addBand,
  changeHow,
  changeKind,
  changeText,
  duplicateBand,
  freeIds,
  moveBand,
  newBand,
  removeBand,
  withBands,
} from '@/core/practice/edit';
import { groundOf } from '@/core/practice/ground';
import { Problem } from '@/core/problem/problem';
import { packRecipe, sheetAddress } from '@/ui/sheet/recipeUrl';
import { unpackRecipe } from '@/ui/sheet/unpackRecipe';
import { anyBands } from '../../support/practice';

const italic = freshRecipe('italic');
const idsOf = ({ practice }: Recipe) => practice.bands.map(({ id }) => id);

describe('a page recipe', () => {
  it('goes out as JSON and comes in unchanged, and packed for the address likewise', () => {
    fc.assert(
      fc.property(anyBands(8), (bands) => {
        const recipe = withBands(italic, bands);
        expect(parseRecipe(JSON.parse(JSON.stringify(recipe)))).toEqual(recipe);
        expect(unpackRecipe(packRecipe(recipe))).toEqual(recipe);
      }),
    );
  });

  it('from before there were practice pages has none', () => {
    const { practice: _, ...older } = italic;
    expect(parseRecipe(older)).toEqual(italic);
  });

  it('says in a sentence what is wrong with a band', () => {
    const of = (change: (band: Band) => unknown) => () =>
      parseRecipe({ ...italic, practice: { bands: [change(bandOf('b1', 'letter', 'n'))] } });
    expect(of((band) => ({ ...band, how: { ...band.how, trace: 99 } }))).toThrow(
      /Number of cells is 99; the nearest allowed is 40/,
    );
    expect(of((band) => ({ ...band, how: { ...band.how, size: 0 } }))).toThrow(
      /Size is 0 ×; the nearest allowed is 0.25 ×/,
    );
    expect(of((band) => ({ ...band, what: { kind: 'poem', of: '' } }))).toThrow(
      /must be one of: drill, letter/,
    );
    expect(of((band) => ({ ...band, what: { kind: 'line', of: 'x'.repeat(201) } }))).toThrow(
      /at most 200 characters/,
    );
    expect(of((band) => ({ ...band, more: 1 }))).toThrow();
  });

  it('too long for the address is left to the shelf', () => {
    const long = withBands(
      italic,
      Array.from({ length: 60 }, (_, i) =>
        bandOf(`b${i}`, 'line', `${i} ${Math.sin(i)} ${Math.cos(i)}`.repeat(3)),
      ),
    );
    expect(sheetAddress('s', long, '/practise')).toBe('/practise?sheet=s');
    expect(sheetAddress('s', withBands(italic, [bandOf('b1', 'letter', 'n')]), '/practise')).toContain('&r=');
  });
});

describe('editing bands', () => {
  const three = withBands(italic, [
    bandOf('b1', 'letter', 'a'),
    bandOf('b2', 'letter', 'b'),
    bandOf('b3', 'letter', 'c'),
  ]);

  it('adds after the band chosen, or last', () => {
    const band = newBand('word', 'moon', three.practice.bands);
    expect(idsOf(addBand(three, band, 'b1'))).toEqual(['b1', band.id, 'b2', 'b3']);
    expect(idsOf(addBand(three, band))).toEqual(['b1', 'b2', 'b3', band.id]);
  });

  it('moves a band to the place of another, and back', () => {
    fc.assert(
      fc.property(fc.nat(2), fc.nat(2), (from, to) => {
        const ids = idsOf(three);
        const moved = moveBand(three, ids[from] as string, ids[to] as string);
        expect(idsOf(moved)[to]).toBe(ids[from]);
        expect(idsOf(moved).toSorted()).toEqual(ids);
        const back = moveBand(moved, ids[from] as string, idsOf(moved)[from] as string);
        expect(back).toEqual(three);
      }),
    );
    expect(moveBand(three, 'none', 'b1')).toBe(three);
  });

  it('duplicates beside, with an id of its own, and takes away', () => {
    const twice = duplicateBand(three, 'b2');
    const [, second, copy] = twice.practice.bands as [Band, Band, Band];
    expect(copy).toEqual({ ...second, id: copy.id });
    expect(new Set(idsOf(twice)).size).toBe(4);
    expect(removeBand(twice, copy.id)).toEqual(three);
  });

  it('never gives an id twice', () => {
    fc.assert(
      fc.property(anyBands(10), fc.nat(20), (bands, count) => {
        const next = freeIds(bands);
        const ids = [...bands.map(({ id }) => id), ...Array.from({ length: count }, next)];
        expect(new Set(ids).size).toBe(ids.length);
      }),
    );
  });

  it('changes what and how; another kind is written as that kind usually is, in the same size and ink', () => {
    const large = changeHow(three, 'b2', { size: 2, ink: 'outline', trace: 7 });
    const word = changeKind(large, 'b2', 'word', 'moon').practice.bands[1];
    expect(word).toEqual(bandOf('b2', 'word', 'moon', { size: 2, ink: 'outline' }));
    expect(changeText(three, 'b2', 'd').practice.bands[1]?.what).toEqual({ kind: 'letter', of: 'd' });
  });

  it('stops where a page holds no more', () => {
    const full = Array.from({ length: MOST_BANDS }, (_, i) => bandOf(`b${i}`, 'letter', 'n'));
    const recipe = withBands(italic, full);
    expect(() => duplicateBand(recipe, 'b0')).toThrow(Problem);
  });

  it.each(HANDS.map(({ id }) => id))(
    '%s: a new band of any kind the hand can write is laid without complaint',
    (hand) => {
      const recipe = freshRecipe(hand);
      const ground = groundOf(recipe, { size: 1, held: false });
      for (const kind of kindsFor(ground.face !== undefined)) {
        const band = newBand(kind, kindOf(kind).usual(ground), []);
        expect(compose(recipe, { bands: [band] }).remarks).toEqual([]);
      }
    },
  );
});

describe('the demo’s pages', () => {
  it.each(demoPages())('$name is one sheet, whole', ({ recipe }) => {
    const { pages, remarks } = compose(parseRecipe(JSON.parse(JSON.stringify(recipe))));
    expect([pages.length, remarks]).toEqual([1, []]);
  });
});
