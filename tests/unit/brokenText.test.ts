import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { recipeTypeface } from '@/core/setting/settingFace';
import { type Breaker, brokenText, filled } from '@/core/writing/brokenText';
import { textFigure } from '@/core/writing/figure';

const face = (() => {
  const found = recipeTypeface(freshRecipe('italic'));
  if (!found) throw new Error('italic has letters');
  return found;
})();
const widthOf = (text: string) => {
  const { left, right } = textFigure(face, text)?.reach ?? { left: 0, right: 0 };
  return right - left;
};
const words = fc.array(fc.constantFrom('moon', 'over', 'the', 'dome', 'aurora', 'i', 'observatory'), {
  minLength: 1,
  maxLength: 12,
});

describe('a text in lines', () => {
  it('keeps every word in its order, each line as full as it goes', () => {
    fc.assert(
      fc.property(words, fc.integer({ min: 5, max: 120 }), (all, room) => {
        const lines = brokenText(face, all.join(' '), room);
        expect(lines.join(' ')).toBe(all.join(' '));
        for (const [i, line] of lines.entries()) {
          const alone = !line.includes(' ');
          expect(alone || widthOf(line) <= room).toBe(true);
          const next = lines[i + 1]?.split(' ')[0];
          if (next) expect(widthOf(`${line} ${next}`)).toBeGreaterThan(room);
        }
      }),
      { numRuns: 60 },
    );
  });

  it('has none where there is no text', () => {
    expect(brokenText(face, '  ', 100)).toEqual([]);
    expect(brokenText(face, '', 100)).toEqual([]);
  });

  it('is broken as whoever is handed in says, and widths are those of what is inked', () => {
    const asked: number[] = [];
    const halves: Breaker = (all, width, room) => {
      asked.push(width(0, 2), room);
      return [
        [0, 2],
        [2, all.length],
      ];
    };
    expect(brokenText(face, 'moon over the dome', 50, halves)).toEqual(['moon over', 'the dome']);
    expect(asked).toEqual([widthOf('moon over'), 50]);
  });

  it('of words known only by their widths is filled line by line', () => {
    const of = (from: number, until: number) => (until - from) * 10;
    expect(filled(['a', 'b', 'c', 'd', 'e'], of, 25)).toEqual([
      [0, 2],
      [2, 4],
      [4, 5],
    ]);
    expect(filled(['a', 'b'], of, 1)).toEqual([
      [0, 1],
      [1, 2],
    ]);
  });
});
