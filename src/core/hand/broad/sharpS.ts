import type { NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, line, stroke, to } from '../notation';

/** The bows of ß, out of a stem at 0 under the ascender line; k widens them. */
export const sharpBows = ({ A, B, X }: Pick<Measures, 'A' | 'B' | 'X'>, k: NibWidths): Drawn =>
  stroke(
    'bows',
    [
      to(0, A - 1.7, 88),
      to(1.12 * k, A, 2),
      to(2.25 * k, A - 1.35, -92),
      to(1.15 * k, 0.74 * X, 222, { leave: -28 }),
      to(2.75 * k, 0.32 * X, -94),
      to(1.5 * k, B, 180),
      line(0, B),
    ],
    'Over from the stem, in, and out again into the belly.',
  );
