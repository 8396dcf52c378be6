import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import { compose } from '../compose';
import { groundOf } from '../ground';
import { lessonsOf } from '../lessons';
import { numbered } from '../tenMinutes';
import { type Course, type CourseOptions, PACK_PAGES, pagesOf } from './course';

/** Rows of a letter: guided, traced and fading on the first, free to write on the second. */
const FULL = { trace: 2, fading: 2, free: 3, lines: 2, snug: true } as const;
/** No page has full rows for more letters than this. */
const MOST = 8;
/** Pages of a pack that bring no new letters: strokes, words, sentences. */
const OTHERS = 3;

/** How many letters a page of this sheet has full rows for; 1 at least. */
export function lettersAPage(recipe: Sheet, own: readonly OwnLetter[] = []): number {
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const letters = lessonsOf(ground).flatMap((lesson) => lesson.letters);
  for (let count = Math.min(MOST, letters.length); count > 1; count--) {
    const make = numbered();
    const bands = letters.slice(0, count).map((letter) => make('letter', letter, FULL));
    const { pages, remarks } = compose(recipe, { own, bands });
    if (pages.length === 1 && remarks.length === 0) return count;
  }
  return 1;
}

/** The most new letters on one page of a course. */
export const crowding = ({ pages }: Pick<Course, 'pages'>): number =>
  Math.max(
    0,
    ...pages.map(
      ({ bands }) =>
        new Set(
          bands
            .filter(({ what }) => what.kind === 'letter' || what.kind === 'letters')
            .flatMap(({ what }) => what.of.split(/\s+/)),
        ).size,
    ),
  );

/**
 * What a pack would need for every letter to have full rows of its own: undefined where it has. `sessions` is the number that is
 * enough, `thickest` true where that is more than one pack holds.
 */
export function tooThin(
  recipe: Sheet,
  course: Course,
  own: readonly OwnLetter[] = [],
):
  | { readonly most: number; readonly rows: number; readonly sessions: number; readonly thickest: boolean }
  | undefined {
  const [most, rows] = [crowding(course), lettersAPage(recipe, own)];
  if (most <= rows) return undefined;
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const pages =
    OTHERS + lessonsOf(ground).reduce((sum, { letters }) => sum + Math.ceil(letters.length / rows), 0);
  const { options } = course;
  const sessions = Math.ceil(pages / pagesOf(options).aSession);
  const asked: CourseOptions = { ...options, sessions };
  return { most, rows, sessions, thickest: pagesOf(asked).all > PACK_PAGES.most };
}
