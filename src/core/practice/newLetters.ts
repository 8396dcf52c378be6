import type { Band } from './band';
import { kindOf } from './bands/registry';

/** The letters a page is for, each once, in the order they stand on it: those that have cells of their own. */
export const lettersOn = (bands: readonly Band[]): string[] => [
  ...new Set(
    bands.flatMap(({ what }) => (kindOf(what.kind).ofLetters ? what.of.split(/\s+/).filter(Boolean) : [])),
  ),
];
