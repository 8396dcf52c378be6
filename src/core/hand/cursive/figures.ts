import { line, type Shapes } from '../notation';
import type { CursiveParts } from './parts';

/** 0 to 9, in fifths of the body: half as high again as the small letters. */
export function figures({ drawn, knot }: Pick<CursiveParts, 'drawn' | 'knot'>): Shapes {
  return {
    0: [drawn('figure', [knot(1.9, 7.4, 180), knot(0, 3.7, -90), knot(1.7, 0.1, 0), knot(3.6, 3.8, 90), knot(1.9, 7.4, 180)])],
    1: [drawn('figure', [knot(-1.0, 5.9, 38), knot(0.4, 7.0, 44, 0, { leave: -90 }), line(0.4, 0.5)])],
    2: [
      drawn('figure', [
        knot(0.1, 5.9, 78),
        knot(1.5, 7.4, 0),
        knot(2.9, 5.6, -90, 0.9),
        knot(1.6, 2.6, -128, 0.7),
        knot(-0.3, 0.3, 214, 0, { leave: 40 }),
        knot(0.8, 0.75, -6, 2),
        knot(3.3, 0.6, 34),
      ]),
    ],
    3: [
      drawn('figure', [
        knot(0.2, 6.3, 60),
        knot(1.5, 7.4, 0),
        knot(2.7, 5.8, -90, 0.85),
        knot(1.3, 4.1, 186, 0, { leave: -6 }),
        knot(3.0, 2.1, -90),
        knot(1.2, 0.1, 180),
        knot(-0.2, 1.2, 112),
      ]),
    ],
    4: [
      drawn('first stroke', [knot(1.0, 7.2, -98, 0.6), knot(-0.2, 2.6, -114, 0.35, { leave: 4 }), knot(3.7, 2.7, 6, 0)]),
      drawn('second stroke', [knot(2.4, 4.8, -90), line(2.4, 0.5)]),
    ],
    5: [
      drawn('first stroke', [knot(0.6, 6.9, -92), knot(0.3, 4.1, -96, 0.5, { leave: 50 }), knot(1.5, 4.7, 0, 0), knot(3.0, 2.5, -90), knot(1.2, 0.1, 180), knot(-0.2, 1.1, 112)]),
      drawn('second stroke', [knot(0.6, 7.0, 8, 0), knot(2.9, 7.2, 6, 0)]),
    ],
    6: [drawn('figure', [knot(2.7, 7.3, 200), knot(0, 2.4, -90), knot(1.5, 0.1, 0), knot(2.9, 2.1, 92), knot(1.6, 4.1, 178), knot(0.2, 2.9, -120, 0)])],
    7: [drawn('figure', [knot(-0.2, 6.2, 70, 0.5), knot(0.6, 7.1, -4, 1), knot(2.0, 6.9, 4, 2), knot(3.3, 7.4, 30, 0, { leave: -112 }), knot(1.1, 0.5, -98, 1)])],
    8: [
      drawn('figure', [
        knot(2.7, 6.4, 118),
        knot(1.7, 7.4, 180),
        knot(0.5, 5.8, -90, 0.8),
        knot(1.6, 4.0, -50, 1),
        knot(2.7, 1.9, -90, 0.9),
        knot(1.4, 0.1, 180),
        knot(0.1, 1.7, 90),
        knot(1.6, 4.1, 52, 0),
        knot(2.7, 6.4, 84),
      ]),
    ],
    9: [
      drawn('first stroke', [knot(2.8, 6.3, 132), knot(1.7, 7.4, 180), knot(0.1, 5.4, -90, 0.75), knot(1.3, 3.7, 0), knot(2.75, 5.4, 82, 0)]),
      drawn('second stroke', [knot(2.8, 5.9, -90, 0.9), knot(2.75, 3.2, -95), knot(1.7, 0.5, -118, 0.7)]),
    ],
  };
}
