import { type Cubic, derivativeAt, inflections, pointAt } from '../../geometry/cubic';
import { directionOf } from '../../geometry/vec';
import { type Degrees, sinDeg } from '../../measure/units';
import { compileStroke, type Knot } from '../../pen/stroke';
import { to } from '../notation';

/** Places on each piece of a way at which its pressure is set: dense enough for it to follow the turns. */
const CUTS = [0, 0.17, 0.33, 0.5, 0.67, 0.83, 1];
/** Distance from a cut within which an inflection is not cut again. */
const CLOSE = 0.03;
/** A turn of direction larger than this is a corner. */
const CORNER: Degrees = 3;
/** Parameter distance from the ends at which directions are read: at the ends themselves the derivative can be zero. */
const INSIDE = 0.001;

const falling = (dir: Degrees, swell: number) => Math.max(0, -sinDeg(dir)) ** swell;

const turnBetween = (a: Degrees, b: Degrees) => Math.abs(((((b - a) % 360) + 540) % 360) - 180);

/** Where a piece is cut: evenly, and where its way changes its bend, so that no cut piece has a wave in it. */
function cutsOf(cubic: Cubic, first: boolean): number[] {
  const turns = inflections(cubic).filter((t) => CUTS.every((cut) => Math.abs(cut - t) > CLOSE));
  return [...CUTS.slice(first ? 0 : 1), ...turns].sort((a, b) => a - b);
}

/**
 * Thin up, thick down: pressure as a habit. The `press` of the knots given is a weight (1 where none is written: 0 for
 * bars and little loops, over 1 for waves); the pressure is `weight · max(0, −sin θ)^swell`, θ the direction of the
 * upright way, so that shades peak on the slant. At a corner the pen has the lighter side's pressure. A straight piece
 * may declare its `dir` where its path crosses from one edge of the shade to the other.
 */
export function habit(knots: readonly Knot[], swell: number): Knot[] {
  const { path } = compileStroke({ name: '', knots });
  const weight = (i: number) => knots[i]?.press ?? 1;
  const anchor = (i: number) => knots[i]?.anchor ?? 0.5;
  /** Direction on the piece that ends in knot i + 1: its own, or the one it declares. */
  const direction = (i: number, t: number): Degrees => {
    const declared = knots[i + 1]?.line ? knots[i + 1]?.dir : undefined;
    return declared ?? directionOf(derivativeAt(path[i] as Cubic, Math.min(1 - INSIDE, Math.max(INSIDE, t))));
  };
  return path.flatMap((cubic, i) =>
    cutsOf(cubic, i === 0).map((t): Knot => {
      const [x, y] = pointAt(cubic, t);
      const dir = direction(i, t);
      const mixed = weight(i) + (weight(i + 1) - weight(i)) * t;
      let press = mixed * falling(dir, swell);
      let leave: Degrees | undefined;
      if (t === 1 && i + 1 < path.length) {
        const next = direction(i + 1, 0);
        press = Math.min(press, mixed * falling(next, swell));
        if (turnBetween(dir, next) > CORNER) leave = next;
      }
      return to(x, y, dir, {
        press: Math.min(1, press),
        anchor: anchor(i) + (anchor(i + 1) - anchor(i)) * t,
        ...(leave !== undefined && { leave }),
        ...(knots[i + 1]?.line && t > 0 && { line: true }),
      });
    }),
  );
}
