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
  /** Where in the text a letter begins, in UTF-16 units. */
  readonly at?: number;
}

export interface PlacedBox {
  readonly kind: 'missing';
  readonly text: string;
  readonly x: NibWidths;
  readonly width: NibWidths;
}

export interface SetLine {
  readonly placed: readonly Placed[];
  /** Width from 0 to the last ink, on the upright skeleton. */
  readonly width: NibWidths;
  /** How far ink reaches left of 0: a tail or a first hairline under the first letters. */
  readonly left: NibWidths;
  /** Characters the hand has no letter for, each once. */
  readonly missing: readonly string[];
}

/** Displacement of a letter from its place: along the line, and above it. */
export interface Off {
  readonly along: NibWidths;
  readonly rise: NibWidths;
}

/** A letter of a word with its shape chosen; or a character there is no letter for. */
export type Chosen = ChosenLetter | { readonly cut?: undefined; readonly text: string };

export interface ChosenLetter {
  readonly cut: Cut;
  readonly off: Off;
  /** Where in the text it begins, in UTF-16 units. */
  readonly at: number;
}

/** A letter of a line that knows its place in the text. */
export type PlacedLetter = PlacedInk & { readonly at: number };

/** The letters of a line in the order of its text. */
export const lettersOf = ({ placed }: SetLine): PlacedLetter[] =>
  placed
    .filter((item): item is PlacedLetter => item.kind === 'letter' && item.at !== undefined)
    .sort((a, b) => a.at - b.at);
