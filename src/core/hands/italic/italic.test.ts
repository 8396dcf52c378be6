import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distance, type Vec } from '../../geometry/vec';
import { sinDeg, toDegrees } from '../../measure/units';
import { sweep } from '../../pen/pen';
import { compileStroke, type Stroke } from '../../pen/stroke';
import { diagonalBalance } from '../../type/letterReadings';
import { profileOf } from '../../type/profile';
import { setLine } from '../../type/setLine';
import { closeness } from '../../type/spacing';
import { type Cut, STEEL, typeface } from '../../type/typeface';
import type { Letter } from '../letter';
import { measuresFor } from '../measures';
import { italicLetters } from './letters';
import { italic } from './metrics';

/** Tolerances of the checks on the letters, in nib widths and degrees. */
const TOLERANCE = { height: 0.08, gap: 0.02, tangent: 3, balance: 3, stems: 1.2 };

const face = (zones = italic.zones as typeof italic.zones & { body: number }, penAngle = 45, slope = 6) => {
  const found = typeface({ hand: 'italic', zones, penAngle, slope });
  if (!found) throw new Error('italic has letters');
  return found;
};

const letters = italicLetters(measuresFor(italic.zones, 45));
const pen = { kind: 'broad', width: 1, steel: STEEL, angle: 45 } as const;
const inkOf = (letter: Letter) => letter.strokes.map(compileStroke).flatMap((stroke) => sweep(pen, stroke));
const heights = (letter: Letter): [number, number] => {
  const ys = inkOf(letter)
    .flat()
    .map(([, y]) => y);
  return [Math.min(...ys), Math.max(...ys)];
};

describe('the alphabet', () => {
  it('has small letters, capitals, figures and the marks people write, each once', () => {
    const texts = letters.map(({ text }) => text);
    for (const wanted of 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"–()&') {
      expect(texts, wanted).toContain(wanted);
    }
    expect(new Set(texts).size).toBe(texts.length);
  });

  it.each(letters.map((letter) => [letter.text, letter] as const))(
    '%s is made of finite strokes',
    (_, letter) => {
      for (const stroke of letter.strokes.map(compileStroke)) {
        expect(stroke.path.flat(2).every(Number.isFinite)).toBe(true);
        expect(stroke.lengths.at(-1)).toBeGreaterThan(0.1);
      }
    },
  );
});

describe('heights', () => {
  it.each([...'acemnorsuvwxz'])('%s stands between baseline and waistline', (text) => {
    const [low, high] = heights(letters.find((letter) => letter.text === text) as Letter);
    expect(Math.abs(low)).toBeLessThan(TOLERANCE.height);
    expect(Math.abs(high - italic.zones.body)).toBeLessThan(TOLERANCE.height);
  });

  it.each([...'bdhkl'])('%s reaches the ascender line', (text) => {
    const [low, high] = heights(letters.find((letter) => letter.text === text) as Letter);
    expect(Math.abs(low)).toBeLessThan(TOLERANCE.height);
    expect(Math.abs(high - 9)).toBeLessThan(TOLERANCE.height);
  });

  it.each([...'gpqy'])('%s reaches the descender line', (text) => {
    const [low, high] = heights(letters.find((letter) => letter.text === text) as Letter);
    expect(Math.abs(low + 4)).toBeLessThan(0.3);
    expect(Math.abs(high - 5)).toBeLessThan(TOLERANCE.height);
  });

  it.each([...'ABCDEFGHIKLMNOPRSTUVWXYZ'])('%s stands between baseline and capital line', (text) => {
    const [low, high] = heights(letters.find((letter) => letter.text === text) as Letter);
    expect(Math.abs(low)).toBeLessThan(0.12);
    expect(Math.abs(high - 7)).toBeLessThan(0.12);
  });

  it('a letter spoilt by half a nib width is found out', () => {
    const n = letters.find(({ text }) => text === 'n') as Letter;
    const spoilt = {
      ...n,
      strokes: n.strokes.map((plan) => ({
        ...plan,
        knots: plan.knots.map((knot) => ({ ...knot, y: knot.y * 1.1 })),
      })),
    };
    const [, high] = heights(spoilt);
    expect(Math.abs(high - 5)).toBeGreaterThan(TOLERANCE.height);
  });
});

/** Largest change of direction between neighbouring cubics of a stroke that is not a declared corner. */
function worstBreak(letter: Letter): number {
  let worst = 0;
  for (const plan of letter.strokes) {
    const { path }: Stroke = compileStroke(plan);
    for (let i = 1; i < path.length; i++) {
      const knot = plan.knots[i];
      const next = plan.knots[i + 1];
      if (
        knot?.leave !== undefined ||
        (knot?.line && next?.line) ||
        (next?.line && !knot?.line && knot?.dir === undefined)
      )
        continue;
      const [, , c, d] = path[i - 1] as (typeof path)[number];
      const [a, b] = path[i] as (typeof path)[number];
      const one: Vec = [d[0] - c[0], d[1] - c[1]];
      const two: Vec = [b[0] - a[0], b[1] - a[1]];
      const turn = toDegrees(
        Math.atan2(one[0] * two[1] - one[1] * two[0], one[0] * two[0] + one[1] * two[1]),
      );
      if (distance([0, 0], one) > 1e-6 && distance([0, 0], two) > 1e-6)
        worst = Math.max(worst, Math.abs(turn));
    }
  }
  return worst;
}

describe('curves', () => {
  it.each([...'abcdeghjlmnopqrsuy'])('%s has no tangent break', (text) => {
    expect(worstBreak(letters.find((letter) => letter.text === text) as Letter)).toBeLessThan(
      TOLERANCE.tangent,
    );
  });
});

describe('diagonals', () => {
  it.each([...'vwAVMW'])('%s balances about the slope', (text) => {
    const cut = face().letters.get(text) as Cut;
    const pairs = diagonalBalance(cut.strokes, 6, 5);
    expect(pairs.length).toBeGreaterThan(0);
    const mean = pairs.reduce((sum, { deviation }) => sum + deviation, 0) / pairs.length;
    expect(Math.abs(mean)).toBeLessThan(TOLERANCE.balance);
  });
});

describe('spacing', () => {
  it('keeps the least gap for every pair', () => {
    const { letters: cuts, pair } = face();
    const close: string[] = [];
    for (const before of cuts.values()) {
      for (const after of cuts.values()) {
        const gap = closeness(before.profile, after.profile) + pair(before, after);
        if (gap < 0.3 - TOLERANCE.gap) close.push(before.letter.text + after.letter.text);
      }
    }
    expect(close).toEqual([]);
  });

  it('sets stems of nnn at even distances', () => {
    const xs = setLine(face(), 'nnnn').placed.map(({ x }) => x);
    const steps = xs.slice(1).map((x, i) => x - (xs[i] as number));
    for (const step of steps) expect(step).toBeCloseTo(steps[0] as number, 9);
    // From the second stem of one n to the first of the next, against the distance within.
    expect(((steps[0] as number) - 2.25) / 2.25).toBeGreaterThan(0.85);
    expect(((steps[0] as number) - 2.25) / 2.25).toBeLessThan(1.2);
  });

  it('reports letters the hand does not have and leaves an open box for them', () => {
    const set = setLine(face(), 'aßa ж');
    expect(set.missing).toEqual(['ß', 'ж']);
    expect(set.placed.filter(({ kind }) => kind === 'missing')).toHaveLength(2);
    expect(set.width).toBeGreaterThan(setLine(face(), 'aa').width + 4);
  });
});

describe('another nib, angle, slope or body', () => {
  it('keeps body, baseline and least gaps', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 6, noNaN: true }),
        fc.integer({ min: 35, max: 50 }),
        fc.integer({ min: 0, max: 12 }),
        (body, angle, slope) => {
          const zones = { ...italic.zones, body };
          const set = face(zones as never, angle, slope);
          for (const text of ['n', 'o', 'a', 'u']) {
            const cut = set.letters.get(text) as Cut;
            const ys = cut.upright
              .flatMap((stroke) => sweep(set.pen, stroke))
              .flat()
              .map(([, y]) => y);
            expect(Math.min(...ys)).toBeGreaterThan(-0.1);
            expect(Math.max(...ys)).toBeLessThan(body + 0.1);
            expect(Math.max(...ys)).toBeGreaterThan(body - 0.1);
          }
          for (const [a, b] of ['us', 'rt', 'VA', 'nn', 'gy'] as const) {
            const [before, after] = [
              set.letters.get(a as string) as Cut,
              set.letters.get(b as string) as Cut,
            ];
            expect(closeness(before.profile, after.profile) + set.pair(before, after)).toBeGreaterThan(0.28);
          }
        },
      ),
      { numRuns: 20 },
    );
  });

  it('an upright stem is as thick as the formula says', () => {
    const stem = compileStroke({
      name: 'stem',
      knots: [
        { x: 0, y: 5 },
        { x: 0, y: 0, line: true },
      ],
    });
    const profile = profileOf(sweep({ ...pen, steel: 0 }, stem));
    const row = Math.round((2.5 - profile.foot) / 0.1);
    expect((profile.right[row] as number) - (profile.left[row] as number)).toBeCloseTo(sinDeg(45), 6);
  });
});
