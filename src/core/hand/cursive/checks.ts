import type { HandChecks } from '../checks';

/** What is expected of the letters of any round cursive hand. */
export const CURSIVE_CHECKS = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  variants: {
    open: 'a',
    raised: 'w',
    'swung out': 'w',
    'two storeys': 'a',
    printed: 'er',
    'like 3': 'e',
    'open tail': 'g',
    'great loop': 'g',
    plain: 'bhklo',
    'long leg': 'h',
    'great leg': 'k',
    'wide loop': 'l',
    ear: 'r',
    'double curve': 's',
    great: 's',
    'waved bar': 't',
    returning: 't',
    'over first': 'y',
    'straight tail': 'y',
    'from above': 'ers',
  },
  heights: [
    { letters: 'amnouvw', foot: 'baseline', top: 'waistline' },
    { letters: 'bdhklt', foot: 'baseline' },
    { letters: 'bhkl', top: 'ascender' },
    { letters: 'gjy', foot: 'descender' },
    { letters: 'f', foot: 'descender', top: 'ascender' },
  ],
  oneStem: 'il',
  joins: 200,
} as const satisfies Partial<HandChecks>;
