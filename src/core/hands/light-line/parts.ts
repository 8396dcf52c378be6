import type { Measures, Port } from '../../hand/letter';
import { type Drawn, line, type Run, stroke, to } from '../../hand/notation';
import { alongOval, onOval, ovalAt } from '../../hand/pressed/ovals';
import { LEFT, spreadOf } from '../../hand/pressed/turns';
import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';

/** Reach and height of turns: narrow and tall, as the arm makes them. */
const REACH: NibWidths = 0.72;
const TURN: NibWidths = 1.35;
/** Half width of the oval, and of its kin. */
export const OVAL = { usual: 1.42, c: 1.25, e: 0.98 } as const;
const LOOP: NibWidths = 1.75;
/** Distance of stems as a share of the body. */
const STEMS = 0.62;
/** Direction in which arches and returns leave a foot. */
const BRANCH: Degrees = 52;
const RETURN: Degrees = 60;
/** Height of the dot of i, and top of t and d, in bodies. */
const DOT = 1.5;
const HALF_WAY = 2;

/**
 * What light-line letters are drawn from: the movement of the whole arm, so turns are narrow, joins long, and only t, d
 * and p carry a shade. Fifths of the body, upright; x is the way of the pen. Found by drawing large and looking.
 */
export function lightLineParts(measures: Measures) {
  const m = { ...measures, d: STEMS * measures.X };
  const { X, T, B, A, D, d, half } = m;
  const spread = spreadOf(m);

  const knot = (x: NibWidths, y: NibWidths, dir?: Degrees, press = 0, more: Partial<Knot> = {}): Knot => to(x, y, dir, { press, anchor: 0.5, ...more });
  const straight = (x: NibWidths, y: NibWidths, press = 0, more: Partial<Knot> = {}): Knot => line(x, y, { press, anchor: 0.5, ...more });
  const port = (kind: string, x: NibWidths, y: NibWidths, dir: Degrees, side?: NibWidths): Port => ({ kind, x, y, dir, ...(side !== undefined && { side }) });
  /** Strokes with their ports, and the first and last downstroke. */
  const placed = (entry: Port, exit: Port, [first, last]: readonly [NibWidths, NibWidths], ...strokes: readonly Drawn[]): Drawn[] =>
    strokes.map((one, i) => (i > 0 ? one : { ...one, parts: [{ knots: [], meets: entry, leaves: exit, shade: first }, { knots: [], shade: last }, ...one.parts] }));

  const underFrom = (x: NibWidths): Run => [straight(x, TURN, 0, { dir: -90 }), knot(x + REACH, B, 0)];
  const under = (x: NibWidths, top = T): Run => [knot(x, top, -90), underFrom(x)];
  const overTurn = (x: NibWidths): Run => [knot(x - REACH, T, 0), knot(x, T - TURN, -90)];
  const over = (x: NibWidths): Run => [overTurn(x), straight(x, B)];
  const compound = (x: NibWidths): Run => [overTurn(x), underFrom(x)];
  /** Out of the foot of a stem, on the hairline. */
  const branch = (x: NibWidths): Knot => knot(x, B, BRANCH);
  const arch = (x: NibWidths): Run => [branch(x), compound(x + d)];
  const back = (x: NibWidths): Knot => knot(x, T, RETURN);
  /** The stem of t and d: squared, full at its top, thinning into the turn. */
  const shaded = (x: NibWidths): Run => {
    const edge = x - 0.35 * spread;
    const on = { anchor: LEFT, dir: -90 };
    return [
      knot(edge, HALF_WAY * X, -90, 1, { anchor: LEFT }),
      straight(edge, 0.84 * X, 0.92, on),
      straight(edge, 0.42 * X, 0.5, on),
      straight(edge, TURN - 0.35, 0.06, on),
      knot(x + REACH, B, 0, 0, { anchor: LEFT }),
    ];
  };
  const loop = (x: NibWidths): Run => [knot(x + 0.15, 0.8 * X, 64), knot(x + LOOP, A - 2.6, 86), knot(x + 0.62 * LOOP, A, 180), knot(x, A - 3.2, -90)];
  const descend = (x: NibWidths): Run => [straight(x, D + 3.2), knot(x - 0.6 * LOOP, D, 180), knot(x - LOOP, D + 2.6, 86), knot(x + 0.25, 0.1, 58)];
  const descending = (x: NibWidths): Run => [knot(x, T, -90), descend(x)];
  const descendRight = (x: NibWidths, depth = D): Run => [
    straight(x, depth + 3.0),
    knot(x + 0.55 * LOOP, depth, 0),
    knot(x + 0.95 * LOOP, depth + 2.8, 94),
    knot(x + 0.15, 0.3, 128),
  ];

  const ring = (q: NibWidths = OVAL.usual) => {
    const oval = ovalAt(m, 0, X / 2, X / 2 - half(), q);
    return { ...oval, cx: oval.reach };
  };
  const oval = (from: Degrees, until: Degrees, q?: NibWidths): Run => alongOval(ring(q), from, until).map(({ x, y, dir }) => knot(x, y, dir));
  const at = (psi: Degrees, q?: NibWidths, clockwise = false): Knot => onOval(ring(q), psi, 'none', clockwise);
  const ovalStroke = stroke('oval', oval(-18, 342), 'Round in one swing of the arm.');
  /** Where the stem that closes an oval stands. */
  const s = 2 * ring().reach - 0.04;
  /** Upstroke to the top and a small tick out to the right: the end of b, v, w. */
  const tick = (x: NibWidths): Run => [knot(x, T - 0.3, 76), knot(x + 0.06, T - 0.45, -80)];
  const dot = (x: NibWidths): Drawn => stroke('dot', [knot(x, DOT * X, undefined, 0.38), straight(x + 0.1, DOT * X - 0.2, 0.4)]);

  const lowAt = (x: NibWidths) => port('low', x + REACH, B, 0, x);
  const tickOut = (x: NibWidths) => port('high', x + 0.06, T - 0.45, -64, x);
  const loopOut = (x: NibWidths) => port('loop', x + 0.25, 0.1, 58, x);
  const minim = port('minim', 0, T, 58);
  const turnIn = port('turn', -REACH, T, 0);
  const loopIn = port('loop', 0.15, 0.8 * X, 64);
  const ovalIn = (q?: NibWidths) => {
    const { x, y } = at(-2, q);
    return port('oval', x, y, 0);
  };

  return {
    ...{ A, B, C: m.C, D, T, X, d, m, arch, at, back, branch, compound, descend, descendRight, descending, dot, half, knot, loop, loopIn, loopOut, lowAt, minim },
    ...{ oval, ovalIn, ovalStroke, over, overTurn, placed, port, ring, s, shaded, spread, straight, tick, tickOut, turnIn, under, underFrom },
  };
}

export type LightLineParts = ReturnType<typeof lightLineParts>;
