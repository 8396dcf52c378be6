/**
 * A psychometric staircase, three down and one up (Levitt's transformed rule is common knowledge of psychophysics): after three right
 * answers the difference shrinks, after a wrong one it grows, so that it settles where about 79 % are right.
 */
export interface Staircase {
  /** The difference shown now. */
  readonly level: number;
  readonly least: number;
  readonly most: number;
  /** Right answers since the last change. */
  readonly run: number;
  /** Which way it went last; 0 before it has turned. */
  readonly direction: -1 | 0 | 1;
  /** Levels at which it turned. */
  readonly reversals: readonly number[];
  readonly trials: number;
}

const RIGHT_TO_SHRINK = 3;
/** Factors of a step: large until it has turned twice, then small. */
const STEPS = { first: 1.6, later: 1.25, turns: 2 } as const;
/** The staircase ends after this number of reversals or of questions: a tired eye measures nothing. */
const TURNS = 8;
const MOST_TRIALS = 60;
/** Turns that count: the first ones are still on the way. */
const COUNTED = 6;

export const begin = (level: number, least: number, most: number): Staircase => ({
  level,
  least,
  most,
  run: 0,
  direction: 0,
  reversals: [],
  trials: 0,
});

/** The staircase after an answer. */
export function answered(stairs: Staircase, right: boolean): Staircase {
  const trials = stairs.trials + 1;
  const run = right ? stairs.run + 1 : 0;
  if (right && run < RIGHT_TO_SHRINK) return { ...stairs, run, trials };
  const direction = right ? -1 : 1;
  const turned = stairs.direction !== 0 && stairs.direction !== direction;
  const reversals = turned ? [...stairs.reversals, stairs.level] : stairs.reversals;
  const step = reversals.length < STEPS.turns ? STEPS.first : STEPS.later;
  const level = Math.min(stairs.most, Math.max(stairs.least, stairs.level * step ** direction));
  return { ...stairs, level, run: 0, direction, reversals, trials };
}

export const isDone = ({ reversals, trials }: Staircase): boolean =>
  reversals.length >= TURNS || trials >= MOST_TRIALS;

/** How far it is, 0 … 1. */
export const progressOf = ({ reversals, trials }: Staircase): number =>
  Math.min(1, Math.max(reversals.length / TURNS, trials / MOST_TRIALS));

/** The difference that is seen three times in four or more: the geometric mean of the last turns. */
export function thresholdOf({ reversals, level }: Staircase): number {
  const last = reversals.slice(-COUNTED);
  if (last.length === 0) return level;
  return Math.exp(last.reduce((sum, one) => sum + Math.log(one), 0) / last.length);
}
