import type { NibWidths } from '../measure/units';
import { type Pen, type Polygon, sweep } from '../pen/pen';
import type { Stroke } from '../pen/stroke';

/** Colours as `#rrggbb`. */
export interface Blend {
  /** The ink the tip was touched to, and the brush pen's own: dark into light, because the reverse spoils the light pen. */
  readonly touched: string;
  readonly own: string;
  /** Distance after which a third of the touched colour is left. */
  readonly fade: NibWidths;
}

/** Bands of one colour along a stroke: fine enough to look even. */
const BANDS = 24;
/** Exponent of the screen's transfer curve; inks are mixed in linear light. */
const GAMMA = 2.2;

/** Fraction of the touched ink after a distance: exponential decay, the same fraction per unit. */
export const touchedLeft = (travelled: NibWidths, fade: NibWidths): number => Math.exp(-travelled / fade);

const channels = (colour: string): number[] =>
  [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16) / 255);

/** The colour of two inks together, `share` of the first, mixed as light. */
export function mixed(one: string, other: string, share: number): string {
  const others = channels(other);
  const hex = channels(one).map((value, i) => {
    const light = share * value ** GAMMA + (1 - share) * (others[i] as number) ** GAMMA;
    return Math.round(255 * light ** (1 / GAMMA))
      .toString(16)
      .padStart(2, '0');
  });
  return `#${hex.join('')}`;
}

/** Weights of red, green and blue in relative luminance (common definition). */
const SEEN = [0.2126, 0.7152, 0.0722] as const;

const brightness = (colour: string): number =>
  channels(colour).reduce((sum, value, i) => sum + (SEEN[i] as number) * value ** GAMMA, 0);

/** Whether one colour is lighter than another. */
export const isLighter = (one: string, other: string): boolean => brightness(one) > brightness(other);

/** A letter written with a tip touched to a second colour: its mark in bands, each of one colour, in the order of writing. */
export function blendedInk(
  pen: Pen,
  strokes: readonly Stroke[],
  { touched, own, fade }: Blend,
): { readonly polygons: Polygon[]; readonly colour: string }[] {
  let travelled = 0;
  return strokes.flatMap((stroke) => {
    const polygons = sweep(pen, stroke);
    const length = stroke.lengths.at(-1) ?? 0;
    const each = Math.max(1, Math.ceil(polygons.length / BANDS));
    const bands = Array.from({ length: Math.ceil(polygons.length / each) }, (_, i) => ({
      polygons: polygons.slice(i * each, (i + 1) * each),
      colour: mixed(touched, own, touchedLeft(travelled + (length * i * each) / polygons.length, fade)),
    }));
    travelled += length;
    return bands;
  });
}
