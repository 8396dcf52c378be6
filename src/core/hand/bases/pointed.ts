import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Full shade over hairline, both across the stroke: found by drawing and looking. */
const SHADE_TO_HAIRLINE = 7.5;

/** Hands pressed with a flexible point: heights in a ratio, letters in fifths of the body, joined in every school. */
export const pointed = {
  ...plainHand,
  tool: 'pointed',
  basis: 'ratio',
  unit: 'fifth',
  penAngle: null,
  joined: true,
  contrast: SHADE_TO_HAIRLINE,
} as const satisfies Partial<Hand>;
