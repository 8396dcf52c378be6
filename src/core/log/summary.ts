import type { z } from 'zod';
import type { HandId } from '../hands/registry';
import { lookUp } from '../measure/lookUp';
import { CRITERION_IDS, type CriterionId } from '../practice/criteria';
import type { Rating } from '../study/grade';
import { sessionSchema } from './session';

/** What of a session is counted. */
export const countedSchema = sessionSchema.pick({ hand: true, began: true, minutes: true, checks: true });
export type Counted = z.infer<typeof countedSchema>;

/** Minutes of a week, hand by hand. */
export interface Week {
  /** Its Monday, as yyyy-mm-dd. */
  readonly monday: string;
  readonly minutes: Readonly<Partial<Record<HandId, number>>>;
}

/** How a criterion was rated in a week. */
export interface CriterionWeek {
  readonly monday: string;
  readonly ratings: Readonly<Record<Rating, number>>;
}

export interface Summary {
  readonly weeks: readonly Week[];
  readonly criteria: readonly { readonly criterion: CriterionId; readonly weeks: readonly CriterionWeek[] }[];
  readonly sessions: number;
  readonly minutes: number;
}

const DAY = 86_400_000;
const DAYS_A_WEEK = 7;

/** The day on the wall where it was written: the first ten characters of a time with its offset. */
export const dayOn = (time: string): string => time.slice(0, 10);

/** The Monday of a day. */
export function mondayOf(day: string): string {
  const date = new Date(`${day}T12:00:00Z`);
  const since = (date.getUTCDay() + DAYS_A_WEEK - 1) % DAYS_A_WEEK;
  return new Date(date.getTime() - since * DAY).toISOString().slice(0, 10);
}

/** Sessions week by week: minutes by hand, and ratings by criterion. A session belongs to the day it began on. */
export function summaryOf(sessions: readonly Counted[]): Summary {
  const weeks = new Map<string, Partial<Record<HandId, number>>>();
  const rated = new Map<CriterionId, Map<string, Record<Rating, number>>>();
  for (const { began, hand, minutes, checks } of sessions) {
    const monday = mondayOf(dayOn(began));
    const week = weeks.get(monday) ?? {};
    week[hand] = (lookUp(week, hand) ?? 0) + minutes;
    weeks.set(monday, week);
    for (const { criterion, rating } of checks) {
      const byWeek = rated.get(criterion) ?? new Map<string, Record<Rating, number>>();
      const counts = byWeek.get(monday) ?? { off: 0, near: 0, right: 0 };
      counts[rating] += 1;
      byWeek.set(monday, counts);
      rated.set(criterion, byWeek);
    }
  }
  const inOrder = <T>(map: ReadonlyMap<string, T>) => [...map].sort(([a], [b]) => a.localeCompare(b));
  return {
    weeks: inOrder(weeks).map(([monday, minutes]) => ({ monday, minutes })),
    criteria: CRITERION_IDS.flatMap((criterion) => {
      const byWeek = rated.get(criterion);
      return byWeek
        ? [{ criterion, weeks: inOrder(byWeek).map(([monday, ratings]) => ({ monday, ratings })) }]
        : [];
    }),
    sessions: sessions.length,
    minutes: sessions.reduce((sum, { minutes }) => sum + minutes, 0),
  };
}
