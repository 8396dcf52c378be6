import type { Drawing } from '../../drawing/drawing';
import type { OwnLetter } from '../../sheet/letterSet';
import { Problem } from '../../sheet/problem';
import type { Recipe } from '../../sheet/recipe';
import { compose, drawPage } from '../compose';
import { type Course, FRONT_PAGES } from './course';
import { frontPages } from './front';

/** How many pages the pack has. */
export const coursePages = (course: Course): number => FRONT_PAGES + course.pages.length;

/**
 * One page of a pack, counted from 0; front matter first.
 * @throws Problem when a page's bands need more than one page: no planned one does.
 */
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
  if (composed.pages.length > 1) {
    throw new Problem('course', `“${page.title}” does not fit on one page; take some of its bands away.`);
  }
  return drawPage(composed, 0);
}
