import type { Typeface } from '../type/face';
import { textFigure } from './figure';

/** Chooses the lines of a text: answers the words of each, given how wide words stand beside each other. */
export type Breaker = (
  words: readonly string[],
  /** Width of a run of words on one line. */
  widthOf: (from: number, until: number) => number,
  room: number,
) => readonly (readonly [from: number, until: number])[];

/** Fills each line before it begins the next; a word too long stands alone. */
export const filled: Breaker = (words, widthOf, room) => {
  const lines: [number, number][] = [];
  let from = 0;
  for (let until = 1; until <= words.length; until++) {
    if (until - from > 1 && widthOf(from, until) > room) {
      lines.push([from, until - 1]);
      from = until - 1;
    }
  }
  if (from < words.length) lines.push([from, words.length]);
  return lines;
};

/**
 * A text in lines of at most `room` letter units, broken between words by a breaker. Widths are those of what is inked,
 * joins and spacing between words included; each run of words is set once.
 */
export function brokenText(face: Typeface, text: string, room: number, breaker: Breaker = filled): string[] {
  const words = text.split(/\s+/).filter((word) => word !== '');
  const known = new Map<string, number>();
  const run = (from: number, until: number) => words.slice(from, until).join(' ');
  const widthOf = (from: number, until: number) => {
    const key = run(from, until);
    let width = known.get(key);
    if (width === undefined) {
      const { left, right } = textFigure(face, key)?.reach ?? { left: 0, right: 0 };
      width = right - left;
      known.set(key, width);
    }
    return width;
  };
  return breaker(words, widthOf, room).map(([from, until]) => run(from, until));
}
