import { marks } from '../../../hand/broad/marks';
import { signs } from '../../../hand/broad/signs';
import { type Drawn, line, type Shapes, shadeAt, stroke, strokesOf, to } from '../../../hand/notation';
import type { TexturaParts } from '../parts';
import { bows } from './bows';
import { FIGURE_HEIGHT } from './figures';

/** Exclamation and question marks are as tall as figures. */
const RISE = 0.7;
const HIGH = 1.4;
/** The stem of t in &, as a share of the stem distance after e. */
const T_AFTER = 1.62;

/** The sign for “and”: e and t, the bar of t growing out of the eye of e. */
function et(parts: TexturaParts): Drawn[] {
  const { T, X, d, half, held, kick, turn } = parts;
  const [x, y] = [T_AFTER * d, X - half(turn.bar)];
  return [
    ...strokesOf(bows(parts).e ?? []),
    stroke('stem of t', [to(x, T + 0.75), kick(x, 0.75)], 'A little over the waistline.'),
    stroke('bar', [to(x - 0.6, y, 0, held(turn.bar)), line(x + 1.1, y), shadeAt(x + 0.55 * d)], 'Flatten the pen; it hangs from the waistline.'),
  ];
}

/** Punctuation and signs. */
export function texturaMarks(parts: TexturaParts): Shapes {
  const { m, X, half, turn } = parts;
  const h = FIGURE_HEIGHT * X;
  const low = { ...m, C: X + RISE - half() / 2, A: X + HIGH };
  return { ...signs(m, h, { pen: 0, bar: turn.bar }), ...marks(low, { dash: turn.bar, bracket: 0 }), '&': et(parts) };
}
