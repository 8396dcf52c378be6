import type { Turn } from '../../hand/hand';

/** Every angle the pen is turned to, off its 28°. */
export const TURNS = {
  thinStem: { angle: 58, where: 'verticals of N and the first of M: half weight' },
  flare: { angle: 50, where: 'the ends of arms' },
  rising: { angle: 46, where: 'the thick diagonals of N, X and Y' },
  diagonal: { angle: 42, where: 'both sides of A V W M' },
  flag: { angle: 38 },
  bar: { angle: 20, where: 'arms and bars' },
  tail: { angle: 19 },
  tailEnd: { angle: 5 },
  level: { angle: 0, where: 'the diagonal of Z, the arm of K' },
} as const satisfies Readonly<Record<string, Turn>>;
