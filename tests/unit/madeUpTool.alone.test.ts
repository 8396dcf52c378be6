import { beforeAll, describe, expect, it } from 'vitest';
import { cleaning } from '@/core/kit/clean';
import { CSV_COLUMNS, readRow, rowOf } from '@/core/kit/csv';
import { factsOf } from '@/core/kit/facts';
import { asNib, blankItem, type Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { isTool, itemKinds, kindName, type ToolKind } from '@/core/kit/itemKinds';
import { judgeKit } from '@/core/kit/judgeKit';
import { kindOfTool } from '@/core/kit/kinds/kind';
import { registerTool } from '@/core/kit/kinds/registry';
import { match } from '@/core/kit/match';
import { needFor } from '@/core/kit/need';
import { preparation } from '@/core/kit/prepare';
import { onePurchase } from '@/core/kit/purchase';
import { seenWith } from '@/core/kit/troubles';
import { good, risk } from '@/core/kit/verdict';
import { usualLoad } from '@/core/piece/dips';

// A kind nobody has, declared as a file of `core/kit/kinds` would: whatever is asked of kinds of tools must follow from this alone.
const KIND = 'split-stick' as ToolKind;
const SPLIT_STICK = kindOfTool<ToolKind>({
  id: KIND,
  name: 'split stick',
  writes: ['broad'],
  nib: 'broad',
  edge: 'cut',
  thickness: 0.5,
  widths: [2, 12],
  firstWidths: [3, 5],
  supply: 'dipped',
  load: 9,
  seated: false,
  never: ['beads'],
  suits: ({ purpose }) => (purpose === 'class' ? good(11, 'A split stick costs nothing.') : undefined),
  onSurface: [good(1, 'It glides.'), undefined, undefined, risk(7, 'It frays.', 'Take a smooth sheet.')],
  asks: ['fitting'],
  prepare: () => [{ id: 'soak', what: 'Soak it.', why: 'Dry wood drinks.' }],
  test: () => 'Test: one long line.',
  putAway: [{ id: 'dry', what: 'Dry it upright.', why: 'It warps.' }],
  offers: ({ width }) => [{ label: 'a new split stick', facts: { width, cut: 'square', wear: 'none' } }],
});

const stick = (more: Partial<Item> = {}): Item => ({
  ...blankItem('stick', KIND, 'my stick'),
  width: 3,
  cut: 'square',
  wear: 'none',
  ...more,
});
const ink: Item = {
  ...blankItem('ink', 'ink', 'black'),
  inkKind: 'carbon',
  wetness: 3,
  opacity: 5,
  light: false,
};
const paper: Item = {
  ...blankItem('paper', 'paper', 'pad'),
  surface: 'rough',
  sizing: 'hard',
  grams: 90,
  tone: 'white',
};

beforeAll(() => registerTool(SPLIT_STICK));

describe('a kind of tool that is only declared', () => {
  it('is a thing of the bench: read, refused, asked about, and in a table', () => {
    expect(itemKinds()).toContain(KIND);
    expect([isTool(KIND), kindName(KIND)]).toEqual([true, 'split stick']);
    expect(parseItem(stick())).toEqual(stick());
    expect(() => parseItem(stick({ width: 40 }))).toThrow(
      'Width: a split stick of 40 mm cannot be; the nearest that works is 12 mm.',
    );
    expect(() => parseItem(stick({ price: -1 }))).toThrow(
      'Price in your currency is -1; the nearest that works is 0.',
    );
    expect(factsOf(KIND).map(({ key }) => key)).toEqual([
      'width',
      'cut',
      'cutDegrees',
      'wear',
      'hours',
      'load',
      'fitting',
      'price',
      'rating',
      'favourite',
      'otherNames',
    ]);
    const cells = Object.fromEntries(CSV_COLUMNS.map((column, i) => [column, rowOf(stick())[i] ?? '']));
    expect(readRow(cells, 'other')).toEqual(stick());
  });

  it('is a nib with its own edge, as worn as it is', () => {
    expect(asNib(stick())).toMatchObject({ kind: 'broad', width: 3, edge: 0.5 });
    expect(asNib(stick({ wear: 'some' }))?.edge).toBeCloseTo(0.8);
  });

  it('is matched to hands of its family, and to no other', () => {
    const best = match(needFor('italic'), [stick(), ink, paper]).ranked[0];
    expect(best?.kit.tool.id).toBe('stick');
    expect(best?.verdict).not.toBe('incomplete');
    const judged = judgeKit(needFor('copperplate'), { tool: stick(), ink, paper });
    expect(judged.find(({ rule }) => rule === 'family')).toMatchObject({
      fails: true,
      cure: 'Look for a pointed nib.',
    });
  });

  it('is judged by what it says of itself', () => {
    const said = (purpose: 'class' | 'drills') =>
      Object.fromEntries(
        judgeKit(needFor('italic', { purpose }), { tool: stick(), ink, paper }).map((one) => [one.rule, one]),
      );
    expect(said('class').purpose).toMatchObject({ points: 11, reason: 'A split stick costs nothing.' });
    expect(said('drills').purpose).toBeUndefined();
    expect(said('class').learning).toMatchObject({ points: 10 });
    expect(said('drills').surface).toMatchObject({ points: -7, reason: 'It frays.' });
  });

  it('is prepared, tried, put away and dipped as it says', () => {
    const steps = preparation(needFor('italic'), { tool: stick(), ink, paper });
    expect(steps.map(({ id }) => id)).toContain('soak');
    expect(steps.find(({ id }) => id === 'test')?.what).toBe('Test: one long line.');
    const after = cleaning({ tool: stick(), ink }).map(({ what }) => what);
    expect(after.slice(1)).toEqual(['Dry it upright.', expect.stringMatching(/^Close “black”/)]);
    expect(usualLoad(stick(), false)).toBe(9);
  });

  it('never shows what it cannot, and is offered where it betters a bench', () => {
    expect(seenWith(KIND)).not.toContain('beads');
    expect(seenWith(KIND)).toContain('two rails');
    const bought = onePurchase(needFor('italic'), [ink, { ...paper, surface: 'smooth' }], [KIND]);
    expect(bought?.item).toMatchObject({ kind: KIND, label: 'a new split stick' });
  });
});
