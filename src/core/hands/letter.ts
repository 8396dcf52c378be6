import type { Degrees, NibWidths } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';

/**
 * What a letter is drawn through, in letter units: nib widths for the broad edge, fifths of the body for the pointed
 * pen. Heights are those of the pen's centre, so that a letter written through them keeps its height under another pen
 * angle: at the hand's angle α half the edge reaches ½ sin α over and under it; a hairline reaches half its width.
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
  /** Off the vertical. Letters are drawn upright and leant afterwards; a true ellipse must know by how much. */
  readonly slope: Degrees;
  /** Full shade of a pointed pen, measured along the line; 1 for the broad edge. */
  readonly shade: NibWidths;
  /** How far the pen's ink reaches over its centre: ½ sin α for a pen turned by `turn` off the hand's angle. */
  readonly half: (turn?: Degrees) => NibWidths;
}

/**
 * Where a variant is written; elsewhere in the text the usual shape stands in. `before` holds the letters it may stand
 * in front of, `after` those it may follow.
 */
export type Context =
  | 'anywhere'
  | 'word-start'
  | 'word-end'
  | 'line-end'
  | { readonly before: string }
  | { readonly after: string };

/** Where a join leaves or reaches a letter, and in what manner: the hand's own classes. */
export interface Port {
  readonly kind: string;
  readonly x: NibWidths;
  readonly y: NibWidths;
  readonly dir: Degrees;
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
}

/** White between letters judged as an area, with what the eye forgives (core/type/spacing.ts). */
export interface WhiteSpacing {
  /** White over the body in square letter units, as a share of the body height squared. */
  readonly white: number;
  /** The same between two capitals. */
  readonly capitalWhite: number;
  /** White deeper than this behind a letter's foremost ink belongs to the letter. */
  readonly depth: NibWidths;
  readonly leastGap: NibWidths;
  /** The white is judged this far inside the lines, clear of heads and feet. */
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

/** All a hand must know to be written: its letters, how they follow each other, and how they are joined. */
export interface Script {
  /** What writes it: a broad edge in nib widths, or a pointed pen in fifths of the body. */
  readonly tool: 'broad' | 'pointed';
  readonly letters: (m: Measures) => Letter[];
  readonly spacing: WhiteSpacing;
  /** Distance of shade centres of two neighbours; undefined leaves the pair to the white between them. */
  readonly pitch?: (before: Letter, after: Letter, m: Measures) => NibWidths | undefined;
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
  /** The hand's own way with a stroke drill, by the drill's id, with its own pressure. */
  readonly drills?: (m: Measures) => Readonly<Record<string, readonly StrokePlan[]>>;
}

/** A knot: place and direction of travel. */
export const to = (x: number, y: number, dir?: Degrees, more: Partial<Knot> = {}): Knot => ({
  x,
  y,
  dir,
  ...more,
});

/** A knot reached by a straight line. */
export const line = (x: number, y: number, more: Partial<Knot> = {}): Knot => ({ x, y, line: true, ...more });

export const stroke = (name: string, knots: readonly Knot[], remark?: string): StrokePlan => ({
  name,
  knots,
  remark,
});
