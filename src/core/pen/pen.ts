import { convexHull, hullOfBoth, leftToRight } from '../geometry/hull';
import { add, heading, scale, subtract, type Vec } from '../geometry/vec';
import { type Degrees, sinDeg } from '../measure/units';
import type { Stroke } from './stroke';
import { type PenPose, trace } from './trace';

/**
 * Pens, in the unit of the strokes they write (nib widths for letters: an edge of W = 1). One interface: a stroke and
 * a pen give an outline, a list of convex polygons to be filled together by the nonzero rule.
 */
export type Pen =
  /**
   * A flat edge `width` long and `steel` thick, held at `angle`; an oblique `cut` turns the edge on its holder, and the
   * corners of a felt are rounded by a radius `rounding`. `held` ignores the turns a letter asks for.
   */
  | {
      readonly kind: 'broad';
      readonly width: number;
      readonly steel: number;
      readonly angle: Degrees;
      readonly held?: boolean;
      readonly cut?: Degrees;
      readonly rounding?: number;
    }
  /**
   * A point that opens under pressure from `hairline` to `spread`: a segment in direction `lie` (level unless the
   * tines are turned) with the hairline's round ends, so that shades have square tops; a brush has round ones. A shade
   * on a slope is thinner across than its spread (`shadeAcross`).
   */
  | {
      readonly kind: 'pointed';
      readonly spread: number;
      readonly hairline: number;
      readonly lie?: Degrees;
      readonly tops?: 'square' | 'round';
    }
  /** The two corners of a broad edge: bound pencils, a wire, a scroll point. */
  | {
      readonly kind: 'two-point';
      readonly width: number;
      readonly line: number;
      readonly angle: Degrees;
      readonly held?: boolean;
    }
  /** A round point. */
  | { readonly kind: 'monoline'; readonly line: number }
  /** A round point with a second contour `gap` beside every downstroke, the room between filled or left open. */
  | { readonly kind: 'doubled'; readonly line: number; readonly gap: number; readonly filled: boolean };

export type BroadPen = Extract<Pen, { kind: 'broad' }>;
/** Pens that leave lines of one width. */
export type PenOfPoints = Extract<Pen, { kind: 'two-point' | 'doubled' | 'monoline' }>;
export type PointedPen = Extract<Pen, { kind: 'pointed' }>;
export type RoundPen = Extract<Pen, { kind: 'monoline' | 'doubled' }>;
/** What letters are written with. */
export type WritingPen = BroadPen | PointedPen | RoundPen;

export type Polygon = readonly Vec[];

/** Default distance between poses, in nib widths: the area is then within 0.1 % of the exact outline's. */
export const SCREEN_STEP = 0.06;
/** Maximum deviation of a chord on the screen: gentle curves take longer steps. */
export const SCREEN_TOLERANCE = 0.0015;
/** Corners of the polygon that stands for a round point, and for one no larger than a hairline. */
const ROUND_CORNERS = 16;
const FINE_CORNERS = 8;
const FINE_RADIUS = 0.1;

/**
 * A polygon for a round point of radius 1, as wide as it on average over all directions (its mean width is its
 * perimeter over π), and turned so that it is that wide along the line and square to it. From left to right: hulls are
 * built in that order.
 */
function polygonFor(corners: number): readonly Vec[] {
  const reach = Math.PI / (corners * Math.sin(Math.PI / corners));
  const turn = 90 / corners;
  return leftToRight(
    Array.from({ length: corners }, (_, i) => scale(heading(turn + (360 * i) / corners), reach)),
  );
}
const CIRCLE = polygonFor(ROUND_CORNERS);
const FINE_CIRCLE = polygonFor(FINE_CORNERS);
const circleOf = (radius: number) => (radius > FINE_RADIUS ? CIRCLE : FINE_CIRCLE);

/** Tolerance within which a corner is perpendicular to a reach, and so belongs to both halves. */
const SQUARE_TO = 1e-9;

const round = ([x, y]: Vec, radius: number): Vec[] =>
  circleOf(radius).map(([cx, cy]): Vec => [x + radius * cx, y + radius * cy]);

/** A round point drawn out to either side along `reach`: the half circle behind, then the half ahead. */
function drawnOut([x, y]: Vec, radius: number, [rx, ry]: Vec): Vec[] {
  const corners: Vec[] = [];
  for (const side of [-1, 1]) {
    for (const [cx, cy] of circleOf(radius)) {
      if (side * (cx * rx + cy * ry) < -SQUARE_TO) continue;
      corners.push([x + side * rx + radius * cx, y + side * ry + radius * cy]);
    }
  }
  return corners;
}

/** Angle of the edge in a pose. */
export const edgeAngle = (
  pen: { angle: Degrees; held?: boolean; cut?: Degrees },
  pose: { turn: Degrees },
): Degrees => pen.angle + (pen.cut ?? 0) + (pen.held ? 0 : pose.turn);

/**
 * Width of a pressed pen's mark across its shade. Tines spread from the hairline as soon as they are pressed harder
 * than it takes: max(h, W·p). A brush, whose tops are round, grows from it evenly: h + (W − h)·p, or a turn would show
 * a corner where it meets the hairline.
 */
export const pressedWidth = (
  { spread, hairline, tops }: Pick<PointedPen, 'spread' | 'hairline' | 'tops'>,
  press: number,
): number => (tops === 'round' ? hairline + (spread - hairline) * press : Math.max(hairline, spread * press));

/** Share of an edge that touches the paper: all of it, or, lifted onto a corner, as little as it is thick. */
export const touching = (pen: Pick<BroadPen, 'width' | 'steel'>, { press }: Pick<PenPose, 'press'>): number =>
  Math.min(1, Math.max(press, pen.steel / pen.width));

/** Middle of the mark in a pose: off the path where that runs along an edge of the shade, or the edge is lifted. */
export function markCentre(pen: Pen, pose: PenPose): Vec {
  if (pen.kind === 'broad') {
    const lifted = 1 - touching(pen, pose);
    if (lifted === 0) return pose.at;
    return add(
      pose.at,
      scale(heading(edgeAngle(pen, pose)), ((2 * pose.anchor - 1) * lifted * pen.width) / 2),
    );
  }
  if (pen.kind !== 'pointed') return pose.at;
  const free = pressedWidth(pen, pose.press) - pen.hairline;
  return add(pose.at, scale(heading(pen.lie ?? 0), (0.5 - pose.anchor) * free));
}

/** Steepness (sine of the fall) from which a downstroke is fully doubled; level strokes are not doubled. */
const FULL_FALL = 0.7;

/** Weight from which a stroke is fully doubled; hairlines are not doubled. */
const FULL_WEIGHT = 0.25;

const smooth = (share: number): number => share * share * (3 - 2 * share);

/**
 * How much of a second contour a stroke gets where it is: none upward, all of it downward, smoothly between; none
 * where it has no weight, whichever way it goes.
 */
export function doubling({ direction, press }: Pick<PenPose, 'direction' | 'press'>): number {
  const fall = Math.min(1, Math.max(0, -sinDeg(direction) / FULL_FALL));
  return smooth(fall) * smooth(Math.min(1, Math.max(0, press) / FULL_WEIGHT));
}

/** Points that stand for the quarter circle at one rounded corner. */
const CORNER_POINTS = 4;

/** A rectangle given by its half sides, its corners rounded. */
function roundedEdge(middle: Vec, along: Vec, across: Vec, rounding: number): Vec[] {
  const [length, depth] = [Math.hypot(...along), Math.hypot(...across)];
  const [reachAlong, reachAcross] = [1 - rounding / length, Math.max(0, 1 - rounding / depth)];
  const radius = Math.min(rounding, length);
  const [ahead, aside] = [scale(along, radius / length), scale(across, Math.min(radius, depth) / depth)];
  return [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1],
  ].flatMap(([a, b]) =>
    Array.from({ length: CORNER_POINTS }, (_, i) => {
      const t = (i / (CORNER_POINTS - 1)) * (Math.PI / 2);
      const centre = add(
        scale(along, (a as number) * reachAlong),
        scale(across, (b as number) * reachAcross),
      );
      const arc = add(scale(ahead, (a as number) * Math.cos(t)), scale(aside, (b as number) * Math.sin(t)));
      return add(middle, add(centre, arc));
    }),
  );
}

/** Positions of the points of a pen in a pose: one or two. */
export function points(pen: PenOfPoints, pose: PenPose): Vec[] {
  switch (pen.kind) {
    case 'two-point': {
      const along = scale(heading(edgeAngle(pen, pose)), pen.width / 2);
      return [add(pose.at, along), subtract(pose.at, along)];
    }
    case 'doubled':
      return [pose.at, add(pose.at, [pen.gap * doubling(pose), 0])];
    case 'monoline':
      return [pose.at];
  }
}

/** What touches the paper in one pose, as one or two convex shapes given by their corners. */
export function footprints(pen: Pen, pose: PenPose): Vec[][] {
  switch (pen.kind) {
    case 'broad': {
      const along = scale(heading(edgeAngle(pen, pose)), (pen.width * touching(pen, pose)) / 2);
      const across = scale(heading(edgeAngle(pen, pose) + 90), pen.steel / 2);
      const centre = markCentre(pen, pose);
      if (pen.rounding) return [roundedEdge(centre, along, across, pen.rounding)];
      const corner = (a: number, b: number): Vec => add(centre, add(scale(along, a), scale(across, b)));
      return [[corner(1, 1), corner(-1, 1), corner(-1, -1), corner(1, -1)]];
    }
    case 'pointed': {
      const width = pressedWidth(pen, pose.press);
      const centre = markCentre(pen, pose);
      if (pen.tops === 'round') return [round(centre, width / 2)];
      if (width === pen.hairline) return [round(centre, pen.hairline / 2)];
      return [drawnOut(centre, pen.hairline / 2, scale(heading(pen.lie ?? 0), (width - pen.hairline) / 2))];
    }
    case 'doubled': {
      const radius = pen.line / 2;
      if (!pen.filled) return points(pen, pose).map((point) => round(point, radius));
      const reach = (pen.gap * doubling(pose)) / 2;
      const [x, y] = pose.at;
      return [reach === 0 ? round(pose.at, radius) : drawnOut([x + reach, y], radius, [reach, 0])];
    }
    case 'two-point':
    case 'monoline':
      return points(pen, pose).map((point) => round(point, pen.line / 2));
  }
}

/** The pen a stroke is written with: the page's own, or another of a share of its width; the edge stays as thick. */
export function penFor<P extends Pen>(pen: P, { nib }: Pick<Stroke, 'nib'>): P {
  if (nib === undefined) return pen;
  switch (pen.kind) {
    case 'broad':
    case 'two-point':
      return { ...pen, width: pen.width * nib };
    case 'pointed':
      return { ...pen, spread: Math.max(pen.hairline, pen.spread * nib) };
    case 'monoline':
      return { ...pen, line: pen.line * nib };
    case 'doubled':
      return { ...pen, gap: pen.gap * nib };
  }
}

/**
 * The mark of a stroke for the screen: hulls of consecutive footprints. Every hull is wound the same way, so filling
 * all of them as one nonzero path gives their union without any boolean work; the first k are the stroke's beginning.
 */
export function sweep(
  pen: Pen,
  stroke: Stroke,
  {
    step = SCREEN_STEP,
    until = 1,
    tolerance = SCREEN_TOLERANCE,
  }: { step?: number; until?: number; tolerance?: number } = {},
): Polygon[] {
  const used = penFor(pen, stroke);
  const marks = trace(stroke, step, until, tolerance).map((pose) => footprints(used, pose).map(leftToRight));
  const [first, ...others] = marks;
  if (!first) return [];
  if (others.length === 0) return first.map(convexHull);
  return others.flatMap((shapes, i) =>
    shapes.map((shape, side) => hullOfBoth((marks[i] as Vec[][])[side] as Vec[], shape)),
  );
}
