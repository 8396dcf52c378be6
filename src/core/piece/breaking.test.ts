import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Breaking, balanced, breakCost, type Line, lineCost } from './breaking';

/** Every way of breaking `count` words into lines. */
function* ways(count: number, from = 0): Generator<Line[]> {
  if (from === count) yield [];
  for (let until = from + 1; until <= count; until++) {
    for (const rest of ways(count, until)) yield [[from, until], ...rest];
  }
}

const costOf = (texts: { text: string }[], lines: Line[], breaking: Breaking) =>
  lines.reduce((sum, line, number) => sum + lineCost(texts, line, number, breaking), 0);

const word = fc.constantFrom(
  'a',
  'of',
  'the',
  'stars',
  'night',
  'Orla',
  'Fennimore',
  '12',
  'km',
  'St.',
  'dusk,',
);

describe('lines of a paragraph', () => {
  it('are as cheap as the cheapest of all ways, up to twelve words', () => {
    fc.assert(
      fc.property(
        fc.array(word, { minLength: 1, maxLength: 10 }),
        fc.integer({ min: 6, max: 24 }),
        fc.integer({ min: 0, max: 3 }),
        fc.boolean(),
        (texts, room, shorter, evenLast) => {
          const words = texts.map((text) => ({ text }));
          const breaking: Breaking = {
            widthOf: (from, until) => texts.slice(from, until).join(' ').length,
            room: (line) => (line < shorter ? room - 3 : room),
            evenFrom: shorter,
            evenLast,
          };
          const found = balanced(words, breaking);
          const best = Math.min(...[...ways(words.length)].map((lines) => costOf(words, lines, breaking)));
          expect(costOf(words, found, breaking)).toBeCloseTo(best, 9);
          expect(found.flatMap(([from, until]) => texts.slice(from, until))).toEqual(texts);
        },
      ),
      { numRuns: 150 },
    );
    const twelve = 'a night of stars the Orla Fennimore 12 km of dusk, St.'
      .split(' ')
      .map((text) => ({ text }));
    const breaking: Breaking = {
      widthOf: (from, until) =>
        twelve
          .slice(from, until)
          .map(({ text }) => text)
          .join(' ').length,
      room: () => 14,
      evenFrom: 0,
      evenLast: true,
    };
    const best = Math.min(...[...ways(12)].map((lines) => costOf(twelve, lines, breaking)));
    expect(costOf(twelve, balanced(twelve, breaking), breaking)).toBeCloseTo(best, 9);
  });

  it('are evened over the whole paragraph, not filled one by one', () => {
    const texts = 'aaaa bbbb cccc dd'.split(' ').map((text) => ({ text }));
    const lines = balanced(texts, {
      widthOf: (from, until) =>
        texts
          .slice(from, until)
          .map(({ text }) => text)
          .join(' ').length,
      room: () => 14,
      evenFrom: 0,
      evenLast: true,
    });
    expect(lines).toEqual([
      [0, 2],
      [2, 4],
    ]);
  });

  it('of an endless word are that word alone, and what follows goes on', () => {
    const texts = ['dusk', 'x'.repeat(50), 'dusk'].map((text) => ({ text }));
    const lines = balanced(texts, {
      widthOf: (from, until) =>
        texts
          .slice(from, until)
          .map(({ text }) => text)
          .join(' ').length,
      room: () => 10,
      evenFrom: 0,
      evenLast: true,
    });
    expect(lines).toEqual([
      [0, 1],
      [1, 2],
      [2, 3],
    ]);
  });

  it('hold numbers to their units, initials to names, and names together', () => {
    expect(breakCost('12', 'km')).toBeGreaterThan(1);
    expect(breakCost('St.', 'Orla')).toBeGreaterThan(1);
    expect(breakCost('Orla', 'Fennimore')).toBeGreaterThan(0);
    expect(breakCost('Orla.', 'Then')).toBe(0);
    expect(breakCost('stars', 'of')).toBe(0);
    expect(breakCost('1910', 'December')).toBe(0);
  });
});
