import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { HANDS, handById } from '@/core/hands/registry';
import { bandOf } from '@/core/practice/bands/bandOf';
import { compose, drawPage } from '@/core/practice/compose';
import { drillsFor } from '@/core/practice/drills';
import { familiesOf } from '@/core/practice/families';
import { groundOf } from '@/core/practice/ground';
import { PICTURES } from '@/core/practice/pictures';
import { Problem } from '@/core/problem/problem';
import { anyBands, misplaced, recipeOn } from '../../support/practice';

const PAPERS = ['a3', 'a4', 'a5'] as const;

const anySheet = fc
  .record({
    hand: fc.constantFrom(...HANDS.map(({ id }) => id)),
    school: fc.nat(9),
    nib: fc.double({ min: 1, max: 6, noNaN: true }),
    format: fc.constantFrom(...PAPERS),
    sideways: fc.boolean(),
    mirrored: fc.boolean(),
    columns: fc.constantFrom(1, 1, 1, 2),
  })
  .map(({ hand, school, nib, ...paper }) => {
    const { schools } = handById(hand);
    return recipeOn(hand, nib, paper, schools[school % schools.length]?.id);
  });

describe('cells of a practice page', () => {
  it('keep to themselves and to the page, for all hands, A5 to A3, nibs 1 to 6 mm', () => {
    fc.assert(
      fc.property(anySheet, anyBands(5), (recipe, bands) => {
        try {
          expect(misplaced(compose(recipe, { bands }))).toEqual([]);
        } catch (error) {
          if (!(error instanceof Problem)) throw error;
        }
      }),
      { numRuns: 40 },
    );
  });

  // Half of the hands with a narrow nib, half with a wide one: the run stays short.
  it.each(HANDS.map(({ id }, i) => [id, i % 2 === 0 ? 1.5 : 6] as const))(
    '%s: every drill, picture and family, at %d mm on A5',
    (hand, nib) => {
      const recipe = recipeOn(hand, nib, { format: 'a5' });
      const ground = groundOf(recipe, { size: 1, held: false });
      const bands = [
        ...drillsFor(recipe).map(({ id }) => bandOf('d', 'drill', id)),
        ...PICTURES.map(({ id }) => bandOf('p', 'picture', id)),
        ...[...familiesOf(ground).keys()].map((family) => bandOf('f', 'family', family)),
      ];
      expect(misplaced(compose(recipe, { bands }))).toEqual([]);
    },
  );

  it('what cannot fit says so, and names what would', () => {
    const recipe = recipeOn('italic', 6, { format: 'a5' });
    const bands = [bandOf('w', 'word', 'observatory'), bandOf('n', 'letter', 'n')];
    const { remarks, pages } = compose(recipe, { bands });
    expect(remarks.filter(({ band }) => band === 'n')).toEqual([]);
    expect(remarks.map(({ band }) => band)).toContain('w');
    const nib = Number(/A nib of ([\d.]+) mm fits/.exec(remarks[0]?.text ?? '')?.[1]);
    const smaller = recipeOn('italic', nib, { format: 'a5' });
    expect(compose(smaller, { bands: bands.slice(0, 1) }).remarks).toEqual([]);
    // The band that does not fit still has its heading, so that nothing vanishes without a word.
    const text = JSON.stringify(drawPage(compose(recipe, { bands }), 0));
    expect(text).toContain('observatory');
    expect(pages.length).toBeGreaterThan(0);
  });

  it('a letter the hand lacks is named, the rest is written', () => {
    const { remarks } = compose(freshRecipe('italic'), { bands: [bandOf('w', 'word', 'moлn')] });
    expect(remarks).toEqual([{ band: 'w', text: 'Italic has no letter for л.' }]);
  });

  it('a heading never parts from its band', () => {
    const recipe = freshRecipe('italic');
    for (let before = 0; before < 12; before++) {
      const bands = [bandOf('r', 'ruling', '', { lines: Math.max(1, before) }), bandOf('n', 'letter', 'n')];
      const { pages } = compose(recipe, { bands });
      const first = pages.findIndex(({ laid }) => laid.some(({ band }) => band === 'n'));
      const cells = pages[first]?.laid.filter(({ band }) => band === 'n').flatMap((part) => part.cells);
      expect(cells?.some(({ kind }) => kind === 'guided')).toBe(true);
    }
  });

  it('a line of text has rows to itself, however short what is left of it', () => {
    const bands = [bandOf('l', 'line', 'stars above the dome', { trace: 1, free: 1 })];
    for (const mirrored of [false, true]) {
      const { pages } = compose(recipeOn('italic', 2.4, { mirrored }), { bands });
      const cells = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
      expect(cells.map(({ kind, what }) => `${kind} ${what}`)).toEqual([
        'model stars above the',
        'trace stars above the',
        'free stars above the',
        'model dome',
        'trace dome',
        'free dome',
      ]);
      const tops = cells.map(({ box }) => box.y);
      expect(new Set(tops).size).toBe(6);
      // Latin runs from left to right under either hand.
      expect(cells[3]?.ink?.left).toBeCloseTo(cells[0]?.ink?.left as number, 0);
    }
  });

  it('a left-handed page runs the other way, its model on the side the hand does not hide', () => {
    const bands = [bandOf('n', 'letter', 'n')];
    const places = (mirrored: boolean) => {
      const { pages, boxes } = compose(recipeOn('italic', 2.4, { mirrored }), { bands });
      const cells = pages.flatMap(({ laid }) => laid.flatMap((part) => part.cells));
      const middle = (kind: string) => {
        const found = cells.filter((cell) => cell.kind === kind);
        return found.reduce((sum, { box }) => sum + box.x + box.width / 2, 0) / found.length;
      };
      return { guided: middle('guided'), trace: middle('trace'), free: middle('free'), ...boxes.page };
    };
    const right = places(false);
    expect(right.guided).toBeLessThan(right.trace);
    expect(right.trace).toBeLessThan(right.free);
    const left = places(true);
    expect(left.guided).toBeGreaterThan(left.trace);
    expect(left.trace).toBeGreaterThan(left.free);
  });
});
