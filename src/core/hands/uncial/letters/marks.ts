import { ampersand } from '../../../hand/broad/ampersand';
import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import type { Shapes } from '../../../hand/notation';
import type { UncialParts } from '../parts';

/** Height of figures and signs as a share of the body, and how far exclamation and quotation rise over it. */
export const FIGURE_HEIGHT = 1.1;
const RISE = 0.5;
const SIGN_HEIGHT = 1.25;
const HIGH = 1.1;

/** Punctuation and signs: low, as there are no capitals and few ascenders. */
export function uncialMarks({ m, X, turn }: UncialParts): Shapes {
  const low = { ...m, C: X + RISE, A: X + HIGH };
  const h = FIGURE_HEIGHT * X;
  return {
    ...signs(low, SIGN_HEIGHT * X, { pen: 0, bar: turn.bar }),
    ...marks(low, { dash: turn.bar, bracket: turn.slash }),
    '&': ampersand(m, h),
  };
}
