import type { Turn } from '../../hand/hand';

/**
 * Every angle the italic pen is turned to, off its 45°; found by drawing large and looking. Bars and heads lie flatter,
 * thin diagonals steeper (at 65° on a sloping letter they would vanish to a hairline), ends of flourishes flat.
 */
export const TURNS = {
  serif: { angle: 20, where: 'bars and serifs of capitals' },
  /** Bars of f and t, the arm of a straight k. */
  bar: { angle: 25 },
  capital: { angle: 30, where: 'capitals' },
  spine: { angle: 37, where: 's, so that its back does not go black; where the eye of e closes' },
  thin: { angle: 54, where: 'thin sides of v, w and y' },
  /** Verticals of N: half weight. */
  thinStem: { angle: 60 },
  /** As a tail or a flourish leaves, so that it tapers instead of ending blunt. */
  taper: { angle: 15 },
  wideTail: { angle: 27 },
  diagonal: { angle: 29 },
  figure: { angle: 33 },
  ear: { angle: 35 },
  /** In X and Y the thin stroke lies lower, nearer the edge: there the pen is flattened instead. */
  lowThin: { angle: 41 },
  bracket: { angle: 50 },
  /** Thin diagonals of A V W M: light without becoming a hairline. */
  thinCapital: { angle: 52 },
  crossing: { angle: 61 },
} as const satisfies Readonly<Record<string, Turn>>;

/** A turn as a teacher says it. */
export const said = (name: keyof typeof TURNS): string => `${TURNS[name].angle}°`;

/** What is said of a stroke that ends a line. */
export const THROWN =
  'The last letter of a line may be thrown out: along the line, and up where it has become thin.';
