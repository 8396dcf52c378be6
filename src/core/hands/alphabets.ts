import { italicLetters } from './italic/letters';
import type { Letter, Measures } from './letter';
import type { HandId } from './registry';

/** Hands whose letters are drawn, stroke by stroke. The others have their metrics and can be ruled. */
export const ALPHABETS: Readonly<Partial<Record<HandId, (m: Measures) => Letter[]>>> = {
  italic: italicLetters,
};

export const hasLetters = (hand: HandId): boolean => ALPHABETS[hand] !== undefined;
