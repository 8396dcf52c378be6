import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import { type Shapes, stroke, to } from '../../../hand/notation';
import type { FoundationalParts } from '../parts';
import { FIGURE_HEIGHT } from './figures';

/** Punctuation and signs. */
export function foundationalMarks({ m, B, X, turn }: FoundationalParts): Shapes {
  const h = FIGURE_HEIGHT * X;
  return {
    ...signs(m, h, { pen: 0, bar: turn.bar }),
    ...marks(m, { dash: turn.bar, bracket: turn.diagonal }),
    '&': [
      stroke('cross', [to(1.15, h - B, 180), to(0.35, h - 1.35, -86), to(1.4, 0.5 * h, -50), to(4.0, B + 0.02, -28)], 'The long diagonal first.'),
      stroke('bowls', [to(1.1, h - B, 0), to(1.9, h - 1.1, -90), to(0.95, 0.55 * h, 214), to(-0.15, 0.25 * h, -90), to(1.35, B, 2), to(3.45, 0.46 * h, 64)]),
    ],
  };
}
