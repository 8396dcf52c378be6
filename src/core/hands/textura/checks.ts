import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  variants: { round: 'r', long: 's' },
  heights: [
    { letters: 'acemnorsuxz', foot: 'baseline', top: 'waistline' },
    { letters: 'bhkl', top: 'ascender' },
    { letters: 'bkl', foot: 'baseline' },
    { letters: 'BCDEKLOPRSTUV', foot: 'baseline', top: 'capital' },
  ],
  oneStem: 'ilnmu',
  // Counter = stem: .74 of the pen at 42°, the steel off both sides.
  oneCounter: { letters: 'nmuo', counter: 0.77 },
  parallel: '',
  ink: { from: 0.38, to: 0.5 },
  joins: 0,
};
