import type { Degrees } from '../../measure/units';

/** The pen's turns off the hand's angle that capitals ask for. */
export interface CapitalTurns {
  /** Arms and bars. */
  readonly bar: Degrees;
  /** The diagonal of Z, the arm of K: a level edge. */
  readonly level: Degrees;
  /** Both sides of A V W M: one angle makes clean apexes. */
  readonly diagonal: Degrees;
  /** The heavy diagonals of N, X and Y. */
  readonly rising: Degrees;
  /** Verticals of N and the first of M: half weight. */
  readonly thinStem: Degrees;
  /** The way out of J, and its end: flatter and flatter. */
  readonly tail: Degrees;
  readonly tailEnd: Degrees;
  /** The ends of arms and of a middle arm, in cusped capitals: they flare. */
  readonly flare?: Degrees;
  readonly flag?: Degrees;
}

/** How heads and feet are finished: small hooks in and out, cusps to both sides, or as the edge cuts them. */
export type Serif = 'hooked' | 'cusped' | 'bare';
