import type { Zones } from '../hand/hand';
import type { Measures } from '../hand/letter';
import type { Script } from '../hand/script';
import type { HandId } from '../hands/registry';
import type { Degrees, NibWidths } from '../measure/units';
import type { WritingPen } from '../pen/pen';
import type { Cut } from './cut';
import type { Endings } from './endings';
import type { Off } from './placed';

/** A hand at one weight, angle and slope: everything that setting words needs, each computed once. */
export interface Typeface {
  readonly hand: HandId;
  readonly script: Script;
  readonly pen: WritingPen;
  readonly slope: Degrees;
  /** Heights in letter units. */
  readonly zones: Zones;
  readonly measures: Measures;
  readonly rightToLeft: boolean;
  /** The default shape of each letter: the user's choice, else the usual one. */
  readonly letters: ReadonlyMap<string, Cut>;
  /** Every drawn shape of every letter, the usual one first. */
  readonly shapes: ReadonlyMap<string, readonly Cut[]>;
  /** The shapes of any text: drawn, or a drawn letter with its marks; none where the hand has no such letter. */
  readonly shapesOf: (text: string) => readonly Cut[];
  /** Whether it can write this letter, drawn or with marks; answered without composing it. */
  readonly has: (text: string) => boolean;
  /** The user's choices by letter. */
  readonly chosen: Readonly<Record<string, string>>;
  /** Whether the shapes of a letter take turns. */
  readonly mixed: boolean;
  /** Whether neighbouring letters are joined and ligatures taken. */
  readonly joined: boolean;
  /** From one letter's origin to the next one's. */
  readonly pair: (before: Cut, after: Cut) => NibWidths;
  /**
   * The stroke between two letters, in the coordinates of the first, the second standing `off` its place; undefined
   * where they do not join.
   */
  readonly join: (before: Cut | undefined, after: Cut | undefined, off?: Off) => Cut | undefined;
  /** A letter as it is drawn at a place among the letters of a text, and how far it stands over the line there. */
  readonly inPlace: (
    cut: Cut,
    place: number,
    texts: readonly string[],
  ) => { readonly cut: Cut; readonly rise: NibWidths };
  readonly wordSpace: NibWidths;
  /** How often words and lines end in a shape made for that. */
  readonly endings: Endings;
  /** Text converted to the case of a hand that has only one. */
  readonly fold: (text: string) => string;
}
