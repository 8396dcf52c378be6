import { accents } from '../accents';
import type { Mark, Measures } from '../letter';
import { dot } from './dots';
import { comma } from './marks';

/** Shade of an accent, as a fraction of the full shade. */
const SHADE = 0.55;

/** Accents of a pressed hand: lightly, tapering; rings and slashes on the thin. */
export const pressedAccents = (m: Measures): Mark[] =>
  accents(m, {
    size: m.X / 5,
    touch: (weight, light) => ({ press: light === 'slash' || light === 'ring' ? 0 : weight * SHADE, anchor: 0.5 }),
    dot: (x, y) => dot(m, x, y),
    comma: (x, y) => comma(m, x, y),
  });
