import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { HandId } from '@/core/hands/registry';
import { loadScript } from '@/core/hands/scripts';
import { markOf } from './mark';

const HANDS = [
  'italic',
  'copperplate',
  'brush',
  'monoline',
  'roman',
  'court',
] as const satisfies readonly HandId[];
const letters = (hand: HandId) =>
  hand === 'court' ? ['ا', 'ن'] : hand === 'roman' ? ['I', 'Q'] : ['l', 'g'];
const numbers = (box: string) => box.split(' ').map(Number);

describe.each(HANDS)('a word written for a line on the screen, in %s', (hand) => {
  beforeAll(() => loadScript(hand));

  it('stands as high as every other of its hand, so that baselines are level, and is as wide as its letters', () => {
    const [one, other] = letters(hand) as [string, string];
    const [a, b, both] = [one, other, one + other].map((text) => markOf(freshRecipe(hand), text));
    const boxes = [a, b, both].map((mark) => numbers(mark?.box ?? ''));
    expect(new Set(boxes.map(([, top, , height]) => `${top} ${height}`)).size).toBe(1);
    const [first, second, third] = boxes.map(([, , width]) => width ?? Number.NaN) as [
      number,
      number,
      number,
    ];
    expect(third).toBeGreaterThan(Math.min(first, second));
    expect(a?.forms.every(({ d }) => /^M.+Z$/.test(d))).toBe(true);
  });

  it('is none where the hand lacks a letter of it', () => {
    expect(markOf(freshRecipe(hand), '漢')).toBeUndefined();
  });
});
