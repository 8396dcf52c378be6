import type { Answered } from '@/core/desk/routes';
import type { Recipe } from '@/core/document/recipe';
import { loadScript } from '@/core/hands/scripts';
import type { Band } from '@/core/practice/band';
import { type Course, type CourseOptions, planCourse } from '@/core/practice/course/course';
import { tenMinutePage } from '@/core/practice/tenMinutes';
import { type Cover, coverWith } from '@/core/practice/words/cover';
import { minimalPairs, pangramFor, richIn } from '@/core/practice/words/select';
import { type ThemeId, themeAlphabet } from '@/core/practice/words/themes';
import { lackingLetters, writable } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import type { OwnLetter } from '@/core/setting/letterSet';

/** What the list holds for a scribe. */
export interface ListFacts {
  /** Null for the bundled list. */
  readonly name: string | null;
  readonly words: number;
  /** Words that use only known letters. */
  readonly writable: number;
  /** Letters the list uses and the hand does not have, with how many words need them. */
  readonly lacking: readonly { readonly letter: string; readonly words: number }[];
}

/** Questions about words and pages, and what they are answered with. */
export interface Asks {
  facts: { given: { known: readonly string[]; hand: readonly string[] }; answer: ListFacts };
  cover: {
    given: {
      known: readonly string[];
      stressed: readonly string[];
      joins: boolean;
      shortest: number;
      longest: number;
    };
    answer: Cover & { readonly ms: number };
  };
  alphabet: {
    given: { theme: ThemeId; known: readonly string[]; choice: number };
    answer: ReturnType<typeof themeAlphabet>;
  };
  pangram: { given: { known: readonly string[]; choice: number }; answer: ReturnType<typeof pangramFor> };
  minimal: {
    given: { known: readonly string[]; pair: readonly [string, string]; most: number };
    answer: readonly [string, string][];
  };
  rich: { given: { known: readonly string[]; join: string; most: number }; answer: readonly string[] };
  ten: {
    given: { recipe: Recipe; known: readonly string[]; own: readonly OwnLetter[] };
    answer: readonly Band[];
  };
  course: {
    given: { recipe: Recipe; options: CourseOptions; own: readonly OwnLetter[] };
    answer: Course;
  };
}

export type Ask = keyof Asks;

export interface Question<A extends Ask = Ask> {
  readonly number: number;
  /** The list words are taken from. */
  readonly list: string;
  readonly ask: A;
  readonly given: Asks[A]['given'];
}

/** How far a long answer is. */
export interface AskProgress {
  readonly done: number;
  readonly of: number;
}

export type Reply =
  | { readonly number: number; readonly progress: AskProgress }
  | { readonly number: number; readonly answer: Asks[Ask]['answer'] }
  | { readonly number: number; readonly problem: string };

type Listed = Answered['GET /api/words'];

const lists = new Map<string, Promise<Listed>>();

async function fetchList(list: string): Promise<Listed> {
  const response = await fetch(`/api/words?list=${encodeURIComponent(list)}`);
  if (!response.ok) throw new Problem('words', 'The list of words could not be read; try again.');
  return response.json();
}

/** A list, read once; a failure is not kept. */
function wordsOf(list: string): Promise<Listed> {
  const known = lists.get(list);
  if (known) return known;
  const reading = fetchList(list).catch((error: unknown) => {
    lists.delete(list);
    throw error;
  });
  lists.set(list, reading);
  return reading;
}

type Report = (progress: AskProgress) => void;
type Answers = {
  [A in Ask]: (given: Asks[A]['given'], listed: Listed, report: Report) => Asks[A]['answer'];
};

const ANSWERS: Answers = {
  facts: ({ known, hand }, listed) => ({
    name: listed.name,
    words: listed.words.length,
    writable: writable(listed.words, new Set(known)).length,
    lacking: lackingLetters(listed.words, new Set(hand)),
  }),
  cover: ({ known, stressed, joins, shortest, longest }, listed) => {
    const started = performance.now();
    const usable = writable(listed.words, new Set(known)).filter(
      ({ length }) => length >= shortest && length <= longest,
    );
    const cover = coverWith(usable, { letters: known, pairs: joins ? 'all' : [], stressed });
    return { ...cover, ms: performance.now() - started };
  },
  alphabet: ({ theme, known, choice }) => themeAlphabet(theme, new Set(known), choice),
  pangram: ({ known, choice }, listed) => pangramFor(new Set(known), listed.words, choice),
  minimal: ({ known, pair, most }, listed) =>
    minimalPairs(writable(listed.words, new Set(known)), pair, most),
  rich: ({ known, join, most }, listed) => richIn(writable(listed.words, new Set(known)), join, most),
  ten: ({ recipe, known, own }, listed) => tenMinutePage(recipe, new Set(known), listed.words, own),
  course: ({ recipe, options, own }, listed, report) => {
    const planning = planCourse(recipe, options, listed.words, own);
    let step = planning.next();
    for (; !step.done; step = planning.next()) report({ done: step.value.done, of: step.value.of });
    return step.value;
  },
};

self.onmessage = async ({ data: { number, list, ask, given } }: MessageEvent<Question>) => {
  let reply: Reply;
  try {
    const answer = ANSWERS[ask] as (given: unknown, listed: Listed, report: Report) => Asks[Ask]['answer'];
    const report: Report = (progress) => self.postMessage({ number, progress } satisfies Reply);
    if ('recipe' in given) await loadScript(given.recipe.hand);
    reply = { number, answer: answer(given, await wordsOf(list), report) };
  } catch (error) {
    if (!(error instanceof Problem)) console.error(error);
    const problem = error instanceof Problem ? error.message : 'Something unexpected went wrong here.';
    reply = { number, problem };
  }
  self.postMessage(reply);
};
