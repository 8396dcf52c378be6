import { ampersand } from '../../../hand/broad/ampersand';
import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import type { Shapes } from '../../../hand/notation';
import type { FoundationalParts } from '../parts';

/** Height of figures and signs as a share of the body. */
export const FIGURE_HEIGHT = 1.3;

/** Punctuation and signs. */
export function foundationalMarks({ m, X, turn }: FoundationalParts): Shapes {
  const h = FIGURE_HEIGHT * X;
  return {
    ...signs(m, h, { pen: 0, bar: turn.bar }),
    ...marks(m, { dash: turn.bar, bracket: turn.diagonal }),
    '&': ampersand(m, h),
  };
}
