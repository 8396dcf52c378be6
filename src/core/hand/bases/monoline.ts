import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Hands of one line, whatever the point: heights in mm, letters in fifths of the body. */
export const monoline = {
  ...plainHand,
  tool: 'monoline',
  basis: 'mm',
  unit: 'fifth',
  penAngle: null,
} as const satisfies Partial<Hand>;
