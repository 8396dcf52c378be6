import { line, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { tanDeg } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** o c e d q g a b p: broken bows. */
export function bows({ A, B, D, T, X, angle, broke, cos, d, drop, flag, hair, half, head, left, right, rise, run, shaft, side, sin, sprung }: TexturaParts): Shapes {
  const bow = stroke('left', left(0), 'Down, and broken off at the foot.');
  const open = stroke('left', [left(0), hair(side, B, 0.5)], 'Down, broken off, and out on the hairline.');
  const closing = stroke('right', right(d), 'The left turned half round: corners on corners.');
  /** The eye of e: a long break, and back a little flatter than the edge. */
  const [ex, ey] = [2 * run + 0.93 * sin, T - 0.93 * cos];
  const back = tanDeg(angle - 6);
  const tail = D + drop;
  return {
    o: [bow, closing],
    c: [open, stroke('flag', [flag(0), shadeAt(0.66 * d)], 'A break, and out on the hairline.')],
    e: [open, stroke('eye', [to(2 * run, T), line(ex, ey), line(0.3, ey - (ex - 0.3) * back), shadeAt(0.8 * d)], 'A longer break, and back on the hairline.')],
    d: [
      bow,
      stroke(
        'back',
        [to(-0.77, T + 0.83, 36), to(-0.27, T + 1.07, -12), to(0.18, T + 0.62, -48), line(d, T - drop), shadeAt(d), line(d, B + 2 * half())],
        'From over the waistline, long, and down.',
      ),
    ],
    q: [bow, stroke('stem', right(d, D + 0.2), 'Down to the descender line.')],
    g: [
      bow,
      stroke('stem', right(d, D + 2 * half())),
      stroke('tail', [to(1, tail + tanDeg(angle)), line(0, tail), broke({ x: 0, y: tail }, side), shadeAt(d)], 'Hairline to the left, and a break to meet the stem.'),
    ],
    a: [
      stroke(
        'stem',
        [to(0.33, T - 0.31 * tanDeg(angle)), line(0.64, T), broke({ x: 0.64, y: T }, d), line(d, B + 0.5 * cos), line(d + 0.5 * sin, B), shadeAt(d)],
        'A short hairline, a break, and down.',
      ),
      stroke(
        'bowl',
        [to(side, 0.646 * X), line(0, 0.646 * X - side * tanDeg(angle)), shadeAt(0), line(0, B + drop), line(side, B)],
        'Hairline out of the stem, down, and a break back to it.',
      ),
    ],
    b: [sprung(0), stroke('stem', [to(0, A - 0.4 * cos), shadeAt(0), line(0, B + drop), line(side, B)], undefined, { finishes: true }), closing],
    p: [head(0), shaft(0, X - rise, D + 0.2), closing, stroke('base', [to(0, B + drop), line(side, B)], 'Closes the bow at the foot.')],
  };
}
