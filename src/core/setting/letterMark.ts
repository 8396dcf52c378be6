import { fingerprint } from '../measure/fingerprint';
import type { OwnLetter } from './letterSet';

/**
 * Names the state of a set of letters of one's own: the same letters have the same mark, wherever they are. A document
 * is drawn with letters of this mark, on the screen as in a file. Empty for no letters.
 */
export const letterMark = (letters: readonly OwnLetter[]): string =>
  letters.length === 0 ? '' : fingerprint(JSON.stringify(letters));
