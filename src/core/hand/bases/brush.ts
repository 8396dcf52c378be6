import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Hands pressed with a brush pen: heights in mm, letters in fifths of the body. */
export const brush = {
  ...plainHand,
  tool: 'brush',
  basis: 'mm',
  unit: 'fifth',
  penAngle: null,
} as const satisfies Partial<Hand>;
