import type { Degrees, NibWidths } from '../measure/units';
import type { StrokePlan } from '../pen/stroke';

/**
 * What a letter is drawn through, in letter units. Heights are those of the pen's centre, so that a letter written
 * through them keeps its height under another pen angle: at the hand's angle α half the edge reaches ½ sin α over and
 * under it; a hairline reaches half its width.
 */
export interface Measures {
  /** Body height, waistline to baseline. */
  readonly X: NibWidths;
  /** Centre of the pen for ink that just touches the waistline, baseline, ascender, descender and capital line. */
  readonly T: NibWidths;
  readonly B: NibWidths;
  readonly A: NibWidths;
  readonly D: NibWidths;
  readonly C: NibWidths;
  /** Distance of neighbouring stems, centre to centre. */
  readonly d: NibWidths;
  /** Height of small capitals; 0 where none are ruled. */
  readonly small: NibWidths;
  /** Of a letter off the line: where the pen's centre is at the foot of its last stroke, in place of `B`. */
  readonly F?: NibWidths;
  /** Distance of a second contour to the right of downstrokes, where the hand is doubled: letters leave it room. */
  readonly second?: NibWidths;
  /** How letters are finished, where the hand has several ways; '' elsewhere. */
  readonly style: string;
  /** The pen angle of the hand; 0 for pens without an edge. */
  readonly angle: Degrees;
  /** Off the vertical. Letters are drawn upright and leant afterwards; a true ellipse must know by how much. */
  readonly slope: Degrees;
  /** Full spread of a pressed pen, level as its tines open (`shadeAcross` tells the shade); 1 for the broad edge. */
  readonly spread: NibWidths;
  /** How far the pen's ink reaches over its centre: ½ sin α for a pen turned by `turn` off the hand's angle. */
  readonly half: (turn?: Degrees) => NibWidths;
}

/** Where in its word a letter of a joining hand stands. */
export type Form = 'isolated' | 'initial' | 'medial' | 'final';

/**
 * Where a variant is written; elsewhere in the text the usual shape stands in. `before` holds the letters it may stand
 * in front of, `after` those it may follow; `form` is its place among joined letters, and `reaching` how the next
 * letter is entered: the kind of that letter's entry.
 */
export type Context =
  | 'anywhere'
  | 'word-start'
  | 'word-end'
  | 'line-end'
  | { readonly before: string }
  | { readonly after: string }
  | { readonly form: Form; readonly reaching?: string };

/** Where a join leaves or reaches a letter, and in what manner: the hand's own classes. */
export interface Port {
  readonly kind: string;
  readonly x: NibWidths;
  readonly y: NibWidths;
  readonly dir: Degrees;
  /** Outermost ink at an exit, for hands that count the white to the next letter from there. */
  readonly side?: NibWidths;
}

/** The shape of a letter that is written where no other is asked for. */
export const USUAL = 'usual';

export interface Letter {
  /** The character, or characters of a ligature. */
  readonly text: string;
  /** `USUAL` for the default shape. */
  readonly variant: string;
  readonly family: string;
  /** For variants. */
  readonly context?: Context;
  /** Taken by the text of itself where the context fits, without having been chosen. */
  readonly byItself?: boolean;
  readonly strokes: readonly StrokePlan[];
  readonly entry?: Port;
  readonly exit?: Port;
  /** Centres of the first and last shade, for hands spaced by them. */
  readonly shades?: readonly [NibWidths, NibWidths];
  /** Dots set after the word is written, clear of all ink: how many, on which side, and where they would like to be. */
  readonly dots?: readonly Dots[];
}

export interface Dots {
  readonly count: 1 | 2 | 3;
  readonly side: 'over' | 'under';
  readonly x: NibWidths;
  readonly y: NibWidths;
}

/** Capitals and figures: taller than the body all along. */
export const standsTall = ({ text }: Pick<Letter, 'text'>): boolean => /[\p{Lu}\p{Nd}]/u.test(text);

/** How a mark sits on its letter. */
export type Seat =
  /** Over the middle of the letter, clear of its top; the dot of i makes way. */
  | 'over'
  /** Under its middle, hanging from its foot. */
  | 'under'
  /** Hanging from the lower right of the letter. */
  | 'under-right'
  /** High, beside its right side. */
  | 'beside'
  /** Through its middle, as long as the letter is tall. */
  | 'across'
  /** Through its stem, at half the height; through its ascender. */
  | 'across-stem'
  | 'across-ascender';

/** An accent or other mark, drawn once a hand: its middle at x = 0, its foot (over) or its top (under) at y = 0. */
export interface Mark {
  /** The combining character. */
  readonly mark: string;
  readonly seat: Seat;
  readonly strokes: readonly StrokePlan[];
}
