import type { Vec } from '../geometry/vec';
import { type PenOfPoints, penFor, points } from './pen';
import type { Stroke } from './stroke';
import { trace } from './trace';

/** Maximum deviation of a chord from a point's true path, in the unit of the stroke: far below the width of a printed line. */
const TOLERANCE = 0.004;
/** Maximum step where the pen turns. */
const STEP = 0.25;

/** The lines the points of a pen leave along a stroke: a chain of places for each point, in written order. */
export function tracks(pen: PenOfPoints, stroke: Stroke): Vec[][] {
  const used = penFor(pen, stroke);
  const poses = trace(stroke, STEP, 1, TOLERANCE).map((pose) => points(used, pose));
  return (poses[0] ?? []).map((_, side) => poses.map((places) => places[side] as Vec));
}
