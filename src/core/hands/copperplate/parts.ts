import { derivativeAt, pointAt } from '../../geometry/cubic';
import { curve } from '../../geometry/hobby';
import { ovalPoint, type SlantedOval, slantedOval } from '../../geometry/oval';
import { directionOf } from '../../geometry/vec';
import { type Degrees, type NibWidths, sinDeg } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import { line, type Measures, type Port, to } from '../letter';

/**
 * The strokes copperplate is made of, in fifths of the body, upright; x is the middle of a shade. A shade's path runs
 * along that edge of it which is the outside of the coming turn, so that turns stay smooth while the pressure leaves.
 */

/** What the pen's spread adds to its hairline under full pressure. */
export const spread = (m: Measures): NibWidths => m.shade - 2 * m.half();

/** A shade pressed along its left edge, its right edge, and (ovals) a quarter from the left. */
const LEFT = 0;
const RIGHT = 1;
const OVAL_ANCHOR = 0.25;

/** Heights at which full pressure gives way to the turn at the foot, and is reached after the turn at the head. */
const LEAVE = 1.95;
const REACH = 3.05;

/** How far the turns reach from the middle of their shade. */
export const UNDER_REACH = 0.76;
export const OVER_REACH = 0.78;

const hair = { press: 0 } as const;

/** Squared start of a shade at x. */
export const squareTop = (m: Measures, x: number, top = m.T): Knot =>
  to(x - spread(m) / 2, top, -90, { press: 1, anchor: LEFT });

/** Places on a turn at which the pressure is set. */
const ON_TURN = [0.15, 0.3, 0.45, 0.6, 0.75];
/** The inner edge of a turn keeps to the shade's own edge, then rounds off: sharpness of that rounding. */
const ROUNDING = 1.3;

/**
 * Knots between a shade and the end of its turn. The path is the outer edge; as it turns away the inner edge stays
 * where it was, so that the shade thins because the turn closes on it and never bends the other way.
 */
function easing(m: Measures, shadeEnd: Knot, turnEnd: Knot): Knot[] {
  const free = spread(m);
  const forward = shadeEnd.dir === -90;
  const path = curve([shadeEnd.x, shadeEnd.y], forward ? -90 : 90, [turnEnd.x, turnEnd.y], forward ? 0 : 180);
  return ON_TURN.map((t) => {
    const [x, y] = pointAt(path, t);
    const moved = Math.abs(x - shadeEnd.x) / free;
    const heading = directionOf(derivativeAt(path, t)) + (forward ? 0 : 180);
    return to(x, y, heading, { press: Math.max(0, 1 - moved) ** ROUNDING, anchor: forward ? LEFT : RIGHT });
  });
}

/** Turn at the foot: on from a shade at x whose path is its left edge, out along the baseline on the hairline. */
export const underTurn = (m: Measures, x: number): Knot[] => {
  const shadeEnd = line(x - spread(m) / 2, LEAVE, { press: 1, anchor: LEFT, dir: -90 });
  const turnEnd = to(x + UNDER_REACH, m.B, 0, hair);
  return [shadeEnd, ...easing(m, shadeEnd, turnEnd), turnEnd];
};

/** Square top, shade, turn: the stroke of i. */
export const under = (m: Measures, x: number, top = m.T): Knot[] => [
  squareTop(m, x, top),
  ...underTurn(m, x),
];

/** Turn at the head, from the hairline into a shade at x. */
const overTurn = (m: Measures, x: number): Knot[] => {
  const turnStart = to(x - OVER_REACH, m.T, 0, { press: 0, anchor: RIGHT });
  const shadeStart = to(x + spread(m) / 2, REACH, 90, { press: 1, anchor: RIGHT });
  return [turnStart, ...easing(m, shadeStart, turnStart).reverse(), { ...shadeStart, dir: -90 }];
};

/** Turn, shade, squared foot. */
export const over = (m: Measures, x: number, foot = m.B): Knot[] => [
  ...overTurn(m, x),
  line(x + spread(m) / 2, foot, { press: 1, anchor: RIGHT }),
];

/** Turn at the head and at the foot: the stroke that ends n. */
export const compound = (m: Measures, x: number): Knot[] => [...overTurn(m, x), ...underTurn(m, x)];

/** Hairline out of the foot of a shade at x, up along it and away: the start of the next arch. */
export const rise = (m: Measures, x: number): Knot[] => [
  to(x + spread(m) / 2 - 0.12, m.B + 0.35, 84, { press: 0, anchor: RIGHT }),
];

/** Half the height of a loop's end as a share of its zone, and half its width; wide enough to stay open when small. */
const LOOP_HALF = 0.33;
const LOOP_WIDTH = 0.9;
/** Height over the waistline (share of the zone) where a loop's shade has its full pressure. */
const LOOP_FULL = 0.22;
/** Pressure where the turned end runs into the stem. */
const LOOP_EASE = 0.34;

/** Where a join reaches a loop. */
export const loopEntry = (m: Measures, x = 0): Port => ({
  kind: 'loop',
  x: x - 0.04,
  y: m.X + 0.15,
  dir: 62,
});

/** Ascending loop: up across the stem's place, over to the left, and down into a shade at x. */
export const loop = (m: Measures, x: number): Knot[] => {
  const start = loopEntry(m, x);
  const H = LOOP_HALF * (m.A - m.X);
  const left = x - spread(m) / 2;
  const end = ovalAt(m, 0, m.A - H, H, LOOP_WIDTH);
  const ring = { ...end, cx: left + end.reach };
  return [
    to(start.x, start.y, start.dir, { press: 0, anchor: LEFT }),
    { ...onOval(ring, -90 - ring.phase, 'none'), anchor: LEFT },
    { ...onOval(ring, -45, 'none'), anchor: LEFT },
    { ...onOval(ring, 0, 'none'), anchor: LEFT },
    { ...onOval(ring, 45, 'none'), anchor: LEFT },
    { ...onOval(ring, 90 - ring.phase, 'none'), press: LOOP_EASE, anchor: LEFT, dir: -90 },
    line(left, m.X + LOOP_FULL * (m.A - m.X), { press: 1, anchor: LEFT, dir: -90 }),
  ];
};

/** Descending loop: from a shade at x whose path is its right edge, round to the left and up to the baseline. */
export const descend = (m: Measures, x: number): Knot[] => {
  const right = x + spread(m) / 2;
  const H = -LOOP_HALF * m.D;
  const end = ovalAt(m, 0, m.D + H, H, LOOP_WIDTH);
  const ring = { ...end, cx: right - end.reach };
  const at = (psi: Degrees) => ({ ...onOval(ring, psi, 'none', true), anchor: RIGHT });
  return [
    line(right, LOOP_FULL * m.D, { press: 1, anchor: RIGHT, dir: -90 }),
    line(right, at(270 - ring.phase).y, { press: LOOP_EASE, anchor: RIGHT, dir: -90 }),
    at(225),
    at(180),
    at(135),
    at(90 - ring.phase),
    to(x + 0.04, -0.15, 62, hair),
  ];
};

/** Where a join leaves a descending loop. */
export const loopExit = (x: number): Port => ({ kind: 'loop', x: x + 0.04, y: -0.15, dir: 62 });

/** Loop of f and q: from a shade whose path is its left edge, round to the right and up to close on the baseline. */
export const descendRight = (m: Measures, x: number): Knot[] => {
  const left = x - spread(m) / 2;
  const H = -LOOP_HALF * m.D;
  const end = ovalAt(m, 0, m.D + H, H, LOOP_WIDTH);
  const ring = { ...end, cx: left + end.reach };
  const at = (psi: Degrees) => ({ ...onOval(ring, psi, 'none'), anchor: LEFT });
  return [
    line(left, LOOP_FULL * m.D, { press: 1, anchor: LEFT, dir: -90 }),
    line(left, at(90 - ring.phase).y, { press: LOOP_EASE, anchor: LEFT, dir: -90 }),
    at(135),
    at(180),
    at(225),
    at(270 - ring.phase),
    to(x + 0.3, 0.14, 128, hair),
  ];
};

/** A shade whose path is its right edge, from a squared top at x. */
export const squareTopRight = (m: Measures, x: number, top = m.T): Knot =>
  to(x + spread(m) / 2, top, -90, { press: 1, anchor: RIGHT });

export type Oval = SlantedOval;

/** An ellipse on the hand's slant, H high and q wide either side at its middle. */
export const ovalAt = (m: Measures, cx: number, cy: number, H: number, q: number): Oval =>
  slantedOval(m.slope, cx, cy, H, q);

/** Sharpness of an oval's swelling: its width follows sin^1.5 of the parameter, a function of height alone. */
const SWELL = 1.5;
/** Knots of an ellipse lie this far apart in its parameter. */
const ARC: Degrees = 15;

export type Shading = 'left' | 'right' | 'none';

/** A knot on an oval: ψ = 0 is its top, 90 its left side, 180 its foot. */
export function onOval(oval: Oval, psi: Degrees, shading: Shading = 'left', clockwise = false): Knot {
  const { x, y, dir } = ovalPoint(oval, psi, clockwise);
  const side = shading === 'right' ? -sinDeg(psi) : sinDeg(psi);
  const press = shading === 'none' || side <= 0 ? 0 : side ** SWELL;
  return to(x, y, dir, { press, anchor: shading === 'right' ? 1 - OVAL_ANCHOR : OVAL_ANCHOR });
}

/** Knots along an oval from ψ = `from` to ψ = `until` (anticlockwise when growing). */
export function alongOval(oval: Oval, from: Degrees, until: Degrees, shading: Shading = 'left'): Knot[] {
  const count = Math.max(1, Math.round(Math.abs(until - from) / ARC));
  return Array.from({ length: count + 1 }, (_, i) =>
    onOval(oval, from + ((until - from) * i) / count, shading, until < from),
  );
}

/** Half width of the oval of a, d, g, o, q. */
const OVAL_WIDTH = 1.42;

/** The oval of the small letters, its shade's middle at x = 0. */
export const bodyOval = (m: Measures, q = OVAL_WIDTH): Oval =>
  ovalAt(m, q - OVAL_ANCHOR * spread(m), m.X / 2, m.X / 2 - m.half(), q);

/** Half the height and half the level chord of a dot's path; the pressure fills it. */
const DOT = { H: 0.23, q: 0.13, press: 0.42 };

/** A small round dot: the point set down and turned. */
export const dotKnots = (m: Measures, x: number, y: number, size = 1): Knot[] => {
  const ring = ovalAt(m, x, y, DOT.H * size, DOT.q * size);
  const round = [0, 90, 180, 270, 360].map((psi) => ({
    ...onOval(ring, psi, 'none'),
    press: DOT.press * size,
    anchor: 0.5,
  }));
  return [...round, line(x, y)];
};
