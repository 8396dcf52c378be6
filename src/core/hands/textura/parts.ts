import type { Measures } from '../../hand/letter';
import { type Drawn, line, type Run, shadeAt, stroke, to, turnsOff } from '../../hand/notation';
import { clamp, cosDeg, type Degrees, type NibWidths, sinDeg, tanDeg } from '../../measure/units';
import { TURNS } from './turns';

/** Half the length of a diamond, how far its sides bow, and how far ink of a flag and kick runs across the pen. */
const DIAMOND: NibWidths = 0.4;
const BOW: Degrees = 6;
/** Pen angles at which strokes can break across the edge; flatter and steeper pens break as at these. */
const BREAKS: readonly [Degrees, Degrees] = [25, 65];
const BREAK: NibWidths = 0.62;
/** Hairlines along the edge: into a sprung head, out of a kick, out of a flag. */
const SPRUNG: NibWidths = 0.5;
const TAIL: NibWidths = 0.46;
const TICK: NibWidths = 0.3;
/** Of a thorn at the side of a capital's stem. */
const THORN: NibWidths = 0.17;

/**
 * The broken strokes textura is put together from, bound to their measures. Everything hangs on the pen angle: stems lie
 * counter = stem apart, breaks run across the edge, hairlines along it, so that corners of one nib lie on corners of
 * another at any angle.
 */
export function texturaParts(m: Measures) {
  const { X, T, B, A, D, C, d, half } = m;
  const angle = clamp(m.angle, ...BREAKS);
  const turn = turnsOff(TURNS, m);
  const run = cosDeg(angle) / 2;
  const [cos, sin] = [cosDeg(angle), sinDeg(angle)];
  /** The direction of the full pen, down to the right. */
  const across = angle - 90;
  /** How far to the side, and how far down, a break goes from one stem to the next. */
  const side = d - 2 * run;
  const drop = side / tanDeg(angle);
  const held = (by: Degrees) => ({ turn: by });

  /** A diamond that stands on a stem's middle at (x, y). */
  const diamond = (x: NibWidths, y: NibWidths, h = DIAMOND, bow = BOW): Run => {
    const sagitta = h * tanDeg(bow / 2);
    const [px, py] = [x - sagitta * cos, y - sagitta * sin];
    return [to(px - h * sin, py + h * cos, across + bow), to(px + h * sin, py - h * cos, across - bow)];
  };
  const rise = half() + DIAMOND * cos;
  const head = (x: NibWidths, top = T): Drawn => stroke('head', diamond(x, top - DIAMOND * cos), 'A diamond: the full edge, pulled its own width.');
  const foot = (x: NibWidths): Drawn => stroke('foot', diamond(x, rise), undefined, { finishes: true });
  const shaft = (x: NibWidths, from: NibWidths, until: NibWidths): Drawn => stroke('stem', [to(x, from), line(x, until), shadeAt(x)], undefined, { finishes: true });
  /** Diamond, stem, diamond, without lifting in the mind: one stroke of the hand. */
  const minim = (x: NibWidths): readonly Drawn[] => [head(x), shaft(x, X - rise, rise), foot(x)];
  /** A hairline springs into a straight diamond, from which an ascender hangs. */
  const sprung = (x: NibWidths, top = A): Drawn =>
    stroke(
      'head',
      [to(x - DIAMOND * sin - SPRUNG * cos, top - SPRUNG * sin), line(x - DIAMOND * sin, top), line(x + DIAMOND * sin, top - 2 * DIAMOND * cos)],
      'Up on the hairline, and a diamond.',
    );
  const ascender = (x: NibWidths): readonly Drawn[] => [sprung(x), shaft(x, A - DIAMOND * cos, rise), foot(x)];
  /** Hairline along the edge out of a stem, ending where the next head begins. */
  const link = (x: NibWidths, next: NibWidths): Drawn => {
    const end = next - DIAMOND * sin;
    return stroke('hairline', [to(x, T - (end - x) * tanDeg(angle)), line(end, T)], 'Along the edge.');
  };
  /** The same along the foot, into the next stem. */
  const lowLink = (x: NibWidths, next: NibWidths): Drawn =>
    stroke('hairline', [to(x + DIAMOND * sin, B), line(next, B + (next - x - DIAMOND * sin) * tanDeg(angle))], 'Along the edge.');

  /** The left of a bow: down, and broken off to the right at the foot. */
  const left = (x: NibWidths, from = T - 2 * half()): Run => [to(x, from), shadeAt(x), line(x, B + drop), line(x + side, B)];
  /** Its right: the same turned half round. */
  const right = (x: NibWidths, until = B + 2 * half()): Run => [to(x - side, T), line(x, T - drop), shadeAt(x), line(x, until)];
  /** A flag beside a stem at x, leaving on the hairline. */
  const flag = (x: NibWidths, top = T, length = BREAK, tick = TICK): Run => {
    const [fx, fy] = [x + 2 * run + length * sin, top - length * cos];
    return [to(x + 2 * run, top), line(fx, fy), line(fx + tick * cos, fy + tick * sin)];
  };
  /** Across the edge from a place to x: the pen's full width, down to the right or up to the left. */
  const broke = (from: { x: NibWidths; y: NibWidths }, x: NibWidths): Run => line(x, from.y - (x - from.x) / tanDeg(angle));
  /** Along the edge from a place by a length: a hairline. */
  const hair = (x: NibWidths, y: NibWidths, length: NibWidths): Run => line(x + length * cos, y + length * sin);
  /** A stem's foot, broken off to the right and out on the hairline. */
  const kick = (x: NibWidths, length = BREAK, tail = TAIL): Run => [
    line(x, B + length * cos),
    line(x + length * sin, B),
    ...(tail > 0 ? [line(x + length * sin + tail * cos, B + tail * sin)] : []),
  ];
  /** Down and away to the left, thinning out along the edge. */
  const curl = (x: NibWidths, from: NibWidths, reach: NibWidths, base: NibWidths): Run => [line(x, from), to(x - reach, base, angle + 180)];
  const bar = (x1: NibWidths, x2: NibWidths, y: NibWidths): Drawn => stroke('bar', [to(x1, y, 0, held(turn.bar)), line(x2, y)], 'Flatten the pen.');

  /** What capitals are built from: their height, and strokes of their own. */
  const K = C + half();
  const roof = (x1: NibWidths, x2: NibWidths): Run => [to(x1, C - 0.62, angle), to(x1 + 0.66, C, 2), to(x2 - 0.5, C - 0.3, -26), to(x2 + 0.1, C - 0.22, angle - 4)];
  const crescent = (w: NibWidths): Run => [to(0.74 * w, C, 194), to(0, 0.53 * K, -90), to(0.58 * w, B, -8), to(w + 0.12, B + 0.52, angle + 2)];
  const flagged = (x: NibWidths, length = 0.86): Run => [to(x - length * sin - SPRUNG * cos, C - SPRUNG * sin), line(x - length * sin, C), line(x, C - length * cos)];
  /** A bow of any width w: its foot from the left stem, its right side. */
  const broken = (w: NibWidths) => ({ side: w - 2 * run, drop: (w - 2 * run) / tanDeg(angle) });
  const needle = (x: NibWidths, top: NibWidths, foot: NibWidths): Drawn =>
    stroke('hairline', [to(x, top, -90, held(turn.needle)), line(x, foot)], 'With the edge nearly upright.', { finishes: true });
  const thorn = (x: NibWidths, y: NibWidths): Drawn => stroke('thorn', diamond(x - 0.42, y, THORN, 0), undefined, { finishes: true });

  return {
    ...{ A, B, C, D, K, T, X, angle, ascender, bar, broke, broken, cos, crescent, curl, d, diamond, drop, flag, flagged, foot, hair, half, head, held, kick, left, link },
    ...{ lowLink, m, minim, needle, right, rise, roof, run, shaft, side, sin, sprung, thorn, turn },
  };
}

export type TexturaParts = ReturnType<typeof texturaParts>;
