import { type Degrees, type NibWidths, sinDeg } from '../measure/units';
import type { Hand, Zones } from './hand';
import type { Measures } from './letter';

/** Styles of hands with a second contour: the room between the two left open, or filled. */
export const isDoubled = (style: string | undefined): style is 'open' | 'filled' =>
  style === 'open' || style === 'filled';

/** What decides how a hand's letters are drawn, in letter units and degrees. */
export interface Setting {
  readonly zones: Zones;
  /** Of an edge; 0 for other pens. */
  readonly penAngle: Degrees;
  readonly slope: Degrees;
  /** A name of the hand's own. */
  readonly style?: string;
  /** Full spread and hairline of a pressed pen, or the line of a round point as both. */
  readonly pressed: { readonly spread: NibWidths; readonly hairline: NibWidths };
}

/**
 * What a hand's letters are drawn through. An edge of 1 at pen angle α reaches ½ |sin α| over its centre; of a pressed
 * pen only half the hairline does, as shades end on the lines by their own squared tops.
 */
export function measuresOf(hand: Pick<Hand, 'tool' | 'breadth' | 'second'>, setting: Setting): Measures {
  const { zones, slope, pressed } = setting;
  const edge = hand.tool === 'broad';
  const angle = edge ? setting.penAngle : 0;
  const half = edge ? (turn: Degrees = 0) => Math.abs(sinDeg(angle + turn)) / 2 : () => pressed.hairline / 2;
  const reach = half();
  return {
    X: zones.body,
    T: zones.body - reach,
    B: reach,
    A: zones.body + zones.ascender - reach,
    D: -zones.descender + reach,
    C: zones.capital - reach,
    d: hand.breadth(zones.body, angle),
    small: zones.smallCapital ?? 0,
    style: setting.style ?? '',
    ...(hand.second && isDoubled(setting.style) && { second: hand.second }),
    angle,
    slope,
    spread: edge ? 1 : pressed.spread,
    half,
  };
}
