import { derivativeAt, pointAt } from '../../geometry/cubic';
import { curve } from '../../geometry/hobby';
import { directionOf } from '../../geometry/vec';
import type { NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures } from '../letter';
import { line, to } from '../notation';

/** A shade pressed along its left edge, and along its right edge. */
export const LEFT = 0;
export const RIGHT = 1;

export const hair = { press: 0 } as const;

/** What the pen's spread adds to its hairline under full pressure. */
export const spreadOf = (m: Measures): NibWidths => m.spread - 2 * m.half();

/** How the turns of a pressed hand are cut, in fifths of the body. */
export interface TurnShape {
  /** Heights at which full pressure gives way to the turn at the foot, and is reached after the turn at the head. */
  readonly leave: NibWidths;
  readonly full: NibWidths;
  /** How far the turns reach from the middle of their shade. */
  readonly under: NibWidths;
  readonly over: NibWidths;
}

/** Places on a turn at which the pressure is set. */
const ON_TURN = [0.15, 0.3, 0.45, 0.6, 0.75];
/** The inner edge of a turn keeps to the shade's own edge, then rounds off: sharpness of that rounding. */
const ROUNDING = 1.3;

/**
 * Knots between a shade and the end of its turn. The path is the outer edge; as it turns away the inner edge stays
 * where it was, so that the shade thins because the turn closes on it and never bends the other way.
 */
function easing(m: Measures, shadeEnd: Knot, turnEnd: Knot): Knot[] {
  const free = spreadOf(m);
  const forward = shadeEnd.dir === -90;
  const path = curve([shadeEnd.x, shadeEnd.y], forward ? -90 : 90, [turnEnd.x, turnEnd.y], forward ? 0 : 180);
  return ON_TURN.map((t) => {
    const [x, y] = pointAt(path, t);
    const moved = Math.abs(x - shadeEnd.x) / free;
    const heading = directionOf(derivativeAt(path, t)) + (forward ? 0 : 180);
    return to(x, y, heading, { press: Math.max(0, 1 - moved) ** ROUNDING, anchor: forward ? LEFT : RIGHT });
  });
}

/**
 * The turning strokes of a pressed hand, bound to its measures; x is the middle of a shade. A shade's path runs along
 * that edge of it which is the outside of the coming turn, so that turns stay smooth while the pressure leaves.
 */
export function turningStrokes(m: Measures, shape: TurnShape) {
  const half = spreadOf(m) / 2;
  /** Squared start of a shade whose path is its left edge, and of one whose path is its right edge. */
  const squareTop = (x: NibWidths, top = m.T): Knot => to(x - half, top, -90, { press: 1, anchor: LEFT });
  const squareTopRight = (x: NibWidths, top = m.T): Knot => to(x + half, top, -90, { press: 1, anchor: RIGHT });

  /** Turn at the foot: on from a shade at x whose path is its left edge, out along the baseline on the hairline. */
  const underTurn = (x: NibWidths): Knot[] => {
    const shadeEnd = line(x - half, shape.leave, { press: 1, anchor: LEFT, dir: -90 });
    const turnEnd = to(x + shape.under, m.B, 0, hair);
    return [shadeEnd, ...easing(m, shadeEnd, turnEnd), turnEnd];
  };
  /** Turn at the head, from the hairline into a shade at x. */
  const overTurn = (x: NibWidths): Knot[] => {
    const turnStart = to(x - shape.over, m.T, 0, { press: 0, anchor: RIGHT });
    const shadeStart = to(x + half, shape.full, 90, { press: 1, anchor: RIGHT });
    return [turnStart, ...easing(m, shadeStart, turnStart).reverse(), { ...shadeStart, dir: -90 }];
  };
  /** Square top, shade, turn: the stroke of i. */
  const under = (x: NibWidths, top = m.T): Knot[] => [squareTop(x, top), ...underTurn(x)];
  /** Turn, shade, squared foot. */
  const over = (x: NibWidths, foot = m.B): Knot[] => [...overTurn(x), line(x + half, foot, { press: 1, anchor: RIGHT })];
  /** Turn at the head and at the foot: the stroke that ends n. */
  const compound = (x: NibWidths): Knot[] => [...overTurn(x), ...underTurn(x)];
  /** Hairline out of the foot of a shade at x, up along it and away: the start of the next arch. */
  const rise = (x: NibWidths): Knot => to(x + half - 0.12, m.B + 0.35, 84, { press: 0, anchor: RIGHT });

  return { squareTop, squareTopRight, underTurn, under, over, compound, rise };
}
