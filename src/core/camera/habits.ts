import type { FaultId } from '../faults/faults';
import type { Degrees, Mm } from '../measure/units';

/** Habits of a simulated scribe: mean deviation from the model in each respect, and its spread. */
export interface Habits {
  /** Seed of all random values. */
  readonly seed: number;
  /** Deviation of the edge from the hand's angle, and its spread (standard deviations, as all spreads here). */
  readonly angle: Degrees;
  readonly angleSpread: Degrees;
  /** Additional lean of letters, relative to the model. */
  readonly slope: Degrees;
  readonly slopeSpread: Degrees;
  /** The nib's width, and the body and the letters' width, as shares of the model's. */
  readonly nib: number;
  readonly body: number;
  readonly width: number;
  /** Random deviation of feet from the line, and their fall towards its end. */
  readonly place: Mm;
  readonly sinking: Mm;
  /** Additional lean of strokes after the first, about the point where they begin. */
  readonly splay: Degrees;
  /** Lines that a pointed pen leaves without pressure, as a share of the model's. */
  readonly hairline: number;
  /** Length over which a pointed pen opens to the full shade, as a fraction of the shade's width; 0 opens at once. */
  readonly tops: number;
  /** Amplitude of the wobble of strokes, in letter units. */
  readonly wobble: number;
  /** Roughness of edges. */
  readonly ragged: Mm;
  /** Ink gathers at the ends of strokes, as a share of the nib's width; and pales from dip to dip, as a share. */
  readonly pools: number;
  readonly paling: number;
  /** Fraction of the edge, from one corner, that is worn and leaves no ink. */
  readonly worn: number;
  /** Darkness of the ink, 0 to 1. */
  readonly ink: number;
  /** White inside shades of a pointed pen, as a share of the shade; 0 where they are full. */
  readonly rails: number;
  /** Area one load covers before the ink ends, in mm²; tried on the strip of a nib. */
  readonly load: number;
  /** Faults by the number of the row, counted from the top. */
  readonly faults: Readonly<Record<number, { readonly fault: FaultId; readonly size: number }>>;
  /** Rows left out, by number. */
  readonly skipped: readonly number[];
}

/** A steady hand that writes like the model. */
export const STEADY: Habits = {
  seed: 1,
  angle: 0,
  angleSpread: 1,
  slope: 0,
  slopeSpread: 0.8,
  nib: 1,
  body: 1,
  width: 1,
  place: 0.08,
  sinking: 0,
  splay: 0,
  hairline: 1,
  tops: 0,
  wobble: 0.02,
  ragged: 0.01,
  pools: 0.02,
  paling: 0.1,
  worn: 0,
  ink: 0.92,
  rails: 0,
  load: 400,
  faults: {},
  skipped: [],
};
