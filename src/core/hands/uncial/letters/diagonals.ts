import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** a n v w x z: diagonals. */
export function diagonals({ B, T, X, bowl, flat, half, held, k, slant, turn }: UncialParts): Shapes {
  const a = 3 * k;
  const n = 2.87 * k;
  /** Where the diagonal of n crosses its first stem. */
  const crossing = T - 0.42 - (0.38 * (T - 0.42 - 0.245 * X)) / (0.79 * n + 0.38);
  const [v, w] = [1.52 * k, 1.28 * k];
  const [high, low] = [X - half(turn.rising), half(turn.rising)];
  /** Both sides of v and w end on one nib: the heavy one steepens over its last fifth. */
  const thick = (x: number, until: number): Run => [line(x + 0.83 * (until - x), low + 0.44, held(0)), line(until, low, held(turn.rising))];
  const thin = (x: number, foot: number): Run => [to(x, high, undefined, held(turn.rising)), line(foot, low)];
  const steep = (x: number, until: number): Run => [to(x, X - half(turn.steep), -90, held(turn.steep)), line(until, half(turn.steep))];
  return {
    a: [stroke('back', [slant(-0.287 * a, -59), line(a + 0.08, B + 0.28), to(a + 0.5, B, 4), to(a + 0.9, B + 0.09, 20)], 'A long diagonal.'), bowl(a)],
    n: [
      stroke('first stem', [to(0, crossing, -90, held(0)), line(0, crossing - 0.7, held(turn.steep)), line(0, half(turn.steep))], 'Turn the pen up: half weight.'),
      stroke(
        'diagonal',
        [slant(0.78, -41.6), line(0.79 * n, 0.245 * X, held(turn.falling)), line(n, half(turn.steep), held(turn.steep))],
        'The heaviest stroke; flatten the pen on the way, and turn it up to end on the last stem.',
      ),
      stroke('second stem', steep(n, n), 'As the first.'),
    ],
    v: [stroke('thick', [slant(0.24, -66), thick(0.16, v)], 'Steepen the pen over the last fifth.'), stroke('thin', thin(2 * v, v), 'To the same point, at the same angle.')],
    w: [
      stroke('first thick', [slant(0.24, -70), thick(0.16, w)]),
      stroke('first thin', thin(2 * w, w)),
      stroke('second thick', [to(2 * w, high, undefined, held(turn.rising)), line(2.11 * w, high - 0.34, held(0)), thick(2 * w, 3 * w)], 'Parallel to the first.'),
      stroke('second thin', thin(4 * w, 3 * w)),
    ],
    x: [
      stroke('thick', [slant(0.14, -50), line(2.47 * k + 0.12, B + 0.28), to(2.47 * k + 0.56, B, 4), to(2.47 * k + 0.96, B + 0.09, 20)]),
      stroke('thin', [to(2.77 * k, T), line(-0.1, B)], 'At the hand’s own angle; crosses over the middle.'),
    ],
    z: [
      stroke('head', flat(0.02, 2.7 * k), 'Flatten the pen.'),
      stroke('diagonal', [to(2.7 * k, X - half(turn.head), undefined, held(turn.head)), line(-0.1, half(turn.head))]),
      stroke('foot', [to(-0.1, half(turn.head), 0, held(turn.head)), line(2.8 * k, half(turn.head))]),
    ],
  };
}
