import type { Rinsing } from './kind';

/** How opaque pigment with gum comes off a tool. */
export const OF_PIGMENT: Rinsing = {
  soon: 'At every pause, and when you stop',
  rinse: 'in water with a soft brush, the underside too',
  why: 'Dried pigment chokes the slit; it softens again in water, given time.',
};
