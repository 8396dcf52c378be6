import type { Degrees, NibWidths } from '../../measure/units';
import { type Drawn, line, type Run, stroke, to } from '../notation';

/** The edge set down and pulled a short way across itself: a square on its corner, its middle at (x, y). */
export const spot = (x: NibWidths, y: NibWidths, name = 'dot'): Drawn => stroke(name, [to(x - 0.18, y + 0.18), line(x + 0.18, y - 0.18)]);

/** A dot with a tail to the left. */
export const comma = (x: NibWidths, y: NibWidths): Drawn => stroke('comma', [to(x - 0.14, y + 0.2, -45), to(x + 0.04, y - 0.2, -84), to(x - 0.42, y - 1.05, 222)]);

/** A comma turned half round, as it opens a quotation. */
export const turnedComma = (x: NibWidths, y: NibWidths): Drawn => stroke('comma', [to(x + 0.42, y + 0.65, 222), to(x - 0.04, y - 0.2, -84), to(x + 0.14, y - 0.6, -45)]);

/** A level stroke of the pen turned by `turn`, at the height of its middle. */
export const level = (x1: NibWidths, x2: NibWidths, y: NibWidths, turn: Degrees): Run => [to(x1, y, 0, { turn }), line(x2, y)];

/** A bow open to the right, from a top over a middle to a foot; a closing bracket bows the other way. */
export const bow = (x: NibWidths, bulge: NibWidths, [top, middle, foot]: readonly [NibWidths, NibWidths, NibWidths], turn: Degrees): Run => {
  const out = bulge < 0 ? -48 : 232;
  const back = bulge < 0 ? 232 : -48;
  return [to(x, top, out, { turn }), to(x - bulge, middle, -90), to(x, foot, back)];
};
