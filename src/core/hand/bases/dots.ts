import type { Hand } from '../hand';
import { plainHand } from './shared';

/** Hands measured in rhombic dots of an edge, written from the right and joined. */
export const dots = {
  ...plainHand,
  tool: 'broad',
  basis: 'dots',
  unit: 'dot',
  joined: true,
  rightToLeft: true,
} as const satisfies Partial<Hand>;
