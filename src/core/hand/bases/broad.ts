import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Hands written with an edge, their heights and their letters in nib widths. */
export const broad = {
  ...plainHand,
  tool: 'broad',
  basis: 'nib',
  unit: 'nib',
} as const satisfies Partial<Hand>;
