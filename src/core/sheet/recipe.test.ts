import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rulableRecipe } from '../../../tests/support/recipes';
import { freshRecipe } from './defaults';
import { printerCorrection } from './printer';
import { Problem } from './problem';
import { parseRecipe } from './recipe';

const recipe = freshRecipe('italic');
const messageOf = (data: unknown): string => {
  try {
    parseRecipe(data);
  } catch (error) {
    if (error instanceof Problem) return `${error.field}: ${error.message}`;
    throw error;
  }
  return 'accepted';
};

describe('reading a recipe', () => {
  it('gives back what was written', () => {
    fc.assert(
      fc.property(rulableRecipe, (any) => {
        expect(parseRecipe(JSON.parse(JSON.stringify(any)))).toEqual(JSON.parse(JSON.stringify(any)));
      }),
      { numRuns: 50 },
    );
  });

  it.each([
    [{ ...recipe, width: 90 }, 'width: Nib width is 90 mm; the nearest allowed is 30 mm.'],
    [{ ...recipe, width: -2 }, 'width: Nib width is -2 mm; the nearest allowed is 0.1 mm.'],
    [{ ...recipe, width: Number.NaN }, 'width: Nib width must be a number from 0.1 to 30 mm.'],
    [{ ...recipe, width: '2.4' }, 'width: Nib width must be a number from 0.1 to 30 mm.'],
    [{ ...recipe, width: Number.POSITIVE_INFINITY }, 'width: Nib width must be a number from 0.1 to 30 mm.'],
    [
      { ...recipe, given: { lines: 1_000_000 } },
      'given.lines: Number of lines is 1000000; the nearest allowed is 400.',
    ],
    [
      { ...recipe, given: { lines: 2.5 } },
      'given.lines: Number of lines must be a whole number; the nearest is 3.',
    ],
    [{ ...recipe, penAngle: 91 }, 'penAngle: Pen angle is 91°; the nearest allowed is 90°.'],
    [{ ...recipe, bands: [2] }, 'bands: A comparison sheet takes two to four nibs.'],
    [{ ...recipe, title: 'x'.repeat(81) }, 'title: Title is longer than 80 characters; please shorten it.'],
    [{ ...recipe, tint: 'blue' }, 'tint: Ruling tint must be one of: faint, strong, drop-out.'],
  ])('names the field and the nearest that works (%#)', (data, message) =>
    expect(messageOf(data)).toBe(message),
  );

  it.each([
    [null, /not an Elvane recipe/],
    [[], /not an Elvane recipe/],
    [{ hello: 'world' }, /not an Elvane recipe/],
    [{ ...recipe, version: 7 }, /version 7; this Elvane reads up to version 1/],
    [{ ...recipe, version: 'new' }, /must be a whole number/],
    [{ ...recipe, extra: 1 }, /does not know: “extra”/],
    [{ ...recipe, paper: undefined }, /“paper” is missing/],
    [{ ...recipe, school: 'nowhere' }, /Italic has no school “nowhere”; it has: low-capitals/],
    [{ ...recipe, hand: 'none' }, /Hand must be one of: italic/],
  ])('refuses what is no recipe of ours (%#)', (data, message) => expect(messageOf(data)).toMatch(message));

  it('survives any JSON', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom(...Object.keys(recipe)), (value, key) => {
        expect(messageOf({ ...recipe, [key]: value })).toBeTypeOf('string');
      }),
    );
  });
});

describe('printer profile', () => {
  it('corrects a printer that shrinks', () => {
    const { x, y } = printerCorrection(98.2, 97.7);
    expect(98.2 * x).toBeCloseTo(100, 9);
    expect(97.7 * y).toBeCloseTo(100, 9);
  });

  it.each([
    [94.9, 100, 'measuredX'],
    [100, 105.1, 'measuredY'],
    [Number.NaN, 100, 'measuredX'],
  ])('refuses %f × %f with a clear word', (x, y, field) => {
    expect(() => printerCorrection(x, y)).toThrow(
      expect.objectContaining({ field, message: expect.stringMatching(/measure again/) }),
    );
  });
});
