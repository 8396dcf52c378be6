import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { type Course, planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { crowding, lettersAPage, tooThin } from '@/core/practice/course/thickness';
import { pin } from '@/core/sheet/solve';
import { WORDS } from '../../support/practice';

const recipe = freshRecipe('italic');
function planned(sessions: number): Course {
  const planning = planCourse(recipe, { ...USUAL_COURSE, sessions }, WORDS);
  let step = planning.next();
  while (!step.done) step = planning.next();
  return step.value;
}

it('a smaller nib has full rows for more letters on a page', () => {
  const rows = [1.5, 2.4, 4, 6].map((width) => lettersAPage(pin(recipe, 'width', width)));
  expect(rows).toEqual([...rows].sort((a, b) => b - a));
  expect(rows[0]).toBeGreaterThan(rows[3] ?? 0);
  expect(Math.min(...rows)).toBeGreaterThanOrEqual(1);
});

it('a thin pack says how many letters share a page, and what would be enough; that many are enough', () => {
  const thin = tooThin(recipe, planned(5));
  expect(thin?.most).toBe(crowding(planned(5)));
  expect(thin?.most).toBeGreaterThan(thin?.rows ?? 0);
  expect(thin?.sessions).toBeGreaterThan(5);
  expect(crowding(planned(27))).toBeLessThan(crowding(planned(5)));
});
