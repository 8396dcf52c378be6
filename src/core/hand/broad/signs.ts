import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Run, type Shapes, stroke, to } from '../notation';
import { level } from './spots';

/** Nib width for crowded signs, as a fraction of the main nib. */
const FINE = 0.5;
/** Width of a sign as a share of its height. */
const NARROW = 0.46;

/** The pen's turns off the hand's angle that signs ask for: as in figures, and for their bars. */
export interface SignTurns {
  readonly pen: Degrees;
  readonly bar: Degrees;
}

/** Signs of any hand of the edge, as tall as its figures and written with their pen; h is that height, ink to ink. */
export function signs(m: Measures, h: NibWidths, turn: SignTurns): Shapes {
  const { A, D, X, half } = m;
  const begin = (x: number, y: number, dir?: number) => to(x, y, dir, { turn: turn.pen });
  const [top, base, w] = [h - half(turn.pen), half(turn.pen), NARROW * h];
  const fine = (name: string, run: Run, remark?: string) => stroke(name, run, remark, { nib: FINE });
  const across = (from: number, until: number, y: number): Run => level(from, until, y, turn.bar);
  const ray = (dx: number, dy: number): Run => [begin(-dx, A - 1 + dy), line(dx, A - 1 - dy)];
  return {
    '@': [
      fine('a', [begin(2.75, 0.62 * h, 175), to(1.6, 0.5 * h, -96), to(2.1, 0.29 * h, 0), to(2.85, 0.48 * h, 78)]),
      fine('stem', [begin(2.95, 0.64 * h, -96), to(3.25, 0.29 * h, 10), to(4.05, 0.5 * h, 84)], 'Down, and out to the ring.'),
      fine(
        'ring',
        [begin(4.05, 0.5 * h, 92), to(2.3, h - FINE * half(turn.pen), 181), to(0, 0.46 * h, -90), to(2.1, FINE * half(turn.pen), 1), to(3.6, base + 0.65, 44)],
        'Up over the top, round, and open at the foot.',
      ),
    ],
    '€': [
      stroke('back', [begin(w + 0.3, top - 0.5, 148), to(0.62 * w, top, 182), to(0, 0.52 * h, -90), to(0.56 * w, base, 2), to(w + 0.4, base + 0.62, 42)], 'As C.'),
      stroke('upper bar', across(-0.65, 0.7 * w, 0.6 * h)),
      stroke('lower bar', across(-0.65, 0.62 * w, 0.42 * h)),
    ],
    '£': [
      stroke('hook and stem', [begin(w + 0.25, top - 0.55, 140), to(0.78 * w, top, 184), to(0.3 * w, 0.68 * h, -90), to(-0.2, base + 0.1, 222)]),
      stroke('foot', [begin(-0.25, base, 0), line(w + 0.45, base)]),
      stroke('bar', across(-0.45, 0.8 * w, 0.48 * h)),
    ],
    '§': [
      fine('upper', [begin(1.6, top + 0.2, 150), to(0.98, top + 0.7, 182), to(0.2, 0.9 * h, -90), to(1.0, 0.64 * h, -40), to(1.85, 0.4 * h, -92), to(1.05, 0.22 * h, 200)]),
      fine('lower', [begin(0.95, 0.72 * h, 200), to(0.12, 0.54 * h, -90), to(0.95, 0.3 * h, -40), to(1.8, 0.06 * h, -92), to(0.98, base - 0.75, 182), to(0.3, base - 0.25, 152)]),
    ],
    '*': [fine('upright', ray(0, 0.95)), fine('falling', ray(0.85, 0.5)), fine('rising', ray(-0.85, 0.5))],
    '/': [stroke('slash', [begin(1.9, A), line(-0.7, 0.35 * D)])],
    '+': [stroke('bar', across(-1.15, 1.15, 0.46 * X)), stroke('stem', [begin(0, 0.46 * X + 1.15, -90), line(0, 0.46 * X - 1.15)])],
  };
}
