import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()',
  heights: [
    { letters: 'acemnorsuvwxz', foot: 'baseline', top: 'waistline' },
    { letters: 'bdhkl', foot: 'baseline', top: 'ascender' },
    { letters: 'pq', foot: 'descender', top: 'waistline' },
    { letters: 'ABCDEFGHIKLMNOPRSTUVWXYZ', foot: 'baseline', top: 'capital' },
  ],
  oneStem: 'ilh',
  // 3.02 from stem to stem, less the stem (cos 30° and the steel) and what the arch takes at half the body.
  oneCounter: { letters: 'nh', counter: 2.15 },
  balanced: 'vwAVW',
  parallel: 'wW',
  ink: { from: 0.3, to: 0.45 },
  joins: 0,
};
