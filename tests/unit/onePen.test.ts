import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { NOBODY } from '@/core/about/about';
import { sheetForPen } from '@/core/compare/penSheet';
import { comparePens } from '@/core/compare/pens';
import { withChosenNib, withNib } from '@/core/document/chosenNib';
import { freshRecipe } from '@/core/document/defaults';
import { HANDS } from '@/core/hands/registry';
import { loadAllScripts } from '@/core/hands/scripts';
import { WEARS } from '@/core/kit/choices';
import { asNib, blankItem, type Item } from '@/core/kit/item';
import { withBlockNib } from '@/core/piece/edit';
import { freshBlock, settingOf } from '@/core/piece/freshPiece';
import { bearableShade, letterUnit, pressedPen } from '@/core/setting/settingFace';
import { readings } from '@/core/sheet/readings';
import { remarks } from '@/core/sheet/remarks';
import { pin } from '@/core/sheet/solve';
import { measureLetter } from '@/core/type/letterMeasures';
import { DRAWN, faceOf } from '../support/drawnHands';

beforeAll(loadAllScripts);

const pen = (kind: Item['kind'], facts: Partial<Item>): Item => ({
  ...blankItem('p', kind, 'a pen'),
  ...facts,
});
const PENS = fc.oneof(
  fc
    .record({ width: fc.double({ min: 0.5, max: 4, noNaN: true }), wear: fc.constantFrom(...WEARS, null) })
    .map((facts) => pen('broad-nib', facts)),
  fc
    .record({
      width: fc.double({ min: 1, max: 4, noNaN: true }),
      flex: fc.constantFrom('stiff' as const, 'flexible' as const),
    })
    .map((facts) => pen('brush-pen', facts)),
  fc
    .record({
      width: fc.double({ min: 0.3, max: 1.5, noNaN: true }),
      flex: fc.constantFrom('stiff' as const, 'very flexible' as const),
    })
    .map((facts) => pen('pointed-nib', facts)),
);
const HAND_OF = { 'broad-nib': 'italic', 'brush-pen': 'brush', 'pointed-nib': 'copperplate' } as const;

describe('one pen', () => {
  it('leaves the same shade, edge and hairline wherever it is chosen', () => {
    fc.assert(
      fc.property(PENS, (item) => {
        const nib = asNib(item);
        if (!nib) throw new Error('a pen of known width is a nib');
        const hand = HAND_OF[item.kind as keyof typeof HAND_OF];
        const said = ({
          width,
          edge,
          writing,
        }: Pick<ReturnType<typeof freshRecipe>, 'width' | 'edge' | 'writing'>) => ({
          width,
          edge,
          contrast: writing.contrast,
        });
        const chosen = said(withNib(freshRecipe(hand), nib));
        expect(said(withChosenNib(freshRecipe(hand), nib, null))).toEqual(chosen);
        expect(said(sheetForPen(nib, { hand, about: NOBODY }))).toEqual(chosen);
        expect(said(withBlockNib(freshBlock('1', 'body', 'n', settingOf(hand)), nib).setting)).toEqual(
          chosen,
        );
      }),
    );
  });

  it('is told by “One word with every pen” with the shade its sheet is ruled for', () => {
    const brush = pen('brush-pen', { width: 3, flex: 'stiff' });
    const { readings: told } = comparePens('dusk', [brush], { hand: 'brush', about: NOBODY });
    expect(told[0]?.reading).toContain('shade 3,');
  });

  it('is told there as it is drawn, where its full shade would close the letters', () => {
    const large = pen('brush-pen', { width: 8, flex: 'flexible' });
    const [told] = comparePens('dusk', [large], { hand: 'brush', about: NOBODY }).readings;
    const shade = Number(/shade ([\d.]+) \(up to 8 on/.exec(told?.reading ?? '')?.[1]);
    const body = Number(/body ([\d.]+) mm/.exec(told?.reading ?? '')?.[1]);
    expect(shade).toBeGreaterThan(0.1 * body);
    expect(shade).toBeLessThan(0.4 * body);
  });
});

describe('the stem that is told', () => {
  it.each(DRAWN)('is one in Rule and Strokes of %s', (hand) => {
    for (const edge of [0.05, 0.1, 0.3]) {
      const recipe = { ...freshRecipe(hand), edge };
      const face = faceOf(recipe);
      const [cut] = face.letters.values();
      if (!cut) throw new Error('no letters');
      const { stem, bar } = readings(recipe);
      if (stem === null || bar === null) return;
      const measured = measureLetter(face, face.pen, cut);
      expect(stem).toBeCloseTo(measured.stem * letterUnit(recipe), 9);
      expect(bar).toBeCloseTo(measured.bar * letterUnit(recipe), 9);
    }
  });
});

describe('a shade that closes the letters', () => {
  const pressed = HANDS.filter(({ tool, id }) => tool !== 'broad' && DRAWN.includes(id)).map(({ id }) => id);

  it.each(pressed)('of %s is remarked on from the width on that the letters are held back at', (hand) => {
    const recipe = pin(freshRecipe(hand), 'bodyMm', 10);
    const bearable = bearableShade(recipe);
    const told = (width: number) =>
      remarks(pin(recipe, 'width', width)).some(({ text }) => /closes the counters/.test(text));
    expect(told(bearable * 1.1)).toBe(true);
    expect(told(bearable * 0.9)).toBe(false);
    const shade = (width: number) => pressedPen(recipe, width).spread;
    expect(shade(bearable * 1.1)).toBeCloseTo(shade(bearable * 1.2), 9);
    expect(shade(bearable * 0.9)).toBeLessThan(shade(bearable));
  });
});
