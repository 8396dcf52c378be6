import type { NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, line, stroke } from '../notation';
import { onOval, ovalAt } from './ovals';

/** Half the height and half the level chord of a dot's path; the pressure fills it. */
const DOT = { H: 0.23, q: 0.13, press: 0.42 };

/** A small round dot: the point set down and turned. `size` is a share of the usual one. */
export function dot(m: Measures, x: NibWidths, y: NibWidths, size = 1, name = 'dot'): Drawn {
  const ring = ovalAt(m, x, y, DOT.H * size, DOT.q * size);
  const round = [0, 90, 180, 270, 360].map((psi) => ({
    ...onOval(ring, psi, 'none'),
    press: DOT.press * size,
    anchor: 0.5,
  }));
  return stroke(name, [round, line(x, y)]);
}
