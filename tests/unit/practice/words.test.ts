import { cuss } from 'cuss';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bundledWords } from '@/app/_lib/words';
import { HANDS } from '@/core/hands/registry';
import { coverWith, greedyCover, improved, instanceOf } from '@/core/practice/words/cover';
import { kindWords } from '@/core/practice/words/kind';
import {
  alikeInWords,
  LOOK_ALIKES,
  lookAlikesOf,
  minimalPairs,
  pairsOf,
  pangramFor,
  richIn,
} from '@/core/practice/words/select';
import { PANGRAMS, SENTENCES, SKY_WORDS } from '@/core/practice/words/sky';
import { THEME_IDS, THEMES, themeAlphabet } from '@/core/practice/words/themes';
import {
  lackingLetters,
  pairsIn,
  readWords,
  WORD_LIST_LIMITS,
  writable,
} from '@/core/practice/words/wordList';
import { fewestWords } from '../../support/exactCover';
import { WORDS } from '../../support/practice';

const ALPHABET = [...'abcdefghijklmnopqrstuvwxyz'];
const anyKnown = fc.uniqueArray(fc.constantFrom(...ALPHABET), { minLength: 1, maxLength: 26 });
/** Lists over few letters, so that words meet each other's letters. */
const anyList = fc.uniqueArray(
  fc.array(fc.constantFrom(...'adgnu'), { minLength: 1, maxLength: 5 }).map((letters) => letters.join('')),
  { minLength: 1, maxLength: 14 },
);

describe('words from what is known', () => {
  it('never contain an unknown letter, whichever way they are chosen', () => {
    fc.assert(
      fc.property(anyKnown, fc.constantFrom(...LOOK_ALIKES), fc.nat(5), (letters, pair, choice) => {
        const known = new Set(letters);
        const all = [
          ...writable(WORDS, known),
          ...coverWith(writable(WORDS, known), { letters, pairs: 'all', stressed: letters.slice(0, 2) })
            .words,
          ...themeAlphabet('sky', known, choice).words,
          ...minimalPairs(writable(WORDS, known), pair, 5).flat(),
          ...richIn(writable(WORDS, known), pair[0], 5),
          ...pangramFor(known, WORDS, choice)
            .text.split(/[\s,;:]+/)
            .filter(Boolean),
        ];
        for (const word of all) for (const letter of word) expect(known.has(letter), word).toBe(true);
      }),
    );
  });

  it('are all words that can be written, of any script', () => {
    expect(writable(['no', 'né', 'été', 'on', 'n’o', 'ňon'], new Set(['n', 'o', 'é', 't', '’']))).toEqual([
      'no',
      'né',
      'été',
      'on',
      'n’o',
      'ňon',
    ]);
    expect(writable(['ďon'], new Set(['n', 'o']))).toEqual([]);
    expect(writable(['a]b', 'ab', '^'], new Set(['a', 'b', ']', '^', '\\', '-']))).toEqual([
      'a]b',
      'ab',
      '^',
    ]);
    expect(writable(['a'], new Set())).toEqual([]);
  });
});

describe('a small set that shows everything', () => {
  it('shows every letter and join the list has, stressed letters twice where it can', () => {
    fc.assert(
      fc.property(anyList, fc.subarray([...'adgnu']), (list, stressed) => {
        const letters = [...'adgnu'];
        const { words, impossible } = coverWith(list, { letters, pairs: 'all', stressed });
        const having = (text: string, among: readonly string[]) =>
          among.filter((word) => word.includes(text)).length;
        for (const pair of new Set(list.flatMap(pairsIn))) expect(having(pair, words)).toBeGreaterThan(0);
        for (const letter of letters) {
          const wanted = Math.min(having(letter, list), stressed.includes(letter) ? 2 : 1);
          expect(having(letter, words)).toBeGreaterThanOrEqual(wanted);
          expect(impossible.includes(letter)).toBe(having(letter, list) === 0);
        }
        expect(new Set(words).size).toBe(words.length);
        for (const word of words) expect(list).toContain(word);
      }),
    );
  });

  it('is never larger than greedy, and never smaller than possible', () => {
    fc.assert(
      fc.property(anyList, fc.boolean(), (list, joins) => {
        const letters = [...'adgnu'];
        const { instance } = instanceOf(list, { letters, pairs: joins ? 'all' : [], stressed: [] });
        const greedy = greedyCover(instance);
        const ours = improved(instance, greedy);
        const fewest = fewestWords(instance);
        expect(ours.length).toBeLessThanOrEqual(greedy.length);
        if (fewest !== undefined) expect(ours.length).toBeGreaterThanOrEqual(fewest);
      }),
    );
  });

  it('holds no word that could be left out', () => {
    fc.assert(
      fc.property(anyList, (list) => {
        const letters = [...'adgnu'];
        const { instance } = instanceOf(list, { letters, pairs: 'all', stressed: [] });
        const chosen = improved(instance, greedyCover(instance));
        const served = instance.demand.map(
          (_, element) => chosen.filter((word) => instance.sets[word]?.includes(element)).length,
        );
        const spare = chosen.filter((word) =>
          instance.sets[word]?.every((element) => (served[element] ?? 0) > (instance.demand[element] ?? 0)),
        );
        expect(spare).toEqual([]);
      }),
    );
  });

  it('is within a twentieth of the fewest on small cases', () => {
    let [ours, fewest, cases] = [0, 0, 0];
    fc.assert(
      fc.property(anyList, (list) => {
        const { instance } = instanceOf(list, { letters: [...'adgnu'], pairs: 'all', stressed: [] });
        const least = fewestWords(instance);
        if (least === undefined) return;
        ours += improved(instance, greedyCover(instance)).length;
        fewest += least;
        cases += 1;
      }),
      { numRuns: 300, seed: 7 },
    );
    expect(cases).toBeGreaterThan(250);
    expect(ours).toBeLessThanOrEqual(fewest * 1.05);
  });

  it('a d g q u n m h: all letters and all joins of the bundled list', () => {
    const letters = [...'adgqunmh'];
    const usable = writable(bundledWords(), new Set(letters));
    const { words, greedy, impossible } = coverWith(usable, { letters, pairs: 'all', stressed: [] });
    expect(words.length).toBeLessThanOrEqual(greedy);
    const joins = new Set(words.flatMap(pairsIn));
    for (const { pair } of pairsOf(usable)) expect(joins.has(pair), pair).toBe(true);
    // No English word has q without i or another letter that is not known, so q may be impossible; nothing else is.
    expect(impossible.filter((letter) => letter !== 'q')).toEqual([]);
    for (const letter of letters) {
      if (!impossible.includes(letter)) expect(words.some((word) => word.includes(letter))).toBe(true);
    }
  });
});

describe('the list', () => {
  it('reads any UTF-8 text: one or several words a line, comments, a mark of byte order', () => {
    const { words, skipped } = readWords(
      '\uFEFF# Slovenčina\nmesiac\r\nhviezda, kométa;ďalekohľad\n\n42 o’clock\nmesiac\n',
    );
    expect(words).toEqual(['mesiac', 'hviezda', 'kométa', 'ďalekohľad', 'o’clock']);
    expect(skipped).toBe(1);
    expect(readWords('e\u0301te\u0301').words).toEqual(['été']);
  });

  it('refuses a text without words, and too many', () => {
    expect(() => readWords('12 34\n# none')).toThrow(/No words were found/);
    const many = Array.from({ length: WORD_LIST_LIMITS.words + 2 }, (_, i) =>
      i.toString(26).replace(/\d/g, (digit) => 'qrstuvwxyz'[Number(digit)] as string),
    ).map((word, i) => `${word}${'abc'[i % 3]}${'x'.repeat(1 + (i % 7))}`);
    expect(() => readWords(many.join('\n'))).toThrow(/more than 200,000 words/);
  });

  it('reports the letters the hand lacks, the most wanted first', () => {
    const hand = new Set('abcdefghijklmnopqrstuvwxyz');
    expect(lackingLetters(['été', 'être', 'noël', 'mer'], hand)).toEqual([
      { letter: 'é', words: 1 },
      { letter: 'ê', words: 1 },
      { letter: 'ë', words: 1 },
    ]);
    // However often it stands in one word, a letter is wanted once there; and the rare ones come last.
    expect(lackingLetters(['ćma', 'łza', 'łuk', 'noc', 'ööö'], hand)).toEqual([
      { letter: 'ł', words: 2 },
      { letter: 'ć', words: 1 },
      { letter: 'ö', words: 1 },
    ]);
  });

  it('bundled, is large, of plain words, the commonest first, without unkind ones', () => {
    const words = bundledWords();
    expect(words.length).toBeGreaterThan(30_000);
    expect(words.indexOf('the')).toBeLessThan(6_000);
    for (const word of words) {
      expect(word).toMatch(/^(?:[a-z]{2,14}|\p{Script=Arabic}{2,14})$/u);
      expect(cuss[word] ?? 0, word).toBeLessThan(1);
    }
    for (const word of ['moon', 'star', 'lens', 'dome', 'hand', 'ink', 'glass'])
      expect(words).toContain(word);
  });

  it('leaves out rated words and what is made of them, and keeps plain ones', () => {
    const ratings = { grunk: 2, flibberish: 1, moon: 0, slope: 0 };
    expect(
      kindWords(['grunk', 'grunks', 'grunky', 'flibberishly', 'moon', 'slope', 'star'], ratings),
    ).toEqual(['slope', 'star']);
  });

  it('leaves out what begins with a word that is rated for certain, and keeps what only begins like others', () => {
    const ratings = { flibberish: 1, grunk: 0, zorp: 2 };
    const words = ['flibberishing', 'flibberings', 'grunkland', 'zorpland', 'zorp'];
    // Short words begin too many others, and what is rated in one sense only says nothing of longer ones.
    expect(kindWords(words, ratings)).toEqual(['flibberings', 'grunkland', 'zorpland']);
  });
});

it('a class meets no weapons, drugs, bodies or cries, and keeps the words that only begin like them', () => {
  const words = new Set(bundledWords());
  const out =
    'gun rifle bullet beer heroin drug blood urine kill murder dead oh ah hey yeah whisky sweat fart'.split(
      ' ',
    );
  expect(out.filter((word) => words.has(word))).toEqual([]);
  const kept = 'farther sweater whisker bulletin star started moon kiln guard gunwale'.split(' ');
  expect(kindWords(kept, {})).toEqual(kept);
});

describe('chosen words', () => {
  it.each(THEME_IDS)(
    '%s has a word for every letter, in plain small letters, and another at the next choice',
    (theme) => {
      const known = new Set(ALPHABET);
      const { words, lacking } = themeAlphabet(theme, known);
      expect(lacking).toEqual([]);
      expect(words.map((word) => word[0])).toEqual(ALPHABET);
      for (const list of Object.values(THEMES[theme].words).flat())
        expect(list).toMatch(/^[\p{Ll}\p{Lo}]{2,}$/u);
      expect(themeAlphabet(theme, known, 1).words).not.toEqual(words);
    },
  );

  it('every sky word begins with its letter; alphabets go from a to z and change with the choice', () => {
    for (const [letter, words] of Object.entries(SKY_WORDS)) {
      for (const word of words) expect(word.startsWith(letter), word).toBe(true);
    }
    const known = new Set(ALPHABET);
    const { words, lacking } = themeAlphabet('sky', known);
    expect(words.map((word) => word[0])).toEqual(ALPHABET);
    expect(lacking).toEqual([]);
    expect(themeAlphabet('sky', known, 1).words).not.toEqual(words);
    expect(themeAlphabet('sky', new Set([...'nighte'])).words).toContain('night');
  });

  it('pangrams hold every letter; without them all, the words found hold all that are known', () => {
    for (const text of PANGRAMS) for (const letter of ALPHABET) expect(text, text).toContain(letter);
    const whole = pangramFor(new Set(ALPHABET), WORDS);
    expect(whole).toMatchObject({ whole: true, lacking: [] });
    const known = new Set([...'adgunmhoe']);
    const near = pangramFor(known, WORDS);
    expect(near.whole).toBe(false);
    for (const letter of known)
      expect(near.text.includes(letter) || near.lacking.includes(letter)).toBe(true);
  });

  it('sentences end as sentences do and are short enough for a line', () => {
    for (const text of SENTENCES) {
      expect(text).toMatch(/^[A-Z].*\.$/);
      expect(text.length).toBeLessThan(26);
    }
  });

  it('minimal pairs differ in exactly the letter asked for', () => {
    for (const pair of LOOK_ALIKES) {
      for (const [one, other] of minimalPairs(bundledWords().slice(0, 9000), pair, 8)) {
        const differing = [...one].flatMap((letter, i) => (letter === other[i] ? [] : [[letter, other[i]]]));
        expect(one.length).toBe(other.length);
        expect(differing).toEqual([[...pair]]);
      }
    }
    expect(minimalPairs(['cat', 'eat', 'can'], ['c', 'e'], 5)).toEqual([['cat', 'eat']]);
  });

  it('look-alikes are letters the hand writes: capitals where it has no others, none where it is not Latin', () => {
    const words = bundledWords();
    for (const hand of HANDS) {
      const alike = lookAlikesOf(hand);
      expect(alike.length > 0, hand.name).toBe(!hand.rightToLeft);
      for (const pair of alike) {
        const told = alikeInWords(hand, pair);
        expect(/^\p{Lu} or \p{Lu}$/u.test(told), `${hand.name}: ${told}`).toBe(hand.fold === 'upper');
        expect(minimalPairs(words, pair, 1), told).toHaveLength(1);
      }
    }
  });

  it('words rich in a join have it oftenest first', () => {
    expect(richIn(['none', 'onion', 'moon', 'sun'], 'on', 9)).toEqual(['onion', 'none', 'moon']);
    expect(richIn(['aaa', 'aab'], 'aa', 1)).toEqual(['aaa']);
    expect(pairsOf(['no', 'non'])[0]).toEqual({ pair: 'no', words: 2 });
  });
});
