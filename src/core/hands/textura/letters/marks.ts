import { ampersand } from '../../../hand/broad/ampersand';
import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import type { Shapes } from '../../../hand/notation';
import type { TexturaParts } from '../parts';
import { FIGURE_HEIGHT } from './figures';

/** Exclamation and question marks are as tall as figures. */
const RISE = 0.7;
const HIGH = 1.4;

/** Punctuation and signs. */
export function texturaMarks({ m, X, half, turn }: TexturaParts): Shapes {
  const h = FIGURE_HEIGHT * X;
  const low = { ...m, C: X + RISE - half() / 2, A: X + HIGH };
  return { ...signs(m, h, { pen: 0, bar: turn.bar }), ...marks(low, { dash: turn.bar, bracket: 0 }), '&': ampersand(m, h) };
}
