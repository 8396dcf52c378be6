import { asTyped } from '../../hand/hand';
import { Problem } from '../../problem/problem';
import { handOf } from '../../setting/handOf';
import type { OwnLetter } from '../../setting/letterSet';
import type { Sheet } from '../../sheet/sheet';
import type { Band, How } from '../band';
import { checksFor } from '../criteria';
import { drillsFor } from '../drills';
import { bestPage } from '../fit';
import { groundOf } from '../ground';
import { lessonsOf, warmUpFor } from '../lessons';
import type { BandParts } from '../parts/part';
import { filledUp, learningPlans, numbered, practises, wordBand, wordsFor } from '../tenMinutes';
import { samplesFor } from '../words/samples';
import { SKY_WORDS } from '../words/sky';
import { themeAlphabet } from '../words/themes';
import { type WordList, writable } from '../words/wordList';
import { allot, type Chapter, holdsAll, type Taught } from './allot';
import { fullRowsOn, inFull } from './fullRows';

/** A teacher's options for a pack. Handedness comes from the sheet's layout. */
export interface CourseOptions {
  readonly sessions: number;
  readonly minutes: number;
  /** Strokes and letters are 1.5 times as large at first, because small pens hide mistakes. */
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
  /** Letters of the hand that found no page with full rows: the pack is too thin for them. */
  readonly left: readonly string[];
  /** Number of sessions that the whole hand needs, where letters are left over. */
  readonly enough?: number;
}

/** Fewer pages teach nothing; more are too many for one binding. */
export const PACK_PAGES = { fewest: 8, most: 30 } as const;

/** Typical time for a page of practice, in minutes. */
const PAGE_MINUTES = 10;
/** Contents, kit, ruling and preparation: pages before the first lesson. */
export const FRONT_PAGES = 2;
/** "Large" in a pack: a nib half as wide again, or a body half as tall again. */
const LARGE_SIZE = 1.5;
/** Fraction of the practice pages that are large. */
const LARGE_SHARE = 1 / 3;

/** Pages of practice, of ruling, and of the whole pack. */
export function pagesOf({ sessions, minutes, largeFirst }: CourseOptions) {
  const aSession = Math.max(1, Math.round(minutes / PAGE_MINUTES));
  const practice = sessions * aSession;
  const ruling = largeFirst ? 2 : 1;
  return { aSession, practice, ruling, all: FRONT_PAGES + practice + ruling };
}

/** The size of every page of practice, in order. */
export function sizesOf(options: CourseOptions): number[] {
  const { practice } = pagesOf(options);
  return Array.from({ length: practice }, (_, page) =>
    options.largeFirst && page < practice * LARGE_SHARE ? LARGE_SIZE : 1,
  );
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
  const { aSession, all } = pagesOf(options);
  const lessons = lessonsOf(ground);
  const pack = { sizes: sizesOf(options), fullRows: fullRowsOn(recipe, lessons, own) };
  const { chapters, left } = allot(lessons, pack);
  const known = new Set<string>();
  const laidOut = new Map<string, BandParts>();
  const pages: CoursePage[] = [];
  const add = (page: CoursePage): Planned => {
    pages.push(page);
    return { page, done: FRONT_PAGES + pages.length, of: all };
  };
  for (const { chapter, parts } of chapters) {
    for (const [part, letters] of parts.entries()) {
      const checks = checksFor(chapter.theme, recipe);
      const size = pack.sizes[pages.length] ?? 1;
      const plans = plansOf({ chapter, part, letters, known, words, recipe, how: { size } });
      for (const { letter } of letters) known.add(letter);
      yield add({
        title: parts.length > 1 ? `${chapter.title} (${part + 1} of ${parts.length})` : chapter.title,
        session: Math.floor(pages.length / aSession) + 1,
        bands: bestPage(recipe, plans, { own, checks, laidOut }),
        checks,
      });
    }
  }
  for (const size of new Set(pack.sizes)) {
    const make = numbered();
    const ruling = [make('ruling', '', { fill: true, size })];
    yield add({
      title: size === 1 ? 'Empty ruling' : 'Empty ruling, large',
      bands: bestPage(recipe, [ruling], { own }),
      checks: [],
    });
  }
  if (left.length === 0) return { options, pages, left };
  let enough = options.sessions + 1;
  while (!holdsAll(lessons, { ...pack, sizes: sizesOf({ ...options, sessions: enough }) })) enough += 1;
  return { options, pages, left, enough };
}

interface PageAsked {
  readonly chapter: Chapter;
  /** Index of the page in its chapter, from 0. */
  readonly part: number;
  readonly letters: readonly Taught[];
  readonly known: ReadonlySet<string>;
  readonly words: WordList;
  readonly recipe: Sheet;
  readonly how: Partial<How>;
}

/** Words of a course page; fewer where they do not fit. */
const PAGE_WORDS = 3;
/** Drills of a page of strokes. */
const PAGE_DRILLS = 6;

const CAPITAL = /\p{Lu}/u;

/** Candidate contents of a page, fullest first; empty ruling fills the rest. */
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
    const can = new Set(asTyped(hand, [...known]));
    // Without their capitals while these are not taught.
    const sentences = samplesFor(hand).sentences.map((text) =>
      [...text].every((letter) => !CAPITAL.test(letter) || can.has(letter)) ? text : text.toLowerCase(),
    );
    const texts = rotated(sentences, part * PAGE_SENTENCES);
    // Drops sentences before it drops the lines to write them on.
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
    const sky = rotated(themeAlphabet('sky', typed, part).words, part * SKY_STEP).slice(0, MOST_WORDS);
    const texts = sky.length >= PAGE_WORDS ? sky : wordsFor([...typed], typed, words, MOST_WORDS);
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
  const drill = part === 0 ? first.lesson.drill : undefined;
  const full = names.map((letter) => make('letter', letter, inFull(how)));
  const fewer = possible.map((_, i) => possible.slice(0, possible.length - i));
  const plans = [
    ...[...fewer, []].map((some) => [
      ...(drill ? [make('drill', drill, { guided: false, lines: 1, ...how })] : []),
      ...full,
      ...some.map((word) => wordBand(make, word)),
    ]),
    ...learningPlans(make, drill, names, possible, how),
  ];
  return plans.flatMap((plan) => [
    ...(practises(plan, warmUp) ? [] : filledUp([warmUp, ...plan], rest)),
    ...filledUp(plan, rest),
  ]);
}

/** Target number of words on a page of words, and the step in the alphabet from one such page to the next. */
const MOST_WORDS = 8;
const SKY_STEP = 9;

const rotated = <T>(items: readonly T[], by: number): T[] => {
  const from = items.length > 0 ? by % items.length : 0;
  return [...items.slice(from), ...items.slice(0, from)];
};

/** Maximum number of sentences on a page. */
const PAGE_SENTENCES = 3;

/** Maximum length of a word written after a capital. */
const LONGEST_CAPITALISED = 7;

/** The capitals, each before a word that can already be written: a word of the sky where there is one, else an everyday one. */
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
