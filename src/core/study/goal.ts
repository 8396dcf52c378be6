import type { Lesson } from '../practice/lessons';
import { isKnown } from './memory';
import { type Memories, MINUTES, NEW_LETTER_MINUTES } from './plan';
import { keyOf } from './unit';

/** What somebody wants to have by a day. */
export const AIMS = ['small', 'capitals', 'all'] as const;
export type Aim = (typeof AIMS)[number];

/** A goal: a hand to be legible by a date, with the minutes per day and the days of the week to practise. */
export interface Goal {
  readonly aim: Aim;
  /** The day by which, as yyyy-mm-dd. */
  readonly by: string;
  /** Minutes of a session. */
  readonly minutes: number;
  /** Weekdays of practice, 0 for Sunday. */
  readonly weekdays: readonly number[];
}

/**
 * Number of days on which a letter is practised until it is retained (estimate; the simulated learners of docs/scheduling.md take five
 * to nine).
 */
const TIMES_TO_HOLD = 6;
/** Fraction of a session for new and recent letters; the rest maintains known letters, strokes and words. */
const LEARNING_SHARE = 0.6;

/** Where a goal stands. */
export interface Standing {
  readonly letters: readonly string[];
  /** Number of known units. */
  readonly known: number;
  /** Minutes still needed, and minutes that the remaining sessions provide. */
  readonly needed: number;
  readonly available: number;
  /** Minutes per week needed from today on; undefined when the day has passed. */
  readonly minutesAWeek: number | undefined;
  readonly onTrack: boolean;
}

const DAY = 86_400_000;

/** Midday, so that no change of the clocks moves a day. */
const dayOf = (text: string): Date => new Date(`${text}T12:00:00Z`);
const dayText = (date: Date): string => date.toISOString().slice(0, 10);

/** The day a moment falls on by the clock on the wall here, yyyy-mm-dd: at half past eleven at night it is still today. */
export const dayHere = (moment: Date): string =>
  dayText(new Date(Date.UTC(moment.getFullYear(), moment.getMonth(), moment.getDate(), 12)));

/** The days a goal is still practised on, after `from` (yyyy-mm-dd), up to its day. */
export function sessionDays({ by, weekdays }: Goal, from: string): string[] {
  const days: string[] = [];
  const end = dayOf(by).getTime();
  for (let day = dayOf(from).getTime(); day <= end && days.length < MOST_DAYS; day += DAY) {
    const date = new Date(day);
    if (weekdays.includes(date.getUTCDay())) days.push(dayText(date));
  }
  return days;
}

/** Maximum planning horizon: two years. */
const MOST_DAYS = 732;

const IN: Readonly<Record<Aim, readonly Lesson['case'][]>> = {
  small: ['small'],
  capitals: ['small', 'capital'],
  all: ['small', 'capital', 'figure'],
};

/** Remaining effort for a goal, and whether its sessions cover it; recomputed from the current state, so that missed days show at once. */
export function standingOf(
  goal: Goal,
  lessons: readonly Lesson[],
  memories: Memories,
  today: string,
): Standing {
  // A hand of capitals has no small letters: its first case is what words are written with.
  const first = lessons[0]?.case;
  const cases = new Set([...IN[goal.aim], ...(first ? [first] : [])]);
  const letters = lessons.filter((lesson) => cases.has(lesson.case)).flatMap((lesson) => lesson.letters);
  const left = letters.map((letter) => {
    const memory = memories.get(keyOf('letter', letter));
    const times = Math.max(0, TIMES_TO_HOLD - (memory?.times ?? 0));
    return times === 0 ? 0 : MINUTES.letter * times + (memory ? 0 : NEW_LETTER_MINUTES - MINUTES.letter);
  });
  const needed = left.reduce((sum, minutes) => sum + minutes, 0) / LEARNING_SHARE;
  const days = sessionDays(goal, today);
  const available = days.length * goal.minutes;
  const weeks = (dayOf(goal.by).getTime() - dayOf(today).getTime()) / DAY / 7;
  return {
    letters,
    known: letters.filter((letter) => isKnown(memories.get(keyOf('letter', letter)))).length,
    needed: Math.round(needed),
    available,
    minutesAWeek: weeks > 0 ? Math.ceil(needed / Math.max(weeks, 1 / 7)) : undefined,
    onTrack: needed <= available,
  };
}
