import type { CriterionId } from '../practice/criteria';
import { GRADES, type Grade } from './memory';

/** How something compared is judged by eye. */
export const RATINGS = ['off', 'near', 'right'] as const;
export type Rating = (typeof RATINGS)[number];

/** A point of the self-check. */
export interface Checked {
  readonly criterion: CriterionId;
  readonly rating: Rating;
}

const POINTS: Readonly<Record<Rating, number>> = { off: 0, near: 1, right: 2 };
/** Minimum average of the points 0, 1 and 2 for “right” and for “near” (estimate). */
const RIGHT = 1.6;
const NEAR = 0.8;

/**
 * Grades of a session's units from its self-check: the page's own, for every unit on it; one that wobbled is off, whatever the
 * rest. Where nothing was rated a page that was written counts as near: it was practised, and nobody said how.
 */
export function gradesOf(
  units: readonly string[],
  checks: readonly Checked[],
  wobbled: readonly string[],
): ReadonlyMap<string, Grade> {
  const mean =
    checks.length > 0
      ? checks.reduce((sum, { rating }) => sum + POINTS[rating], 0) / checks.length
      : POINTS.near;
  const page = mean >= RIGHT ? GRADES.right : mean >= NEAR ? GRADES.near : GRADES.off;
  // Where the scribe names what wobbled, the page's faults belong to those units; the others count as at least near.
  const others = wobbled.length > 0 && page === GRADES.off ? GRADES.near : page;
  return new Map(units.map((key) => [key, wobbled.includes(key) ? GRADES.off : others]));
}

/** What was off on a page. */
export const offOf = (checks: readonly Checked[]): CriterionId[] =>
  checks.filter(({ rating }) => rating === 'off').map(({ criterion }) => criterion);
