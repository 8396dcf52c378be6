import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  variants: { 'from above': 'e' },
  heights: [
    { letters: 'acemnouvwx', foot: 'baseline', top: 'waistline' },
    { letters: 'bdhklt', foot: 'baseline' },
    { letters: 'bhklf', top: 'ascender' },
    { letters: 'gjyf', foot: 'descender' },
  ],
  oneStem: 'il',
  ink: { from: 0.03, to: 0.2 },
  joins: 200,
};
