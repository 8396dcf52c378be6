import { convexHull, hullOfBoth, leftToRight } from '../geometry/hull';
import { cross, distance, subtract, type Vec } from '../geometry/vec';
import { footprints, type Pen, type Polygon } from './pen';
import type { Stroke } from './stroke';
import { trace } from './trace';

/** The sides of one footprint: its corners farthest to the left and to the right of the direction of travel. */
interface Sides {
  readonly left: Vec;
  readonly right: Vec;
}

function sidesOf(shape: readonly Vec[], [dx, dy]: Vec): Sides {
  let [left, right] = [shape[0] as Vec, shape[0] as Vec];
  let [most, least] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY];
  for (const corner of shape) {
    const aside = dx * corner[1] - dy * corner[0];
    if (aside > most) {
      most = aside;
      left = corner;
    }
    if (aside < least) {
      least = aside;
      right = corner;
    }
  }
  return { left, right };
}

/**
 * The sides of two footprints on a way. Where the mark widens or narrows its sides do not run with the pen: the corners
 * that bound it are those farthest out across the sides' own directions.
 */
function between(one: readonly Vec[], other: readonly Vec[], way: Vec): [Sides, Sides] {
  const [from, to] = [sidesOf(one, way), sidesOf(other, way)];
  const [left, right] = [subtract(to.left, from.left), subtract(to.right, from.right)];
  return [
    { left: sidesOf(one, left).left, right: sidesOf(one, right).right },
    { left: sidesOf(other, left).left, right: sidesOf(other, right).right },
  ];
}

/** Excess movement of a side over the pen's, in the unit of the stroke, from which the side has jumped to another corner. */
const JUMP = 0.06;
/** Maximum fraction of the path length that a side may gain or lose; beyond it the mark bends the other way. */
const MOST_GAIN = 0.7;
/** Maximum growth of a shade along a straight path, as a fraction of the path. */
const EVEN = 0.3;
/** Minimum step from which a direction is read. */
const STILL = 1e-9;

/**
 * The mark of a stroke as few polygons: wherever both sides of the mark simply move on, the hulls of consecutive
 * footprints are one ribbon between two chains of points; where a side stands still, turns back or jumps to another
 * corner of the pen, the hulls stay as they are, and both ends of a ribbon have their footprint. The same union as
 * `sweep` within the tolerance, in a fifth of the points. All polygons are wound anticlockwise, to be filled together.
 */
export function ribbons(
  pen: Pen,
  stroke: Stroke,
  { step, tolerance }: { readonly step: number; readonly tolerance: number },
): Polygon[] {
  const poses = trace(stroke, step, 1, tolerance);
  const marks = poses.map((pose) => footprints(pen, pose));
  const count = marks[0]?.length ?? 0;
  return Array.from({ length: count }, (_, side) =>
    ribbonsOf(marks.map((shapes) => shapes[side] as Vec[])),
  ).flat();
}

function ribbonsOf(shapes: readonly (readonly Vec[])[]): Polygon[] {
  if (shapes.length === 1) return [convexHull(shapes[0] as Vec[])];
  const centres = shapes.map(middle);
  const found: Polygon[] = [];
  let chain: Chain | undefined;
  const close = (end: number) => {
    if (chain) {
      found.push([...chain.right, ...chain.left.reverse()]);
      found.push(convexHull(shapes[end] as Vec[]));
    }
    chain = undefined;
  };
  for (let i = 0; i + 1 < shapes.length; i++) {
    const way = subtract(centres[i + 1] as Vec, centres[i] as Vec);
    const length = Math.hypot(...way);
    const [from, to] = between(shapes[i] as Vec[], shapes[i + 1] as Vec[], way);
    const movesOn = (a: Vec, b: Vec) => {
      const apart = distance(subtract(b, a), way);
      return apart <= MOST_GAIN * length && (apart <= JUMP || apart <= EVEN * length);
    };
    const simple = length > STILL && movesOn(from.left, to.left) && movesOn(from.right, to.right);
    if (!simple || (chain && !follows(chain, from, way))) close(i);
    if (!simple) {
      found.push(hullOfBoth(leftToRight(shapes[i] as Vec[]), leftToRight(shapes[i + 1] as Vec[])));
      continue;
    }
    if (chain) turn(chain, from, way);
    else {
      found.push(convexHull(shapes[i] as Vec[]));
      chain = { left: [from.left], right: [from.right], way };
    }
    chain.left.push(to.left);
    chain.right.push(to.right);
    chain.way = way;
  }
  close(shapes.length - 1);
  return found;
}

/** A ribbon under construction: its two sides in writing order, and its last direction. */
interface Chain {
  readonly left: Vec[];
  readonly right: Vec[];
  way: Vec;
}

/** The way bends: on the outer side both corners count, the one it came by and the one it leaves by; inside one does. */
function turn(chain: Chain, leaving: Sides, way: Vec) {
  const toTheLeft = cross(chain.way, way) > 0;
  const { left, right } = chain;
  const arrived: Sides = { left: left.at(-1) as Vec, right: right.at(-1) as Vec };
  const out = outer(arrived, leaving, way);
  if (toTheLeft) {
    left[left.length - 1] = out.left;
    if (leaving.right !== arrived.right) right.push(leaving.right);
  } else {
    right[right.length - 1] = out.right;
    if (leaving.left !== arrived.left) left.push(leaving.left);
  }
}

/** A ribbon continues while its sides stay at the same corners or close to them. */
const follows = ({ left, right, way: last }: Chain, from: Sides, way: Vec): boolean =>
  distance(left.at(-1) as Vec, from.left) <= JUMP &&
  distance(right.at(-1) as Vec, from.right) <= JUMP &&
  last[0] * way[0] + last[1] * way[1] > 0;

/** The outermost of two corners for a side. */
const outer = (a: Sides, b: Sides, way: Vec): Sides => ({
  left: cross(way, subtract(b.left, a.left)) > 0 ? b.left : a.left,
  right: cross(way, subtract(b.right, a.right)) < 0 ? b.right : a.right,
});

function middle(shape: readonly Vec[]): Vec {
  let [x, y] = [0, 0];
  for (const corner of shape) {
    x += corner[0];
    y += corner[1];
  }
  return [x / shape.length, y / shape.length];
}
