import { type Cubic, mapCubic, parallelTangents, piece, reversed, straight } from '../geometry/cubic';
import { add, cross, heading, scale, subtract, type Vec } from '../geometry/vec';
import { edgeAngle, footprints, type Pen, type Polygon, penFor } from './pen';
import { ribbons } from './ribbon';
import type { Stroke } from './stroke';
import { trace } from './trace';

/** A closed outline of cubics; all are wound anticlockwise (y up) and filled together by the nonzero rule. */
export type Outline = readonly Cubic[];

const closedPolygon = (corners: Polygon): Outline =>
  corners.map((corner, i) => straight(corner, corners[(i + 1) % corners.length] as Vec));

/** Twice the signed area of the polygon of a chain's ends and controls: enough to tell which way it runs. */
const windingOf = (chain: Outline): number =>
  chain.reduce((sum, [a, b, c, d]) => sum + cross(a, b) + cross(b, c) + cross(c, d), 0);

const anticlockwise = (chain: Outline): Outline =>
  windingOf(chain) >= 0 ? chain : [...chain].reverse().map(reversed);

/** Fine steps for strokes along which the pen turns: those have no closed form in cubics. */
const TURNING_STEP = 0.06;
/** Maximum deviation of their chords from the true edge, in the unit of the stroke: some micrometres on paper. */
const TOLERANCE = 0.0015;

/**
 * The mark of a stroke for files. A broad edge held at one angle sweeps, over a piece of the path whose tangent is
 * nowhere parallel to the edge, exactly the patch between two copies of that piece; four edges of the nib and a nib at
 * either end make the whole mark, exactly. Every other pen, and every stroke along which the edge turns or is lifted
 * onto a corner, is swept in fine steps (area within 0.1 %) and drawn as ribbons.
 */
export function exactOutlines(main: Pen, stroke: Stroke): Outline[] {
  const pen = penFor(main, stroke);
  const turning = stroke.turns.some((turn) => turn !== stroke.turns[0]);
  const lifted = stroke.presses.some((press) => press < 1);
  if (pen.kind !== 'broad' || pen.rounding || (turning && !pen.held) || lifted) {
    return ribbons(pen, stroke, { step: TURNING_STEP, tolerance: TOLERANCE }).map(closedPolygon);
  }
  const poses = trace(stroke, Number.POSITIVE_INFINITY);
  const ends = [poses[0], poses.at(-1)].flatMap((pose) => (pose ? footprints(pen, pose) : []));
  const angle = edgeAngle(pen, { turn: stroke.turns[0] ?? 0 });
  const along = scale(heading(angle), pen.width / 2);
  const across = scale(heading(angle + 90), pen.steel / 2);
  const edges: [Vec, Vec][] = [
    [subtract(across, along), add(across, along)],
    [scale(add(along, across), -1), subtract(along, across)],
    [subtract(along, across), add(along, across)],
    [scale(add(along, across), -1), subtract(across, along)],
  ];
  const patches = stroke.path.flatMap((cubic) => edges.flatMap((edge) => patchesOf(cubic, edge)));
  return [...patches, ...ends.map(closedPolygon).map(anticlockwise)];
}

/** Area swept by one edge that moves along a cubic without turning. */
function patchesOf(cubic: Cubic, [tail, head]: readonly [Vec, Vec]): Outline[] {
  const cuts = [0, ...parallelTangents(cubic, subtract(head, tail)), 1];
  return cuts.slice(1).map((to, i) => {
    const part = piece(cubic, cuts[i] as number, to);
    const first = mapCubic(part, (p) => add(p, tail));
    const second = reversed(mapCubic(part, (p) => add(p, head)));
    return anticlockwise([first, straight(first[3], second[0]), second, straight(second[3], first[0])]);
  });
}
