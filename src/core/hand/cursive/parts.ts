import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures, Port } from '../letter';
import { type Drawn, line, type Run, stroke, to } from '../notation';
import { habit } from '../pressed/habit';
import { alongOval, onOval, ovalAt } from '../pressed/ovals';

/** Reach and height of turns. */
const REACH: NibWidths = 1.2;
const TURN: NibWidths = 2.0;
/** Where in a full shade the path of an under-turn runs; of an over-turn, the same from the right. */
const EDGE = 0.28;
/** Half width of the oval, and of its narrower kin. */
export const OVAL = { usual: 1.5, c: 1.4, e: 1.32 } as const;
/** Width of a loop from path to path, and what its curve needs beyond it. */
const LOOP: NibWidths = 1.95;
const LOOP_MORE: NibWidths = 0.35;
/** Distance, as a fraction of ½ W, by which the path of a rounded end stays inside its line: the radius of the tip. */
const DISC = 0.9;
/** Distance of stems: a constant plus a fraction of the weight, so that the counter of n stays near two units. */
const STEMS = { bare: 2.25, weight: 0.8 } as const;

const knot = (x: NibWidths, y: NibWidths, dir?: Degrees, weight?: number, more: Partial<Knot> = {}): Knot =>
  to(x, y, dir, { ...(weight !== undefined && { press: weight }), ...more });

/**
 * What letters of a round cursive hand are drawn from: one way down the middle of every stroke, pressed by habit (thin
 * up, thick down), each letter ending in a tail where the next begins. Fifths of the body, upright; found by drawing
 * large and looking. With one line for shade and hairline the same letters are a monoline.
 */
export function cursiveParts(measures: Measures, swell: number) {
  const second = measures.second ?? 0;
  const m = { ...measures, d: STEMS.bare + STEMS.weight * (measures.spread + second) };
  const { X, T, B, A, D, d, spread, half } = m;
  const F = m.F ?? B;
  const R = spread / 2;
  const free = spread - 2 * half();
  const [left, right] = [{ anchor: EDGE }, { anchor: 1 - EDGE }] as const;
  /** The paths of the outside of a turn at the foot and at the head of a full shade at x. */
  const le = (x: NibWidths) => x - (0.5 - EDGE) * free;
  const re = (x: NibWidths) => x + (0.5 - EDGE) * free;
  /** Rounded head of a shade under the waistline, and its foot over the baseline. */
  const head = X - R * DISC;
  const footed = R * DISC;
  const asc = A - X;

  const drawn = (name: string, run: Run, remark?: string): Drawn => {
    const plan = stroke(name, run, remark);
    return { ...plan, knots: habit(plan.knots, swell) };
  };
  const port = (kind: string, x: NibWidths, y: NibWidths, dir: Degrees, side?: NibWidths): Port => ({
    kind,
    x,
    y,
    dir,
    ...(side !== undefined && { side }),
  });
  /** Strokes with what the next letter and the last one must know: ports, and the first and last shade. */
  const placed = (entry: Port, exit: Port, [first, last]: readonly [NibWidths, NibWidths], ...strokes: readonly Drawn[]): Drawn[] =>
    strokes.map((one, i) =>
      i > 0
        ? one
        : {
            ...one,
            parts: [{ knots: [], meets: entry, leaves: exit, shade: first }, { knots: [], shade: last }, ...one.parts],
          },
    );

  const underFrom = (x: NibWidths, foot = B): Run => [line(le(x), foot + TURN, { press: 1, ...left, dir: -90 }), knot(x + REACH, foot, 0, 1, left)];
  const under = (x: NibWidths, top: NibWidths, foot = B): Run => [knot(le(x), top, -90, 1, left), underFrom(x, foot)];
  const overTurn = (x: NibWidths): Run => [knot(x - REACH, T, 0, 1, right), knot(re(x), T - TURN, -90, 1, right)];
  const over = (x: NibWidths): Run => [overTurn(x), line(re(x), footed, { press: 1, ...right })];
  const compound = (x: NibWidths, foot = B): Run => [overTurn(x), underFrom(x, foot)];
  /** Out of the foot of a stem at x: the beginning of an arch. */
  const rise = (x: NibWidths): Knot => knot(x + 0.3 * spread + second, B + 0.75, 86, 1, right);
  const arch = (x: NibWidths, next: NibWidths, foot = B): Run => [rise(x), compound(next, foot)];
  /** Hairline up to the side of the next stem. */
  const up = (x: NibWidths): Knot => knot(x, T - 1.3, 84);
  const plainStem = (x: NibWidths, top: NibWidths, foot = footed): Run => [knot(x, top, -90), line(x, foot)];

  const loop = (x: NibWidths, w = LOOP): Run => [
    knot(x - 0.1, X - 0.3, 58, 1, left),
    knot(le(x) + w + LOOP_MORE, A - 0.34 * asc, 92, 1, left),
    knot(le(x) + 0.62 * (w + LOOP_MORE), A, 180, 1, left),
    knot(le(x) - 0.06, A - 0.48 * asc, -91, 0.8, left),
    knot(le(x), X + 0.22 * asc, -90, 1, left),
  ];
  /** From a loop or a stem down to a rounded foot, its path the left edge. */
  const toFoot = (x: NibWidths): Run => line(le(x), footed, { press: 1, ...left });
  const descend = (x: NibWidths, w = LOOP): Run => [
    line(re(x), 0.24 * D, { press: 1, ...right, dir: -90 }),
    knot(re(x) + 0.06, 0.52 * D, -91, 0.8, right),
    knot(re(x) - 0.62 * (w + LOOP_MORE), D, 180, 1, right),
    knot(re(x) - w - LOOP_MORE, 0.66 * D, 92, 1, right),
    knot(x + 0.15, -0.05, 54, 1, right),
  ];
  /** A stem into a descending loop. */
  const descending = (x: NibWidths, w = LOOP): Run => [knot(re(x), head, -90, 1, right), descend(x, w)];
  const descendRight = (x: NibWidths): Run => [
    line(le(x), 0.24 * D, { press: 1, ...left, dir: -90 }),
    knot(le(x) - 0.06, 0.52 * D, -89, 0.8, left),
    knot(le(x) + 0.62 * (LOOP + 0.3), D, 0, 1, left),
    knot(le(x) + LOOP + 0.3, 0.64 * D, 91, 1, left),
    knot(x + 0.3, 0.15, 152, 1, left),
  ];
  /** A descender open to the left. */
  const openTail = (x: NibWidths): Run => [plainStem(x, head, D + 2.6), knot(x - 1.5, D, 180), knot(x - 2.7, D + 1.0, 112)];

  /** An oval whose left extreme lies at 0. */
  const ring = (q: NibWidths = OVAL.usual) => {
    const oval = ovalAt(m, 0, X / 2, X / 2 - half(), q);
    return { ...oval, cx: oval.reach };
  };
  const way = ({ x, y, dir }: Knot): Knot => to(x, y, dir);
  const oval = (from: Degrees, until: Degrees, q?: NibWidths): Run =>
    alongOval(ring(q), from, until)
      .filter((_, i, all) => i % 2 === 0 || i === all.length - 1)
      .map(way);
  const at = (psi: Degrees, q?: NibWidths, clockwise = false): Knot => way(onOval(ring(q), psi, 'none', clockwise));
  const ovalStroke = drawn('oval', oval(-20, 350), 'Over the top, press down the left, and close on the thin.');
  /** Where the stem that closes an oval stands. */
  const s = 2 * ring().reach + R - 0.16 + 0.35 * second;
  /** Upstroke at x that ends in a small loop under the waistline, from which the next letter is reached. */
  const curl = (x: NibWidths): Run => [knot(x, 2.6, 86), knot(x - 0.55, T - 0.5, 172), knot(x - 0.98, T - 1.05, -80, 0.25), knot(x - 0.45, T - 1.45, 2, 0)];
  const dot = (x: NibWidths, y: NibWidths): Drawn => stroke('dot', [to(x + 0.08, y - 0.12, 120, { press: 0.82, anchor: 0.5 }), line(x - 0.05, y + 0.1, { press: 0.75 })]);

  const none = port('none', 0, 0, 0);
  const lowAt = (x: NibWidths, foot = B) => port('low', x + REACH, foot, 0, x + R);
  const loopOut = (x: NibWidths) => port('loop', x + 0.15, -0.05, 54, x + 0.5);
  /** Out of the side of a stem that goes down without a loop. */
  const sideOut = (x: NibWidths) => port('low', x + 0.2, 1.0, 60, x + 0.5);
  const curlOut = (x: NibWidths) => port('high', x - 0.45, T - 1.45, 2, x + 0.1);
  const minim = port('minim', -0.1, T - 1.15, 66);
  const turnIn = port('turn', -REACH, T, 0);
  const loopIn = port('loop', -0.1, X - 0.3, 58);
  const ovalIn = (q?: NibWidths) => {
    const { x, y } = at(52, q);
    return port('oval', x + 0.1, y - 0.1, 62);
  };

  return {
    ...{
      A,
      B,
      C: m.C,
      D,
      F,
      R,
      T,
      X,
      d,
      m,
      arch,
      at,
      compound,
      curl,
      curlOut,
      descend,
      descendRight,
      descending,
      dot,
      drawn,
      footed,
      head,
      knot,
      le,
      left,
    },
    ...{
      loop,
      loopIn,
      loopOut,
      lowAt,
      minim,
      none,
      openTail,
      oval,
      ovalIn,
      ovalStroke,
      over,
      overTurn,
      placed,
      plainStem,
      port,
      re,
      right,
      ring,
      rise,
      s,
      spread,
    },
    ...{ sideOut, toFoot, turnIn, under, underFrom, up },
  };
}

export type CursiveParts = ReturnType<typeof cursiveParts>;
