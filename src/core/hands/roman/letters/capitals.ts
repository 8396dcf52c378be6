import { capitals, type Serif } from '../../../hand/broad/capitals';
import type { Measures } from '../../../hand/letter';
import { type Shapes, turnsOff } from '../../../hand/notation';
import type { NibWidths } from '../../../measure/units';
import { TURNS } from '../turns';

/** The styles of the hand, by the names its schools have for them. */
const SERIFS: Readonly<Record<string, Serif>> = { hooked: 'hooked', bare: 'bare' };

/** The alphabet at a height, in its groups of width. */
export const romanCapitals = (m: Measures, height: NibWidths) => capitals(m, height, turnsOff(TURNS, m), SERIFS[m.style] ?? 'cusped');

/** Small capitals at the height they are ruled at, written as small letters. */
export function smallCapitals(m: Measures): Shapes {
  if (m.small === 0) return {};
  const { full, fourFifths, half, wide, pairs } = romanCapitals(m, m.small);
  const all = Object.entries({ ...full, ...fourFifths, ...half, ...wide, ...pairs });
  return Object.fromEntries(all.map(([text, shape]) => [text.toLowerCase(), shape]));
}
