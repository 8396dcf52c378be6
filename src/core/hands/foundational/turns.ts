import type { Turn } from '../../hand/hand';

/** Every angle the pen is turned to, off its 30°. */
export const TURNS = {
  zigzag: { angle: 8, where: 'the diagonal of z' },
  bar: { angle: 22, where: 'bars of f and t, arms of capitals' },
  thick: { angle: 45, where: 'both sides of v w y, the thick one of x' },
  thinStem: { angle: 58, where: 'verticals of N, the first of M: half weight' },
  /** Level: the diagonal of Z, the arm of K. */
  level: { angle: 0 },
  tailEnd: { angle: 5 },
  arm: { angle: 18 },
  tail: { angle: 19 },
  ending: { angle: 34 },
  leading: { angle: 35 },
  falling: { angle: 38 },
  diagonal: { angle: 42 },
  rising: { angle: 48 },
} as const satisfies Readonly<Record<string, Turn>>;
