import { convexHull } from '../geometry/hull';
import { add, heading, scale, type Vec } from '../geometry/vec';
import type { Degrees } from '../measure/units';
import type { Stroke } from './stroke';
import { type PenPose, trace } from './trace';

/**
 * Pens, in the unit of the strokes they write (nib widths for letters: an edge of W = 1). One interface: a stroke and
 * a pen give an outline, a list of convex polygons to be filled together by the nonzero rule.
 */
export type Pen =
  /** A flat edge `width` long and `steel` thick, held at `angle`; `held` ignores the turns a letter asks for. */
  | {
      readonly kind: 'broad';
      readonly width: number;
      readonly steel: number;
      readonly angle: Degrees;
      readonly held?: boolean;
    }
  /** A point that spreads sideways under pressure: a level segment as wide as the press, with a round hairline. */
  | { readonly kind: 'pointed'; readonly shade: number; readonly hairline: number }
  /** The two corners of a broad edge: bound pencils, a wire, a scroll point. */
  | {
      readonly kind: 'two-point';
      readonly width: number;
      readonly line: number;
      readonly angle: Degrees;
      readonly held?: boolean;
    }
  /** A round point. */
  | { readonly kind: 'monoline'; readonly line: number };

export type Polygon = readonly Vec[];

/** Default distance between poses, in nib widths: the area is then within 0.1 % of the exact outline's. */
export const SCREEN_STEP = 0.06;
/** Corners of the polygon that stands for a round point. */
const ROUND_CORNERS = 12;

const round = (centre: Vec, radius: number): Vec[] =>
  Array.from({ length: ROUND_CORNERS }, (_, i) =>
    add(centre, scale(heading((360 * i) / ROUND_CORNERS), radius)),
  );

/** Angle of the edge in a pose. */
export const edgeAngle = (pen: { angle: Degrees; held?: boolean }, pose: { turn: Degrees }): Degrees =>
  pen.angle + (pen.held ? 0 : pose.turn);

/** What touches the paper in one pose, as one or two convex shapes given by their corners. */
export function footprints(pen: Pen, pose: PenPose): Vec[][] {
  switch (pen.kind) {
    case 'broad': {
      const along = scale(heading(edgeAngle(pen, pose)), pen.width / 2);
      const across = scale(heading(edgeAngle(pen, pose) + 90), pen.steel / 2);
      const corner = (a: number, b: number): Vec => add(pose.at, add(scale(along, a), scale(across, b)));
      return [[corner(1, 1), corner(-1, 1), corner(-1, -1), corner(1, -1)]];
    }
    case 'two-point': {
      const along = scale(heading(edgeAngle(pen, pose)), pen.width / 2);
      return [round(add(pose.at, along), pen.line / 2), round(add(pose.at, scale(along, -1)), pen.line / 2)];
    }
    case 'pointed': {
      const reach = Math.max(0, (pen.shade * pose.press - pen.hairline) / 2);
      const point = round(pose.at, pen.hairline / 2);
      return reach === 0
        ? [point]
        : [[...point.map((p) => add(p, [reach, 0])), ...point.map((p) => add(p, [-reach, 0]))]];
    }
    case 'monoline':
      return [round(pose.at, pen.line / 2)];
  }
}

/**
 * The mark of a stroke for the screen: hulls of consecutive footprints. Every hull is wound the same way, so filling
 * all of them as one nonzero path gives their union without any boolean work; the first k are the stroke's beginning.
 */
export function sweep(pen: Pen, stroke: Stroke, { step = SCREEN_STEP, until = 1 } = {}): Polygon[] {
  const marks = trace(stroke, step, until).map((pose) => footprints(pen, pose));
  const first = marks[0];
  if (!first) return [];
  if (marks.length === 1) return first.map((mark) => convexHull(mark));
  return marks
    .slice(1)
    .flatMap((shapes, i) =>
      shapes.map((shape, side) => convexHull([...((marks[i] as Vec[][])[side] as Vec[]), ...shape])),
    );
}
