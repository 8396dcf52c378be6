import { lengthOf } from '../geometry/cubic';
import { directionOf, distance, subtract } from '../geometry/vec';
import type { Degrees, NibWidths } from '../measure/units';
import { edgeAngle, type Pen } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import { strokeThickness } from '../pen/thickness';
import { trace } from '../pen/trace';

/** What a broad edge makes of one stroke. */
export interface StrokeReading {
  readonly name: string;
  /** Pen angle where the stroke is set down and where it ends. */
  readonly angles: readonly [Degrees, Degrees];
  /** Thickness at its middle, and its extremes on the way. */
  readonly middle: NibWidths;
  readonly thinnest: NibWidths;
  readonly thickest: NibWidths;
  /** Direction of travel at its middle. */
  readonly direction: Degrees;
}

const STEP: NibWidths = 0.1;

type Broad = Pen & { kind: 'broad' };

/** Reads a stroke's weight off the directions it takes and the angles the edge has meanwhile. */
export function readStroke(pen: Broad, stroke: Stroke): StrokeReading {
  const poses = trace(stroke, STEP);
  const weights = poses.map((pose) =>
    strokeThickness(pen.width, edgeAngle(pen, pose), pose.direction, pen.steel),
  );
  const half = (stroke.lengths.at(-1) as number) / 2;
  const middle = Math.max(
    0,
    poses.findIndex((pose) => pose.travelled >= half),
  );
  const pose = poses[middle] as (typeof poses)[number];
  return {
    name: stroke.name,
    angles: [edgeAngle(pen, poses[0] as typeof pose), edgeAngle(pen, poses.at(-1) as typeof pose)],
    middle: weights[middle] as number,
    thinnest: Math.min(...weights),
    thickest: Math.max(...weights),
    direction: pose.direction,
  };
}

/** Two diagonals that should lean evenly about the slope. */
export interface DiagonalPair {
  readonly first: Degrees;
  readonly second: Degrees;
  /** Bisector of the two, less the slope line; 0 when the letter stands on the slope. */
  readonly deviation: Degrees;
}

/** A straight piece at least this long, as a share of the body, is a stroke of its own and not a serif. */
const LONG_SHARE = 0.45;
/** How far a diagonal must lie off the slope line; less is a stem. */
const OFF_SLOPE: Degrees = 8;
/** A diagonal stands steeper than this; less is a bar. */
const LEVEL: Degrees = 25;
/** Arc over chord of what still counts as straight. */
const STRAIGHT = 1.002;

/**
 * The balance of a letter without a stroke on the slope: directions of its diagonals (0 … 180°), paired left with
 * right, and how far their bisector lies off the slope line.
 */
export function diagonalBalance(strokes: readonly Stroke[], slope: Degrees, body: NibWidths): DiagonalPair[] {
  const stand = 90 - slope;
  const directions = strokes.flatMap(({ path }) =>
    path
      .filter((cubic) => {
        const chord = distance(cubic[0], cubic[3]);
        return chord > LONG_SHARE * body && lengthOf(cubic) < chord * STRAIGHT;
      })
      .map((cubic) => ((directionOf(subtract(cubic[3], cubic[0])) % 180) + 180) % 180)
      .filter((dir) => Math.abs(dir - stand) > OFF_SLOPE && dir > LEVEL && dir < 180 - LEVEL),
  );
  const left = directions.filter((dir) => dir > stand);
  const right = directions.filter((dir) => dir < stand);
  return left.slice(0, right.length).map((first, i) => {
    const second = right[i] as Degrees;
    return { first, second, deviation: (first + second) / 2 - stand };
  });
}
