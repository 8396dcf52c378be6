/** A word as its hand writes it, for a line on the screen: lengths in letter units, y downwards from the baseline. */
export interface Mark {
  readonly forms: readonly { readonly x: number; readonly y: number; readonly d: string }[];
  /** `viewBox` of the line: as high for every word of a hand, so that baselines stand level, and as wide as its ink. */
  readonly box: string;
}
