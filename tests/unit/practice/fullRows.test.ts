import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { type Course, planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { fullRowsOn } from '@/core/practice/course/fullRows';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { pin } from '@/core/sheet/solve';
import { WORDS } from '../../support/practice';

const recipe = freshRecipe('italic');
const lessons = lessonsOf(groundOf(recipe, { size: 1, held: false }));
const small = lessons.filter((lesson) => lesson.case === 'small').flatMap(({ letters }) => letters);

function planned(sessions: number): Course {
  const planning = planCourse(recipe, { ...USUAL_COURSE, sessions }, WORDS);
  let step = planning.next();
  while (!step.done) step = planning.next();
  return step.value;
}

it('a smaller nib has full rows for more letters on a page', () => {
  const rows = [1.5, 2.4, 4, 6].map((width) => fullRowsOn(pin(recipe, 'width', width), lessons)(small, 1));
  expect(rows).toEqual([...rows].sort((a, b) => b - a));
  expect(rows[0]).toBeGreaterThan(rows[3] ?? 0);
  expect(Math.min(...rows)).toBeGreaterThanOrEqual(1);
  const large = fullRowsOn(recipe, lessons);
  expect(large(small, 1.5)).toBeLessThan(large(small, 1));
});

it('a thin pack leaves the end of the hand, and says how many sessions are enough: just that many are', () => {
  const { left, enough = 0 } = planned(5);
  expect(left.length).toBeGreaterThan(0);
  expect(planned(enough).left).toEqual([]);
  expect(planned(enough).enough).toBeUndefined();
  expect(planned(enough - 1).left.length).toBeGreaterThan(0);
});
