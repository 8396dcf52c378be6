import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { CapitalParts } from '../capitalParts';
import type { ItalicParts } from '../parts';

/** Letters that are two in one, which no mark makes: æ œ ß, and Æ Œ. */
export function smallPairs({ A, B, T, X, d, bowl, leftAt, met, stem }: ItalicParts): Shapes {
  const eye: Run = [to(d + 0.02, 0.43 * X, 22), to(1.93 * d, T - 1.0, 88), to(1.56 * d, T, 180), to(d + 0.08, T - 0.95, 222)];
  const foot: Run = [line(d, B + 1.3), to(1.46 * d, B, 2), to(1.94 * d + 0.2, B + 0.62, 45), leftAt(1.94 * d + 0.2, B + 0.62)];
  return {
    æ: [
      stroke('bowl', bowl, 'The bowl of a.'),
      stem([to(d, T, -90), foot], 'Down, and round into the foot of e.'),
      stroke('eye', eye, 'Rises out of the stem, over, and back to it.'),
    ],
    œ: [
      stroke('left side', [met('round', 0), to(0.6 * d, T, 182), to(0, T - 1.9, -90), line(0, B + 1.35), to(0.42 * d, B, 2), to(d - 0.15, B + 1.0, 66)], 'The left of o.'),
      stroke('shared side', [to(0.58 * d, T, -2), to(d, T - 1.35, -90), foot], 'The right of o is the back of e.'),
      stroke('eye', eye),
    ],
    ß: [
      stem([to(0, A - 1.5, -90), line(0, B)], 'From under the ascender line, straight down.'),
      stroke(
        'bows',
        [to(0, A - 1.7, 88), to(0.92, A, 2), to(1.85, A - 1.35, -92), to(0.85, 0.72 * X, 222, { leave: -28 }), to(2.15, 0.34 * X, -94), to(1.1, B, 182), to(0.35, B + 0.3, 152)],
        'Over from the stem, in, and out again into the belly.',
      ),
    ],
  };
}

export function capitalPairs({ H, INNER, OVERHANG, bar, base, cap, left, top, turn }: CapitalParts): Shapes {
  const [high, low] = [top(turn.serif), base(turn.serif)];
  const stemAt = (x: number) =>
    stroke('stem', [to(x, top(turn.serif), -90, { turn: turn.serif }), line(x, top() - 0.9, cap), line(x, base() + 0.9), line(x, low, { turn: turn.serif })]);
  const arms = (x: number) => [bar(x - OVERHANG, x + 0.44 * H, high, 'upper arm'), bar(x + INNER, x + 0.38 * H, 0.52 * H, 'middle arm'), bar(x, x + 0.48 * H, low, 'lower arm')];
  const [a, o] = [0.58 * H, 0.78 * H];
  return {
    Æ: [
      stroke('thin leg', [to(a, top(turn.lowThin), undefined, { turn: turn.lowThin }), line(0, base(turn.lowThin))], 'It leans into the stem of E.'),
      stemAt(a),
      ...arms(a),
      bar(0.2 * H, a, 0.3 * H),
    ],
    Œ: [stroke('left side', left(o), 'The left of O.'), stemAt(0.58 * o), ...arms(0.58 * o)],
  };
}
