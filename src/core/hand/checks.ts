import type { NibWidths } from '../measure/units';

/** A line of the ruling that ink touches. */
export type Line = 'baseline' | 'waistline' | 'ascender' | 'descender' | 'capital';

/** What is expected of a hand's letters. It lies in the hand's folder; the tests run over every hand's. */
export interface HandChecks {
  /** Characters it must have. */
  readonly wanted: string;
  /** Ligatures it must have. */
  readonly ligatures?: readonly string[];
  /** Shapes besides the usual ones: which letters have the variant of a name. */
  readonly variants?: Readonly<Record<string, string>>;
  /** Lines the usual shapes of letters touch with foot and top; a line left out is free. */
  readonly heights: readonly { readonly letters: string; readonly foot?: Line; readonly top?: Line }[];
  /** Letters whose first run of ink at half the body is the same stem, `wide` letter units where that is known. */
  readonly oneStem: string;
  /** Letters whose last white at half the body is the same, within ±0.1 of `counter` letter units. */
  readonly oneCounter?: { readonly letters: string; readonly counter: NibWidths };
  /** Letters whose diagonals balance about the slope, and those whose like strokes are parallel. */
  readonly balanced?: string;
  readonly parallel?: string;
  /** Running text in its own letters, where it is not written in the Latin ones. */
  readonly text?: string;
  /** Share of ink in the body of running text. */
  readonly ink: { readonly from: number; readonly to: number };
  /** Minimum number of joins among all shapes; 0 for hands that do not join. */
  readonly joins: number;
}
