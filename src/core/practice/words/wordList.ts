import { Problem } from '../../problem/problem';
import { MARKED } from '../../type/compose';

/** Words to practise with, the commonest first; each once, in the form it is written. */
export type WordList = readonly string[];

/** Which list a sheet or a class has its words from: the id of one that is kept, or this for the bundled one. */
export const BUNDLED = '';

/** Bounds of a list of one's own. */
export const WORD_LIST_LIMITS = { bytes: 2 * 1024 * 1024, words: 200_000, longest: 40 } as const;

/** What a text file of words held. */
export interface ReadWords {
  readonly words: WordList;
  /** Lines passed over: empty ones and comments are not counted. */
  readonly skipped: number;
}

/** A word: letters of any script, with apostrophes and hyphens inside. */
const WORD = /^[\p{L}\p{M}]+(?:['’-][\p{L}\p{M}]+)*$/u;

/**
 * Reads a text of words, one or several a line; `#` begins a comment. The order is kept: put the commonest first.
 * @throws Problem when not one word is found, or more than `WORD_LIST_LIMITS.words`.
 */
export function readWords(content: string): ReadWords {
  const words = new Set<string>();
  let skipped = 0;
  for (const line of content.replace(/^\uFEFF/, '').split(/\r\n|\r|\n/)) {
    for (const entry of line.replace(/#.*/, '').split(/[\s,;]+/)) {
      const word = entry.normalize('NFC');
      if (word === '') continue;
      if (!WORD.test(word) || [...word].length > WORD_LIST_LIMITS.longest) skipped += 1;
      else words.add(word);
    }
    if (words.size > WORD_LIST_LIMITS.words) {
      throw new Problem(
        'words',
        `The list holds more than ${WORD_LIST_LIMITS.words.toLocaleString('en')} words; please shorten it.`,
      );
    }
  }
  if (words.size === 0) {
    throw new Problem('words', 'No words were found: a list is a UTF-8 text with one word a line.');
  }
  return { words: [...words], skipped };
}

/** Letters the words use that `known` does not hold, most frequent first, with how many words need them. */
export function lackingLetters(
  words: WordList,
  known: ReadonlySet<string>,
): { letter: string; words: number }[] {
  const counts = new Map<string, number>();
  for (const word of words) {
    for (const letter of new Set(word)) {
      if (!known.has(letter)) counts.set(letter, (counts.get(letter) ?? 0) + 1);
    }
  }
  return [...counts].map(([letter, count]) => ({ letter, words: count })).sort((a, b) => b.words - a.words);
}

/** Words that use only these letters. Who knows a letter may write it with its marks. */
export function writable(words: WordList, known: ReadonlySet<string>): string[] {
  const plain = [...known].filter((letter) => [...letter].length === 1);
  if (plain.length === 0) return [];
  const marked = [...MARKED].flatMap(([letter, base]) => (known.has(base) ? [letter] : []));
  const letters = [...plain, ...marked].map(escaped);
  // One pass of a compiled class over a word is many times faster than looking up letter by letter.
  const only = new RegExp(`^[${letters.join('')}]+$`, 'u');
  return words.filter((word) => only.test(word));
}

/** A character as itself inside a class of a regular expression. */
const escaped = (letter: string): string => `\\u{${(letter.codePointAt(0) as number).toString(16)}}`;

/** Neighbouring letters of a word, each pair once: what has to be joined or at least spaced. */
export function pairsIn(word: string): string[] {
  const letters = [...word];
  return [...new Set(letters.slice(1).map((letter, i) => `${letters[i]}${letter}`))];
}
