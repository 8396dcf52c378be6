import { asTyped } from '../../hand/hand';
import { Problem } from '../../problem/problem';
import { handOf } from '../../setting/handOf';
import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import type { Band, How } from '../band';
import { drillsFor } from '../drills';
import { bestPage } from '../fit';
import { groundOf } from '../ground';
import { type Lesson, lessonsOf, warmUpFor } from '../lessons';
import type { BandParts } from '../parts/part';
import { filledUp, learningPlans, numbered, practises, wordBand, wordsFor } from '../tenMinutes';
import { samplesFor } from '../words/samples';
import { SKY_WORDS } from '../words/sky';
import { themeAlphabet } from '../words/themes';
import { type WordList, writable } from '../words/wordList';
import { checksFor, type Theme } from './checks';

/** What a teacher asks of a pack. Handedness is the sheet's own: its left-handed layout. */
export interface CourseOptions {
  readonly sessions: number;
  readonly minutes: number;
  /** Strokes and letters half as large again at first: small pens hide mistakes. */
  readonly largeFirst: boolean;
}

export const USUAL_COURSE: CourseOptions = { sessions: 9, minutes: 10, largeFirst: false };

/** A page of a pack. */
export interface CoursePage {
  readonly title: string;
  /** Which sitting it is for; none for what belongs to the whole pack. */
  readonly session?: number;
  readonly bands: readonly Band[];
  readonly checks: readonly string[];
}

/** A pack as planned: the front matter is made from it, and every page drawn from its bands. */
export interface Course {
  readonly options: CourseOptions;
  readonly pages: readonly CoursePage[];
}

/** Fewer pages teach nothing, more are not bound together. */
export const PACK_PAGES = { fewest: 8, most: 30 } as const;

/** A page of practice fills about this many minutes. */
const PAGE_MINUTES = 10;
/** Contents, kit, ruling and preparation: pages before the first lesson. */
export const FRONT_PAGES = 2;
/** "Large" in a pack: a nib half as wide again, or a body half as tall again. */
const LARGE_SIZE = 1.5;
/** Of the practice pages, how many are large. */
const LARGE_SHARE = 1 / 3;

/** Pages of practice, of ruling, and of the whole pack. */
export function pagesOf({ sessions, minutes, largeFirst }: CourseOptions) {
  const aSession = Math.max(1, Math.round(minutes / PAGE_MINUTES));
  const practice = sessions * aSession;
  const ruling = largeFirst ? 2 : 1;
  return { aSession, practice, ruling, all: FRONT_PAGES + practice + ruling };
}

/** @throws Problem naming the number of sessions that works, when the pack would be too thin or too thick. */
function checkLength(options: CourseOptions) {
  const { all, aSession, ruling } = pagesOf(options);
  const { fewest, most } = PACK_PAGES;
  if (all >= fewest && all <= most) return;
  const others = FRONT_PAGES + ruling;
  const nearest =
    all < fewest ? Math.ceil((fewest - others) / aSession) : Math.floor((most - others) / aSession);
  const sessions = Math.max(1, nearest);
  throw new Problem(
    'sessions',
    `${options.sessions} sessions of ${options.minutes} minutes make a pack of ${all} pages; a pack has ${fewest} to ${most}. The nearest that works is ${sessions} sessions.`,
  );
}

/** A stretch of the course: what it is about, and what its pages hold. */
interface Chapter {
  readonly title: string;
  readonly theme: Theme;
  /** Its share of the pages, relative to the others. */
  readonly weight: number;
  readonly lessons: readonly Lesson[];
}

/** "Branching: n m h"; a family of one letter goes by it alone. */
const named = ({ family, letters }: Lesson): string =>
  family === letters.join('')
    ? family
    : `${family.charAt(0).toUpperCase()}${family.slice(1)}: ${letters.join(' ')}`;

/** Strokes come first, words and sentences between and after the families. */
function chaptersOf(lessons: readonly Lesson[]): Chapter[] {
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
  return [
    { title: 'Strokes', theme: 'strokes', weight: 4, lessons: [] },
    ...small,
    { title: 'Words from all small letters', theme: 'words', weight: 3, lessons: [] },
    ...capitals,
    ...figures,
    { title: 'Sentences', theme: 'sentences', weight: 3, lessons: [] },
  ];
}

/** Chapters joined until there are no more than `pages`: the lightest neighbours of one theme first. */
function condensed(chapters: readonly Chapter[], pages: number): Chapter[] {
  const list = [...chapters];
  while (list.length > pages) {
    let best: { at: number; cost: number } | undefined;
    for (let i = 0; i + 1 < list.length; i++) {
      const [a, b] = [list[i] as Chapter, list[i + 1] as Chapter];
      const cost = a.weight + b.weight + (a.theme === b.theme ? 0 : UNLIKE);
      if (!best || cost < best.cost) best = { at: i, cost };
    }
    const at = (best as { at: number }).at;
    const [a, b] = [list[at] as Chapter, list[at + 1] as Chapter];
    const lessons = [...a.lessons, ...b.lessons];
    const theme = a.lessons.length >= b.lessons.length ? a.theme : b.theme;
    list.splice(at, 2, { title: joinedTitle(a, b), theme, weight: a.weight + b.weight, lessons });
  }
  return list;
}

/** What joining chapters of different themes costs, in letters. */
const UNLIKE = 8;

const joinedTitle = (a: Chapter, b: Chapter): string =>
  a.theme === 'capitals' && b.theme === 'capitals'
    ? `Capitals: ${[...a.lessons, ...b.lessons].flatMap(({ letters }) => letters).join(' ')}`
    : `${a.title}; ${b.title}`;

/** How many pages each chapter has: by weight, one at least. */
function shares(chapters: readonly Chapter[], pages: number): number[] {
  const counts = chapters.map(() => 1);
  for (let left = pages - chapters.length; left > 0; left--) {
    // The next page goes where a page now carries most.
    const loads = chapters.map(({ weight }, i) => weight / (counts[i] as number));
    const most = loads.indexOf(Math.max(...loads));
    counts[most] = (counts[most] as number) + 1;
  }
  return counts;
}

const even = <T>(items: readonly T[], parts: number): T[][] =>
  Array.from({ length: parts }, (_, i) =>
    items.slice(Math.round((i * items.length) / parts), Math.round(((i + 1) * items.length) / parts)),
  );

/** Progress of planning: a page at a time. */
export interface Planned {
  readonly page: CoursePage;
  readonly done: number;
  readonly of: number;
}

/**
 * "Teach me this hand": plans a pack page by page: strokes, family by family with the words possible so far, capitals,
 * figures, sentences, and empty ruling in every size. Every page is laid out and fits.
 * @throws Problem when the hand's letters are not drawn, or the number of pages is out of bounds.
 */
export function* planCourse(
  recipe: Sheet,
  options: CourseOptions,
  words: WordList,
  own: readonly OwnLetter[] = [],
): Generator<Planned, Course> {
  const hand = handOf(recipe);
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  if (!ground.face) {
    throw new Problem('hand', `The letters of ${hand.name} are not drawn yet, so it cannot be taught.`);
  }
  checkLength(options);
  const { practice, aSession, all } = pagesOf(options);
  const chapters = condensed(chaptersOf(lessonsOf(ground)), practice);
  const counts = shares(chapters, practice);
  const known = new Set<string>();
  const laidOut = new Map<string, BandParts>();
  const pages: CoursePage[] = [];
  const add = (page: CoursePage): Planned => {
    pages.push(page);
    return { page, done: FRONT_PAGES + pages.length, of: all };
  };
  for (const [c, chapter] of chapters.entries()) {
    const count = counts[c] as number;
    const letters = even(
      chapter.lessons.flatMap((lesson) => lesson.letters.map((letter) => ({ letter, lesson }))),
      count,
    );
    for (let i = 0; i < count; i++) {
      const large = options.largeFirst && pages.length < practice * LARGE_SHARE;
      const checks = checksFor(chapter.theme, recipe);
      const plans = plansOf({
        chapter,
        part: i,
        letters: letters[i] ?? [],
        known,
        words,
        recipe,
        how: { size: large ? LARGE_SIZE : 1 },
      });
      for (const { letter } of letters[i] ?? []) known.add(letter);
      yield add({
        title: count > 1 ? `${chapter.title} (${i + 1} of ${count})` : chapter.title,
        session: Math.floor(pages.length / aSession) + 1,
        bands: bestPage(recipe, plans, { own, checks, laidOut }),
        checks,
      });
    }
  }
  for (const size of options.largeFirst ? [LARGE_SIZE, 1] : [1]) {
    const make = numbered();
    const ruling = [make('ruling', '', { fill: true, size })];
    yield add({
      title: size === 1 ? 'Empty ruling' : 'Empty ruling, large',
      bands: bestPage(recipe, [ruling], { own }),
      checks: [],
    });
  }
  return { options, pages };
}

interface PageAsked {
  readonly chapter: Chapter;
  /** Which page of the chapter, from 0. */
  readonly part: number;
  readonly letters: readonly { readonly letter: string; readonly lesson: Lesson }[];
  readonly known: ReadonlySet<string>;
  readonly words: WordList;
  readonly recipe: Sheet;
  readonly how: Partial<How>;
}

/** Words of a course page; fewer where they do not fit. */
const PAGE_WORDS = 3;
/** Drills of a page of strokes. */
const PAGE_DRILLS = 6;

/** What a page could hold, the fullest first; empty ruling takes what is left. */
function plansOf({ chapter, part, letters, known, words, recipe, how }: PageAsked): (readonly Band[])[] {
  const hand = handOf(recipe);
  const make = numbered();
  const rest = make('ruling', '', { fill: true, ...how });
  const warmUp = make('drill', warmUpFor(recipe), { guided: false, lines: 1, ...how });
  if (letters.length === 0 && chapter.theme === 'strokes') {
    const drills = rotated(
      drillsFor(recipe).map(({ id }) => id),
      part * PAGE_DRILLS,
    );
    return [2, 1].map((lines) =>
      drills.slice(0, PAGE_DRILLS).map((drill) => make('drill', drill, { lines, ...how })),
    );
  }
  if (letters.length === 0 && chapter.theme === 'sentences') {
    const texts = rotated(samplesFor(hand).sentences, part * PAGE_SENTENCES);
    // Fewer sentences rather than no line to write them on.
    const ways = [{ free: 1 }, { guided: false, trace: 1 }].flatMap((way) =>
      [3, 2, 1].map((count) => ({ way, count })),
    );
    return [...ways, { way: { guided: false, trace: 1, free: 0 }, count: 1 }].map(({ way, count }) => [
      warmUp,
      ...texts.slice(0, count).map((text) => make('line', text, way)),
      rest,
    ]);
  }
  if (letters.length === 0) {
    const typed = new Set(asTyped(hand, [...known]));
    const texts = rotated(themeAlphabet('sky', typed, part).words, part * SKY_STEP).slice(0, MOST_WORDS);
    return filledUp([warmUp, ...texts.map((word) => wordBand(make, word))], rest);
  }
  const [first] = letters as [PageAsked['letters'][number]];
  const names = letters.map(({ letter }) => letter);
  const after = new Set(asTyped(hand, [...known, ...names]));
  const alphabetic = asTyped(
    hand,
    names.filter((letter) => /\p{L}/u.test(letter)),
  );
  const possible =
    chapter.theme === 'capitals' && !hand.fold
      ? capitalWords(names, after, words)
      : wordsFor(alphabetic, after, words, PAGE_WORDS);
  return learningPlans(make, part === 0 ? first.lesson.drill : undefined, names, possible, how).flatMap(
    (plan) => [
      ...(practises(plan, warmUp) ? [] : filledUp([warmUp, ...plan], rest)),
      ...filledUp(plan, rest),
    ],
  );
}

/** Words a page of words tries to hold, and how far the next page moves on in the alphabet. */
const MOST_WORDS = 8;
const SKY_STEP = 9;

const rotated = <T>(items: readonly T[], by: number): T[] => {
  const from = items.length > 0 ? by % items.length : 0;
  return [...items.slice(from), ...items.slice(0, from)];
};

/** Sentences of a page at most. */
const PAGE_SENTENCES = 3;

/** Longest word to write after a capital. */
const LONGEST_CAPITALISED = 7;

/** The capitals before words that can be written by now: of the sky where there is one, else everyday ones. */
function capitalWords(capitals: readonly string[], known: ReadonlySet<string>, words: WordList): string[] {
  const usable = writable([...Object.values(SKY_WORDS).flat(), ...words], known);
  return capitals
    .flatMap((capital) => {
      const small = capital.toLowerCase();
      const word = usable.find(
        (candidate) =>
          candidate.startsWith(small) && candidate.length > 3 && candidate.length <= LONGEST_CAPITALISED,
      );
      return word ? [capital + word.slice(small.length)] : [];
    })
    .slice(0, PAGE_WORDS);
}
