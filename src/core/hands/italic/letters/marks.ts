import { ampersand } from '../../../hand/broad/ampersand';
import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import type { Shapes } from '../../../hand/notation';
import type { ItalicParts } from '../parts';

/** The & needs room, with so steep a pen. */
const WIDE = 1.08;

/** Punctuation and signs. */
export function italicMarks(parts: ItalicParts): Shapes {
  const { B, X, turn } = parts;
  const h = 1.3 * X;
  return {
    ...signs(parts, h, { pen: turn.figure, bar: turn.capital }),
    ...marks(parts, { dash: turn.capital, bracket: turn.bracket }),
    '&': ampersand({ B }, h, WIDE),
  };
}
