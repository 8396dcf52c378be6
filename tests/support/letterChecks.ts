import { type Cubic, derivativeAt, pointAt } from '@/core/geometry/cubic';
import { cross, directionOf, distance, heading, subtract, type Vec } from '@/core/geometry/vec';
import type { Letter } from '@/core/hand/letter';
import type { Degrees } from '@/core/measure/units';
import { footprints, markCentre, type Polygon, sweep, type WritingPen } from '@/core/pen/pen';
import { compileStroke, type Knot, type StrokePlan } from '@/core/pen/stroke';
import { type PenPose, trace } from '@/core/pen/trace';

/**
 * Checks on letters as data. Each returns what is wrong, in words; an empty list is a good letter. They catch slips,
 * not ugliness.
 */

/** Tolerances of all checks, in letter units, degrees and shares. */
export const TOLERANCE = {
  /** Ink over or under the line it should touch. */
  height: 0.12,
  /** Change of direction where none is declared. */
  tangent: 3,
  /** Direction of a stem off the slope. */
  stem: 1.2,
  /** Arc between two inflections. */
  wave: 0.45,
  /** Stems of the same kind, and counters of the same kind. */
  run: 0.08,
  /** A counter against the width it should have. */
  counter: 0.1,
  /** Under the least gap. */
  gap: 0.02,
  /** Direction and place where a join meets a letter. */
  joinTurn: 3,
  joinOff: 0.02,
  /** Ink of a join's end outside the letter it meets. */
  joinSticksOut: 0.13,
  /** Mean deviation of a letter's diagonals from balance. */
  balance: 3,
  parallel: 1.5,
} as const;

export function inkOfLetter(letter: Pick<Letter, 'strokes'>, pen: WritingPen): readonly Polygon[] {
  const byPen = INKED.get(letter.strokes) ?? new WeakMap<WritingPen, readonly Polygon[]>();
  INKED.set(letter.strokes, byPen);
  const ink = byPen.get(pen) ?? letter.strokes.map(compileStroke).flatMap((stroke) => sweep(pen, stroke));
  byPen.set(pen, ink);
  return ink;
}

/** A letter is inked once with a pen: every pair of letters asks again. */
const INKED = new WeakMap<object, WeakMap<WritingPen, readonly Polygon[]>>();

export function extent(ink: readonly Polygon[], axis: 0 | 1): [number, number] {
  let [low, high] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const point of ink.flat()) {
    low = Math.min(low, point[axis]);
    high = Math.max(high, point[axis]);
  }
  return [low, high];
}

/** Top and foot of a letter's ink against the lines it should touch; undefined where it is free. */
export function checkHeights(
  letter: Letter,
  pen: WritingPen,
  [foot, top]: readonly [number | undefined, number | undefined],
  tolerance: number = TOLERANCE.height,
): string[] {
  const [low, high] = extent(inkOfLetter(letter, pen), 1);
  const off = (is: number, should: number | undefined) =>
    should !== undefined && Math.abs(is - should) > tolerance;
  return [
    ...(off(low, foot) ? [`foot at ${low.toFixed(3)}, not ${foot}`] : []),
    ...(off(high, top) ? [`top at ${high.toFixed(3)}, not ${top}`] : []),
  ];
}

const turnBetween = (one: Vec, two: Vec): Degrees =>
  Math.abs((Math.atan2(cross(one, two), one[0] * two[0] + one[1] * two[1]) * 180) / Math.PI);

/** Corners a plan declares: a direction to leave by, or a line that meets a line or a point without a direction. */
function isDeclared(plan: StrokePlan, i: number): boolean {
  const [knot, next] = [plan.knots[i], plan.knots[i + 1]];
  return (
    knot?.leave !== undefined ||
    (knot?.line === true && next?.line === true) ||
    (next?.line === true && knot?.line !== true)
  );
}

/** Step and turn by which a break is told from a tight curve where the path changes sides of its shade. */
const FINE = 0.02;
const SHARP: Degrees = 20;

/** Breaks of the mark's middle: a path may change sides of its shade without the shade bending. */
function breaksOfMark(plan: StrokePlan, pen: WritingPen): string[] {
  const poses = trace(compileStroke(plan), FINE);
  const middles = poses.map((pose) => markCentre(pen, pose));
  const corners = plan.knots.flatMap(({ x, y }, i) => (isDeclared(plan, i) ? [[x, y] as Vec] : []));
  return middles.slice(2).flatMap((point, i) => {
    const [a, b] = [middles[i] as Vec, middles[i + 1] as Vec];
    const at = (poses[i + 1] as PenPose).at;
    if (corners.some((corner) => distance(corner, at) < 2 * FINE)) return [];
    if (distance(a, b) < FINE / 10 || distance(b, point) < FINE / 10) return [];
    const turn = turnBetween(subtract(b, a), subtract(point, b));
    return turn > SHARP
      ? [`${plan.name} breaks by ${turn.toFixed(0)}° at ${b.map((v) => v.toFixed(2))}`]
      : [];
  });
}

/** Breaks of direction inside strokes, other than declared corners. */
export function checkTangents(strokes: readonly StrokePlan[], pen?: WritingPen): string[] {
  return strokes.flatMap((plan) => {
    const { path, anchors } = compileStroke(plan);
    if (new Set(anchors).size > 1 && pen?.kind === 'pointed') return breaksOfMark(plan, pen);
    return path.slice(1).flatMap((cubic, i) => {
      if (isDeclared(plan, i + 1)) return [];
      const before = path[i] as Cubic;
      const turn = turnBetween(derivativeAt(before, 0.9999), derivativeAt(cubic, 0.0001));
      return turn > TOLERANCE.tangent ? [`${plan.name} breaks by ${turn.toFixed(1)}° at knot ${i + 1}`] : [];
    });
  });
}

/** Bends weaker than this (turn in degrees over a letter unit) are straight. */
const BEND: Degrees = 4;

/** The pieces of a stroke where the pen keeps to angles of the hand: where it passes between them, its corner leads. */
function steady(plan: StrokePlan): StrokePlan[] {
  const runs: Knot[][] = [[]];
  for (const knot of plan.knots) {
    if (knot.passing) runs.push([]);
    else runs.at(-1)?.push(knot);
  }
  return runs.filter(({ length }) => length > 1).map((knots) => ({ ...plan, knots }));
}

/** Inflections that follow each other too closely: a curve that wavers instead of going one way and then the other. */
export function checkInflections(strokes: readonly StrokePlan[]): string[] {
  return strokes.flatMap(steady).flatMap((plan) => {
    const poses = trace(compileStroke(plan), FINE);
    const bends = poses.slice(1).flatMap((pose, i) => {
      const before = poses[i] as PenPose;
      const run = pose.travelled - before.travelled;
      const turn = ((pose.direction - before.direction + 540) % 360) - 180;
      // Where a stroke turns a corner it does not bend.
      if (run < FINE / 20 || Math.abs(turn) > SHARP || Math.abs(turn / run) < BEND) return [];
      return [{ at: pose.travelled, sign: Math.sign(turn) }];
    });
    const inflections = bends.slice(1).filter(({ sign }, i) => sign !== bends[i]?.sign);
    return inflections
      .slice(1)
      .filter(({ at }, i) => at - (inflections[i] as { at: number }).at < TOLERANCE.wave)
      .map(({ at }) => `${plan.name} wavers at ${at.toFixed(2)}`);
  });
}

/** Coordinates that are not finite, and strokes that leave no mark. */
export function checkFinite(strokes: readonly StrokePlan[]): string[] {
  return strokes.flatMap((plan) => {
    const { path, lengths } = compileStroke(plan);
    if (!path.flat(2).every(Number.isFinite)) return [`${plan.name} is not finite`];
    return (lengths.at(-1) as number) > 0.1 ? [] : [`${plan.name} has no length`];
  });
}

/** Turns of the pen, off the hand's angle, that the hand does not know. */
export const checkAngles = (strokes: readonly StrokePlan[], known: readonly Degrees[]): string[] =>
  strokes.flatMap(({ name, knots }) =>
    knots
      .filter(({ turn, passing }) => !passing && turn !== undefined && !known.includes(turn))
      .map(({ turn }) => `${name} turns the pen by ${turn}°`),
  );

/** Pressures outside what a pen has, for pressed pens. */
export const checkPressure = (strokes: readonly StrokePlan[]): string[] =>
  strokes.flatMap(({ name, knots }) =>
    knots
      .filter(({ press = 0, anchor = 0 }) => press < 0 || press > 1 || anchor < 0 || anchor > 1)
      .map(({ press }) => `${name} is pressed to ${press}`),
  );

/** A straight piece this long, as a share of the body, that stands nearly upright is a stem. */
const STEM_SHARE = 0.35;
const NEARLY: Degrees = 8;

/** Strokes that lean on purpose say so in their name. */
const LEANS = /diagonal|leg|thick|thin|arm/;

/** Stems that do not stand on the slope (upright skeleton: on the vertical). */
export function checkStems(strokes: readonly StrokePlan[], body: number): string[] {
  const { stem } = TOLERANCE;
  return strokes.flatMap((plan) => {
    if (LEANS.test(plan.name)) return [];
    const { path, anchors } = compileStroke(plan);
    return path
      .filter((cubic, i) => {
        if (anchors[i] !== anchors[i + 1]) return false;
        const chord = distance(cubic[0], cubic[3]);
        const middle = pointAt(cubic, 0.5);
        const sagitta = Math.abs(cross(subtract(cubic[3], cubic[0]), subtract(middle, cubic[0]))) / chord;
        return chord > STEM_SHARE * body && sagitta < 1e-6;
      })
      .map((cubic) => Math.abs(((directionOf(subtract(cubic[3], cubic[0])) + 360) % 180) - 90))
      .filter((off) => off < NEARLY && off > stem)
      .map((off) => `${plan.name} stands ${off.toFixed(1)}° off the slope`);
  });
}

/** Whether a point lies in a convex polygon, or outside it by no more than the slack. */
const inside = (polygon: Polygon, [x, y]: Vec, slack: number): boolean => {
  let sign = 0;
  // An index, not an iterator: every corner of every join of two letters is asked of every piece of ink.
  for (let i = 0; i < polygon.length; i++) {
    const [ax, ay] = polygon[i] as Vec;
    const [bx, by] = polygon[(i + 1) % polygon.length] as Vec;
    const [ex, ey] = [bx - ax, by - ay];
    const off = (ex * (y - ay) - ey * (x - ax)) / Math.max(1e-9, Math.hypot(ex, ey));
    if (Math.abs(off) <= slack) continue;
    if (sign === 0) sign = Math.sign(off);
    else if (Math.sign(off) !== sign) return false;
  }
  return true;
};

export const isInInk = (ink: readonly Polygon[], point: Vec, slack: number): boolean =>
  ink.some((polygon) => inside(polygon, point, slack));

/** How a join meets its letters, the second so far from the first: its ends in their ink, so that no corner of the edge shows. */
export function checkJoin(
  join: StrokePlan,
  pen: WritingPen,
  before: readonly Polygon[] | undefined,
  after: readonly Polygon[] | undefined,
  distanceApart = 0,
): string[] {
  const poses = trace(compileStroke(join), 0.2);
  const [first, last] = [poses[0], poses.at(-1)];
  // The trailing half of an edge lies in the join's own ink; its leading half is what could show.
  const sticksOut = (
    ink: readonly Polygon[] | undefined,
    pose: typeof first,
    where: 'start' | 'end',
    moved: number,
  ) => {
    if (!ink || !pose) return [];
    const ahead = heading(pose.direction + (where === 'end' ? 0 : 180));
    const leads = ([x, y]: Vec) => (x - pose.at[0]) * ahead[0] + (y - pose.at[1]) * ahead[1] >= 0;
    const corners = footprints(pen, pose).flat().filter(leads);
    const out = corners.filter(
      (corner) => !isInInk(ink, [corner[0] - moved, corner[1]], TOLERANCE.joinSticksOut),
    );
    return out.length > 0 ? [`the join’s ${where} sticks out of the letter`] : [];
  };
  return [...sticksOut(before, first, 'start', 0), ...sticksOut(after, last, 'end', distanceApart)];
}

/** Where a join starts and ends against the ports of its letters, and its directions there. */
export function checkJoinPorts(
  join: StrokePlan,
  before: Letter,
  after: Letter,
  distanceApart: number,
): string[] {
  const { path } = compileStroke(join);
  const [first, last] = [path[0] as Cubic, path.at(-1) as Cubic];
  const { exit, entry } = { exit: before.exit, entry: after.entry };
  const complaints: string[] = [];
  if (exit) {
    if (distance(first[0], [exit.x, exit.y]) > TOLERANCE.joinOff)
      complaints.push('does not start at the exit');
    const off = Math.abs(((directionOf(derivativeAt(first, 0.0001)) - exit.dir + 540) % 360) - 180);
    if (off > TOLERANCE.joinTurn) complaints.push(`starts ${off.toFixed(1)}° off the exit’s direction`);
  }
  if (entry && distance(last[3], [distanceApart + entry.x, entry.y]) < TOLERANCE.joinOff) {
    const off = Math.abs(((directionOf(derivativeAt(last, 0.9999)) - entry.dir + 540) % 360) - 180);
    if (off > TOLERANCE.joinTurn) complaints.push(`ends ${off.toFixed(1)}° off the entry’s direction`);
  }
  return complaints;
}
