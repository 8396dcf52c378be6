import type { Band } from './band';

/** Kinds of bands whose text is the letters themselves. */
const OF_LETTERS: ReadonlySet<string> = new Set(['letter', 'letters']);

/** The letters a page is for, each once, in the order they stand on it: those that have cells of their own. */
export const lettersOn = (bands: readonly Band[]): string[] => [
  ...new Set(
    bands.flatMap(({ what }) => (OF_LETTERS.has(what.kind) ? what.of.split(/\s+/).filter(Boolean) : [])),
  ),
];
