import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyz0123456789.,;:!?\'"’-–()&',
  variants: { straight: 'dmt', ascending: 'b', curled: 'f' },
  heights: [
    { letters: 'abcemnorstuvwxz', foot: 'baseline', top: 'waistline' },
    { letters: 'hkl', foot: 'baseline', top: 'ascender' },
    { letters: 'i', foot: 'baseline', top: 'waistline' },
  ],
  oneStem: 'ilh',
  balanced: 'vw',
  parallel: 'w',
  ink: { from: 0.32, to: 0.45 },
  joins: 0,
};
