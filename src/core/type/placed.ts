import type { NibWidths } from '../measure/units';
import type { Cut } from './cut';

/**
 * A letter in its place, the stroke that joins two of them, or a mark set after them; x moves its skeleton along the
 * baseline, y over it. A missing letter is an open box `width` wide.
 */
export type Placed = PlacedInk | PlacedBox;

export interface PlacedInk {
  readonly kind: 'letter' | 'join' | 'mark';
  readonly cut: Cut;
  readonly x: NibWidths;
  readonly y: NibWidths;
}

export interface PlacedBox {
  readonly kind: 'missing';
  readonly text: string;
  readonly x: NibWidths;
  readonly width: NibWidths;
}

export interface SetLine {
  readonly placed: readonly Placed[];
  /** From 0 to the last ink, on the upright skeleton. */
  readonly width: NibWidths;
  /** How far ink reaches left of 0: a tail or a first hairline under the first letters. */
  readonly left: NibWidths;
  /** Characters the hand has no letter for, each once. */
  readonly missing: readonly string[];
}

/** A letter of a word with its shape chosen, standing `rise` over the line; or a character there is no letter for. */
export type Chosen =
  | { readonly cut: Cut; readonly rise: NibWidths }
  | { readonly cut?: undefined; readonly text: string };
