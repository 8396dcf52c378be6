import type { Script, WhiteSpacing } from '../letter';
import { italicJoin } from './joins';
import { italicLetters } from './letters';

/**
 * The white between two stems is that within n less what the eye gives to the branch: 1.28 nib widths at a body of
 * five, found on rhythm strips. Capitals stand a little wider.
 */
const WHITE = 1.28 / 5;
const CAPITAL_MORE = 1.45;

const SPACING: WhiteSpacing = {
  white: WHITE,
  capitalWhite: WHITE * CAPITAL_MORE,
  depth: 1,
  leastGap: 0.3,
  clear: 0.3,
  wordSpace: 0.42,
};

export const italicScript: Script = {
  tool: 'broad',
  letters: italicLetters,
  spacing: SPACING,
  kerning: [],
  join: italicJoin,
};
