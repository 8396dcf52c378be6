/**
 * A scribe's letter set for one hand, as versioned plain JSON (docs/formats.md): the shapes written by default, and
 * letters of their own, given as strokes through knots.
 */
export const LETTER_SET_FORMAT = 'elvane-letters';
export const LETTER_SET_VERSION = 1;

/** Bounds of what a set may hold: a whole alphabet twice over, with room for any stroke people write. */
export const LETTER_SET_LIMITS = {
  bytes: 512 * 1024,
  letters: 120,
  strokes: 16,
  knots: 160,
  /** Farthest a knot may lie from the letter's origin, in nib widths or fifths of the body. */
  reach: 40,
  variants: 200,
} as const;
