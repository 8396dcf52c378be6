import { expect, it } from 'vitest';
import { coverWith, greedyCover, type Instance, improved, instanceOf } from '@/core/practice/words/cover';
import { kindWords } from '@/core/practice/words/kind';
import { LOOK_ALIKES, minimalPairs, pairsOf, pangramFor, richIn } from '@/core/practice/words/select';
import { PANGRAMS, SENTENCES, SKY_WORDS } from '@/core/practice/words/sky';
import { THEMES, themeAlphabet } from '@/core/practice/words/themes';
import { lackingLetters, pairsIn, readWords, writable } from '@/core/practice/words/wordList';
import { Problem } from '@/core/problem/problem';
import { outline } from '../support/outline';
import { WORDS } from '../support/practice';

const problemOf = (content: string): string => {
  try {
    const { words, skipped } = readWords(content);
    return `${words.join(' ')} | ${skipped}`;
  } catch (error) {
    if (error instanceof Problem) return `${error.field}: ${error.message}`;
    throw error;
  }
};
const known = (letters: string) => new Set(letters);

it('sets of words are chosen as was approved', async () => {
  const sets = ['adgqunmh', 'iltjfnmhrbpk', 'etaoinshrdlu'].map((letters) => {
    const list = writable(WORDS, known(letters));
    const plain = coverWith(list, { letters: [...letters], pairs: [], stressed: [] });
    const joins = coverWith(list, { letters: [...letters], pairs: 'all', stressed: [letters[0] as string] });
    const { instance, impossible } = instanceOf(list, {
      letters: [...letters],
      pairs: ['th', 'he'],
      stressed: ['n'],
    });
    const start = greedyCover(instance);
    return {
      letters,
      writable: list.length,
      plain,
      joins: `${joins.words.join(' ')} of ${joins.greedy}, without ${joins.impossible.join(' ')}`,
      start: start.map((i) => instance.words[i]).join(' '),
      better: improved(instance, start)
        .map((i) => instance.words[i])
        .join(' '),
      impossible,
    };
  });
  const tight: Instance = {
    words: ['a', 'b', 'c', 'd', 'e'],
    sets: [
      [0, 1, 2],
      [3, 4, 5],
      [0, 1, 3, 4],
      [2, 5],
      [2, 3],
    ],
    demand: [1, 1, 1, 1, 1, 1],
    names: ['0', '1', '2', '3', '4', '5'],
  };
  await expect(
    `${outline({
      sets,
      tight: { greedy: greedyCover(tight), improved: improved(tight, greedyCover(tight)) },
      sky: [0, 1, 5].map((choice) => themeAlphabet('sky', known('abcdefghilmnoprstuvwy'), choice)),
      pangrams: [0, 1, 2].map((choice) => pangramFor(known('abcdefghijklmnopqrstuvwxyz ,'), WORDS, choice)),
      near: pangramFor(known('adgqunmhoe'), WORDS),
      alike: LOOK_ALIKES.map(
        (pair) =>
          `${pair.join(' ')}: ${minimalPairs(WORDS, pair, 3)
            .map((words) => words.join('/'))
            .join(', ')}`,
      ),
      rich: ['th', 'ou', 'ee'].map((join) => `${join}: ${richIn(WORDS, join, 6).join(' ')}`),
      pairs: pairsOf(WORDS)
        .slice(0, 12)
        .map(({ pair, words }) => `${pair} ${words}`)
        .join(', '),
      pairsIn: pairsIn('banana'),
      lacking: lackingLetters(['łza', 'łuk', 'noc'], known('nozuk')),
      kind: kindWords(['moon', 'hate', 'stab', 'fire', 'slavery', 'snobs', 'hole'], {
        hate: 1,
        snob: 1,
        hole: 0,
        fire: 0,
      }),
      lists: [
        'moon\nsun # warm\n\nmoon; rain, dew',
        '',
        '# none',
        '123\nsun',
        `${'x'.repeat(41)} dew`,
        '\uFEFFdusk dawn',
      ].map(problemOf),
      themes: Object.entries(THEMES).map(
        ([id, { words }]) => `${id}: ${Object.values(words).flat().join(' ')}`,
      ),
      sky26: Object.entries(SKY_WORDS).map(([letter, words]) => `${letter}: ${words.join(' ')}`),
      sentences: [...PANGRAMS, ...SENTENCES],
    })}\n`,
  ).toMatchFileSnapshot('./values/words.txt');
});
