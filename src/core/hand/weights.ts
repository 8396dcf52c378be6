import type { Degrees, NibWidths } from '../measure/units';
import { barThickness, stemThickness, thinnestDirection } from '../pen/thickness';
import type { Hand } from './hand';

/** What a hand's angle makes of its strokes, in nib widths: computed, so a school's angle is followed at once. */
export interface StrokeWeights {
  readonly stem: NibWidths;
  readonly bar: NibWidths;
  readonly thinnest: Degrees;
}

/** Stroke weights of a hand written with an edge; null for the others, whose weight is pressure. */
export function strokeWeights(hand: Hand): StrokeWeights | null {
  if (!hand.penAngle) return null;
  const { usual } = hand.penAngle;
  return {
    stem: stemThickness(1, usual, hand.slope.usual),
    bar: barThickness(1, usual),
    thinnest: thinnestDirection(usual),
  };
}
