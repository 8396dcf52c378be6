import { type Card, createEmptyCard, fsrs, generatorParameters, type Grade as Rating } from 'ts-fsrs';
import type { CriterionId } from '../practice/criteria';

/** Grades of a unit: off; near, but slow or uneven; right; right without effort. */
export const GRADES = { off: 1, near: 2, right: 3, easy: 4 } as const satisfies Record<string, Rating>;
export type Grade = (typeof GRADES)[keyof typeof GRADES];

/** Target probability of recall at review (usual value of spaced repetition). */
export const RETENTION = 0.9;

/**
 * The scheduler of spaced repetition (ts-fsrs, its own parameters): in whole days, since a page is written once a day, and
 * without chance, so that the same log says the same.
 */
const scheduler = fsrs(
  generatorParameters({ enable_fuzz: false, enable_short_term: false, request_retention: RETENTION }),
);

/** Ratings remembered one by one: enough to say what was off lately. */
const LATELY = 4;

/** Memory state of a unit: plain data, all times ISO 8601 in UTC. */
export interface Memory {
  /** Stability: days until the probability of recall falls to 90 %. */
  readonly stability: number;
  /** From 1, easy, to 10. */
  readonly difficulty: number;
  readonly times: number;
  readonly lapses: number;
  readonly last: string;
  readonly due: string;
  readonly grade: Grade;
  /** What was off, of the last ratings; the latest last. */
  readonly off: readonly CriterionId[];
}

/** A rating of a unit. */
export interface Rated {
  readonly grade: Grade;
  readonly at: Date;
  readonly off: readonly CriterionId[];
}

const cardOf = (memory: Memory): Card => ({
  due: new Date(memory.due),
  stability: memory.stability,
  difficulty: memory.difficulty,
  elapsed_days: 0,
  scheduled_days: 0,
  learning_steps: 0,
  reps: memory.times,
  lapses: memory.lapses,
  state: 2,
  last_review: new Date(memory.last),
});

/** Memory state after a rating. A rating older than the last one (a clock set back) counts as simultaneous. */
export function afterRating(memory: Memory | undefined, { grade, at, off }: Rated): Memory {
  const when = memory && at < new Date(memory.last) ? new Date(memory.last) : at;
  const { card } = scheduler.next(memory ? cardOf(memory) : createEmptyCard(when), when, grade);
  return {
    stability: card.stability,
    difficulty: card.difficulty,
    times: card.reps,
    lapses: card.lapses,
    last: when.toISOString(),
    due: card.due.toISOString(),
    grade,
    off: [...(memory?.off ?? []), ...off].slice(-LATELY),
  };
}

/** Probability of recall, 0 to 1. */
export const chanceOf = (memory: Memory, now: Date): number =>
  now <= new Date(memory.last) ? 1 : scheduler.get_retrievability(cardOf(memory), now, false);

export const isDue = (memory: Memory, now: Date): boolean => new Date(memory.due) <= now;

/** Where a unit stands, for maps and pages. */
export const STANDS = ['new', 'wobbling', 'due', 'held'] as const;
export type Stand = (typeof STANDS)[number];

export const standOf = (memory: Memory | undefined, now: Date): Stand => {
  if (!memory) return 'new';
  if (memory.grade === GRADES.off) return 'wobbling';
  return isDue(memory, now) ? 'due' : 'held';
};

/** Known: it has been written, and was not off the last time; words may be made of it. */
export const isKnown = (memory: Memory | undefined): boolean =>
  memory !== undefined && memory.grade !== GRADES.off;
