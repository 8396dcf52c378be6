import { asTyped } from '../hand/hand';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import type { Sheet } from '../sheet/sheet';
import type { Band, How } from './band';
import { bandOf } from './bands/bandOf';
import type { BandKindId } from './bands/registry';
import { drillsFor } from './drills';
import { bestPage } from './fit';
import { groundOf } from './ground';
import { lessonsOf, nextLesson, warmUpFor } from './lessons';
import { coverWith } from './words/cover';
import { lookAlikesOf, minimalPairs, pangramFor } from './words/select';
import { type WordList, writable } from './words/wordList';

/** New letters of one short session (common teaching: two or three at a time). */
const NEW_LETTERS = 2;
/** Words of a page; fewer where they do not fit. */
const WORDS = 2;
/** Words to copy: long enough to have a rhythm, short enough to be written several times on a line. */
const SHORTEST_WORD = 3;
const LONGEST_WORD = 8;

/**
 * One page for a free ten minutes, made for what comes next: a warm-up, the drill of the next family, its next letters,
 * words from what is known by then, and empty lines to the foot. When every letter is known, words that are easily
 * mistaken and a sentence with all letters; of a hand whose letters are not drawn, its drills.
 */
export function tenMinutePage(
  recipe: Sheet,
  known: ReadonlySet<string>,
  words: WordList,
  own: readonly OwnLetter[] = [],
): readonly Band[] {
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const make = numbered();
  const hand = handOf(recipe);
  const typed = new Set(asTyped(hand, [...known]));
  const next = nextLesson(lessonsOf(ground), known, NEW_LETTERS);
  const warmUp = make('drill', warmUpFor(recipe), { guided: known.size === 0, lines: 1 });
  const rest = make('ruling', '', { fill: true });
  if (!ground.face) {
    const drills = drillsFor(recipe).map(({ id }) => make('drill', id, { lines: 1 }));
    const fewer = drills.map((_, i) => [...drills.slice(0, drills.length - i), rest]);
    return bestPage(recipe, fewer, { own });
  }
  const plans = next
    ? learningPlans(
        make,
        next.lesson.drill,
        next.letters,
        wordsFor(asTyped(hand, next.letters), typed, words, WORDS),
      )
    : keepingUp(make, typed, words, lookAlikesOf(hand));
  return bestPage(
    recipe,
    plans.flatMap((plan) => filledUp(practises(plan, warmUp) ? plan : [warmUp, ...plan], rest)),
    { own },
  );
}

/** Whether the page already practises the same thing: a family without a drill of its own uses the warm-up. */
export const practises = (plan: readonly Band[], { what }: Band): boolean =>
  plan.some((band) => band.what.kind === what.kind && band.what.of === what.of);

/** A page with lines to its foot, then the same page without them for when not one line fits. */
export const filledUp = (plan: readonly Band[], rest: Band): (readonly Band[])[] => [[...plan, rest], plan];

type Make = (kind: BandKindId, of: string, how?: Partial<How>) => Band;

/** Bands with ids of their own. */
export const numbered = (prefix = 'b'): Make => {
  let count = 0;
  return (kind, of, how) => {
    count += 1;
    return bandOf(`${prefix}${count}`, kind, of, how);
  };
};

/** Cells of a letter, repeated until its lines are full. */
const CELLS = { trace: 2, fading: 2, free: 3, repeat: true } as const;

/** Many letters at once may be shown by a smaller nib than they are written with. */
const SMALLER = 0.6;

/** Ways of practising letters, from the roomiest to the tightest: large one by one, a line each, together, and as one line to copy. */
const letterWays = (make: Make, letters: readonly string[], how: Partial<How> = {}): Band[][] => {
  const all = letters.join(' ');
  return [
    letters.map((letter) => make('letter', letter, { ...CELLS, ...how })),
    letters.map((letter) => make('letter', letter, { ...CELLS, lines: 1, snug: true, ...how })),
    [make('letters', all, { ...CELLS, ...how })],
    ...[1, 0].map((free) => [
      make('letters', all, { trace: 0, fading: 0, free: 0, ...how }),
      make('line', all, { guided: false, trace: 1, free, snug: true, ...how }),
    ]),
    [make('letters', all, { trace: 0, fading: 0, free: 0, ...how })],
    [make('letters', all, { trace: 0, fading: 0, free: 0, ...how, size: (how.size ?? 1) * SMALLER })],
    [make('line', all, { guided: false, trace: 1, free: 1, snug: true, ...how })],
    [make('line', all, { guided: false, trace: 1, free: 0, snug: true, ...how })],
  ];
};

export const wordBand = (make: Make, word: string): Band =>
  make('word', word, { trace: 1, fading: 1, free: 1, repeat: true });

/** Number of ways, from the first, that give every letter cells of its own. */
const EACH = 3;

/**
 * Pages for new letters, the fullest first: every letter in cells of its own, with all words, then with fewer, then
 * without; where that is too much, the letters together. The drill is guided where there is room for it.
 */
export function learningPlans(
  make: Make,
  drill: string | undefined,
  letters: readonly string[],
  words: readonly string[],
  how: Partial<How> = {},
): Band[][] {
  const all = letterWays(make, letters, how).map((way, rank) => ({ way, rank }));
  const [each, together] = [all.filter(({ rank }) => rank < EACH), all.filter(({ rank }) => rank >= EACH)];
  const fewer = Array.from({ length: words.length }, (_, i) => words.slice(0, words.length - i));
  const plans = (ways: typeof all, someWords: readonly (readonly string[])[]) =>
    ways.flatMap(({ way }) => someWords.map((some) => ({ way, some })));
  return [...plans(each, fewer), ...plans(each, [[]]), ...plans(together, [...fewer, []])].flatMap(
    ({ way, some }) =>
      [true, false].map((guided) => [
        ...(drill ? [make('drill', drill, { guided, lines: 1, ...how })] : []),
        ...way,
        ...some.map((word) => wordBand(make, word)),
      ]),
  );
}

/** Words to copy are chosen from this number of the commonest words that can be written. */
const COMMON = 1500;
/** Number of initial letters by which words count as the same for practice. */
const ALIKE = 3;

/** Words with these letters in them, of those known by then: a small set that shows all of them, no two much alike. */
export function wordsFor(
  letters: readonly string[],
  known: ReadonlySet<string>,
  list: WordList,
  most: number,
): string[] {
  const usable = writable(list, new Set([...known, ...letters]))
    .filter(({ length }) => length >= SHORTEST_WORD && length <= LONGEST_WORD)
    .slice(0, COMMON);
  const found: string[] = [];
  // First so that every letter is shown, then so that it is shown in a second word.
  for (let left = usable; found.length < most && left.length > 0; ) {
    const { words } = coverWith(left, { letters, pairs: [], stressed: [] });
    if (words.length === 0) break;
    found.push(...words);
    const heads = new Set(found.map((word) => word.slice(0, ALIKE)));
    left = left.filter((word) => !heads.has(word.slice(0, ALIKE)));
  }
  return found.slice(0, most);
}

const PAIRS = 2;

/** Contents for a hand whose letters are all known, fullest page first. */
function keepingUp(
  make: Make,
  known: ReadonlySet<string>,
  list: WordList,
  alike: ReturnType<typeof lookAlikesOf>,
): Band[][] {
  const usable = writable(list, known).filter(({ length }) => length <= LONGEST_WORD);
  const pairs = alike.flatMap((pair) => minimalPairs(usable, pair, 1)).slice(0, PAIRS);
  const lines = pairs.map(([one, other]) =>
    make('line', `${one} ${other}`, { trace: 1, guided: false, free: 1 }),
  );
  const { text } = pangramFor(known, list);
  const sentence = (how: Partial<How>) => make('line', text, how);
  return [
    ...[2, 1, 0].map((count) => [...lines.slice(0, count), sentence({ free: 1 })]),
    [...lines.slice(0, 1), sentence({ guided: false, trace: 1 })],
    [sentence({ guided: false, trace: 1 })],
    [sentence({ guided: false, trace: 1, free: 0 })],
  ];
}
