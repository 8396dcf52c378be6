import type { Drawing } from '../../drawing/drawing';
import type { OwnLetter } from '../../sheet/letterSet';
import { Problem } from '../../sheet/problem';
import type { Recipe } from '../../sheet/recipe';
import { compose, drawPage } from '../compose';
import { type Course, FRONT_PAGES } from './course';
import { frontPages } from './front';

/** How many pages the pack has. */
export const coursePages = (course: Course): number => FRONT_PAGES + course.pages.length;

/** One page of a pack, counted from 0; front matter first. */
export function drawCoursePage(
  recipe: Recipe,
  course: Course,
  index: number,
  own: readonly OwnLetter[] = [],
): Drawing {
  if (index < FRONT_PAGES) return frontPages(recipe, course, own)[index] as Drawing;
  const page = course.pages[index - FRONT_PAGES];
  if (!page) throw new RangeError(`The pack has no page ${index + 1}.`);
  const session = page.session === undefined ? '' : `${page.session}. `;
  const composed = compose(
    { ...recipe, title: `${session}${page.title}` },
    {
      own,
      bands: page.bands,
      checks: page.checks,
      numbering: { first: index + 1, of: coursePages(course) },
    },
  );
  return drawPage(composed, 0);
}

/**
 * A course from outside may hold pages that were planned for another sheet.
 * @throws Problem when the bands of a page need more than one.
 */
export function checkPages(recipe: Recipe, { pages }: Course, own: readonly OwnLetter[] = []): void {
  for (const { title, bands, checks } of pages) {
    if (compose(recipe, { own, bands, checks }).pages.length > 1) {
      throw new Problem('course', `“${title}” does not fit on one page; take some of its bands away.`);
    }
  }
}
