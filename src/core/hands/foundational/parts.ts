import { arc, hookIn, hookOut, round } from '../../hand/broad/round';
import type { Measures } from '../../hand/letter';
import { type Drawn, line, type Run, stroke, to, turnsOff } from '../../hand/notation';
import { cosDeg, type Degrees, type NibWidths, sinDeg } from '../../measure/units';
import { TURNS } from './turns';

/** The body these widths were found at by drawing and looking; others widen them with it. */
const DRAWN_AT: NibWidths = 4.5;
/** Overshoot of round letters. */
const OVERSHOOT: NibWidths = 0.04;

/**
 * The strokes foundational letters share, bound to their measures: the circle, its parts, and small hooks at heads and
 * feet. Widths follow the body, so that the o stays a circle.
 */
export function foundationalParts(m: Measures) {
  const { X, T, B, A, D, angle, half } = m;
  const turn = turnsOff(TURNS, m);
  const k = X / DRAWN_AT;
  const w = 3.02 * k;
  const R = X / 2 + OVERSHOOT;
  const [ux, uy] = [cosDeg(angle) / 2, sinDeg(angle) / 2];
  const cx = R - ux;
  const o = round(m, cx, X / 2, R);
  /** The right of a round that stands against a stem, a little nearer to it than in o: from its top, clockwise to an angle. */
  const near = 1.06 * k;
  const rightOf = (until: Degrees): Run => arc(near, X / 2 - uy, R, 90, until);
  /** Where a stem closes the round. */
  const s = near + R;
  const end = o.right.at(-1) ?? to(0, 0);
  /** Where the strokes of a round meet at its foot, of one against a stem. */
  const meet = { x: end.x + near - (cx - ux), y: end.y };
  const level = (by: Degrees) => ({ turn: by });

  const head = (x: NibWidths, top = T): Run => hookIn(m, x, top);
  const foot = (x: NibWidths, base = B): Run => hookOut(m, x, base);
  /** Out of the stem under its head, over, and down: a quarter of the circle and more. */
  const arch = (x: NibWidths, width: NibWidths): Run => [to(x, T - 0.66, 48), to(x + 1.08 * k, T, 0), to(x + width, X / 2 + 0.02, -90)];
  /** Out of the stem under its head, to the top of a round. */
  const branch: Run = to(0, T - 0.66, 48);
  /** From the stem over the top to the left and round: the bowl of d and q. */
  const bowl: Run = [to(s, T, 180), to(0.57 * s, T, 181), arc(cx + ux, X / 2 + uy, R, 150, 270), to(s, B + 0.66, 48)];
  /** A hooked start into a thick diagonal whose pen steepens. */
  const slant = (x: NibWidths, dir: Degrees): Run => [to(-0.44, T - 0.08, 12), to(-0.04, T - 0.02, -16, level(turn.leading)), to(x, T - 0.9, dir, level(turn.thick))];
  const high = X - half(turn.thick);
  const low = half(turn.thick);
  const thin = (x: NibWidths, foot: NibWidths): Run => [to(x, high, undefined, level(turn.thick)), line(foot, low)];
  /** A bar hanging from the waistline. */
  const bar = (from: NibWidths, until: NibWidths): Drawn =>
    stroke('bar', [to(from, X - half(turn.bar), 0, level(turn.bar)), line(until, X - half(turn.bar))], 'Flatten the pen a little: the bar hangs from the waistline.');
  const stem = (run: Run, remark?: string): Drawn => stroke('stem', run, remark);
  const dot = stroke('dot', [to(-0.17, X + 1.8), line(0.17, X + 1.2)], 'The full edge, pulled a short way.');

  return {
    ...{ A, B, D, R, T, X, arch, bar, bowl, branch, dot, foot, half, head, high, k, level, low, m, meet, near, o, rightOf, s, slant, stem, thin, turn, w },
  };
}

export type FoundationalParts = ReturnType<typeof foundationalParts>;
