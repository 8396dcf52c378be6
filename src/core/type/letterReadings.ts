import { lengthOf } from '../geometry/cubic';
import { directionOf, distance, subtract, type Vec } from '../geometry/vec';
import { type Degrees, type NibWidths, sinDeg } from '../measure/units';
import {
  type BroadPen,
  doubling,
  edgeAngle,
  pressedWidth,
  sweep,
  touching,
  type WritingPen,
} from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { shadeAcross, strokeThickness } from '../pen/thickness';
import { type PenPose, trace } from '../pen/trace';

/** What a pen makes of one stroke. */
export interface StrokeReading {
  readonly name: string;
  /** Pen angles in the order they are held: where the stroke begins, every angle it is turned to, where it ends. */
  readonly angles?: readonly Degrees[];
  /** Pen angle where `middle` is read. */
  readonly angle?: Degrees;
  /** Pressure where it is greatest, as a share of the full shade; only for a pointed pen. */
  readonly press?: number;
  /** Thickness at its middle (of a pressed or doubled stroke: where it is heaviest by pressure), and its extremes on the way. */
  readonly middle: NibWidths;
  readonly thinnest: NibWidths;
  readonly thickest: NibWidths;
  /** Direction of travel where `middle` is read. */
  readonly direction: Degrees;
}

const STEP: NibWidths = 0.1;

/**
 * Thickness across the direction of travel. A broad edge: W·|sin(θ − α)| + e·|cos(θ − α)|. Tines spread along the line
 * only, so their shade tells by its fall: (w − h)·|sin θ| + h, h the hairline; a brush is as thick every way.
 */
export function thicknessAt(pen: WritingPen, pose: Pick<PenPose, 'turn' | 'press' | 'direction'>): NibWidths {
  if (pen.kind === 'broad')
    return strokeThickness(pen.width * touching(pen, pose), edgeAngle(pen, pose), pose.direction, pen.steel);
  if (pen.kind === 'monoline') return pen.line;
  // The second contour lies level beside the first, so across the direction of travel it is closer.
  if (pen.kind === 'doubled') return pen.line + pen.gap * doubling(pose) * Math.abs(sinDeg(pose.direction));
  const mark = pressedWidth(pen, pose.press);
  return pen.tops === 'round' ? mark : shadeAcross(mark, pen.hairline, 90 - pose.direction);
}

/** Computes a stroke's weight from its directions and from what the pen does. */
export function readStroke(pen: WritingPen, stroke: Stroke): StrokeReading {
  const poses = trace(stroke, STEP);
  const weights = poses.map((pose) => thicknessAt(pen, pose));
  const half = (stroke.lengths.at(-1) as number) / 2;
  const most = Math.max(...poses.map(({ press }) => press));
  const telling =
    pen.kind === 'pointed' || pen.kind === 'doubled'
      ? poses.findIndex(({ press }) => press === most)
      : poses.findIndex(({ travelled }) => travelled >= half);
  const middle = Math.max(0, telling);
  const spot = spotAcross(pen, stroke);
  return {
    name: stroke.name,
    ...(pen.kind === 'broad'
      ? { angles: anglesHeld(pen, poses), angle: edgeAngle(pen, poses[middle] as PenPose) }
      : { press: most }),
    middle: spot ?? (weights[middle] as number),
    thinnest: spot ?? Math.min(...weights),
    thickest: spot ?? Math.max(...weights),
    direction: (poses[middle] as PenPose).direction,
  };
}

/** A pressed mark whose path is shorter than this share of its ink's own breadth is a dot, not a line. */
const SPOT = 1.2;

/** Breadth of a dot, which no direction of travel tells: the lesser extent of its ink. Undefined for a stroke with a way. */
function spotAcross(pen: WritingPen, stroke: Stroke): NibWidths | undefined {
  const length = stroke.lengths.at(-1) as number;
  if (pen.kind === 'broad' || length > SPOT * (pen.kind === 'pointed' ? pen.spread : pen.line))
    return undefined;
  const points = sweep(pen, stroke).flat();
  const extent = (axis: 0 | 1) => {
    const along = points.map((point) => point[axis]);
    return Math.max(...along) - Math.min(...along);
  };
  const across = Math.min(extent(0), extent(1));
  return length < SPOT * across ? across : undefined;
}

/** Tolerance, in degrees, within which angles count as equal. */
const SAME_ANGLE: Degrees = 1.5;

/** The angles an edge is held at on its way: the first, each at which it begins to turn back, and the last. */
function anglesHeld(pen: BroadPen, poses: readonly PenPose[]): readonly Degrees[] {
  const held: Degrees[] = [];
  for (const pose of poses) {
    const angle = edgeAngle(pen, pose);
    const [before, last] = [held.at(-2), held.at(-1)];
    if (last === undefined) held.push(angle);
    else if (Math.abs(angle - last) < SAME_ANGLE) continue;
    else if (before !== undefined && (last - before) * (angle - last) > 0) held[held.length - 1] = angle;
    else held.push(angle);
  }
  return held;
}

/** A straight stroke that is neither a stem nor a bar. */
export interface Diagonal {
  readonly from: Vec;
  readonly to: Vec;
  /** Direction as a line, 0 … 180°. */
  readonly direction: Degrees;
}

/** Two diagonals that should lean evenly about the slope. */
export interface DiagonalPair {
  readonly first: Degrees;
  readonly second: Degrees;
  /** Bisector of the two, less the slope line; 0 when the letter stands on the slope. */
  readonly deviation: Degrees;
  readonly lines: readonly [Diagonal, Diagonal];
}

/** Minimum length of a straight piece, as a fraction of the body, for it to be a stroke and not a serif. */
const LONG_SHARE = 0.45;
/** Minimum angle between a diagonal and the slope line; below it the stroke is a stem. */
const OFF_SLOPE: Degrees = 8;
/** Minimum steepness of a diagonal; below it the stroke is a bar. */
const LEVEL: Degrees = 25;
/** Arc over chord of what still counts as straight. */
const STRAIGHT = 1.002;

/** The long straight strokes off the slope, those leaning left of it and those leaning right, in written order. */
export function diagonalsOf(strokes: readonly Stroke[], slope: Degrees, body: NibWidths) {
  const stand = 90 - slope;
  const found = strokes.flatMap(({ path }) =>
    path
      .filter((cubic) => {
        const chord = distance(cubic[0], cubic[3]);
        return chord > LONG_SHARE * body && lengthOf(cubic) < chord * STRAIGHT;
      })
      .map(([from, , , to]): Diagonal => {
        const direction = ((directionOf(subtract(to, from)) % 180) + 180) % 180;
        return { from, to, direction };
      })
      .filter(
        ({ direction }) =>
          Math.abs(direction - stand) > OFF_SLOPE && direction > LEVEL && direction < 180 - LEVEL,
      ),
  );
  return {
    left: found.filter(({ direction }) => direction > stand),
    right: found.filter(({ direction }) => direction < stand),
  };
}

/**
 * The balance of a letter without a stroke on the slope: its diagonals paired left with right, and how far their
 * bisector lies off the slope line.
 */
export function diagonalBalance(strokes: readonly Stroke[], slope: Degrees, body: NibWidths): DiagonalPair[] {
  const { left, right } = diagonalsOf(strokes, slope, body);
  return left.slice(0, right.length).map((first, i) => {
    const second = right[i] as Diagonal;
    return {
      first: first.direction,
      second: second.direction,
      deviation: (first.direction + second.direction) / 2 - (90 - slope),
      lines: [first, second],
    };
  });
}

/** How far diagonals of the same side differ in direction; undefined where there is but one on each side. */
export function parallelSpread(
  strokes: readonly Stroke[],
  slope: Degrees,
  body: NibWidths,
): Degrees | undefined {
  const { left, right } = diagonalsOf(strokes, slope, body);
  const spreads = [left, right]
    .filter((side) => side.length > 1)
    .map((side) => side.map(({ direction }) => direction))
    .map((directions) => Math.max(...directions) - Math.min(...directions));
  return spreads.length > 0 ? Math.max(...spreads) : undefined;
}
