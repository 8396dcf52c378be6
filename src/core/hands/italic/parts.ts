import type { Knot } from '../../pen/stroke';
import { line, type Measures, to } from '../letter';

/**
 * The strokes that italic letters share. Figures are nib widths found by drawing large and looking; vertical ones
 * hang on the body height, so that 4 to 6 nib widths keep the build.
 */

/** Hairline up and over into a stem at x: a small springing entry from the waistline (or from `top`). */
export const entry = (m: Measures, x: number, top = m.T): Knot[] => [
  to(x - 0.86, top - 0.44, 45),
  to(x - 0.36, top, 14),
  to(x, top - 0.62, -90),
];

/** How far a foot's hairline reaches from its stem, and over the baseline. */
export const FOOT_REACH = 1.02;
export const FOOT_RISE = 0.5;

/** Foot of a stem at x: round the corner and leave on the hairline. */
export const exit = (m: Measures, x: number): Knot[] => [
  line(x, m.B + 0.8),
  to(x + 0.46, m.B, 4),
  to(x + FOOT_REACH, m.B + FOOT_RISE, 47),
];

/** Plain foot: the stem simply stops, cut by the edge. */
export const foot = (m: Measures, x: number): Knot[] => [line(x, m.B)];

/** Height at which arches leave their stem, and the point where they are clear of it. */
const BRANCH = 0.3;
const CLEAR = 0.62;
/** Direction of travel there: steep enough that the arch bends one way all along. */
const SPRING = 70;

/** Arch from a stem at x to the next at x + width: retrace the stem, branch low, spring over, turn into the stem. */
export const arch = (m: Measures, x: number, width = m.d): Knot[] => [
  to(x, BRANCH * m.X, 90),
  to(x + 0.34, CLEAR * m.X, SPRING),
  to(x + 0.68 * width, m.T, 4),
  to(x + width, m.T - 1.05, -90),
];

/** Upside-down arch: bottom of u and of the a-shape, from a stem at x up to the next. */
export const cup = (m: Measures, x: number, width = m.d): Knot[] => [
  line(x, m.B + 1.05),
  to(x + 0.32 * width, m.B, 4),
  to(x + width - 0.34, (1 - CLEAR) * m.X, SPRING),
  to(x + width, (1 - BRANCH) * m.X, 90),
];

/** The a-shape: from the top right, over to the left, down, and up again into the stem. */
export const bowl = (m: Measures, x = 0): Knot[] => [
  to(x + m.d, m.T, 180),
  to(x + 0.62 * m.d, m.T, 181),
  to(x, m.T - 1.75, -90),
  ...cup(m, x),
];

/** The pen is flattened to about 15° as a tail leaves, so that it tapers instead of ending blunt. */
const TAPER = -30;

/** Tail of g, j and y, from a stem at x: swing left, flattening the pen on the way out. */
export const tail = (m: Measures, x: number): Knot[] => [
  line(x, m.D + 1.9),
  to(x - 0.95, m.D + 0.3, 205),
  to(x - 1.55 * m.d, m.D - m.half() + m.half(TAPER) + 0.06, 186, { turn: TAPER }),
];
