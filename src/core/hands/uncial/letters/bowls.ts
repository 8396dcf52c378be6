import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** b r s: small bowls over one another. */
export function bowls({ A, B, T, X, branch, head, k, leg, mid, stem, w }: UncialParts): Shapes {
  /** Out over the stem, a small bow, and back to it in the middle. */
  const bow = (flat: number, out: number): Run => [to(-0.62, T - 0.14, 20), to(-0.1, T, 0), line(flat * k, T), to(out * k, 0.745 * X, -90), to(0.1, mid, 202)];
  const straight = stem([to(0, T, -90), line(0, B)], 'No head: the bow begins over it.');
  return {
    b: [
      straight,
      stroke('upper bowl', bow(0.85, 1.98), 'The smaller of the two.'),
      stroke(
        'lower bowl',
        [to(0.1, mid + 0.03, 20), to(1.36 * k, 0.6 * X, -2), to(2.7 * k, 0.315 * X, -90), to(1.24 * k, B, 180), to(0, B, 180)],
        'Wider, and back along the line.',
      ),
    ],
    'b ascending': [
      stem([head(0, A), line(0, 0.42 * X), to(1.3 * k, B, 2)], 'From the ascender line, round into the foot.'),
      stroke('bowl', [branch(0), to(0.484 * w, T, 0), to(0.86 * w, mid, -90), to(0.344 * w, B, 182)]),
    ],
    r: [straight, stroke('bowl', bow(0.9, 2.15)), stroke('leg', [to(0.72 * k, 0.53 * X, -30), to(1.3 * k, 0.4 * X, -48), leg(2.45 * k)], 'From the bowl, and out along the line.')],
    s: [
      stroke(
        'spine',
        [
          to(2.5 * k, T - 0.2, 162),
          to(1.45 * k, T, 182),
          to(0.32 * k, 0.76 * X, -90),
          to(1.35 * k, 0.515 * X, -26),
          to(2.5 * k, 0.27 * X, -90),
          to(1.2 * k, B, 180),
          to(-0.05, B + 0.2, 162),
        ],
        'One stroke, flat at both ends; the upper bow is the smaller.',
      ),
    ],
  };
}
