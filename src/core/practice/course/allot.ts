import type { Theme } from '../criteria';
import type { Lesson } from '../lessons';
import type { FullRows } from './fullRows';

/** A chapter of the course: its subject, and what its pages hold. */
export interface Chapter {
  readonly title: string;
  readonly theme: Theme;
  /** Its weight when pages are shared out, relative to the other chapters. */
  readonly weight: number;
  readonly lessons: readonly Lesson[];
}

/** A letter and the lesson it comes in. */
export interface Taught {
  readonly letter: string;
  readonly lesson: Lesson;
}

/** A chapter with what each of its pages brings. */
export interface Allotted {
  readonly chapter: Chapter;
  readonly parts: readonly (readonly Taught[])[];
}

/** A pack shared out: chapter by chapter, and the letters that found no room in it. */
export interface Allotment {
  readonly chapters: readonly Allotted[];
  readonly left: readonly string[];
}

/** What the pages of a pack have room for. */
export interface Pages {
  /** The size of each practice page, in order. */
  readonly sizes: readonly number[];
  readonly fullRows: FullRows;
}

const lettersOf = ({ lessons }: Pick<Chapter, 'lessons'>): readonly Taught[] =>
  lessons.flatMap((lesson) => lesson.letters.map((letter) => ({ letter, lesson })));

/** "Branching: n m h"; a family of one letter is named by that letter alone. */
const named = ({ family, letters }: Lesson): string =>
  family === letters.join('')
    ? family
    : `${family.charAt(0).toUpperCase()}${family.slice(1)}: ${letters.join(' ')}`;

/** Strokes come first, words between and after the families; sentences once a whole alphabet is known. */
function chaptersOf(lessons: readonly Lesson[], whole: boolean): Chapter[] {
  const of = (kind: Lesson['case']) => lessons.filter((lesson) => lesson.case === kind);
  const small = of('small').map(
    (lesson): Chapter => ({
      title: named(lesson),
      theme: 'letters',
      weight: lesson.letters.length,
      lessons: [lesson],
    }),
  );
  const capitals = of('capital').map(
    (lesson): Chapter => ({
      title: `Capitals, ${lesson.title}: ${lesson.letters.join(' ')}`,
      theme: 'capitals',
      weight: lesson.letters.length * 0.6,
      lessons: [lesson],
    }),
  );
  const figures = of('figure').map(
    (lesson): Chapter => ({
      title: `Figures: ${lesson.letters.join(' ')}`,
      theme: 'letters',
      weight: 3,
      lessons: [lesson],
    }),
  );
  const words: Chapter = {
    title: !whole ? 'Words so far' : small.length > 0 ? 'Words from all small letters' : 'Words',
    theme: 'words',
    weight: 3,
    lessons: [],
  };
  return [
    { title: 'Strokes', theme: 'strokes', weight: 4, lessons: [] },
    ...(small.length > 0 ? [...small, words, ...capitals] : [...capitals, words]),
    ...figures,
    ...(whole ? [{ title: 'Sentences', theme: 'sentences', weight: 3, lessons: [] } as const] : []),
  ];
}

/** Joins neighbouring chapters of one theme, the lightest first, where that saves a page of too many. */
function condensed(chapters: readonly Chapter[], pages: Pages): readonly Chapter[] {
  const most = pages.sizes.length;
  let list = chapters;
  for (let needed = sum(needs(list, pages)); needed > most; ) {
    const shorter = list
      .slice(1)
      .flatMap((second, i) => {
        const first = list[i] as Chapter;
        if (first.theme !== second.theme) return [];
        const joined = [...list.slice(0, i), join(first, second), ...list.slice(i + 2)];
        return [{ joined, weight: first.weight + second.weight }];
      })
      .sort((a, b) => a.weight - b.weight)
      .find(({ joined }) => sum(needs(joined, pages)) < needed);
    if (!shorter) break;
    list = shorter.joined;
    needed = sum(needs(list, pages));
  }
  return list;
}

const join = (a: Chapter, b: Chapter): Chapter => {
  const lessons = [...a.lessons, ...b.lessons];
  const letters = lessons.flatMap((lesson) => lesson.letters).join(' ');
  const title = a.theme === 'capitals' ? `Capitals: ${letters}` : `${a.title}; ${b.title}`;
  return { title, theme: a.theme, weight: a.weight + b.weight, lessons };
};

const sum = (numbers: readonly number[]): number => numbers.reduce((total, each) => total + each, 0);

/** Letters page by page from the `first` page of a pack: as many on each as have full rows there, at most `most` in all. */
function poured(
  letters: readonly Taught[],
  first: number,
  most: number,
  { sizes, fullRows }: Pages,
): Taught[][] {
  const pages: Taught[][] = [];
  for (let done = 0; done < letters.length; ) {
    const size = sizes[Math.min(first + pages.length, sizes.length - 1)] ?? 1;
    const next = letters.slice(done, done + most);
    const page = next.slice(
      0,
      fullRows(
        next.map(({ letter }) => letter),
        size,
      ),
    );
    pages.push(page);
    done += page.length;
  }
  return pages;
}

/** Number of pages each chapter needs for full rows of its letters, at least one. */
function needs(chapters: readonly Chapter[], pages: Pages): number[] {
  let first = 0;
  return chapters.map((chapter) => {
    const letters = lettersOf(chapter);
    const count = Math.max(1, poured(letters, first, letters.length, pages).length);
    first += count;
    return count;
  });
}

/** Number of pages of each chapter: what it needs, then spare pages one by one, each to the chapter with the most on a page. */
function shares(chapters: readonly Chapter[], pages: Pages): number[] {
  const counts = needs(chapters, pages);
  for (let spare = pages.sizes.length - sum(counts); spare > 0; spare--) {
    const loads = chapters.map(({ weight }, i) => weight / (counts[i] as number));
    const most = loads.indexOf(Math.max(...loads));
    counts[most] = (counts[most] as number) + 1;
  }
  return counts;
}

/** Distributes a chapter's letters over its pages as evenly as full rows allow. */
function spread(letters: readonly Taught[], first: number, count: number, pages: Pages): Taught[][] {
  for (let most = Math.ceil(letters.length / count); ; most++) {
    const parts = poured(letters, first, most, pages);
    if (parts.length > count && most < letters.length) continue;
    return [...parts, ...Array.from({ length: count - parts.length }, () => [])];
  }
}

/** The first `count` letters of the lessons, in order. */
function beginning(lessons: readonly Lesson[], count: number): Lesson[] {
  let left = count;
  return lessons.flatMap((lesson) => {
    const letters = lesson.letters.slice(0, left);
    left -= letters.length;
    return letters.length > 0 ? [{ ...lesson, letters }] : [];
  });
}

/** Chapters for the first `count` letters; undefined where they need more pages than there are. */
function taught(lessons: readonly Lesson[], count: number, pages: Pages): readonly Chapter[] | undefined {
  const alphabet = lessons.filter((lesson) => lesson.case === lessons[0]?.case);
  const whole = count >= lettersOf({ lessons: alphabet }).length;
  const chapters = condensed(chaptersOf(beginning(lessons, count), whole), pages);
  return sum(needs(chapters, pages)) <= pages.sizes.length ? chapters : undefined;
}

/** Do all letters have full rows in a pack of such pages? */
export const holdsAll = (lessons: readonly Lesson[], pages: Pages): boolean =>
  taught(lessons, lettersOf({ lessons }).length, pages) !== undefined;

/**
 * Shares the pages of a pack out. No page brings more letters than it has full rows for: families that are neighbours are
 * joined where that saves a page, and what then has no room is left for another pack, the last of the hand first.
 */
export function allot(lessons: readonly Lesson[], pages: Pages): Allotment {
  const all = lettersOf({ lessons });
  let count = all.length;
  let chapters = taught(lessons, count, pages);
  while (!chapters && count > 1) {
    count -= 1;
    chapters = taught(lessons, count, pages);
  }
  chapters ??= chaptersOf(beginning(lessons, count), false);
  const counts = shares(chapters, pages);
  let first = 0;
  const allotted = chapters.map((chapter, c): Allotted => {
    const parts = spread(lettersOf(chapter), first, counts[c] as number, pages);
    first += parts.length;
    return { chapter, parts };
  });
  return { chapters: allotted, left: all.slice(count).map(({ letter }) => letter) };
}
