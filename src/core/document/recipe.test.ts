import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import earlier from '../../../tests/fixtures/recipes.version1.json';
import { rulableRecipe } from '../../../tests/support/recipes';
import { loadAllScripts } from '../hands/scripts';
import { spreadFor } from '../pen/thickness';
import { Problem } from '../problem/problem';
import { freshRecipe } from './defaults';
import { demoSheets } from './demoSheets';
import { parseRecipe } from './recipe';

await loadAllScripts();
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
    [{ ...recipe, nibs: [2] }, 'nibs: A comparison sheet takes two to four nibs.'],
    [{ ...recipe, title: 'x'.repeat(81) }, 'title: Title is longer than 80 characters; please shorten it.'],
    [{ ...recipe, tint: 'blue' }, 'tint: Ruling tint must be one of: faint, strong, drop-out.'],
  ])('names the field and the nearest that works (%#)', (data, message) =>
    expect(messageOf(data)).toBe(message),
  );

  it.each([
    [null, /not an Elvane recipe/],
    [[], /not an Elvane recipe/],
    [{ hello: 'world' }, /not an Elvane recipe/],
    [{ ...recipe, version: 7 }, /version 7; this Elvane reads up to version 3/],
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

describe('a recipe of an earlier version', () => {
  it('is lifted to today’s: every demo sheet of version 1 is the demo sheet of now', () => {
    const now = new Map(
      demoSheets().map(({ name, recipe: kept }) => [name, JSON.parse(JSON.stringify(kept))]),
    );
    expect(earlier.map(({ name }) => name)).toEqual([...now.keys()]);
    for (const { name, recipe: old } of earlier) {
      const { practice, ...lifted } = parseRecipe(old);
      // What the ten-minute page holds is worked out anew whenever rows are; what was kept stays as it was.
      expect(practice, name).toEqual((old as { practice?: unknown }).practice ?? { bands: [] });
      const { practice: _, ...today } = now.get(name);
      // A shade was told along the line, and is told across it, as finely as it was rounded.
      const { width, writing, ...same } = lifted;
      const { width: widthToday, writing: writingToday, ...sameToday } = today;
      // Marks are on no page that was made before there were any.
      const noMarks = { ...sameToday, aids: { ...sameToday.aids, marks: 'none' } };
      expect(same, name).toEqual(noMarks);
      expect(Math.abs(width - widthToday), name).toBeLessThan(0.011);
      expect(Math.abs(writing.contrast - writingToday.contrast), name).toBeLessThan(0.11);
    }
  });

  it('draws shades as it did when they were told along the line', () => {
    const drawn = { ...freshRecipe('copperplate'), version: 2, width: 1.2, slope: 38 };
    const { width, slope, writing, nib, given } = parseRecipe({
      ...drawn,
      given: { ...drawn.given, width: 1.2 },
      writing: { ...drawn.writing, contrast: 6 },
    });
    expect(given.width).toBe(width);
    expect(nib).toBe('');
    const hairline = width / writing.contrast;
    expect(hairline).toBeCloseTo(0.2, 2);
    expect(spreadFor(width, hairline, slope)).toBeCloseTo(1.2, 1.5);
  });

  it('keeps the shade of a nib it was ruled for, and the width of an edge', () => {
    const pointed = { ...freshRecipe('copperplate'), version: 2, width: 1.2, nib: 'pointed-flexible' };
    expect(parseRecipe(pointed).width).toBe(1.2);
    expect(parseRecipe({ ...freshRecipe('italic'), version: 2 }).width).toBe(2.4);
    expect(parseRecipe({ ...freshRecipe('brush'), version: 2, width: 1.9 }).width).toBe(1.9);
  });

  it('keeps the nibs of a comparison sheet, which were called bands', () => {
    const { nibs, ...rest } = recipe;
    expect(parseRecipe({ ...rest, version: 1, bands: [2, 3] }).nibs).toEqual([2, 3]);
    expect(messageOf({ ...rest, version: 1 })).toMatch(/nibs/);
    expect(messageOf({ ...recipe, bands: [2, 3] })).toMatch(/does not know: “bands”/);
  });
});
