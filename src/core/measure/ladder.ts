import type { Mm } from './units';

/** How closely a mark is read off an ordinary millimetre ruler by eye: a quarter of a division at either end. */
export const RULER_READING: Mm = 0.25;

export interface MeasuredWidth {
  /** Edge length W. */
  readonly width: Mm;
  /** Standard uncertainty of W, from reading both ends of the span. */
  readonly uncertainty: Mm;
}

/**
 * W from a nib ladder: `steps` squares stepped corner to corner span `span` millimetres, so W = span / steps.
 * Both ends are read with an error r, independent of each other: u(W) = √2·r / steps. Ten steps are ten times
 * surer than one; the gap of two bound pencils is a ladder of one step.
 */
export function widthFromLadder(steps: number, span: Mm, reading: Mm = RULER_READING): MeasuredWidth {
  return { width: span / steps, uncertainty: (Math.SQRT2 * reading) / steps };
}
