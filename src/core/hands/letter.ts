import type { Degrees, NibWidths } from '../measure/units';
import type { Knot, StrokePlan } from '../pen/stroke';

/**
 * What a letter is drawn through. Heights are those of the centre of the edge, so that a letter written through them
 * keeps its height under another pen angle: at the hand's angle α half the edge reaches ½ sin α over and under it.
 */
export interface Measures {
  /** Body height, waistline to baseline. */
  readonly X: NibWidths;
  /** Centre of the edge for ink that just touches the waistline, baseline, ascender, descender and capital line. */
  readonly T: NibWidths;
  readonly B: NibWidths;
  readonly A: NibWidths;
  readonly D: NibWidths;
  readonly C: NibWidths;
  /** Distance of neighbouring stems, centre to centre. */
  readonly d: NibWidths;
  /** Half the rise of the edge, ½ sin α, for a pen turned by `turn` off the hand's angle. */
  readonly half: (turn?: Degrees) => NibWidths;
}

/** Where a variant belongs when the text chooses it by itself. */
export type Context = 'anywhere' | 'word-start' | 'word-end' | 'line-end';

export interface Letter {
  /** The character, or characters of a ligature. */
  readonly text: string;
  /** 'usual' for the default shape. */
  readonly variant: string;
  readonly family: string;
  readonly context?: Context;
  readonly strokes: readonly StrokePlan[];
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
