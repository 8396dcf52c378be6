import { describe, expect, it } from 'vitest';
import { type Letter, USUAL } from '../hand/letter';
import { italic } from '../hands/italic/hand';
import { script } from '../hands/italic/script';
import { Problem } from '../problem/problem';
import { setLine } from '../type/setLine';
import { build, typeface } from '../type/typeface';
import { type LetterSet, parseLetterSet, readLetterSet } from './letterSet';
import { LETTER_SET_LIMITS } from './letterSetFormat';
import { asOwn, emptySet, ownLetters } from './ownLetters';

const key = { hand: 'italic', zones: italic.zones, penAngle: 45, slope: 6 } as const;
const face = build(key, script);
const letterOf = (text: string) => face.letters.get(text)?.letter as Letter;
const mine: LetterSet = {
  ...emptySet('italic'),
  name: 'my own hand',
  variants: { r: 'long-eared', a: 'mine' },
  letters: [
    asOwn(letterOf('a'), 'mine', face.measures),
    { ...asOwn(letterOf('o'), USUAL, face.measures), text: 'ø' },
  ],
};
const text = JSON.stringify(mine);

const problemOf = (run: () => unknown): Problem => {
  try {
    run();
  } catch (error) {
    if (error instanceof Problem) return error;
    throw error;
  }
  throw new Error('nothing was refused');
};

/** The set with its first stroke changed. */
const changed = (change: (stroke: Record<string, unknown>) => void): string => {
  const copy = JSON.parse(text);
  change(copy.letters[0].strokes[0]);
  return JSON.stringify(copy);
};

describe('a letter set', () => {
  it('is as large as it will be kept: one that grows past the limit is refused, with both sizes', () => {
    const letters = Array.from({ length: LETTER_SET_LIMITS.letters }, (_, i) => ({
      ...(mine.letters[0] as LetterSet['letters'][number]),
      variant: `shape ${i}`,
      strokes: Array.from(
        { length: LETTER_SET_LIMITS.strokes },
        () => (mine.letters[0] as LetterSet['letters'][number]).strokes[0],
      ),
    }));
    const large = { ...mine, letters };
    const size = JSON.stringify(large).length;
    expect(size).toBeGreaterThan(LETTER_SET_LIMITS.bytes);
    expect(problemOf(() => parseLetterSet(large)).message).toMatch(
      /\d+ kB as it is kept; the most is 512 kB/,
    );
  });

  it('comes back from JSON as it went', () => {
    expect(readLetterSet(text)).toEqual(mine);
  });

  it('is written like the built-in letters, and stands in their place where it is chosen', () => {
    const own = ownLetters(mine.letters, italic.zones);
    const written = typeface({ ...key, own, chosen: mine.variants });
    if (!written) throw new Error('italic has letters');
    const set = setLine(written, 'aø');
    expect(set.missing).toEqual([]);
    const cuts = set.placed.flatMap((item) => (item.kind === 'letter' ? [item.cut] : []));
    expect(cuts.map(({ letter }) => letter.variant)).toEqual(['mine', USUAL]);
    // A letter taken from the hand itself is written exactly like it, up to the rounding of the file.
    const usual = face.letters.get('a')?.profile;
    expect(cuts[0]?.profile.maximum).toBeCloseTo(usual?.maximum as number, 2);
  });

  it('follows the body, its widths staying', () => {
    const [letter] = ownLetters(mine.letters, { ...italic.zones, body: 4 });
    const [at5] = ownLetters(mine.letters, italic.zones);
    const first = (found: Letter | undefined) => found?.strokes[0]?.knots[0];
    expect(first(letter)?.y).toBeCloseTo((first(at5)?.y as number) * 0.8, 9);
    expect(first(letter)?.x).toBe(first(at5)?.x);
  });
});

describe('broken sets are refused with a sentence and do no harm', () => {
  it('a file that breaks off inside a stroke', () => {
    const { message } = problemOf(() => readLetterSet(text.slice(0, text.length / 2)));
    expect(message).toMatch(/not readable JSON.*(unclosed|breaks)/);
  });

  it('a stroke that is never finished', () => {
    const one = changed((stroke) => {
      stroke.knots = (stroke.knots as unknown[]).slice(0, 1);
    });
    expect(problemOf(() => readLetterSet(one)).message).toBe(
      'In letter 1 (“a”), stroke 1: A stroke needs at least two knots: where it begins and where it ends.',
    );
  });

  it('NaN', () => {
    const { message } = problemOf(() => readLetterSet(text.replace(/"x":[-\d.]+/, '"x":NaN')));
    expect(message).toContain('NaN and Infinity are not numbers in JSON');
    const asNull = problemOf(() => readLetterSet(text.replace(/"x":[-\d.]+/, '"x":null')));
    expect(asNull.message).toBe('In letter 1 (“a”), stroke 1, knot 1: x must be a number from -40 to 40.');
    expect(problemOf(() => readLetterSet(text.replace(/"y":[-\d.]+/, '"y":1e9'))).message).toContain(
      'the nearest allowed is 40',
    );
  });

  it('a million knots, at once', () => {
    const many = changed((stroke) => {
      stroke.knots = Array.from({ length: 1_000_000 }, (_, i) => ({ x: i % 2, y: 0 }));
    });
    const started = performance.now();
    expect(problemOf(() => readLetterSet(many)).message).toContain('larger than 512 kB');
    expect(performance.now() - started).toBeLessThan(1000);
    const fewer = changed((stroke) => {
      stroke.knots = Array.from({ length: 161 }, (_, i) => ({ x: i % 2, y: 0 }));
    });
    expect(problemOf(() => readLetterSet(fewer)).message).toContain(
      `at most ${LETTER_SET_LIMITS.knots} knots`,
    );
  });

  it('markup in names and remarks', () => {
    for (const spoil of [
      (copy: LetterSet) => Object.assign(copy, { name: '<script>alert(1)</script>' }),
      (copy: LetterSet) => Object.assign(copy.letters[0] as object, { variant: '<b>x</b>' }),
      (copy: LetterSet) => Object.assign(copy.letters[0] as object, { text: '<i>' }),
      (copy: LetterSet) => Object.assign(copy.letters[0]?.strokes[0] as object, { name: '"><script>' }),
      (copy: LetterSet) =>
        Object.assign(copy.letters[0]?.strokes[0] as object, { remark: '<img onerror=1>' }),
    ]) {
      const copy = structuredClone(mine);
      spoil(copy);
      const { message } = problemOf(() => parseLetterSet(copy));
      expect(message).not.toContain('<script');
    }
  });

  it('a stroke that stands still, a first knot on a line, fields nobody knows, other files', () => {
    const still = changed((stroke) => {
      stroke.knots = [
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ];
    });
    expect(problemOf(() => readLetterSet(still)).message).toContain('lie in the same place');
    const onLine = changed((stroke) => {
      (stroke.knots as { line?: boolean }[])[0] = { ...(stroke.knots as object[])[0], line: true };
    });
    expect(problemOf(() => readLetterSet(onLine)).message).toContain('cannot be reached by a line');
    const extra = changed((stroke) => {
      stroke.colour = 'red';
    });
    expect(problemOf(() => readLetterSet(extra)).message).toContain('does not know the fields “colour”');
    expect(problemOf(() => readLetterSet('{"format":"other"}')).message).toContain('not a letter set');
    expect(problemOf(() => parseLetterSet({ ...mine, version: 9 })).message).toContain('version 9');
    expect(problemOf(() => parseLetterSet({ ...mine, hand: 'gothick' })).message).toContain(
      'Hand must be one of',
    );
  });
});
