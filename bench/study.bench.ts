import { bench, describe } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf } from '@/core/practice/lessons';
import { afterRating, GRADES, type Memory } from '@/core/study/memory';
import { pageOfSteps, withTexts } from '@/core/study/page';
import { planSession } from '@/core/study/plan';
import { curriculumOf } from '@/core/study/unit';

const recipe = freshRecipe('italic');
const lessons = lessonsOf(groundOf(recipe, { size: 1, held: false }));
const curriculum = curriculumOf(lessons);
const now = new Date('2026-11-27T18:00:00.000Z');
const DAY = 86_400_000;
const memories = new Map<string, Memory>(
  curriculum.map(({ key }, i) => [
    key,
    afterRating(undefined, {
      grade: i % 3 === 0 ? GRADES.near : GRADES.right,
      at: new Date(now.getTime() - (1 + (i % 30)) * DAY),
      off: [],
    }),
  ]),
);

describe('what comes next', () => {
  bench('a session of forty minutes planned, everything known', () => {
    planSession(curriculum, memories, { minutes: 40, now });
  });
  bench('its pages laid', () => {
    const { steps } = planSession(curriculum, memories, { minutes: 40, now });
    pageOfSteps(recipe, withTexts(recipe, steps, memories, lessons, ['moon', 'dome']));
  });
});
