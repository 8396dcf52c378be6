import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Hands pressed with a flexible point: heights in a ratio, letters in fifths of the body, joined in every school. */
export const pointed = {
  ...plainHand,
  tool: 'pointed',
  basis: 'ratio',
  unit: 'fifth',
  penAngle: null,
  joined: true,
} as const satisfies Partial<Hand>;
