/** How often letters at the end of words and lines take a shape made for that place, where none is chosen. */
export const ENDINGS = ['plain', 'lively', 'festive'] as const;
export type Endings = (typeof ENDINGS)[number];

/** Fraction of the words whose last letter takes such a shape: restraint before plenty (our own choice). */
const FRACTION: Readonly<Record<Endings, number>> = { plain: 0, lively: 1 / 3, festive: 2 / 3 };

/** Multiplier and modulus of a polynomial hash of a word: primes. */
const STEP = 31;
const MODULUS = 997;

/**
 * Which of its `shapes` a word ends in; undefined where it ends in the usual one. The same word always ends alike: a line that is
 * measured twice comes out the same.
 */
export function endingOf<T>(endings: Endings, word: string, shapes: readonly T[]): T | undefined {
  let hash = 0;
  for (const character of word) hash = (hash * STEP + (character.codePointAt(0) ?? 0)) % MODULUS;
  return hash < FRACTION[endings] * MODULUS ? shapes[hash % Math.max(1, shapes.length)] : undefined;
}
