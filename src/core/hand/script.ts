import type { NibWidths } from '../measure/units';
import type { StrokePlan } from '../pen/stroke';
import type { Letter, Mark, Measures } from './letter';

/** White between letters judged as an area, with what the eye forgives (core/type/spacing.ts). */
export interface WhiteSpacing {
  /** White over the body in square letter units, as a share of the body height squared. */
  readonly white: number;
  /** The same between two capitals. */
  readonly capitalWhite: number;
  /** White deeper than this behind a letter's foremost ink belongs to the letter. */
  readonly depth: NibWidths;
  readonly leastGap: NibWidths;
  /** Distance from the lines within which the white is not measured, so that heads and feet do not count. */
  readonly clear: NibWidths;
  /** As a share of the body. */
  readonly wordSpace: number;
}

/** A pair set by hand, off what the rule gives, and why. */
export interface KerningOverride {
  readonly before: string;
  readonly after: string;
  readonly add: NibWidths;
  readonly reason: string;
}

/** A letter drawn for one place of a text: its own measures there, and how far it stands over the line. */
export interface Bounced {
  readonly measures: Measures;
  readonly rise: NibWidths;
}

/** All a hand must know to be written: its letters, how they follow each other, and how they are joined. */
export interface Script {
  readonly letters: (m: Measures) => Letter[];
  /** Accents and other marks, each drawn once; letters that carry them are composed (core/type/compose.ts). */
  readonly marks?: (m: Measures) => Mark[];
  readonly spacing: WhiteSpacing;
  /** Distance of two letters that the hand knows of itself (by shades, by stems); undefined leaves it to the white. */
  readonly pitch?: (before: Letter, after: Letter, m: Measures) => NibWidths | undefined;
  /** Distance of two letters that share a stroke where they are joined; the least gap does not hold for them. */
  readonly fuse?: (before: Letter, after: Letter, m: Measures) => NibWidths | undefined;
  readonly kerning: readonly KerningOverride[];
  /**
   * The stroke that joins two letters whose origins lie `distance` apart, in the coordinates of the first; at the
   * start of a word (no `before`) in those of the second. Undefined where the pair does not join.
   */
  readonly join: (
    before: Letter | undefined,
    after: Letter | undefined,
    distance: NibWidths,
    m: Measures,
  ) => StrokePlan | undefined;
  /**
   * Joined letters are placed by laying the entry of the next on the exit of the last, in both directions; groups of
   * them stand `groupGap` apart by rows of ink and may reach at most `overlap` into each other (letter units).
   */
  readonly byPorts?: {
    readonly groupGap: NibWidths;
    readonly wordGap: NibWidths;
    readonly overlap: NibWidths;
    /** The same between words, where that is less: tails do not run under the next word as far. */
    readonly wordOverlap?: NibWidths;
  };
  /** What the hand does with a line to be looked at: letters that may carry themselves, small, to be told from dotted ones. */
  readonly ornament?: { readonly signs: readonly string[] };
  /** Letters off the line: how the one at a place of a text is drawn there among the others, for an amount of 0 to 1. */
  readonly bounce?: (place: number, texts: readonly string[], amount: number, m: Measures) => Bounced;
  /** The hand's own way with a stroke drill, by the drill's id, with its own pressure. */
  readonly drills?: (m: Measures) => Readonly<Record<string, readonly StrokePlan[]>>;
}
