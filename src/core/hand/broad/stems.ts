import type { Degrees, NibWidths } from '../../measure/units';
import { line, type Run, to } from '../notation';

/** How a hairline springs into a stem: where it comes from, and where it is over. */
export interface HeadShape {
  /** From the stem to the left, and down from the top, to its beginning. */
  readonly reach: NibWidths;
  readonly drop: NibWidths;
  /** From the stem to the left, to the place where it touches the top. */
  readonly lead: NibWidths;
  /** Down from the top, to the place where the stem is straight. */
  readonly settle: NibWidths;
  /** Directions of travel at both places. */
  readonly rise: Degrees;
  readonly over: Degrees;
}

/** Hairline up and over into a stem at x whose pen touches `top`. */
export const springHead = ({ reach, drop, lead, settle, rise, over }: HeadShape, x: NibWidths, top: NibWidths): Run => [
  to(x - reach, top - drop, rise),
  to(x - lead, top, over),
  to(x, top - settle, -90),
];

/** How a foot leaves its stem: where it begins to turn, touches the line, and ends. */
export interface FootShape {
  readonly settle: NibWidths;
  readonly lead: NibWidths;
  readonly reach: NibWidths;
  readonly rise: NibWidths;
  readonly away: Degrees;
}

/** Round the corner at the foot of a stem at x and out on the hairline; the pen touches the line at `base`. */
export const springFoot = ({ settle, lead, reach, rise, away }: FootShape, x: NibWidths, base: NibWidths): Run => [
  line(x, base + settle),
  to(x + lead, base, 4),
  to(x + reach, base + rise, away),
];
