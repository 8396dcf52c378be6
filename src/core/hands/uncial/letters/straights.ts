import { line, type Shapes, stroke, to } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** i j k l f t: stems. */
export function straights({ A, B, D, T, X, bar, flat, foot, half, head, held, hung, k, leg, mid, stem, turn }: UncialParts): Shapes {
  return {
    i: [stem([head(0), foot(0)], 'No dot.')],
    j: [stem([head(0), line(0, 0.2 * X), to(-0.5, 0.486 * D, 234), to(-1.4, 0.83 * D, 207)], 'Away to the left on the hairline; no dot.')],
    k: [
      stem([head(0, A), line(0, B)]),
      stroke('arm', [to(2.37 * k, X - half(turn.head), undefined, held(turn.head)), line(0.1, 0.42 * X)], 'Flatter pen, or it goes thin.'),
      stroke('leg', [to(0.42 * k, 0.55 * X, -42), to(0.9 * k, 0.43 * X, -47), leg(2.47 * k)]),
    ],
    l: [stem([head(0, A), line(0, 0.36 * X), to(0.95 * k, B, 2), to(1.75 * k, B + 0.36, 28)], 'Down, and round into a wide foot.')],
    f: [
      stroke('stem', [hung(0), line(0, 0.71 * D)], 'Through the line.'),
      stroke('head', flat(-0.4, 2.15 * k), 'Flatten the pen; the head hangs from the waistline.'),
      bar(0.12, 1.75 * k, 0.36 * X, 'Low: on the line of the eye of e, or under it.'),
    ],
    'f curled': [
      stem([to(2 * k, T + 0.87 * k, 154), to(1.15 * k, T + 1.1 * k, 184), to(0, 0.875 * X, -90), line(0, 0.71 * D)], 'From above the waistline.'),
      bar(-0.95, 1.7 * k, mid),
    ],
    t: [
      stroke('head', flat(-0.83 * k, 2.39 * k), 'Flatten the pen; wide, and level.'),
      stroke(
        'stem',
        [to(0.36 * k, X - half(turn.head), -112, held(turn.head)), to(0, 0.48 * X, -90, held(0)), to(1.06 * k, B, 2), to(2.14 * k, B + 0.46, 30)],
        'From the middle of the head, round as c.',
      ),
    ],
    't straight': [stroke('head', flat(-1.13 * k, 1.5 * k)), stem([hung(0), foot(0)])],
  };
}
