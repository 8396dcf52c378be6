import type { HandChecks } from '../../hand/checks';

export const checks: HandChecks = {
  wanted: 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"’-–()&',
  heights: [{ letters: 'BCDEFGHIKLMNOPRSTUVWXYZ', foot: 'baseline', top: 'capital' }],
  oneStem: 'IPD',
  balanced: 'AVWX',
  parallel: 'W',
  ink: { from: 0.18, to: 0.32 },
  joins: 0,
};
