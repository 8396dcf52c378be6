import { foldedFor, type Hand } from '../../hand/hand';
import { coverWith } from './cover';
import { PANGRAMS } from './sky';
import { pairsIn, type WordList, writable } from './wordList';

/**
 * A sentence with every known letter: one of the bundled ones when all of its letters are known, else the fewest words
 * that hold all known letters: nearly a pangram, of real words, without a sentence's sense.
 */
export function pangramFor(
  known: ReadonlySet<string>,
  list: WordList,
  choice = 0,
): { text: string; whole: boolean; lacking: readonly string[] } {
  const letters = [...known].filter((letter) => /^\p{Ll}$/u.test(letter));
  const whole = PANGRAMS.filter((text) =>
    [...text].every((letter) => !/\p{L}/u.test(letter) || known.has(letter)),
  ).filter((text) => letters.every((letter) => text.includes(letter)));
  if (whole.length > 0) return { text: whole[choice % whole.length] as string, whole: true, lacking: [] };
  const { words, impossible } = coverWith(writable(list, known), { letters, pairs: [], stressed: [] });
  return { text: words.join(' '), whole: false, lacking: impossible };
}

/** Small letters that are taken for each other when written carelessly. */
export const LOOK_ALIKES: readonly (readonly [string, string])[] = [
  ['n', 'u'],
  ['c', 'e'],
  ['a', 'u'],
  ['a', 'o'],
  ['h', 'n'],
  ['i', 'e'],
  ['r', 'v'],
  ['f', 't'],
  ['g', 'y'],
  ['l', 't'],
];

/** Capitals that are taken for each other, as they are typed: one stroke, or the height of a bar, tells them apart. */
const ALIKE_AS_CAPITALS: typeof LOOK_ALIKES = [
  ['c', 'g'],
  ['p', 'r'],
  ['b', 'r'],
  ['e', 'f'],
  ['f', 'p'],
  ['i', 'l'],
  ['i', 't'],
  ['m', 'n'],
  ['h', 'n'],
  ['u', 'o'],
];

/** The look-alikes of a hand, as typed; none where the hand does not write the Latin alphabet. */
export function lookAlikesOf({ fold, rightToLeft }: Pick<Hand, 'fold' | 'rightToLeft'>): typeof LOOK_ALIKES {
  if (rightToLeft) return [];
  return fold === 'upper' ? ALIKE_AS_CAPITALS : LOOK_ALIKES;
}

/** Look-alikes as the hand writes them: "C or G". */
export const alikeInWords = (hand: Pick<Hand, 'fold'>, [one, other]: readonly [string, string]): string =>
  `${foldedFor(hand, one)} or ${foldedFor(hand, other)}`;

/** Minimum length of words to compare: two letters tell little. */
const LEAST_LENGTH = 3;

/** Pairs of words that differ in one letter that can be misread for the other; commonest first. */
export function minimalPairs(
  words: WordList,
  [one, other]: readonly [string, string],
  most: number,
): [string, string][] {
  const rank = new Map(words.map((word, i) => [word, i]));
  const found: { pair: [string, string]; rank: number }[] = [];
  for (const [word, place] of rank) {
    if (word.length < LEAST_LENGTH) continue;
    for (let i = word.indexOf(one); i >= 0; i = word.indexOf(one, i + one.length)) {
      const twin = word.slice(0, i) + other + word.slice(i + one.length);
      const second = rank.get(twin);
      if (second !== undefined) found.push({ pair: [word, twin], rank: Math.max(place, second) });
    }
  }
  return found
    .sort((a, b) => a.rank - b.rank)
    .slice(0, most)
    .map(({ pair }) => pair);
}

/** How often a text occurs in a word, overlapping ones counted. */
function occurrences(word: string, text: string): number {
  let count = 0;
  for (let i = word.indexOf(text); i >= 0; i = word.indexOf(text, i + 1)) count += 1;
  return count;
}

/** Words in which a join (or any text) occurs: those with it oftenest first, then the shorter, then the commoner. */
export function richIn(words: WordList, join: string, most: number): string[] {
  return words
    .map((word, rank) => ({ word, rank, times: occurrences(word, join) }))
    .filter(({ times }) => times > 0)
    .sort((a, b) => b.times - a.times || a.word.length - b.word.length || a.rank - b.rank)
    .slice(0, most)
    .map(({ word }) => word);
}

/** Pairs of letters the words have, the commonest first, with how many words have each. */
export function pairsOf(words: WordList): { pair: string; words: number }[] {
  const counts = new Map<string, number>();
  for (const word of words) for (const pair of pairsIn(word)) counts.set(pair, (counts.get(pair) ?? 0) + 1);
  return [...counts].map(([pair, count]) => ({ pair, words: count })).sort((a, b) => b.words - a.words);
}
