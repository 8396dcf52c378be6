import type { OwnLetter } from './letterSet';

/** FNV-1a, 32 bits: enough to tell one state of somebody's letters from the next. */
const OFFSET = 0x811c9dc5;
const PRIME = 0x01000193;

/**
 * Names the state of a set of letters of one's own: the same letters have the same mark, wherever they are. A document
 * is drawn with letters of this mark, on the screen as in a file. Empty for no letters.
 */
export function letterMark(letters: readonly OwnLetter[]): string {
  if (letters.length === 0) return '';
  let hash = OFFSET;
  for (const character of JSON.stringify(letters)) {
    hash = Math.imul(hash ^ (character.codePointAt(0) ?? 0), PRIME) >>> 0;
  }
  return hash.toString(36);
}
