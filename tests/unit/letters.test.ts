import { describe, expect, it } from 'vitest';
import { copperplateScript } from '@/core/hands/copperplate/script';
import { italic } from '@/core/hands/italic/metrics';
import { italicScript } from '@/core/hands/italic/script';
import { type Letter, line, stroke, to, USUAL } from '@/core/hands/letter';
import { compileStroke } from '@/core/pen/stroke';
import { freshRecipe } from '@/core/sheet/defaults';
import { recipeTypeface } from '@/core/sheet/recipeTypeface';
import { inkedAt } from '@/core/type/letterMeasures';
import { diagonalBalance, parallelSpread } from '@/core/type/letterReadings';
import { setLine } from '@/core/type/setLine';
import { closeness } from '@/core/type/spacing';
import { type Cut, inkOf, type Typeface } from '@/core/type/typeface';
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

const faceOf = (hand: 'italic' | 'copperplate', joined = true): Typeface => {
  const recipe = freshRecipe(hand);
  const face = recipeTypeface({ ...recipe, writing: { ...recipe.writing, joined } });
  if (!face) throw new Error(`${hand} has letters`);
  return face;
};
const faces = { italic: faceOf('italic'), copperplate: faceOf('copperplate') };
const cutsOf = (face: Typeface): Cut[] => [...face.shapes.values()].flat();
const named = ({ letter }: Cut) => `${letter.text} (${letter.variant})`;

/** Angles the italic pen turns to, off 45°: bars and figures flatter, thin diagonals steeper, ends of flourishes flat. */
const ITALIC_TURNS = [-30, -25, -20, -18, -16, -15, -12, -10, -8, -4, 0, 5, 7, 9, 15, 16];

const WANTED = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789.,;:!?\'"–()&';
const VARIANTS = {
  italic: {
    flourished: 'bdhlgjy',
    'long-eared': 'r',
    'two-stroke': 'e',
    'closed tail': 'g',
    straight: 'k',
    diagonal: 'y',
    swash: 'BDFHKNPRTVW',
  },
  copperplate: {
    'plain stem': 'bfghjklqy',
    plain: 'rz',
    'double curve': 's',
    looped: 't',
    'two curves': 'x',
  },
} as const;

describe.each(['italic', 'copperplate'] as const)('the letters of %s', (hand) => {
  const face = faces[hand];

  it('are all there, with their variants', () => {
    for (const text of WANTED) expect(face.shapes.has(text), text).toBe(true);
    for (const [variant, texts] of Object.entries(VARIANTS[hand])) {
      for (const text of texts) {
        const found = face.shapes.get(text)?.map(({ letter }) => letter.variant);
        expect(found, text).toContain(variant);
      }
    }
    if (hand === 'italic')
      for (const text of ['ff', 'fi', 'tt', 'st']) expect(face.shapes.has(text)).toBe(true);
    const names = cutsOf(face).map(named);
    expect(new Set(names).size).toBe(names.length);
  });

  it.each(cutsOf(face).map((cut) => [named(cut), cut] as const))('%s is sound', (_, { letter }) => {
    expect(
      [
        ...checkFinite(letter.strokes),
        ...checkTangents(letter.strokes, face.pen),
        ...checkInflections(letter.strokes),
        ...checkStems(letter.strokes, face.zones.body),
        ...(hand === 'italic' ? checkAngles(letter.strokes, ITALIC_TURNS) : checkPressure(letter.strokes)),
      ].join('; '),
    ).toBe('');
  });

  it('keep the least gap, every shape beside every other', () => {
    const close: string[] = [];
    const least = face.script.spacing.leastGap - TOLERANCE.gap;
    for (const before of cutsOf(face)) {
      for (const after of cutsOf(face)) {
        const gap = closeness(before.profile, after.profile) + face.pair(before, after);
        if (gap < least) close.push(`${named(before)}${named(after)}: ${gap.toFixed(3)}`);
      }
    }
    expect(close).toEqual([]);
  });

  it('are joined at their ports, and the ends of joins lie in the ink', () => {
    const wrong: string[] = [];
    let joins = 0;
    for (const before of cutsOf(face)) {
      for (const after of cutsOf(face)) {
        const join = face.join(before, after);
        if (!join) continue;
        joins += 1;
        const apart = face.pair(before, after);
        const [plan] = join.letter.strokes;
        if (!plan) continue;
        const shifted = inkOfLetter(after.letter, face.pen).map((polygon) =>
          polygon.map(([x, y]) => [x + apart, y] as const),
        );
        const complaints = [
          ...checkTangents([plan], face.pen),
          ...checkJoinPorts(plan, before.letter, after.letter, apart),
          ...checkJoin(plan, face.pen, inkOfLetter(before.letter, face.pen), shifted),
        ];
        for (const complaint of complaints) wrong.push(`${named(before)}${named(after)}: ${complaint}`);
      }
    }
    expect(joins).toBeGreaterThan(200);
    expect(wrong.slice(0, 60).join('; ')).toBe('');
  });
});

/** Lines that letters touch, by class. */
const heightsOf = (face: Typeface, letter: Letter): [number | undefined, number | undefined] => {
  const { body, ascender, descender, capital } = face.zones;
  const { text, variant } = letter;
  if (variant !== USUAL) return [undefined, undefined];
  if (face.hand === 'italic') {
    if (/^[acemnorsuvwxz]$/.test(text)) return [0, body];
    if (/^[bdhkl]$/.test(text)) return [0, body + ascender];
    if (/^[gpqy]$/.test(text)) return [undefined, body];
    if (/^[ABCDEFGHIKLMNOPRSTUVWXYZ]$/.test(text)) return [0, capital];
    return [undefined, undefined];
  }
  if (/^[aceimnouvwx]$/.test(text)) return [0, text === 'i' ? undefined : body];
  if (/^[bhkl]$/.test(text)) return [0, body + ascender];
  if (text === 'f') return [-descender, body + ascender];
  if (/^[gy]$/.test(text)) return [-descender, body];
  if (/^[ABCDEFGHIKLMNOPRSTUVWX]$/.test(text)) return [0, capital];
  return [undefined, undefined];
};

describe.each(['italic', 'copperplate'] as const)('heights of %s', (hand) => {
  const face = faces[hand];
  const checked = cutsOf(face).filter(({ letter }) =>
    heightsOf(face, letter).some((line) => line !== undefined),
  );
  it.each(checked.map((cut) => [named(cut), cut] as const))('%s', (_, { letter }) => {
    expect(checkHeights(letter, face.pen, heightsOf(face, letter)).join('; ')).toBe('');
  });
});

describe('runs of ink and white at half the body', () => {
  /** Widths of ink and of white, from left to right, upright. */
  const runs = (face: Typeface, text: string) => {
    const found = inkedAt(
      inkOfLetter((face.letters.get(text) as Cut).letter, face.pen),
      face.zones.body * 0.5,
    );
    return {
      stems: found.map(([from, until]) => until - from),
      counters: found.slice(1).map(([from], i) => from - (found[i] as readonly [number, number])[1]),
    };
  };

  it('stems of italic n, h, i, l, u have one weight, counters of n and h one width', () => {
    const face = faces.italic;
    const stems = ['i', 'l', 'p'].map((text) => runs(face, text).stems[0] as number);
    expect(Math.max(...stems) - Math.min(...stems)).toBeLessThan(TOLERANCE.run);
    const counters = ['n', 'h', 'm'].map((text) => runs(face, text).counters.at(-1) as number);
    expect(Math.max(...counters) - Math.min(...counters)).toBeLessThan(TOLERANCE.run);
  });

  it('shades of copperplate i, u, n, m, h have one weight', () => {
    const face = faces.copperplate;
    const shades = ['i', 'l', 'u', 't'].map((text) => runs(face, text).stems[0] as number);
    expect(Math.max(...shades) - Math.min(...shades)).toBeLessThan(TOLERANCE.run);
    expect(shades[0]).toBeCloseTo((face.pen as { shade: number }).shade, 1);
  });
});

describe('diagonals of italic', () => {
  it.each([...'vwxyAVMWXY'])('%s balances about the slope', (text) => {
    const face = faces.italic;
    const cut =
      text === 'y'
        ? face.shapes.get('y')?.find(({ letter }) => letter.variant === 'diagonal')
        : face.letters.get(text);
    const pairs = diagonalBalance((cut as Cut).strokes, face.slope, face.zones.body);
    expect(pairs.length).toBeGreaterThan(0);
    const mean = pairs.reduce((sum, { deviation }) => sum + deviation, 0) / pairs.length;
    expect(Math.abs(mean)).toBeLessThan(TOLERANCE.balance);
  });

  it.each([...'wW'])('%s keeps its strokes parallel', (text) => {
    const face = faces.italic;
    const spread = parallelSpread((face.letters.get(text) as Cut).strokes, face.slope, face.zones.body);
    expect(spread).toBeLessThan(TOLERANCE.parallel);
  });
});

describe('colour of words', () => {
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

  it('italic is about a third ink, copperplate about a quarter', () => {
    const word = 'minimumhamburgefonts';
    expect(inkShare(faceOf('italic', false), word)).toBeGreaterThan(0.29);
    expect(inkShare(faceOf('italic', false), word)).toBeLessThan(0.38);
    expect(inkShare(faces.copperplate, word)).toBeGreaterThan(0.18);
    expect(inkShare(faces.copperplate, word)).toBeLessThan(0.3);
  });
});

describe('every check finds a spoiled letter', () => {
  const face = faces.italic;
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
    const pointed = faces.copperplate.pen;
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
    expect(checkAngles(moved(0, 0, { turn: 33 }).strokes, ITALIC_TURNS)).not.toEqual([]);
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
  const { pair, letters, script } = faces.italic;
  it.each(['us', 'rt', 'VA'])('%s does not touch', (text) => {
    const [before, after] = [...text].map((character) => letters.get(character) as Cut) as [Cut, Cut];
    expect(closeness(before.profile, after.profile) + pair(before, after)).toBeGreaterThanOrEqual(
      script.spacing.leastGap - TOLERANCE.gap,
    );
  });
});

it('hands know their tools', () => {
  expect(italicScript.tool).toBe(italic.tool);
  expect(copperplateScript.tool).toBe('pointed');
});
