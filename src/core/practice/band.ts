import type { InkStyle } from '../writing/inkStyle';

/**
 * A practice page as data: a list of bands, each saying *what* is practised and *how*. It lies in the recipe, so it is
 * saved, shared, undone and printed with it (docs/formats.md).
 */
export const MODEL_TINTS = ['pale', 'middle', 'full'] as const;
export type ModelTint = (typeof MODEL_TINTS)[number];

/** Longest text of a band. */
export const LONGEST_TEXT = 200;
/** Most bands of a page recipe: far more than anybody prints at once. */
export const MOST_BANDS = 80;

/** A band of a page. */
export interface Band {
  /** Tells bands apart while they are ordered; means nothing on paper. */
  readonly id: string;
  readonly what: What;
  readonly how: How;
}

/** What is practised. */
export interface What {
  /** A kind of the registry (bands/registry.ts). */
  readonly kind: string;
  /** The drill, the letter, the family, the text or the picture; empty for empty ruling. */
  readonly of: string;
}

/** How it is practised. */
export interface How {
  readonly guided: boolean;
  /** Cells of each kind after the guided one. */
  readonly trace: number;
  readonly fading: number;
  readonly free: number;
  /** The sequence of cells begins anew until the lines are full. */
  readonly repeat: boolean;
  /** Ruled lines the band takes at least. */
  readonly lines: number;
  /** Empty ruling to the foot of the page. */
  readonly fill: boolean;
  /** Rows only as tall as what is written in them: more of them fit a page. */
  readonly snug: boolean;
  /** Size relative to the sheet's own: another nib, or another body height for a pointed pen. */
  readonly size: number;
  /** One angle held, whatever the strokes ask for. */
  readonly held: boolean;
  readonly ink: InkStyle;
  readonly tint: ModelTint;
}

/** Guided, traced, faded, then free: the default from which a kind of band departs. */
export const PLAIN: How = {
  guided: true,
  trace: 3,
  fading: 3,
  free: 3,
  repeat: false,
  lines: 2,
  fill: false,
  snug: false,
  size: 1,
  held: false,
  ink: 'solid',
  tint: 'pale',
};

/** What is practised on a page, band by band. */
export interface Practice {
  readonly bands: readonly Band[];
}

/** Any document that holds a practice page. */
export interface WithBands {
  readonly practice: Practice;
}
