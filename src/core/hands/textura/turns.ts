import type { Turn } from '../../hand/hand';

/** Every angle the pen is turned to, off its 42°. */
export const TURNS = {
  bar: { angle: 24, where: 'bars of f and t' },
  zigzag: { angle: 32, where: 'diagonals of z' },
  needle: { angle: 83, where: 'hairlines inside capitals, with the edge nearly upright' },
} as const satisfies Readonly<Record<string, Turn>>;
