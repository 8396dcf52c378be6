import { ellipse } from '../../hand/broad/round';
import { springFoot, springHead } from '../../hand/broad/stems';
import type { Measures } from '../../hand/letter';
import { type Drawn, line, type Run, stroke, to, turnsOff } from '../../hand/notation';
import { cosDeg, type Degrees, type NibWidths, tanDeg } from '../../measure/units';
import { TURNS } from './turns';

/** The body these widths were found at by drawing and looking; others widen them with it. */
const DRAWN_AT: NibWidths = 4;
/** Outer width of the o as a share of the body: a little wider than the square it fills. */
const ROUND = 1.04;
/** Angle by which a hairline is flatter than the edge, so that it keeps some weight. */
const OFF: Degrees = 12;

/** The strokes uncial letters share, bound to their measures: a wide round, its parts, springing heads and feet. */
export function uncialParts(m: Measures) {
  const { X, T, B, A, D, angle, half } = m;
  const turn = turnsOff(TURNS, m);
  const k = X / DRAWN_AT;
  const held = (by: Degrees) => ({ turn: by });
  /** Width of the pen's path round the o. */
  const w = ROUND * X - cosDeg(angle);
  const mid = X / 2;
  const round = (from: Degrees, until: Degrees, x: NibWidths = 0): Run => ellipse(x + w / 2, mid, w / 2, T - mid, from, until);

  const head = (x: NibWidths, top = T): Run => springHead({ reach: 0.74, drop: 0.44 * tanDeg(angle - OFF), lead: 0.3, settle: 0.5, rise: angle - OFF, over: 0.2 * angle }, x, top);
  const foot = (x: NibWidths, base = B): Run => springFoot({ settle: 0.6, lead: 0.34, reach: 0.76, rise: 0.42 * tanDeg((angle - OFF + 4) / 2), away: angle - OFF }, x, base);
  /** Up inside the stem and out of it. */
  const branch = (x: NibWidths): Run => [to(x, 0.54 * X, 88), to(x + 0.3, 0.78 * X, 58)];
  /** The left of the round from its top to the foot and out on the hairline. */
  const back = (x: NibWidths = 0): Run => [round(82, 278, x), to(x + w - 0.09 * k, B + 0.52, 30)];
  /** From the top of the round a little way to the right. */
  const lid: Run = [round(108, 100), to(1.82 * k, T - 0.01, -6), to(3.1 * k, T - 0.22, -18)];
  /** Up out of the hairline and over, into a diagonal that falls at an angle. */
  const slant = (reach: NibWidths, dir: Degrees): Run => [to(-reach - 0.46, T - 0.46 * tanDeg(angle - OFF), angle - OFF), to(-reach, T, 2), to(0.4 - reach, T - 0.45, dir)];
  /** A leg out along the line, ending on the hairline. */
  const leg = (x: NibWidths): Run => [to(x, B + 0.02, -14), to(x + 0.52, B + 0.13, 20)];
  /** A head or foot hanging from, or standing on, a line: out of a hairline, the pen flat. */
  const flat = (x1: NibWidths, x2: NibWidths): Run => {
    const y = X - half(turn.head);
    return [to(x1 - 0.6, y - 0.18, 24, held(turn.head)), to(x1, y, 0), line(x2, y)];
  };
  const bar = (x1: NibWidths, x2: NibWidths, y: NibWidths, remark?: string): Drawn => stroke('bar', [to(x1, y, 0, held(turn.bar)), line(x2, y)], remark);
  /** The low bowl of a, on a back that reaches the line at a. */
  const bowl = (a: NibWidths): Drawn =>
    stroke(
      'bowl',
      [to(0.65 * a, 0.57 * X, 207), to(0.043 * a, 0.265 * X, -90), to(0.287 * a, B, 2), to(0.877 * a, 0.31 * X, 40)],
      'Small, and low: out of the back and into it again.',
    );
  const stem = (run: Run, remark?: string): Drawn => stroke('stem', run, remark);
  /** A stem under a flat head: it begins as flat as that, and is back at the hand's angle a little lower. */
  const hung = (x: NibWidths): Run => [to(x, X - half(turn.head), -90, held(turn.head)), line(x, X - half(turn.head) - 0.8, held(0))];

  return { ...{ A, B, D, T, X, back, bar, bowl, branch, flat, foot, half, head, held, hung, k, leg, lid, m, mid, round, slant, stem, turn, w } };
}

export type UncialParts = ReturnType<typeof uncialParts>;
