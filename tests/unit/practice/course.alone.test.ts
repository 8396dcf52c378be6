import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import type { Recipe } from '@/core/document/recipe';
import { drawingBounds } from '@/core/drawing/bounds';
import { registerHand } from '@/core/hands/registry';
import type { Band } from '@/core/practice/band';
import { compose } from '@/core/practice/compose';
import { type Course, PACK_PAGES, pagesOf, planCourse, USUAL_COURSE } from '@/core/practice/course/course';
import { plannedSchema } from '@/core/practice/course/courseFormat';
import { coursePages, drawPackPage, layPack } from '@/core/practice/course/draw';
import { groundOf } from '@/core/practice/ground';
import { lessonsOf, nextLesson } from '@/core/practice/lessons';
import { tenMinutePage } from '@/core/practice/tenMinutes';
import { Problem } from '@/core/problem/problem';
import { renderPdfPages } from '@/render/pdf';
import { madeUpHand } from '../../support/madeUp';
import { recipeOn, WORDS } from '../../support/practice';

const planOf = (recipe: Recipe, options = USUAL_COURSE): Course => {
  const planning = planCourse(recipe, options, WORDS);
  let step = planning.next();
  while (!step.done) step = planning.next();
  return step.value;
};

const lettersOf = ({ what: { kind, of } }: Band): string[] =>
  kind === 'letter' || kind === 'letters' ? of.split(' ') : [];

const hasFullRows = ({ what: { kind }, how }: Band): boolean =>
  kind === 'letter' && how.guided && how.trace > 0 && how.fading > 0 && how.free > 0 && how.lines > 1;

const writtenOf = ({ what: { kind, of } }: Band): string[] =>
  kind === 'word' || kind === 'line' ? [...of].filter((letter) => /[\p{L}\p{N}]/u.test(letter)) : [];

describe.each(['italic', 'copperplate'] as const)('a course in %s', (hand) => {
  const recipe = freshRecipe(hand);
  const all = lessonsOf(groundOf(recipe, { size: 1, held: false })).flatMap(({ letters }) => letters);

  it.each([
    [5, 10, false],
    [9, 10, false],
    [6, 40, true],
    [27, 10, false],
  ])(
    '%i sessions of %i minutes: letters once, in the order of the hand, as many as have full rows; words of taught letters only',
    (sessions, minutes, largeFirst) => {
      const options = { sessions, minutes, largeFirst };
      const course = planOf(recipe, options);
      expect(coursePages(course)).toBe(pagesOf(options).all);
      expect(coursePages(course)).toBeGreaterThanOrEqual(PACK_PAGES.fewest);
      expect(coursePages(course)).toBeLessThanOrEqual(PACK_PAGES.most);
      const taught: string[] = [];
      for (const { bands } of course.pages) {
        const fresh = bands.flatMap(lettersOf);
        taught.push(...fresh);
        for (const letter of bands.flatMap(writtenOf)) expect(taught, letter).toContain(letter);
        // Guided, traced, fading, and a line of its own to write freely: every new letter.
        expect(bands.filter(hasFullRows).flatMap(lettersOf)).toEqual(fresh);
      }
      expect([...taught, ...course.left]).toEqual(all);
      expect(new Set(course.pages.map(({ session }) => session)).size).toBe(sessions + 1);
    },
  );

  it('every page is one page, without a word of complaint, and has something to compare', () => {
    const course = planOf(recipe, { sessions: 12, minutes: 10, largeFirst: true });
    for (const { title, bands, checks } of course.pages) {
      const { pages, remarks } = compose(recipe, { bands, checks });
      expect([title, pages.length, remarks]).toEqual([title, 1, []]);
      if (!title.startsWith('Empty')) expect(checks.length).toBeGreaterThan(1);
    }
    // Empty ruling for each size there is.
    const sizes = new Set(course.pages.flatMap(({ bands }) => bands.map(({ how }) => how.size)));
    const rulings = course.pages.filter(({ title }) => title.startsWith('Empty'));
    expect(new Set(rulings.flatMap(({ bands }) => bands.map(({ how }) => how.size)))).toEqual(sizes);
  });

  it('is drawn within its pages, with contents, kit, ruling, preparation and cautions first', () => {
    const course = planOf(recipe);
    const texts: string[][] = [];
    const pack = layPack(recipe, course);
    for (let i = 0; i < coursePages(course); i++) {
      const drawing = drawPackPage(pack, i);
      const bounds = drawingBounds(drawing) as NonNullable<ReturnType<typeof drawingBounds>>;
      expect(bounds.left).toBeGreaterThanOrEqual(0);
      expect(bounds.top).toBeGreaterThanOrEqual(0);
      expect(bounds.right).toBeLessThanOrEqual(drawing.width);
      expect(bounds.bottom).toBeLessThanOrEqual(drawing.height);
      texts.push(
        [...JSON.stringify(drawing.nodes).matchAll(/"text":"([^"]*)"/g)].map(([, text]) => text as string),
      );
    }
    const [first = [], second = []] = texts;
    for (const { title } of course.pages) expect(first.join('\n')).toContain(title);
    for (const heading of ['On the desk', 'Ruling', 'Before you begin', 'Mind'])
      expect(second).toContain(heading);
    texts.forEach((page, i) => {
      expect(page).toContain(`${i + 1} of ${texts.length}`);
    });
  });
});

/** A hand that can be ruled and drilled, and no more. */
const UNDRAWN = madeUpHand(undefined, { id: 'undrawn' });
registerHand(UNDRAWN);

describe('a course', () => {
  it('too short or too long is refused with the number of sessions that works', () => {
    const recipe = freshRecipe('italic');
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 27 }),
        fc.integer({ min: 5, max: 120 }),
        fc.boolean(),
        (sessions, minutes, largeFirst) => {
          const options = { sessions, minutes, largeFirst };
          const { all } = pagesOf(options);
          if (all >= PACK_PAGES.fewest && all <= PACK_PAGES.most) return;
          const planning = planCourse(recipe, options, WORDS);
          expect(() => planning.next()).toThrow(Problem);
          try {
            planCourse(recipe, options, WORDS).next();
          } catch (error) {
            const works = Number(/works is (\d+) sessions/.exec((error as Problem).message)?.[1]);
            const nearest = pagesOf({ ...options, sessions: works }).all;
            // With very long sittings no number of them may do; the nearest is then one.
            if (works > 1) expect(nearest).toBeLessThanOrEqual(PACK_PAGES.most);
            if (works < sessions) expect(nearest).toBeLessThan(all);
          }
        },
      ),
    );
  });

  it('is not taught where the letters are not drawn', () => {
    expect(() => planCourse(freshRecipe(UNDRAWN.id), USUAL_COURSE, WORDS).next()).toThrow(/not drawn yet/);
  });

  it('of a large nib on a small sheet still fits its pages', () => {
    const recipe = recipeOn('italic', 3.5, { format: 'a5' });
    for (const { bands, checks } of planOf(recipe).pages) {
      const { pages, remarks } = compose(recipe, { bands, checks });
      expect([pages.length, remarks]).toEqual([1, []]);
    }
  });

  it('planned, survives a journey as JSON and is read back as it was', () => {
    const course = planOf(freshRecipe('italic'));
    expect(plannedSchema.parse(JSON.parse(JSON.stringify(course)))).toEqual(course);
  });

  it('a page with more bands than fit is refused, not cut', () => {
    const recipe = freshRecipe('italic');
    const course = planOf(recipe);
    const [page] = course.pages as [Course['pages'][number]];
    const crowded = { ...course, pages: [{ ...page, bands: [...page.bands, ...page.bands] }] };
    expect(() => layPack(recipe, crowded)).toThrow(/does not fit on one page/);
    expect(() => layPack(recipe, course)).not.toThrow();
  });

  it('becomes one PDF, page by page', () => {
    const recipe = freshRecipe('italic');
    const course = planOf(recipe);
    const pack = layPack(recipe, course);
    function* drawings() {
      for (let i = 0; i < coursePages(course); i++) yield drawPackPage(pack, i);
    }
    const steps = [...renderPdfPages('A course', drawings())];
    expect(steps.map(({ pages }) => pages)).toEqual([
      ...Array.from({ length: coursePages(course) }, (_, i) => i + 1),
      coursePages(course),
    ]);
    const bytes = Buffer.concat(steps.flatMap((step) => step.bytes)).toString('latin1');
    expect(bytes.startsWith('%PDF-')).toBe(true);
    expect(bytes.match(/\/Type \/Page\b/g)?.length).toBe(coursePages(course));
  });
});

describe('a ten-minute page', () => {
  const recipe = freshRecipe('italic');
  const lessons = lessonsOf(groundOf(recipe, { size: 1, held: false }));
  const small = lessons.filter((lesson) => lesson.case === 'small').flatMap(({ letters }) => letters);

  it('is one page for what comes next, of letters known by then', () => {
    fc.assert(
      fc.property(fc.subarray(small), (letters) => {
        const known = new Set(letters);
        const bands = tenMinutePage(recipe, known, WORDS);
        const { pages, remarks } = compose(recipe, { bands });
        expect([pages.length, remarks]).toEqual([1, []]);
        const next = nextLesson(lessons, known, 2)?.letters ?? [];
        expect(bands.flatMap(lettersOf)).toEqual([...next]);
        for (const letter of bands.flatMap(writtenOf))
          expect(known.has(letter) || next.includes(letter)).toBe(true);
      }),
      { numRuns: 40 },
    );
  });

  it('practises no drill twice, whatever the family', () => {
    for (const hand of ['italic', 'copperplate'] as const) {
      const of = freshRecipe(hand);
      const taught = lessonsOf(groundOf(of, { size: 1, held: false }));
      for (const [i] of taught.entries()) {
        const known = new Set(taught.slice(0, i).flatMap(({ letters }) => letters));
        const drills = tenMinutePage(of, known, WORDS).flatMap(({ what }) =>
          what.kind === 'drill' ? [what.of] : [],
        );
        expect(drills.length).toBeGreaterThan(0);
        expect(new Set(drills).size).toBe(drills.length);
      }
    }
  });

  it('when everything is known, keeps look-alikes apart and writes a sentence with every letter', () => {
    const everything = new Set(lessons.flatMap(({ letters }) => letters));
    const bands = tenMinutePage(recipe, everything, WORDS);
    const texts = bands.filter(({ what }) => what.kind === 'line').map(({ what }) => what.of);
    const last = texts.at(-1) ?? '';
    for (const letter of 'abcdefghijklmnopqrstuvwxyz') expect(last).toContain(letter);
  });

  it('of a hand whose letters are not drawn is a page of its drills', () => {
    const bands = tenMinutePage(freshRecipe(UNDRAWN.id), new Set(), WORDS);
    expect(bands.filter(({ what }) => what.kind === 'drill').length).toBeGreaterThan(1);
    const { pages, remarks } = compose(freshRecipe(UNDRAWN.id), { bands });
    expect([pages.length, remarks]).toEqual([1, []]);
  });
});
