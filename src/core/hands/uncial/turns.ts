import type { Turn } from '../../hand/hand';

/** Every angle the pen is turned to, off its 30°. */
export const TURNS = {
  steep: { angle: 50, where: 'stems of n' },
  rising: { angle: 47, where: 'thin sides of v and w' },
  falling: { angle: 22, where: 'the diagonal of n' },
  bar: { angle: 20, where: 'bars of e and f' },
  head: { angle: 17, where: 'heads of f, t and z, the arm of k' },
  slash: { angle: 42 },
} as const satisfies Readonly<Record<string, Turn>>;
