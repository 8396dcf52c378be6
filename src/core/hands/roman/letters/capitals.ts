import { capitals } from '../../../hand/broad/capitals';
import type { Serif } from '../../../hand/broad/capitalTurns';
import type { Measures } from '../../../hand/letter';
import { type Drawn, type Shapes, strokesOf, turnsOff } from '../../../hand/notation';
import { lookUp } from '../../../measure/lookUp';
import type { NibWidths } from '../../../measure/units';
import { TURNS } from '../turns';

/** The styles of the hand, by the names its schools have for them. */
const SERIFS: Readonly<Record<string, Serif>> = { hooked: 'hooked', bare: 'bare' };

/** The alphabet at a height, in its groups of width. */
export const romanCapitals = (m: Measures, height: NibWidths) => capitals(m, height, turnsOff(TURNS, m), lookUp(SERIFS, m.style) ?? 'cusped');

/** Width of the second, finer pen for small capitals, as a fraction of the main pen's. */
const FINER = 0.75;
/** From one S of the small ß to the other, as a share of their height. */
const SECOND_S = 0.86;

/** Small capitals at the height they are ruled at, written as small letters; with a finer pen where the school has one. */
export function smallCapitals(m: Measures): Shapes {
  if (m.small === 0) return {};
  const nib = m.style === 'fine' ? FINER : 1;
  const { full, fourFifths, half, wide, pairs } = romanCapitals(m, m.small / nib);
  const all = Object.entries({ ...full, ...fourFifths, ...half, ...wide, ...pairs }).map(([text, shape]): [string, readonly Drawn[]] => [
    text.toLowerCase(),
    strokesOf(shape).map((drawn) => byPen(drawn, nib)),
  ]);
  const small = Object.fromEntries(all);
  const s = small.s ?? [];
  return { ...small, ß: [...s, ...s.map((drawn) => moved(drawn, SECOND_S * m.small))] };
}

/** A stroke drawn in widths of another pen of the page. */
const byPen = (drawn: Drawn, nib: number): Drawn => (nib === 1 ? drawn : { ...drawn, nib, knots: drawn.knots.map((knot) => ({ ...knot, x: knot.x * nib, y: knot.y * nib })) });

const moved = (drawn: Drawn, dx: NibWidths): Drawn => ({ ...drawn, knots: drawn.knots.map((knot) => ({ ...knot, x: knot.x + dx })) });
