import type { Drawing } from '../../drawing/drawing';
import { Problem } from '../../problem/problem';
import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import { type Composed, compose, drawPage } from '../compose';
import type { BandParts } from '../parts/part';
import { type Course, FRONT_PAGES } from './course';
import { frontPages } from './front';

/** Number of pages of the pack. */
export const coursePages = (course: Course): number => FRONT_PAGES + course.pages.length;

/** A course with everything in its place, not yet drawn. */
export interface Pack {
  readonly recipe: Sheet;
  readonly course: Course;
  readonly own: readonly OwnLetter[];
  readonly pages: readonly Composed[];
}

/**
 * Lays the pages of a course, with the name of whose they are at their heads. One from outside may hold pages that were planned for another sheet.
 * @throws Problem when the bands of a page need more than one.
 */
export function layPack(recipe: Sheet, course: Course, own: readonly OwnLetter[] = [], owner?: string): Pack {
  const laidOut = new Map<string, BandParts>();
  const of = coursePages(course);
  const pages = course.pages.map(({ title, session, bands, checks }, i) => {
    const whose = owner ? `${owner} · ` : '';
    const numbered = `${whose}${session === undefined ? title : `${session}. ${title}`}`;
    const numbering = { first: FRONT_PAGES + i + 1, of };
    const composed = compose({ ...recipe, title: numbered }, { own, bands, checks, numbering, laidOut });
    if (composed.pages.length > 1) {
      throw new Problem('course', `“${title}” does not fit on one page; take some of its bands away.`);
    }
    return composed;
  });
  return { recipe, course, own, pages };
}

/** One page of a pack, counted from 0; front matter first, which is drawn already. */
export function packPage(
  { recipe, course, own, pages }: Pack,
  index: number,
): Drawing | { readonly composed: Composed; readonly index: number } {
  if (index < FRONT_PAGES) return frontPages(recipe, course, own)[index] as Drawing;
  const page = pages[index - FRONT_PAGES];
  if (!page) throw new RangeError(`The pack has no page ${index + 1}.`);
  return { composed: page, index: 0 };
}

/** The same, drawn. */
export function drawPackPage(pack: Pack, index: number): Drawing {
  const page = packPage(pack, index);
  return 'composed' in page ? drawPage(page.composed, page.index) : page;
}
