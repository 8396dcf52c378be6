import { describe, expect, it } from 'vitest';
import type { HandChecks, Line } from '@/core/hand/checks';
import { type Letter, USUAL } from '@/core/hand/letter';
import { line, stroke, to } from '@/core/hand/notation';
import { handById } from '@/core/hands/registry';
import { compileStroke } from '@/core/pen/stroke';
import { type Cut, inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { inkedAt } from '@/core/type/letterMeasures';
import { diagonalBalance, parallelSpread } from '@/core/type/letterReadings';
import { setLine } from '@/core/type/setLine';
import { closeness } from '@/core/type/spacing';
import { cutsOf, DRAWN, nameOf as named, usualFace } from '../support/drawnHands';
import {
  checkAngles,
  checkFinite,
  checkHeights,
  checkInflections,
  checkJoin,
  checkJoinPorts,
  checkPressure,
  checkStems,
  checkTangents,
  inkOfLetter,
  TOLERANCE,
} from '../support/letterChecks';

const checksOf = async (hand: string): Promise<HandChecks> => {
  const checks = await handById(hand).checks?.();
  if (!checks) throw new Error(`${hand} says nothing of what is expected of its letters`);
  return checks;
};
const allChecks = Object.fromEntries(
  await Promise.all(DRAWN.map(async (hand) => [hand, await checksOf(hand)] as const)),
);
const faces = Object.fromEntries(DRAWN.map((hand) => [hand, usualFace(hand, true)]));

/** Turns off the hand's own angle that it declares, and none. */
const turnsOf = ({ hand, measures }: Typeface) => [
  0,
  ...Object.values(handById(hand).turns).map(({ angle }) => angle - measures.angle),
];

const heightOf = ({ zones }: Typeface, at: Line | undefined): number | undefined => {
  switch (at) {
    case undefined:
      return undefined;
    case 'baseline':
      return 0;
    case 'waistline':
      return zones.body;
    case 'ascender':
      return zones.body + zones.ascender;
    case 'descender':
      return -zones.descender;
    case 'capital':
      return zones.capital;
  }
};

/** Widths of ink and of white at half the body, from left to right, upright. */
const runs = (face: Typeface, text: string) => {
  const found = inkedAt(inkOfLetter((face.letters.get(text) as Cut).letter, face.pen), face.zones.body * 0.5);
  return {
    stems: found.map(([from, until]) => until - from),
    counters: found.slice(1).map(([from], i) => from - (found[i] as readonly [number, number])[1]),
  };
};

/** Share of ink between baseline and waistline. */
const inkShare = (face: Typeface, text: string) => {
  const set = setLine(face, text);
  const ink = set.placed.flatMap((item) =>
    item.kind === 'missing'
      ? []
      : inkOf(face.pen, item.cut).map((polygon) => polygon.map(([x, y]) => [x + item.x, y] as const)),
  );
  const levels = Array.from({ length: 40 }, (_, i) => ((i + 0.5) / 40) * face.zones.body);
  const inked = levels.map((y) => inkedAt(ink, y).reduce((sum, [from, until]) => sum + until - from, 0));
  return inked.reduce((a, b) => a + b, 0) / levels.length / set.width;
};

/** Every shape beside every other: what `judge` finds wrong with a pair. */
const complaintsOfPairs = (face: Typeface, judge: (before: Cut, after: Cut) => string[]) =>
  cutsOf(face).flatMap((before) =>
    cutsOf(face).flatMap((after) =>
      judge(before, after).map((found) => `${named(before)}${named(after)}: ${found}`),
    ),
  );

describe.each(DRAWN)('the letters of %s', (hand) => {
  const face = faces[hand] as Typeface;
  const checks = allChecks[hand] as HandChecks;
  const families = new Set(handById(hand).families.map(({ name }) => name));

  it('are all there, with their variants, each once and in a family the hand declares', () => {
    const missing = [...checks.wanted, ...(checks.ligatures ?? [])].filter((text) => !face.shapes.has(text));
    expect(missing).toEqual([]);
    for (const [variant, texts] of Object.entries(checks.variants ?? {})) {
      for (const text of texts) {
        expect(
          face.shapes.get(text)?.map(({ letter }) => letter.variant),
          text,
        ).toContain(variant);
      }
    }
    const names = cutsOf(face).map(named);
    expect(new Set(names).size).toBe(names.length);
    expect(
      cutsOf(face)
        .filter(({ letter }) => !families.has(letter.family))
        .map(named),
    ).toEqual([]);
  });

  it('turn the pen to the angles the hand declares, and to every one of them', () => {
    const used = cutsOf(face).flatMap(({ letter }) =>
      letter.strokes.flatMap(({ knots }) => knots.flatMap((k) => (k.passing ? [] : [k.turn ?? 0]))),
    );
    const rounded = (turns: readonly number[]) =>
      [...new Set(turns.map((turn) => Number(turn.toFixed(6))))].sort((a, b) => a - b);
    expect(rounded([...used, 0])).toEqual(rounded(turnsOf(face)));
  });

  it.each(cutsOf(face).map((cut) => [named(cut), cut] as const))('%s is sound', (_, { letter }) => {
    expect(
      [
        ...checkFinite(letter.strokes),
        ...checkTangents(letter.strokes, face.pen),
        ...checkInflections(letter.strokes),
        ...checkStems(letter.strokes, face.zones.body),
        ...checkAngles(letter.strokes, turnsOf(face)),
        ...checkPressure(letter.strokes),
      ].join('; '),
    ).toBe('');
  });

  it('touch the lines that they should', () => {
    const wrong = checks.heights.flatMap(({ letters, foot, top }) =>
      [...letters].flatMap((text) => {
        const cut = face.shapes.get(text)?.find(({ letter }) => letter.variant === USUAL);
        if (!cut) return [`${text} is missing`];
        const lines = [heightOf(face, foot), heightOf(face, top)] as const;
        return checkHeights(cut.letter, face.pen, lines).map((found) => `${text}: ${found}`);
      }),
    );
    expect(wrong).toEqual([]);
  });

  it('keep the least gap, every shape beside every other', () => {
    const least = face.script.spacing.leastGap - TOLERANCE.gap;
    const close = complaintsOfPairs(face, (before, after) => {
      const gap = closeness(before.profile, after.profile) + face.pair(before, after);
      return gap < least ? [gap.toFixed(3)] : [];
    });
    expect(close).toEqual([]);
  });

  it('are joined at their ports, and the ends of joins lie in the ink', () => {
    let joins = 0;
    const wrong = complaintsOfPairs(face, (before, after) => {
      const [plan] = face.join(before, after)?.letter.strokes ?? [];
      if (!plan) return [];
      joins += 1;
      const apart = face.pair(before, after);
      return [
        ...checkTangents([plan], face.pen),
        ...checkJoinPorts(plan, before.letter, after.letter, apart),
        ...checkJoin(
          plan,
          face.pen,
          inkOfLetter(before.letter, face.pen),
          inkOfLetter(after.letter, face.pen),
          apart,
        ),
      ];
    });
    expect(wrong.slice(0, 60)).toEqual([]);
    expect(joins).toBeGreaterThanOrEqual(checks.joins);
  });

  it('have stems of one weight, and counters of one width', () => {
    const stems = [...checks.oneStem].map((text) => runs(face, text).stems[0] as number);
    expect(Math.max(...stems) - Math.min(...stems)).toBeLessThan(TOLERANCE.run);
    const { letters, counter } = checks.oneCounter ?? { letters: '', counter: 0 };
    for (const text of letters) {
      const white = runs(face, text).counters.at(-1) as number;
      expect(Math.abs(white - counter), `${text}: ${white.toFixed(2)}`).toBeLessThan(TOLERANCE.counter);
    }
  });

  it('balance their diagonals about the slope, and keep like ones parallel', () => {
    const { slope, zones } = face;
    for (const text of checks.balanced ?? '') {
      const pairs = diagonalBalance((face.letters.get(text) as Cut).strokes, slope, zones.body);
      expect(pairs.length, text).toBeGreaterThan(0);
      const mean = pairs.reduce((sum, { deviation }) => sum + deviation, 0) / pairs.length;
      expect(Math.abs(mean), text).toBeLessThan(TOLERANCE.balance);
    }
    for (const text of checks.parallel ?? '') {
      const spread = parallelSpread((face.letters.get(text) as Cut).strokes, slope, zones.body);
      expect(spread, text).toBeLessThan(TOLERANCE.parallel);
    }
  });

  it('leave as much ink as the hand should', () => {
    const share = inkShare(
      usualFace(hand, face.script.pitch !== undefined),
      checks.text ?? 'minimumhamburgefonts',
    );
    expect(share).toBeGreaterThan(checks.ink.from);
    expect(share).toBeLessThan(checks.ink.to);
  });
});

describe('every check finds a spoiled letter', () => {
  const face = faces.italic as Typeface;
  const n = (face.letters.get('n') as Cut).letter;
  const spoil = (change: (letter: Letter) => Letter) => change(structuredClone(n));
  const moved = (
    of: number,
    knot: number,
    by: Partial<{ x: number; y: number; dir: number; turn: number }>,
  ) =>
    spoil((letter) => ({
      ...letter,
      strokes: letter.strokes.map((plan, i) => ({
        ...plan,
        knots: plan.knots.map((k, j) =>
          i === of && j === knot
            ? {
                ...k,
                x: k.x + (by.x ?? 0),
                y: k.y + (by.y ?? 0),
                dir: (k.dir ?? 0) + (by.dir ?? 0),
                turn: by.turn,
              }
            : k,
        ),
      })),
    }));

  it('too tall', () => {
    expect(checkHeights(moved(0, 1, { y: 0.3 }), face.pen, [0, 5])).not.toEqual([]);
  });
  it('a break of direction', () => {
    const corner = [to(0, 5, -90), line(0, 2), to(2, 1, 0), to(4, 1, 0)];
    expect(checkTangents([stroke('s', corner)])).toEqual([]);
    const broken = corner.map((knot, i) => (i === 1 ? { ...knot, dir: -30 } : knot));
    expect(checkTangents([stroke('s', broken)])).not.toEqual([]);
    const pointed = (faces.copperplate as Typeface).pen;
    const shade = [to(0, 5, -90, { press: 1, anchor: 0 }), line(0.6, 3, { anchor: 1 }), line(0.6, 0)];
    expect(checkTangents([stroke('s', shade)], pointed)).toEqual([]);
    const bent = [
      to(0, 5, -90, { press: 1, anchor: 0 }),
      to(0.6, 3, -90, { anchor: 0.5 }),
      to(3, 3, 80, { anchor: 0.5 }),
    ];
    const away = { x: 5, y: 3, dir: 0 };
    expect(checkTangents([stroke('s', [...bent, { ...away, line: true }])], pointed)).toEqual([]);
    const kinked = [
      to(0, 5, -90, { press: 1, anchor: 0 }),
      line(0, 3, { anchor: 1, dir: -10 }),
      to(2, 2, -10),
    ];
    expect(checkTangents([stroke('s', kinked)], pointed)).not.toEqual([]);
  });
  it('a wavering curve', () => {
    const straight = [to(0, 5, -90), to(0, 4.4, -90), to(0, 0, -90)];
    expect(checkInflections([stroke('s', straight)])).toEqual([]);
    const nudged = [to(0, 5, -90), to(0.1, 4.7, -90), to(0, 4.4, -90), to(0, 0, -90)];
    expect(checkInflections([stroke('s', nudged)])).not.toEqual([]);
  });
  it('not a number, and nothing written', () => {
    expect(checkFinite([stroke('s', [to(0, Number.NaN), line(0, 2)])])).not.toEqual([]);
    expect(checkFinite([stroke('s', [to(0, 0), line(0, 0.01)])])).not.toEqual([]);
  });
  it('an angle the hand does not know', () => {
    expect(checkAngles(moved(0, 0, { turn: 33 }).strokes, turnsOf(face))).not.toEqual([]);
  });
  it('more pressure than there is', () => {
    expect(checkPressure([stroke('s', [to(0, 5, -90, { press: 1.4 }), line(0, 0)])])).not.toEqual([]);
  });
  it('a leaning stem', () => {
    const plan = stroke('stem', [to(0, 5), line(0.2, 0)]);
    expect(checkStems([plan], 5)).not.toEqual([]);
  });
  it('a join that starts off its exit, or ends in the open', () => {
    const [before, after] = [face.letters.get('n') as Cut, face.letters.get('i') as Cut];
    const apart = face.pair(before, after);
    const good = face.join(before, after)?.letter.strokes[0];
    if (!good) throw new Error('n and i join');
    expect(checkJoinPorts(good, before.letter, after.letter, apart)).toEqual([]);
    const off = { ...good, knots: good.knots.map((k) => ({ ...k, x: k.x + 0.3 })) };
    expect(checkJoinPorts(off, before.letter, after.letter, apart)).not.toEqual([]);
    const bent = {
      ...good,
      knots: good.knots.map((k, i) => (i === 0 ? { ...k, dir: 80 } : { ...k, line: false, dir: 80 })),
    };
    expect(checkJoinPorts(bent, before.letter, after.letter, apart)).not.toEqual([]);
    const short = { ...good, knots: good.knots.map((k, i) => (i === 1 ? { ...k, x: k.x - 1.3 } : k)) };
    expect(
      checkJoin(
        short,
        face.pen,
        undefined,
        inkOfLetter(after.letter, face.pen).map((p) => p.map(([x, y]) => [x + apart, y] as const)),
      ),
    ).not.toEqual([]);
  });
  it('touching letters', () => {
    const [before, after] = [face.letters.get('n') as Cut, face.letters.get('i') as Cut];
    const gap = closeness(before.profile, after.profile) + face.pair(before, after) - 1.2;
    expect(gap).toBeLessThan(face.script.spacing.leastGap - TOLERANCE.gap);
  });
  it('diagonals out of balance, and not parallel', () => {
    const strokes = [
      stroke('thick', [to(0, 5), line(3.5, 0)]),
      stroke('thin', [to(4.2, 5), line(3.5, 0)]),
      stroke('thick', [to(4.2, 5), line(5.4, 0)]),
      stroke('thin', [to(7, 5), line(5.4, 0)]),
    ].map(compileStroke);
    const [pair] = diagonalBalance(strokes, 0, 5);
    expect(Math.abs(pair?.deviation ?? 0)).toBeGreaterThan(TOLERANCE.balance);
    expect(parallelSpread(strokes, 0, 5)).toBeGreaterThan(TOLERANCE.parallel);
  });
});

describe('least gaps named in the specification', () => {
  const { pair, letters, script } = faces.italic as Typeface;
  it.each(['us', 'rt', 'VA'])('%s does not touch', (text) => {
    const [before, after] = [...text].map((character) => letters.get(character) as Cut) as [Cut, Cut];
    expect(closeness(before.profile, after.profile) + pair(before, after)).toBeGreaterThanOrEqual(
      script.spacing.leastGap - TOLERANCE.gap,
    );
  });
});
