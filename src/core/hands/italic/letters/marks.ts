import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import { type Shapes, stroke, to } from '../../../hand/notation';
import type { ItalicParts } from '../parts';

/** Punctuation and signs. */
export function italicMarks(parts: ItalicParts): Shapes {
  const { B, X, turn } = parts;
  const h = 1.3 * X;
  return {
    ...signs(parts, h, { pen: turn.figure, bar: turn.capital }),
    ...marks(parts, { dash: turn.capital, bracket: turn.bracket }),
    '&': [
      stroke('cross', [to(1.0, h - B, 180), to(0.3, h - 1.35, -86), to(1.2, 0.5 * h, -52), to(3.35, B + 0.05, -30)]),
      stroke('bowls', [to(0.95, h - B, 0), to(1.62, h - 1.1, -90), to(0.8, 0.55 * h, 216), to(-0.2, 0.24 * h, -90), to(1.1, B, 2), to(2.85, 0.46 * h, 66)]),
    ],
  };
}
