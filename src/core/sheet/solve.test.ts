import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { freshRecipe } from '../document/defaults';
import { changeHand, changeSchool } from '../document/edit';
import { takenUp } from '../document/offer';
import type { Recipe } from '../document/recipe';
import { Problem } from '../problem/problem';
import { bodyHeight } from '../setting/bodyHeight';
import { layoutSheet } from './layout';
import { nearestNib } from './nearestNib';
import { readings } from './readings';
import { remarks } from './remarks';
import { pin, pinHere, settle, unpin } from './solve';

const linesOf = (recipe: Recipe) => layoutSheet(recipe).strips[0]?.lines.length ?? 0;
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const nibHand = fc.constantFrom(
  'italic' as const,
  'foundational' as const,
  'uncial' as const,
  'textura' as const,
  'roman' as const,
  'court' as const,
);

/** Solves with exactly these pins, or says that it cannot be. */
function solve(hand: Parameters<typeof freshRecipe>[0], given: Recipe['given']): Recipe | null {
  try {
    const settled = settle({ ...freshRecipe(hand), given });
    layoutSheet(settled);
    return settled;
  } catch (error) {
    if (error instanceof Problem) return null;
    throw error;
  }
}

describe('solving either way gives back what was pinned', () => {
  it.each([
    ['width', 'body'],
    ['width', 'bodyMm'],
    ['body', 'bodyMm'],
    ['lines', 'width'],
    ['lines', 'body'],
    ['lines', 'bodyMm'],
    ['lines'],
    ['width'],
    ['bodyMm'],
  ] as const)('%s %s', (...pins) => {
    let solved = 0;
    fc.assert(
      fc.property(
        nibHand,
        number(0.5, 6),
        number(2.5, 9),
        number(3, 40),
        fc.integer({ min: 1, max: 30 }),
        (hand, width, body, bodyMm, lines) => {
          const all = { width, body, bodyMm, lines };
          const given = Object.fromEntries(pins.map((name) => [name, all[name]])) as Recipe['given'];
          const recipe = solve(hand, given);
          if (!recipe) return;
          solved += 1;
          if (given.width !== undefined) expect(recipe.width).toBeCloseTo(width, 9);
          if (given.body !== undefined) expect(recipe.zones.body).toBeCloseTo(body, 9);
          if (given.bodyMm !== undefined) expect(bodyHeight(recipe)).toBeCloseTo(bodyMm, 6);
          if (given.lines !== undefined) expect(linesOf(recipe)).toBe(lines);
        },
      ),
      { numRuns: 150 },
    );
    expect(solved).toBeGreaterThan(30);
  });

  it('solves hands measured in units and millimetres by their body', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('copperplate' as const, 'light-line' as const, 'brush' as const, 'monoline' as const),
        fc.integer({ min: 1, max: 12 }),
        (hand, lines) => {
          const recipe = solve(hand, { lines });
          if (!recipe) return;
          expect(linesOf(recipe)).toBe(lines);
          const fresh = freshRecipe(hand);
          expect(recipe.zones.ascender / recipe.zones.body).toBeCloseTo(
            fresh.zones.ascender / fresh.zones.body,
            2,
          );
        },
      ),
    );
  });
});

describe('five lines', () => {
  const five = pin(freshRecipe('italic'), 'lines', 5);

  it('lets the nib follow, as large as five lines allow', () => {
    expect(five.given).toEqual({ body: 5, lines: 5 });
    expect(linesOf(five)).toBe(5);
    expect(linesOf({ ...five, given: {}, width: five.width + 0.02 })).toBe(4);
  });

  it('keeps five lines when a smaller nib is put in, and lets them follow when a larger one is', () => {
    expect(pin(five, 'width', 2.4).given.lines).toBe(5);
    const larger = pin(five, 'width', 5);
    expect(larger.given.lines).toBeUndefined();
    expect(larger.zones.body).toBe(5);
  });

  it('names the nearest nib of the drawer and what it would make of the body', () => {
    const drawer = [2.4, 3.5, 5].map((width) => ({ id: String(width), label: `${width} mm`, width }));
    const nearest = nearestNib(five, drawer);
    expect(nearest?.nib.width).toBe(3.5);
    expect(nearest?.body).toBeCloseTo(17.5, 9);
    expect(nearestNib(five, [])).toBeUndefined();
  });
});

describe('pins', () => {
  it('a body in mm frees the nib and keeps the weight', () => {
    const recipe = pin(freshRecipe('italic'), 'bodyMm', 10);
    expect(recipe.width).toBeCloseTo(2, 9);
    expect(recipe.zones.body).toBe(5);
  });

  it('all three given must agree, or the user is asked which to keep', () => {
    const recipe = freshRecipe('italic');
    expect(pinHere(recipe, 'bodyMm').given).toEqual({ width: 2.4, body: 5, bodyMm: 12 });
    expect(() => settle({ ...recipe, given: { width: 2.4, body: 5, bodyMm: 15 } })).toThrow(
      /makes a body of 12 mm/,
    );
  });

  it('unpinning the lines fills the page again', () => {
    const recipe = unpin(pin(freshRecipe('italic'), 'lines', 3), 'lines');
    expect(recipe.given.lines).toBeUndefined();
    expect(recipe.width).toBeGreaterThan(2.4);
  });

  it('more lines than any nib allows are refused with a reason', () => {
    expect(() => pin(freshRecipe('italic'), 'lines', 400)).toThrow(/lines do not fit/);
  });

  it('a refusal of too many lines offers values that work', () => {
    const recipe = { ...freshRecipe('italic'), given: { width: 6, body: 5, lines: 9 }, width: 6 };
    try {
      layoutSheet(recipe);
      expect.unreachable();
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      expect(error.offers).toHaveLength(2);
      for (const offer of error.offers) expect(() => layoutSheet(takenUp(recipe, offer))).not.toThrow();
    }
  });
});

describe('changing the hand', () => {
  it('keeps a broad nib in the scribe’s hand and takes the new weight', () => {
    const recipe = changeHand(pin(freshRecipe('italic'), 'width', 3.5), 'uncial');
    expect(recipe.width).toBe(3.5);
    expect(recipe.zones.body).toBe(4);
    expect(recipe.penAngle).toBe(30);
  });

  it('puts the nib down for a pointed hand', () => {
    const recipe = changeHand(freshRecipe('italic'), 'copperplate');
    expect(recipe.given).toEqual({ bodyMm: 6 });
    expect(recipe.show.slope).toBe(true);
  });

  it('a school changes only what it teaches', () => {
    const tall = changeSchool(freshRecipe('italic'), 'tall-capitals');
    expect(tall.zones.capital).toBe(9);
    expect(tall.zones.body).toBe(5);
  });
});

describe('readings and remarks', () => {
  it('reads stem and bar at the pen angle and slope', () => {
    const now = readings(freshRecipe('foundational'));
    // The edge of a dip nib is 0.1 mm thick: it adds to both, by how it lies to the stroke.
    expect(now.stem).toBeCloseTo(2.4 * Math.cos(Math.PI / 6) + 0.1 * Math.sin(Math.PI / 6), 6);
    expect(now.bar).toBeCloseTo(2.4 * Math.sin(Math.PI / 6) + 0.1 * Math.cos(Math.PI / 6), 6);
    expect(now.body).toBeCloseTo(10.8, 6);
    expect(now.pitches[0]).toBeCloseTo(2.4 * 11.5, 6);
  });

  it('warns of foundational at three nib widths and names the nearest usual weight', () => {
    const found = remarks(pin(freshRecipe('foundational'), 'body', 3));
    expect(found).toContainEqual(
      expect.objectContaining({
        tone: 'warning',
        text: expect.stringMatching(/4 to 4.5.*nearest usual weight is 4\./),
      }),
    );
  });

  it.each([
    'italic',
    'foundational',
    'uncial',
    'textura',
    'roman',
    'copperplate',
    'light-line',
    'brush',
    'monoline',
    'court',
  ] as const)('has no warning for a fresh sheet of %s', (hand) =>
    expect(remarks(freshRecipe(hand))).toEqual([]),
  );

  it('remarks on angle, slope, tall capitals, small nibs and shared zones', () => {
    const recipe = freshRecipe('italic');
    const odd = remarks({
      ...recipe,
      width: 1,
      penAngle: 10,
      slope: 20,
      shareZones: true,
      zones: { ...recipe.zones, capital: 12 },
    }).map(({ text }) => text);
    expect(odd.join('\n')).toMatch(
      /held at 35 to 50°[\s\S]*slopes 0 to 11°[\s\S]*tower[\s\S]*Under 1.5 mm[\s\S]*share/,
    );
  });
});
