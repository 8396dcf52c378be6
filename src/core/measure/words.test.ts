import { describe, expect, it } from 'vitest';
import { capital, counted, inWords, listed, withArticle } from './words';

describe('words for numbers', () => {
  it.each([
    [0, 'no'],
    [1, 'one'],
    [12, 'twelve'],
    [13, '13'],
    [2.5, 'two and a half'],
    [0.5, '0.5'],
    [12.5, 'twelve and a half'],
    [13.5, '13.5'],
    [2.25, '2.25'],
  ])('%d is %s', (value, said) => expect(inWords(value)).toBe(said));

  it('count one thing and many', () => {
    expect(counted(1, 'row')).toBe('one row');
    expect(counted(0, 'row')).toBe('no rows');
    expect(counted(14, 'entry', 'entries')).toBe('14 entries');
  });
});

describe('lists', () => {
  it.each([
    [[], ''],
    [['n'], 'n'],
    [['n', 'h'], 'n and h'],
    [['n', 'h', 'm'], 'n, h and m'],
    [['n', 'h', 'n'], 'n and h'],
  ])('%j is %s', (words, said) => expect(listed(words)).toBe(said));
});

describe('articles', () => {
  it.each([
    ['oblique holder', 'an oblique holder'],
    ['straight holder', 'a straight holder'],
    ['2 mm nib', 'a 2 mm nib'],
    ['8 mm nib', 'an 8 mm nib'],
    ['11 mm nib', 'an 11 mm nib'],
    ['18 mm nib', 'an 18 mm nib'],
    ['110 mm rule', 'a 110 mm rule'],
    ['1.8 mm nib', 'a 1.8 mm nib'],
    ['two bound pencils', 'two bound pencils'],
  ])('%s: %s', (thing, said) => expect(withArticle(thing)).toBe(said));

  it('begin a sentence with a capital, and nothing else', () => {
    expect(capital('n and H')).toBe('N and H');
    expect(capital('')).toBe('');
  });
});
