import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  ligatures: ['ff', 'fi', 'tt', 'st'],
  variants: {
    flourished: 'bdhlgjy',
    'long-eared': 'r',
    'thrown out': 'adehlmnt',
    raised: 'vw',
    'two-stroke': 'e',
    'closed tail': 'g',
    straight: 'k',
    diagonal: 'y',
    swash: 'BDFHKNPRTVW',
  },
  heights: [
    { letters: 'acemnorsuvwxz', foot: 'baseline', top: 'waistline' },
    { letters: 'bdhkl', foot: 'baseline', top: 'ascender' },
    { letters: 'gpqy', top: 'waistline' },
    { letters: 'ABCDEFGHIKLMNOPRSTUVWXYZ', foot: 'baseline', top: 'capital' },
  ],
  oneStem: 'ilp',
  // 2.25 from stem to stem, less the stem itself (½ √2 and the steel, at 45°) and what the arch takes at half the body.
  oneCounter: { letters: 'nhm', counter: 1.44 },
  balanced: 'vwxAVMWXY',
  parallel: 'wW',
  ink: { from: 0.29, to: 0.38 },
  joins: 200,
};
