import { clamp, cosDeg, type Degrees, type NibWidths, sinDeg, toDegrees } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import { to } from '../notation';

/**
 * Cusped serifs: a straight stroke's end widens to both sides, written by the corner of the turning edge. The corner
 * runs down the bracket to the line; the pen's middle follows from it. Found by drawing: shares of height where the pen
 * is held, how far the serif stands out, and how high its bracket begins.
 */
const OVERHANG: NibWidths = 0.42;
const HEIGHT: NibWidths = 1.1;
/** The bracket: a quarter of a circle, with a straight part so that it does not end along the line. */
const ROUND = 0.75;
/** Shares of the height at which the pen is given a place: dense where it turns. */
const LEADING = [1, 0.6, 0.32, 0.18, 0.1, 0.045, 0.012, 0];
const TRAILING = [1, 0.78, 0.58, 0.4, 0.25, 0.13, 0.05, 0];
/**
 * Fraction of the height up to which a leading corner holds the edge, and the angle by which the edge is flatter than the corner's
 * direction.
 */
const LATE = 0.2;
const FLATTER: Degrees = 9;
/** Smoothness of the transition from the held angle to the leading corner. */
const SOFT: Degrees = 6;
/** Step of the numerical derivative that gives directions, as a fraction of the height. */
const STEP = 0.004;

/** The end of a straight stroke: where its middle meets the line, how it leans, and how the edge is held. */
export interface End {
  /** Of the pen's middle where the stroke stands on its line. */
  readonly x: NibWidths;
  /** The line it stands on (a foot), or hangs from (a head). */
  readonly line: NibWidths;
  /** To the right, per unit up. */
  readonly lean: number;
  /** Of the edge in the stroke, and the hand's own: knots are turned off it. */
  readonly held: Degrees;
  readonly angle: Degrees;
  /** Of the serif; 1 at the height it was found at. */
  readonly size: number;
}

interface Place {
  readonly x: NibWidths;
  readonly y: NibWidths;
  readonly edge: Degrees;
}

const softMin = (a: number, b: number): number => Math.max(0, (a + b - Math.hypot(a - b, SOFT)) / 2);

/** Position of the pen when its corner on one side (1 right, −1 left) is at a fraction of the height above the foot of a stroke. */
function placed({ x, lean, held, size }: End, side: 1 | -1, share: number): Place {
  const h = Math.max(0, share) * HEIGHT * size;
  const s = clamp(1 - share, 0, 1);
  // A thin stem's serif stands out far enough for the level edge not to reach past the other side.
  const overhang = Math.max(OVERHANG * size, 1 - cosDeg(held));
  const out = overhang * (ROUND * (1 - Math.sqrt(1 - s * s)) + (1 - ROUND) * s * s);
  // The middle stands on its line at ½ sin held; the right corner passes a height after the middle, the left before.
  const middle = h - (side * sinDeg(held)) / 2 - sinDeg(held) / 2;
  const corner = x + middle * lean + side * (cosDeg(held) / 2 + out);
  const edge = side > 0 ? softMin(held, toDegrees(Math.asin(Math.min(1, h)))) : leading(held, share);
  return { x: corner - (side * cosDeg(edge)) / 2, y: h - (side * sinDeg(edge)) / 2, edge };
}

/** A leading corner is held until late, then laid flat, and never moves along its own edge. */
function leading(held: Degrees, share: number): Degrees {
  const late = clamp(share / LATE, 0, 1);
  const slope = bracketSlope(share);
  return Math.max(0, Math.min(held * (1 - (1 - late) ** 2), slope - FLATTER));
}

/** Direction of the bracket at a share of its height, off the line. */
function bracketSlope(share: number): Degrees {
  const s = clamp(1 - share, 0, 0.9999);
  const run = (OVERHANG / HEIGHT) * ((ROUND * s) / Math.sqrt(1 - s * s) + 2 * (1 - ROUND) * s);
  return toDegrees(Math.atan2(1, run));
}

/** Half a serif at a foot on the line 0, from the stroke outwards. */
function half(end: End, side: 1 | -1): Knot[] {
  const shares = side > 0 ? TRAILING : LEADING;
  return shares.map((share, i) => {
    const { x, y, edge } = placed(end, side, share);
    const [before, after] = [placed(end, side, Math.min(1, share + STEP)), placed(end, side, Math.max(0, share - STEP))];
    const dir = i === 0 ? toDegrees(Math.atan2(-1, -end.lean)) : toDegrees(Math.atan2(after.y - before.y, after.x - before.x));
    return to(x, y, dir, { turn: (i === 0 ? end.held : edge) - end.angle, passing: i > 0 });
  });
}

/** Half a serif under the foot of a stroke, from the stroke outwards. */
export const footCusp = (end: End, side: 'left' | 'right'): Knot[] => half({ ...end, line: 0 }, side === 'right' ? 1 : -1).map((knot) => ({ ...knot, y: knot.y + end.line }));

/** Half a serif on its head, from outside into the stroke: a foot's, turned half round and written backwards. */
export function headCusp(end: End, side: 'left' | 'right'): Knot[] {
  const turned = half({ ...end, x: -end.x, line: 0 }, side === 'left' ? 1 : -1);
  return turned.map((knot) => ({ ...knot, x: -knot.x, y: end.line - knot.y })).reverse();
}
