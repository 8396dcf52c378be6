import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  variants: {
    'plain stem': 'bfghjklqy',
    plain: 'rz',
    'double curve': 's',
    looped: 'dt',
    'waved bar': 't',
    'high bar': 't',
    raised: 'vw',
    'turned in': 'w',
    closed: 'p',
    'two curves': 'x',
    'from above': 'rs',
  },
  heights: [
    { letters: 'acemnouvwx', foot: 'baseline', top: 'waistline' },
    { letters: 'i', foot: 'baseline' },
    { letters: 'bhkl', foot: 'baseline', top: 'ascender' },
    { letters: 'f', foot: 'descender', top: 'ascender' },
    { letters: 'gy', foot: 'descender', top: 'waistline' },
    { letters: 'ABCDEFGHIKLMNOPRSTUVWX', foot: 'baseline', top: 'capital' },
  ],
  oneStem: 'ilut',
  // 2.95 from shade to shade, less the shade.
  oneCounter: { letters: 'nhm', counter: 2.2 },
  ink: { from: 0.18, to: 0.3 },
  joins: 200,
};
