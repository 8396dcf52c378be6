import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** h m u y: wide arches. */
export function arches({ A, B, D, T, X, branch, foot, head, stem, w }: UncialParts): Shapes {
  const h = 0.842 * w;
  const m = 0.742 * w;
  const straight = 0.681 * w;
  /** The last arch of a letter, its foot tucked in. */
  const arch = (x: number, width: number, tuck = 0.5): Run => [branch(x), to(x + 0.555 * width, T, 2), to(x + width, 0.52 * X, -90), to(x + width - tuck, B - 0.02, 222)];
  return {
    h: [stem([head(0, A), line(0, B)], 'From the ascender line, straight down.'), stroke('arch', arch(0, h), 'Out of the stem near its top, wide, and tucked in at the foot.')],
    m: [
      stroke('left bow', [to(m, T, 186), to(0.56 * m, T - 0.14, 204), to(0, 0.46 * X, -90), to(0.34 * m, B, 2), to(0.6 * m, B + 0.3, 34)], 'A round back, open to the right.'),
      stroke('middle', [to(m, T, -90), line(m, B)], 'Straight down from where the bow began.'),
      stroke('right bow', arch(m, m), 'The same bow turned to the right.'),
    ],
    'm straight': [
      stem([head(0), line(0, B)]),
      stroke('first arch', [branch(0), to(0.557 * straight, T, 2), to(straight, 0.66 * X, -90), line(straight, B)]),
      stroke('second arch', arch(straight, straight), 'Both arches alike.'),
    ],
    u: [
      stroke('cup', [head(0), line(0, 0.46 * X), to(0.38 * w, B, 2), to(0.86 * w, 0.4 * X, 74)], 'Down, round, and up to where the stem will be.'),
      stem([head(0.86 * w), foot(0.86 * w)]),
    ],
    y: [
      stroke('cup', [head(0), line(0, 0.46 * X), to(0.362 * w, B, 2), to(0.82 * w, 0.4 * X, 74)], 'The cup of u.'),
      stroke('tail', [head(0.82 * w), line(0.82 * w, 0.42 * X), to(0.632 * w, 0.355 * D, 236), to(0.29 * w, 0.857 * D, 206)], 'Down, and away to the left on the hairline.'),
    ],
  };
}
