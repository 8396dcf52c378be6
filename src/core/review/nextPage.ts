import { asTyped } from '../hand/hand';
import type { Band } from '../practice/band';
import { bestPage } from '../practice/fit';
import { groundOf } from '../practice/ground';
import { lessonsOf, warmUpFor } from '../practice/lessons';
import { filledUp, learningPlans, numbered, practises, wordsFor } from '../practice/tenMinutes';
import type { WordList } from '../practice/words/wordList';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import type { Sheet } from '../sheet/sheet';
import type { Review } from './review';

/** Maximum number of letters that the next page repeats, and of words made of them. */
const MOST_LETTERS = 3;
const WORDS = 2;

/** The letters a page should bring back: those of rows with a fault, the worst first; else those farthest off. */
export function lettersToMend({ rows }: Pick<Review, 'rows'>): string[] {
  const single = rows.filter(({ text }) => [...text].length === 1);
  const weight = (row: Review['rows'][number]) =>
    (row.faults[0]?.score ?? 0) * 10 +
    row.letters.reduce((sum, { off }) => sum + Math.min(off, 3), 0) / Math.max(1, row.letters.length);
  const faulty = single.filter(({ faults }) => faults.length > 0);
  const sorted = [...(faulty.length > 0 ? faulty : single)].sort((a, b) => weight(b) - weight(a));
  return [...new Set(sorted.map(({ text }) => text))].slice(0, MOST_LETTERS);
}

const firstOf = (...lists: readonly (readonly string[])[]): readonly string[] =>
  lists.find((list) => list.length > 0) ?? [];

/**
 * The page that comes after what was remarked: the drill of what was off, its letters, words with them, empty lines to the
 * foot. The letters of its hand must have been fetched.
 */
export function pageAfter(
  recipe: Sheet,
  review: Pick<Review, 'rows' | 'remarks'>,
  known: ReadonlySet<string>,
  words: WordList,
  own: readonly OwnLetter[] = [],
): readonly Band[] {
  const make = numbered('r');
  const ground = groundOf(recipe, { size: 1, held: false }, own);
  const lessons = lessonsOf(ground);
  const letters = firstOf(
    lettersToMend(review),
    // Nothing is said of single letters: those learned last, or the first of all.
    [...known]
      .filter((letter) => lessons.some(({ letters: some }) => some.includes(letter)))
      .slice(-MOST_LETTERS),
    lessons[0]?.letters.slice(0, MOST_LETTERS) ?? [],
  );
  const drill = lessons.find(({ letters: some }) => some.includes(letters[0] ?? ''))?.drill;
  const warmUp = make('drill', warmUpFor(recipe), { guided: false, lines: 1 });
  const rest = make('ruling', '', { fill: true });
  const typed = new Set(asTyped(handOf(recipe), [...known, ...letters]));
  const some = wordsFor(asTyped(handOf(recipe), letters), typed, words, WORDS);
  const plans = learningPlans(make, drill, letters, some);
  return bestPage(
    recipe,
    plans.flatMap((plan) => filledUp(practises(plan, warmUp) ? plan : [warmUp, ...plan], rest)),
    { own },
  );
}
