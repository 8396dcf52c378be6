import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { Problem } from './problem';
import { read } from './read';
import { choice, flag, shortText } from './schema';

const sheet = z.strictObject({
  title: shortText('The title', 8),
  tint: choice('The tint', ['faint', 'strong']),
  marks: flag('The marks'),
  paper: z.strictObject({ width: z.number() }),
});
const good = { title: 'Aurora', tint: 'faint', marks: true, paper: { width: 210 } };

/** What is said of wrong data, and of which field. */
function said(data: unknown, where?: (path: readonly PropertyKey[]) => string): readonly [string, string] {
  try {
    read(sheet, data, { what: 'the recipe', ...(where && { where }) });
  } catch (error) {
    if (error instanceof Problem) return [error.field, error.message];
    throw error;
  }
  throw new Error('nothing was wrong');
}

describe('untrusted data', () => {
  it('that is right is read as it is', () => expect(read(sheet, good, { what: 'the recipe' })).toEqual(good));

  it.each([
    [
      { ...good, title: 'Aurora Borealis' },
      'title',
      'The title is longer than 8 characters; please shorten it.',
    ],
    [{ ...good, title: 7 }, 'title', 'The title must be text.'],
    [{ ...good, tint: 'pink' }, 'tint', 'The tint must be one of: faint, strong.'],
    [{ ...good, marks: 'yes' }, 'marks', 'The marks must be true or false.'],
    [{ ...good, paper: {} }, 'paper.width', 'The recipe’s “paper.width” is missing or of the wrong kind.'],
    [7, 'recipe', 'The recipe’s “recipe” is missing or of the wrong kind.'],
    [{ ...good, ink: 'gall' }, 'recipe', 'The recipe has fields that Elvane does not know: “ink”.'],
    [
      { ...good, paper: { width: 1, grain: 2 } },
      'paper',
      'The recipe’s “paper” has fields that Elvane does not know: “grain”.',
    ],
  ])('that is wrong is refused with its field and a sentence: %j', (data, field, sentence) => {
    expect(said(data)).toEqual([field, sentence]);
  });

  it('is said to be in its place, where there are many', () => {
    const where = () => 'Row 3: ';
    expect(said({ ...good, paper: {} }, where)[1]).toBe(
      'Row 3: “paper.width” is missing or of the wrong kind.',
    );
    expect(said({ ...good, ink: 1 }, where)[1]).toBe('Row 3: Elvane does not know the fields “ink”.');
    expect(said({ ...good, marks: 1 }, where)[1]).toBe('Row 3: The marks must be true or false.');
  });

  it('is never repeated as markup, nor at length', () => {
    const [, sentence] = said({ ...good, [`<img src=x>${'y'.repeat(90)}`]: 1 });
    expect(sentence).not.toMatch(/[<>]/);
    expect(sentence.length).toBeLessThan(110);
    const many = Object.fromEntries(Array.from({ length: 12 }, (_, i) => [`field${i}`, i]));
    expect(said({ ...good, ...many })[1].match(/“field\d+”/g)).toHaveLength(5);
  });
});
