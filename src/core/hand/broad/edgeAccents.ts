import type { Degrees } from '../../measure/units';
import { accents } from '../accents';
import type { Mark, Measures } from '../letter';
import { comma, spot } from './spots';

/** Share of the edge that touches where the pen is lifted onto its corner: a ring is written with it. */
const CORNER = 0.35;

/** The pen's turns off the hand's angle for accents: what most are written with, a stroke through a stem, a slash. */
export interface AccentTurns {
  readonly usual: Degrees;
  readonly stroke: Degrees;
  readonly slash: Degrees;
}

/** The accents of a hand of the edge, with its own dots and commas. */
export function edgeAccents(m: Measures, turn: AccentTurns): Mark[] {
  const touches = {
    usual: { turn: turn.usual },
    stroke: { turn: turn.stroke },
    slash: { turn: turn.slash },
    ring: { press: CORNER, anchor: 0.5 },
  };
  return accents(m, {
    size: m.X / 5,
    touch: (_, light) => touches[light ?? 'usual'],
    dot: (x, y) => spot(x, y),
    comma: (x, y) => [comma(x, y)],
  });
}
