import { ampersand } from '../../../hand/broad/ampersand';
import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import type { Measures } from '../../../hand/letter';
import { type Shapes, turnsOff } from '../../../hand/notation';
import { TURNS } from '../turns';

/** Marks were drawn for a body of small letters: among capitals they stand as for one of this share of the height. */
const BODY = 0.62;
/** The & is wider than among small letters. */
const WIDE = 1.3;

/** Punctuation and signs, as tall as the capitals. */
export function romanMarks(m: Measures): Shapes {
  const turn = turnsOff(TURNS, m);
  const low = { ...m, X: BODY * m.X, A: m.C };
  return {
    ...signs({ ...low, D: -2 }, m.X, { pen: 0, bar: turn.bar }),
    ...marks(low, { dash: turn.bar, bracket: turn.diagonal }),
    '&': ampersand(m, m.X, WIDE),
  };
}
