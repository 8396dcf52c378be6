import { line, only, type Shapes, stroke, to } from '../../../hand/notation';
import type { ItalicParts } from '../parts';
import { THROWN } from '../turns';

/** o c e, which are ovals and parts of one, and s, which is two halves of them. */
export function ovals({ B, T, X, d, turn, back, met, roundExit, thrownRound }: ItalicParts): Shapes {
  return {
    o: [
      stroke('left side', [met('round', 0), to(0.6 * d, T, 182), to(0, T - 1.9, -90), line(0, B + 1.35), to(0.42 * d, B, 2)], 'Over the top and round.'),
      stroke('right side', [to(0.58 * d, T, -2), to(d, T - 1.35, -90), line(d, B + 1.9), to(0.4 * d, B, 182)], 'The same curve, turned half round.'),
    ],
    c: [stroke('back', [met('round', 0), to(0.98 * d, T - 0.26, 148), to(0.6 * d, T, 182), back, roundExit], 'The left of o; the head is short and does not close.')],
    e: [
      stroke(
        'back and eye',
        [met('round', 0), to(0.02, 0.43 * X, 22), to(0.93 * d, T - 1.0, 88), to(0.56 * d, T, 180), back, roundExit],
        'The eye rises from the middle of the back and turns over: keep it open.',
      ),
    ],
    'e thrown out': only('line-end', [stroke('back and eye', [met('round', 0), to(0.02, 0.43 * X, 22), to(0.93 * d, T - 1.0, 88), to(0.56 * d, T, 180), thrownRound], THROWN)]),
    'e two-stroke': [
      stroke('back', [met('round', 0), to(0.56 * d, T, 182), back, roundExit]),
      stroke('eye', [to(0.5 * d, T, 0), to(0.92 * d, T - 0.86, -90), to(0.02, 0.42 * X, 196, { turn: turn.spine })], 'Lifted and set down again at the top: a rounder eye.'),
    ],
  };
}

/** s alone. */
export const spines = ({ T, turn, spine }: ItalicParts): Shapes => ({
  s: [
    stroke(
      'spine',
      [to(1.74, T - 0.12, 158, { turn: turn.spine }), to(1.12, T - 0.01, 184), spine],
      'Flatten the pen a little, or the back goes black; the upper curve is the smaller.',
    ),
  ],
});
