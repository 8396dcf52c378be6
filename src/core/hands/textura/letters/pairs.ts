import { line, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { tanDeg } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** Letters that are two in one, which no mark makes: æ œ ß Æ Œ. */
export function pairs({ A, B, C, K, T, X, angle, bar, broke, crescent, d, drop, hair, half, left, needle, run, side, sin, cos }: TexturaParts): Shapes {
  /** The eye and foot of e on a stem at x. */
  const [ex, ey] = [2 * run + 0.93 * sin, T - 0.93 * cos];
  const eye = (x: number) => stroke('eye', [to(x + 2 * run, T), line(x + ex, ey), line(x + 0.3, ey - (ex - 0.3) * tanDeg(angle - 6)), shadeAt(x + 0.8 * d)]);
  const shared = (x: number) => [line(x, B + drop), line(x + side, B), hair(x + side, B, 0.5)];
  return {
    æ: [
      stroke('stem', [to(0.33, T - 0.31 * tanDeg(angle)), line(0.64, T), broke({ x: 0.64, y: T }, d), shared(d)], 'The stem of a is the back of e.'),
      stroke('bowl', [to(side, 0.646 * X), line(0, 0.646 * X - side * tanDeg(angle)), shadeAt(0), line(0, B + drop), line(side, B)]),
      eye(d),
    ],
    œ: [stroke('left', left(0)), stroke('shared stem', [to(d - side, T), line(d, T - drop), shared(d)], 'The right of o is the back of e.'), eye(d)],
    ß: [
      stroke('stem', [to(0, A - 0.3 - 2 * half()), shadeAt(0), line(0, B + drop), line(side, B)], 'A long s that breaks off at its foot.'),
      stroke(
        'head',
        [to(2 * run, A - 0.3), broke({ x: 2 * run, y: A - 0.3 }, d), line(d, X - 0.1), line(0.5, X - 0.1 - (d - 0.5) * tanDeg(angle))],
        'A break, down, and back on the hairline.',
      ),
      stroke('belly', [to(0.5, X - 0.75), broke({ x: 0.5, y: X - 0.75 }, d), shadeAt(d), line(d, B + 2 * half())], 'The right of a bow.'),
    ],
    Æ: [
      stroke(
        'roof and stem',
        [to(-0.75, C - 0.62, angle), to(-0.1, C, 2), to(0.7, C - 0.18, -22), to(2.3, C - 1.7, -90), line(2.3, B + drop), line(2.3 + side, B), hair(2.3 + side, B, 0.8)],
        'The stem of A is the back of E.',
      ),
      stroke('left leg', [to(0.72, C - 0.45, -98), to(0.22, 0.3 * K, -92), to(-0.85, B - 0.1, angle + 180)]),
      bar(0.55, 3.5, 0.42 * K),
      stroke('flag', [to(1.5, C - 0.28), line(2.9, C), broke({ x: 2.9, y: C }, 3.6)]),
    ],
    Œ: [
      stroke('left', crescent(2.1), 'The back of C.'),
      stroke('stem', [to(1.95, C - 0.2), line(2.1, C), broke({ x: 2.1, y: C }, 2.65), line(2.65, B + drop), line(2.65 + side, B), hair(2.65 + side, B, 0.8)]),
      bar(2.75, 3.95, 0.5 * K),
      stroke('flag', [to(2.85, C - 0.54), line(3.45, C), broke({ x: 3.45, y: C }, 4.15)]),
      needle(1.12, 0.69 * K, 0.31 * K),
    ],
  };
}
