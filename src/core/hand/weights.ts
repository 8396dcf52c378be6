import type { Degrees, NibWidths } from '../measure/units';
import { DIP_NIB_EDGE } from '../pen/edge';
import { barThickness, stemThickness, thinnestDirection } from '../pen/thickness';
import type { Hand } from './hand';

/** What a hand's angle makes of its strokes, in nib widths: computed, so a school's angle is followed at once. */
export interface StrokeWeights {
  readonly stem: NibWidths;
  readonly bar: NibWidths;
  readonly thinnest: Degrees;
}

/** Stroke weights of a hand written with the edge of its usual nib; null for the others, whose weight is pressure. */
export function strokeWeights(hand: Hand): StrokeWeights | null {
  if (!hand.penAngle) return null;
  const { usual } = hand.penAngle;
  const steel = DIP_NIB_EDGE / hand.width;
  return {
    stem: stemThickness(1, usual, hand.slope.usual, steel),
    bar: barThickness(1, usual, steel),
    thinnest: thinnestDirection(usual),
  };
}
