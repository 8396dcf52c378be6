import { type Cubic, derivativeAt, lengthOf, piece } from '../geometry/cubic';
import { directionOf } from '../geometry/vec';
import { sinDeg } from '../measure/units';
import type { Stroke } from './stroke';

/**
 * Where every cubic is cut, so that the pressure can follow its direction; close to its ends too, so that it can jump
 * where the path has a corner.
 */
const CUTS = [0, 0.01, 1 / 6, 2 / 6, 3 / 6, 4 / 6, 5 / 6, 0.99, 1];
const PIECES = CUTS.length - 1;
/** Pressure grows slower than the fall of the stroke (found by looking at turns and ovals). */
const SWELL = 2;

const pressIn = (cubic: Cubic, t: number): number =>
  Math.max(0, -sinDeg(directionOf(derivativeAt(cubic, t)))) ** SWELL;

/**
 * A stroke pressed as a pointed pen is by habit: not at all upwards, in full straight down, between them by how steeply
 * it falls. Where two pieces meet in a corner the lighter counts, so that shades leave and reach it tapering.
 */
export function pressedByDirection(stroke: Stroke): Stroke {
  const path = stroke.path.flatMap((cubic) =>
    CUTS.slice(1).map((end, i) => piece(cubic, CUTS[i] as number, end)),
  );
  const lengths = [0];
  for (const part of path) lengths.push((lengths.at(-1) as number) + lengthOf(part));
  const presses = lengths.map((_, i) => {
    const [before, after] = [path[i - 1], path[i]];
    return Math.min(before ? pressIn(before, 1) : 1, after ? pressIn(after, 0) : 1);
  });
  const same = (values: readonly number[]) => lengths.map((_, i) => values[Math.floor(i / PIECES)] as number);
  return { ...stroke, path, lengths, presses, turns: same(stroke.turns), anchors: same(stroke.anchors) };
}
