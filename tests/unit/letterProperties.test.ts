import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { italic } from '@/core/hands/italic/hand';
import { script as italicScript } from '@/core/hands/italic/script';
import { sinDeg } from '@/core/measure/units';
import { sweep } from '@/core/pen/pen';
import { compileStroke } from '@/core/pen/stroke';
import type { Cut } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { profileOf } from '@/core/type/profile';
import { closeness } from '@/core/type/spacing';
import { build, typeface } from '@/core/type/typeface';
import { extent, inkOfLetter, TOLERANCE } from '../support/letterChecks';

const PAIRS = ['us', 'rt', 'VA', 'nn', 'gy', 'ff', 'oe', 'Th', 'A.', '47'] as const;

function expectGaps(face: Typeface) {
  for (const [a, b] of PAIRS) {
    const [before, after] = [face.letters.get(a as string) as Cut, face.letters.get(b as string) as Cut];
    const gap = closeness(before.profile, after.profile) + face.pair(before, after);
    expect(gap).toBeGreaterThanOrEqual(face.script.spacing.leastGap - TOLERANCE.gap);
  }
}

const expectBody = (face: Typeface, texts: string) => {
  for (const text of texts) {
    const { letter } = face.letters.get(text) as Cut;
    const [low, high] = extent(inkOfLetter(letter, face.pen), 1);
    expect(Math.abs(low)).toBeLessThan(TOLERANCE.height);
    expect(Math.abs(high - face.zones.body)).toBeLessThan(TOLERANCE.height);
  }
};

describe('another nib, angle, slope or body', () => {
  it('italic keeps body, baseline and least gaps', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 6, noNaN: true }),
        fc.integer({ min: 35, max: 50 }),
        fc.integer({ min: 0, max: 12 }),
        fc.constantFrom(5.5, 7, 9),
        (body, penAngle, slope, capital) => {
          const face = typeface({
            hand: 'italic',
            zones: { ...italic.zones, body, capital },
            penAngle,
            slope,
          }) as Typeface;
          expectBody(face, 'nouacem');
          const { letter } = face.letters.get('H') as Cut;
          expect(Math.abs(extent(inkOfLetter(letter, face.pen), 1)[1] - capital)).toBeLessThan(
            TOLERANCE.height,
          );
          expectGaps(face);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('copperplate keeps body, loops and least gaps at every ratio, slant and contrast', () => {
    fc.assert(
      fc.property(
        fc.constantFrom([7.5, 7.5], [5, 5], [10, 10]),
        fc.integer({ min: 48, max: 60 }),
        fc.integer({ min: 4, max: 12 }),
        fc.double({ min: 0.45, max: 0.95, noNaN: true }),
        ([ascender, descender], slant, contrast, shade) => {
          const zones = {
            ...italic.zones,
            body: 5,
            ascender: ascender as number,
            descender: descender as number,
            capital: 5 + (ascender as number),
          };
          const face = typeface({
            hand: 'copperplate',
            zones,
            penAngle: 0,
            slope: 90 - slant,
            pressed: { spread: shade, hairline: shade / contrast },
          }) as Typeface;
          expectBody(face, 'nouacemvw');
          const heights = (text: string) =>
            extent(inkOfLetter((face.letters.get(text) as Cut).letter, face.pen), 1);
          expect(Math.abs(heights('l')[1] - 5 - zones.ascender)).toBeLessThan(TOLERANCE.height);
          expect(Math.abs(heights('g')[0] + zones.descender)).toBeLessThan(TOLERANCE.height);
          expect(Math.abs(heights('O')[1] - zones.capital)).toBeLessThan(TOLERANCE.height);
          expectGaps(face);
        },
      ),
      { numRuns: 25 },
    );
  });

  it('the same line is set the same way every time', () => {
    const key = { hand: 'italic', zones: italic.zones, penAngle: 44, slope: 5 } as const;
    const [one, two] = [build(key, italicScript), build(key, italicScript)];
    for (const [a, b] of PAIRS) {
      const distances = [one, two].map((face) =>
        face.pair(face.letters.get(a as string) as Cut, face.letters.get(b as string) as Cut),
      );
      expect(distances[0]).toBe(distances[1]);
    }
  });
});

describe('kerning by hand', () => {
  const key = { hand: 'italic', zones: italic.zones, penAngle: 45, slope: 6 } as const;
  const withKerning = (add: number) =>
    build(key, { ...italicScript, kerning: [{ before: 'n', after: 'o', add, reason: 'tried on paper' }] });
  const apart = (face: Typeface) => face.pair(face.letters.get('n') as Cut, face.letters.get('o') as Cut);

  it('moves a pair off the rule, and never under the least gap', () => {
    const usual = apart(build(key, italicScript));
    expect(apart(withKerning(0.2)) - usual).toBeCloseTo(0.2, 9);
    const face = withKerning(-9);
    const gap =
      closeness((face.letters.get('n') as Cut).profile, (face.letters.get('o') as Cut).profile) + apart(face);
    expect(gap).toBeCloseTo(italicScript.spacing.leastGap, 6);
  });
});

it('an upright stem is as thick as the formula says', () => {
  const pen = { kind: 'broad', width: 1, steel: 0, angle: 45 } as const;
  const stem = compileStroke({
    name: 'stem',
    knots: [
      { x: 0, y: 5 },
      { x: 0, y: 0, line: true },
    ],
  });
  const profile = profileOf(sweep(pen, stem));
  const row = Math.round((2.5 - profile.foot) / 0.1);
  expect((profile.right[row] as number) - (profile.left[row] as number)).toBeCloseTo(sinDeg(45), 6);
});
