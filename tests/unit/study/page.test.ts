import { describe, expect, it } from 'vitest';
import { compose } from '@/core/practice/compose';
import { groundOf } from '@/core/practice/ground';
import { afterRating, GRADES, type Memory } from '@/core/study/memory';
import { criteriaOf, pageOfSteps, withTexts } from '@/core/study/page';
import { planSession } from '@/core/study/plan';
import { shownAs } from '@/core/study/shown';
import { WORDS } from '../../support/practice';
import { CURRICULUM, LESSONS, RECIPE } from '../../support/study/italic';

const NOW = new Date('2026-11-27T18:00:00.000Z');
const at = (days: number) => new Date(NOW.getTime() - days * 86_400_000);

/** A scribe who knows the first so many units, written so many days ago. */
const scribe = (count: number, days: number) =>
  new Map<string, Memory>(
    CURRICULUM.slice(0, count).map(({ key }) => [
      key,
      afterRating(undefined, { grade: GRADES.right, at: at(days), off: [] }),
    ]),
  );

describe.each([
  ['a beginner', 0, 0, 10],
  ['after a week', 20, 4, 10],
  ['half way', 50, 12, 20],
  ['everything known', 113, 9, 40],
] as const)('the page of %s', (_, count, days, minutes) => {
  const memories = scribe(count, days);
  const plan = planSession(CURRICULUM, memories, { minutes, now: NOW });
  const steps = withTexts(RECIPE, plan.steps, memories, LESSONS, WORDS);

  it('holds what is planned, on no more pages than the minutes need, without complaint', () => {
    const bands = pageOfSteps(RECIPE, steps);
    const { pages, remarks } = compose(RECIPE, { bands });
    expect(remarks).toEqual([]);
    expect(pages.length).toBeLessThanOrEqual(Math.ceil(minutes / 10));
    expect(new Set(bands.map(({ id }) => id)).size).toBe(bands.length);
    expect(bands.filter(({ what }) => what.kind !== 'ruling').length).toBe(steps.length);
  });

  it('is of letters known, or on it', () => {
    const known = new Set([...memories.keys(), ...steps.map(({ unit }) => unit.key)]);
    for (const { unit, text } of steps) {
      if (unit.kind === 'stroke') continue;
      for (const letter of text) expect(known, `${unit.key}: ${letter}`).toContain(`letter:${letter}`);
    }
  });

  it('can be shown step by step, and compared in three to five points', () => {
    const ground = groundOf(RECIPE, { size: 1, held: false });
    for (const { unit, text } of steps)
      expect(shownAs(ground, unit.kind, text)?.figure.shapes.length, unit.key).toBeGreaterThan(0);
    const criteria = criteriaOf(RECIPE, steps);
    expect(criteria.length).toBeGreaterThanOrEqual(3);
    expect(criteria.length).toBeLessThanOrEqual(5);
    expect(new Set(criteria.map(({ id }) => id)).size).toBe(criteria.length);
  });
});
