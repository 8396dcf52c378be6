import { describe, expect, it } from 'vitest';
import { broad } from '@/core/hand/bases/broad';
import { defineHand } from '@/core/hand/define';
import type { Hand } from '@/core/hand/hand';
import type { Letter, Mark, Measures, Port } from '@/core/hand/letter';
import { byItself, leaves, line, meets, type Run, type Shapes, stroke, to } from '@/core/hand/notation';
import { pitchByInk } from '@/core/hand/pressed/pitch';
import type { Script } from '@/core/hand/script';
import { registerHand } from '@/core/hands/registry';
import { cosDeg, sinDeg, tanDeg } from '@/core/measure/units';
import { exactOutlines } from '@/core/pen/exact';
import { type Pen, penFor, pressedWidth, sweep } from '@/core/pen/pen';
import { compileStroke } from '@/core/pen/stroke';
import { numbersOf } from '@/core/pen/taught';
import { takenApart } from '@/core/type/compose';
import { inkOf } from '@/core/type/cut';
import type { Typeface } from '@/core/type/face';
import { inkedAt } from '@/core/type/letterMeasures';
import type { PlacedInk } from '@/core/type/placed';
import { topOf } from '@/core/type/profile';
import { setLine } from '@/core/type/setLine';
import { closeness } from '@/core/type/spacing';
import { build } from '@/core/type/typeface';
import { areaOfOutlines, areaOfPolygons } from '../support/areas';
import { extent } from '../support/letterChecks';
import { madeUpHand, scriptOf, stem, threeLetters } from '../support/madeUp';

/** A face of a made-up hand. */
function faceOf(script: Script, more: Partial<Hand> = {}, key: object = {}): Typeface {
  const hand = madeUpHand(script, more);
  registerHand(hand);
  return build({ hand: hand.id, zones: hand.zones, penAngle: 35, slope: 0, ...key }, script);
}

const inkIn = (face: Typeface, text: string): PlacedInk[] =>
  setLine(face, text).placed.filter((item) => item.kind !== 'missing');
const spelt = (face: Typeface, text: string) =>
  inkIn(face, text).map(({ cut, kind }) =>
    kind === 'letter' ? `${cut.letter.text} ${cut.letter.variant}` : kind,
  );

describe('a definition', () => {
  const good = madeUpHand(undefined);
  const spoilt = (change: Partial<Hand>) => () => defineHand(broad, { ...good, ...change });
  it.each<[string, Partial<Hand>]>([
    ['id', { id: 'No Hand' }],
    ['weight', { weight: { low: 6, high: 4 } }],
    ['zones.gap', { zones: { ...good.zones, gap: -1 } }],
    ['zones.body', { zones: { ...good.zones, body: 9 } }],
    ['zones.capital', { zones: { ...good.zones, capital: 7 } }],
    ['width', { width: 0 }],
    ['penAngle', { penAngle: null }],
    ['penAngle.usual', { penAngle: { usual: 70, range: { low: 20, high: 50 } } }],
    ['slope.usual', { slope: { usual: 30, range: { low: 0, high: 10 } } }],
    ['turns.bar', { turns: { bar: { angle: 120 } } }],
    ['ratioUnit', { basis: 'ratio' }],
    ['breadth', { breadth: () => 0 }],
    ['schools', { schools: [] }],
    ['families', { families: [...good.families, ...good.families] }],
  ])('that contradicts itself is refused by the name of its field: %s', (field, change) => {
    expect(spoilt(change)).toThrow(new RegExp(`Hand “.*”: ${field.replace('.', '\\.')} `));
  });
});

describe('lines from the right', () => {
  it('stand in the opposite order, their spaces as wide', () => {
    const left = faceOf(scriptOf(threeLetters));
    const right = faceOf(scriptOf(threeLetters), { id: 'from-the-right', rightToLeft: true });
    const [one, other] = [setLine(left, 'ni o'), setLine(right, 'o in')];
    expect(inkIn(right, 'in').map(({ cut }) => cut.letter.text)).toEqual(['n', 'i']);
    expect(other.width).toBeCloseTo(one.width, 9);
    expect(other.placed.map((item) => item.x)).toEqual(one.placed.map((item) => item.x));
  });
});

/** A joining hand from the right: b joins on both sides, h is entered from above, d does not join on. */
const joining: Shapes = (() => {
  const level = (from: Run, x1: number, x2: number, y: number, until: Run = []): Run => [
    from,
    to(x1, y),
    line(x2, y),
    until,
  ];
  const line0 = meets({ kind: 'line', x: 0, y: 0, dir: 180 });
  const out = (x: number, y: number) => leaves({ kind: 'line', x, y, dir: 180 });
  return {
    b: [stroke('all', level([], 0, -3, 0.5))],
    'b initial': byItself({ form: 'initial' }, [stroke('all', level([], 0, -2, 0.5, out(-2, 0)))]),
    'b medial': byItself({ form: 'medial' }, [stroke('all', level(line0, 0, -2, 0, out(-2, 0)))]),
    'b final': byItself({ form: 'final' }, [stroke('all', level(line0, 0, -3, 0))]),
    'b initial to a roof': byItself({ form: 'initial', reaching: 'roof' }, [
      stroke('all', level([], 0, 1, 3, leaves({ kind: 'roof', x: 1, y: 0, dir: -14 }))),
    ]),
    h: [stroke('all', level([], 0, -4, 1))],
    'h final': byItself({ form: 'final' }, [
      stroke('all', level(meets({ kind: 'roof', x: -2, y: 2, dir: -14 }), -2, -5, 2)),
    ]),
    d: [stroke('all', level([], 0, -1, 1))],
    'd final': byItself({ form: 'final' }, [stroke('all', level(line0, 0, -1, 0.2))]),
  };
})();
/** What was last in a list wins among shapes of one form; the more particular shape is asked for first. */
const ordered: Shapes = { ...joining, 'b initial to a roof': joining['b initial to a roof'] as never };
const courtly = scriptOf(
  () => {
    const { 'b initial': plain, 'b initial to a roof': roof, ...others } = ordered;
    return {
      b: others.b as never,
      'b initial to a roof': roof as never,
      'b initial': plain as never,
      ...others,
    };
  },
  { byPorts: { groupGap: 0.5, wordGap: 1, overlap: 1.5 } },
);

describe('joined letters', () => {
  const face = faceOf(courtly, { id: 'joining', rightToLeft: true }, { joined: true });

  it('take their form from their neighbours, and their connection from the next letter', () => {
    expect(spelt(face, 'b')).toEqual(['b usual']);
    expect(spelt(face, 'bbb')).toEqual(['b initial', 'b medial', 'b final']);
    expect(spelt(face, 'bh')).toEqual(['b initial to a roof', 'h final']);
    expect(spelt(face, 'bdb')).toEqual(['b initial', 'd final', 'b usual']);
    expect(spelt(face, 'db')).toEqual(['d usual', 'b usual']);
  });

  it('are placed by laying entry on exit, across and up, the last on the line', () => {
    const [first, second] = inkIn(face, 'bh') as [PlacedInk, PlacedInk];
    expect(second.y).toBe(0);
    expect(first.y).toBeCloseTo(2, 9);
    expect(first.x + 1 - (second.x - 2)).toBeCloseTo(0, 9);
    const steps = inkIn(face, 'bbb').map(({ x }) => x);
    expect((steps[0] as number) - (steps[1] as number)).toBeCloseTo(2, 9);
  });

  it('follow each other by rows of ink, words wider apart than groups, and reach into each other only so far', () => {
    const [b, , next] = inkIn(face, 'bdb') as [PlacedInk, PlacedInk, PlacedInk];
    expect(next.x).toBeLessThan(b.x);
    const gapOf = (text: string) => {
      const [one, other] = inkIn(face, text) as [PlacedInk, PlacedInk];
      return one.x - other.x + closeness(other.cut.profile, one.cut.profile);
    };
    expect(gapOf('db')).toBeCloseTo(0.5, 1);
    expect(gapOf('d b')).toBeCloseTo(1, 1);
    // High over low: no rows face each other, and only the overlap holds them apart.
    const tucked = faceOf(
      scriptOf(
        () => ({
          u: [stroke('high', [to(0, 4), line(-4, 4)])],
          l: [stroke('low', [to(0, 0), line(-4, 0)])],
        }),
        { byPorts: { groupGap: 0.5, wordGap: 1, overlap: 1.5 } },
      ),
      { id: 'tucked', rightToLeft: true },
    );
    const [high, low] = inkIn(tucked, 'ul') as [PlacedInk, PlacedInk];
    const reach = low.x + low.cut.profile.maximum - (high.x + high.cut.profile.minimum);
    expect(reach).toBeCloseTo(1.5, 6);
  });

  it('keep groups of several heights clear of each other by all their ink', () => {
    const boundsOf = ({ cut, x, y }: PlacedInk) =>
      inkOf(face.pen, cut).map((polygon) => polygon.map(([px, py]) => [px + x, py + y] as const));
    /** Nearest the later word's ink comes to the earlier one's from its right side, level by level. */
    const apart = (earlier: readonly PlacedInk[], later: readonly PlacedInk[]) => {
      const [one, other] = [earlier.flatMap(boundsOf), later.flatMap(boundsOf)];
      const gaps = Array.from({ length: 100 }, (_, i) => -3 + i * 0.1).flatMap((y) => {
        const [near, far] = [inkedAt(one, y), inkedAt(other, y)];
        return near.length > 0 && far.length > 0
          ? [Math.min(...near.map(([from]) => from)) - Math.max(...far.map(([, until]) => until))]
          : [];
      });
      return Math.min(...gaps);
    };
    for (const [word, next, lettersOfNext] of [
      ['bh', 'bh', 2],
      ['bbh', 'bh', 2],
      ['bh', 'bbh', 3],
      ['bbh', 'bbh', 3],
    ] as const) {
      const ink = inkIn(face, `${word} ${next}`);
      const [earlier, later] = [ink.slice(0, -lettersOfNext), ink.slice(-lettersOfNext)];
      expect(apart(earlier, later)).toBeGreaterThan(0.9);
      // A little more where ink lies in rows above or under one another, which may not touch either.
      expect(apart(earlier, later)).toBeLessThan(1.5);
    }
  });

  it('name what the hand lacks', () => {
    expect(setLine(face, 'bxb').missing).toEqual(['x']);
  });
});

describe('dots', () => {
  it('stand clear of all ink and of each other, as near as they can to where they would like to be', () => {
    const dotted = (letter: Letter): Letter => ({
      ...letter,
      dots: [{ count: 2, side: 'over', x: -1, y: 1.2 }],
    });
    const plain = scriptOf(() => ({ b: [stroke('all', [to(0, 1), line(-3, 1)])] }), {
      byPorts: { groupGap: 0.5, wordGap: 1, overlap: 0 },
    });
    const face = faceOf(
      { ...plain, letters: (m) => plain.letters(m).map(dotted) },
      { id: 'dotted', rightToLeft: true },
    );
    const [letter, ...dots] = inkIn(face, 'b') as [PlacedInk, ...PlacedInk[]];
    expect(dots.map(({ kind }) => kind)).toEqual(['mark', 'mark']);
    const width = sinDeg(35) + cosDeg(35);
    const corners = inkOf(face.pen, letter.cut).flatMap((polygon) =>
      polygon.map(([x, y]) => [x + letter.x, y + letter.y] as const),
    );
    for (const { x, y } of dots) {
      const nearest = Math.min(...corners.map(([px, py]) => Math.abs(px - x) + Math.abs(py - y)));
      expect(nearest).toBeGreaterThan(0.8 * width);
      expect(y).toBeLessThan(4);
    }
    const [a, b] = dots as [PlacedInk, PlacedInk];
    expect(Math.abs(a.x - b.x) + Math.abs(a.y - b.y)).toBeCloseTo(1.16 * width, 6);
  });
});

describe('letters off the line', () => {
  const bouncing = scriptOf(threeLetters, {
    bounce: (place, _, amount, m) => ({
      measures: { ...m, X: m.X + amount * (place % 2), T: m.T + amount * (place % 2) },
      rise: place % 2 === 0 ? 0 : amount * 0.5,
    }),
  });

  it('are drawn for their place, and stand as high as the hand says; without bounce they stay', () => {
    const face = faceOf(bouncing, { id: 'bouncing' }, { bounce: 1 });
    const [first, second, third] = inkIn(face, 'nnn') as [PlacedInk, PlacedInk, PlacedInk];
    expect([first.y, second.y, third.y]).toEqual([0, 0.5, 0]);
    expect(topOf(second.cut.profile) - topOf(first.cut.profile)).toBeCloseTo(1, 1);
    expect(third.cut).toBe(first.cut);
    const still = faceOf(bouncing, { id: 'bouncing' }, { bounce: 0 });
    expect(inkIn(still, 'nnn').map(({ y }) => y)).toEqual([0, 0, 0]);
  });

  it('are met where they stand: joins reach up to them along the slope', () => {
    const joined = (m: Parameters<typeof threeLetters>[0]): Shapes => ({
      n: [
        stroke('stem', [
          meets({ kind: 'any', x: 0, y: 1, dir: 0 }),
          ...[stem(m, 0)],
          leaves({ kind: 'any', x: 1, y: 1, dir: 0 }),
        ]),
      ],
    });
    const script: Script = {
      ...bouncing,
      ...scriptOf(joined),
      bounce: bouncing.bounce,
      join: (before, after, distance) =>
        before?.exit && after?.entry
          ? stroke('join', [to(before.exit.x, before.exit.y), line(distance + after.entry.x, after.entry.y)])
          : undefined,
    };
    const face = faceOf(script, { id: 'bounced-joins' }, { bounce: 1, joined: true, slope: 10 });
    const [first, join, second] = inkIn(face, 'nn') as [PlacedInk, PlacedInk, PlacedInk];
    const end = join.cut.strokes[0]?.path.at(-1)?.[3] as readonly [number, number];
    const lean = tanDeg(10);
    const met = [second.x + 0 + 1 * lean, second.y + 1];
    expect(join.x + end[0]).toBeCloseTo(met[0] as number, 6);
    expect(join.y + end[1]).toBeCloseTo(met[1] as number, 6);
    expect(first.kind).toBe('letter');
  });
});

it('pressed letters stand off the outermost ink of an exit, by how the next is entered', () => {
  const pitch = pitchByInk({ low: { minim: 2 }, high: { minim: 1.75 } });
  const measures = { spread: 0.8 } as Measures;
  const letter = (exit: Port | undefined, entry: string, first: number): Letter => ({
    text: 'x',
    variant: 'usual',
    family: 'all',
    strokes: [],
    ...(exit && { exit }),
    entry: { kind: entry, x: 0, y: 0, dir: 0 },
    shades: [first, first],
  });
  const out = (kind: string, side?: number): Port => ({
    kind,
    x: 1,
    y: 0,
    dir: 0,
    ...(side !== undefined && { side }),
  });
  const next = letter(undefined, 'minim', 0.1);
  expect(pitch(letter(out('low', 1.5), 'minim', 0), next, measures)).toBeCloseTo(1.5 + 2 + 0.4 - 0.1, 9);
  expect(pitch(letter(out('high', 2.7), 'minim', 0), next, measures)).toBeCloseTo(2.7 + 1.75 + 0.4 - 0.1, 9);
  expect(pitch(letter(out('low'), 'minim', 0), next, measures)).toBeUndefined();
  expect(pitch(letter(out('low', 1), 'minim', 0), letter(undefined, 'loop', 0), measures)).toBeUndefined();
});

it('letters that share a stroke are fused where they are joined, and only inside a word', () => {
  const fusing = scriptOf(threeLetters, {
    fuse: (a, b) => (a.text === 'o' && b.text === 'o' ? 1.5 : undefined),
  });
  const distance = (joined: boolean, text: string) => {
    const [a, b] = inkIn(faceOf(fusing, { id: 'fusing' }, { joined }), text) as [PlacedInk, PlacedInk];
    return b.x - a.x;
  };
  expect(distance(true, 'oo')).toBe(1.5);
  expect(distance(false, 'oo')).toBeGreaterThan(3);
  expect(distance(true, 'o o')).toBeGreaterThan(3);
  expect(distance(true, 'on')).toBeGreaterThan(3);
});

describe('strokes', () => {
  const across = compileStroke(stroke('bar', [to(0, 0), line(4, 0)]));
  const edge = { kind: 'broad', width: 1, steel: 0.05, angle: 90 } as const;

  it('may be written with another pen of the page', () => {
    const third = { ...across, nib: 1 / 3 };
    expect(penFor(edge, third)).toEqual({ ...edge, width: 1 / 3 });
    const [low, high] = extent(sweep(edge, third), 1);
    expect(high - low).toBeCloseTo(1 / 3, 6);
    expect(areaOfOutlines(exactOutlines(edge, third))).toBeCloseTo(areaOfPolygons(sweep(edge, third)), 3);
    expect(penFor({ kind: 'pointed', spread: 1, hairline: 0.1 }, { nib: 0.5 })).toMatchObject({
      spread: 0.5,
      hairline: 0.1,
    });
    expect(penFor({ kind: 'monoline', line: 0.4 }, { nib: 0.5 })).toMatchObject({ line: 0.2 });
  });

  it('are counted as they are taught: what finishes one shares its number', () => {
    expect(numbersOf([{}, { finishes: true }, { finishes: true }, {}])).toEqual([1, 1, 1, 2]);
    expect(numbersOf([{ finishes: true }, {}])).toEqual([1, 2]);
  });

  it('lift the edge onto a corner: its share touches, at its end, on screen as in files', () => {
    const lifted = (press: number, anchor: number) =>
      compileStroke(stroke('lifted', [to(0, 0, 0, { press: 1, anchor }), line(4, 0, { press })]));
    const upper = sweep(edge, lifted(0.25, 1));
    const lower = sweep(edge, lifted(0.25, 0));
    const heights = (ink: typeof upper, x: number) =>
      extent(
        ink.filter((polygon) => polygon.some(([px]) => px > x)),
        1,
      );
    expect(heights(upper, 3.99)[1]).toBeCloseTo(0.5, 6);
    expect(heights(upper, 3.99)[0]).toBeGreaterThan(0);
    expect(heights(lower, 3.99)[0]).toBeCloseTo(-0.5, 6);
    const whole = areaOfPolygons(sweep(edge, across));
    for (const anchor of [0, 0.5, 1]) {
      const stroked = lifted(0.25, anchor);
      const area = areaOfPolygons(sweep(edge, stroked));
      expect(area).toBeLessThan(0.75 * whole);
      expect(Math.abs(areaOfOutlines(exactOutlines(edge, stroked)) - area) / area).toBeLessThan(0.01);
    }
    // As little touches as the edge is thick.
    const [low, high] = extent(
      sweep(edge, compileStroke(stroke('tip', [to(0, 0, 0, { press: 0 }), line(4, 0)]))),
      1,
    );
    expect(high - low).toBeCloseTo(0.05, 6);
  });
});

describe('pressed pens', () => {
  it('with square tops spread from the hairline when they must, with round ones at once', () => {
    const tines = { kind: 'pointed', spread: 1, hairline: 0.2 } as const;
    expect([0, 0.1, 0.5, 1].map((press) => pressedWidth(tines, press))).toEqual([0.2, 0.2, 0.5, 1]);
    const hair = { ...tines, tops: 'round' } as const;
    expect([0, 0.5, 1].map((press) => pressedWidth(hair, press))).toEqual([0.2, expect.closeTo(0.6, 9), 1]);
    const shade = compileStroke(stroke('shade', [to(0, 3, -90, { press: 1, anchor: 0.5 }), line(0, 0)]));
    expect(extent(sweep(tines, shade), 1)[1]).toBeCloseTo(3.1, 1);
    expect(extent(sweep(hair, shade), 1)[1]).toBeCloseTo(3.5, 1);
  });

  it('doubled, give no second contour to what has no weight', () => {
    const pen: Pen = { kind: 'doubled', line: 0.1, gap: 1, filled: false };
    const down = (press: number) => compileStroke(stroke('down', [to(0, 3, -90, { press }), line(0, 0)]));
    const reach = (press: number) => extent(sweep(pen, down(press)), 0)[1];
    expect(reach(1)).toBeCloseTo(1.05, 1);
    expect(reach(0)).toBeLessThan(0.1);
    expect(reach(0.1)).toBeLessThan(reach(0.2));
  });
});

describe('letters with marks', () => {
  const marks: Mark[] = [
    { mark: '\u0301', seat: 'over', strokes: [stroke('acute', [to(0.5, 1), line(-0.5, 0)])] },
    { mark: '\u0323', seat: 'under', strokes: [stroke('dot', [to(-0.2, -0.5), line(0.2, -0.9)])] },
    { mark: '\u0338', seat: 'across', strokes: [stroke('slash', [to(1, 2.5), line(-1, -2.5)])] },
  ];
  const face = faceOf(scriptOf(threeLetters, { marks: () => marks }), { id: 'marked' });
  const letter = (text: string) => face.shapesOf(text)[0];

  it('are taken apart as they are written', () => {
    expect(takenApart('ó')).toEqual({ base: 'o', marks: ['\u0301'] });
    expect(takenApart('ř')).toEqual({ base: 'r', marks: ['\u030c'] });
    expect(takenApart('ď')).toEqual({ base: 'd', marks: ['\u0315'] });
    expect(takenApart('ķ')).toEqual({ base: 'k', marks: ['\u0326'] });
    expect(takenApart('ģ')).toEqual({ base: 'g', marks: ['\u0312'] });
    expect(takenApart('ł')).toEqual({ base: 'l', marks: ['\u0337'] });
    expect(takenApart('ế')).toEqual({ base: 'e', marks: ['\u0302', '\u0301'] });
    expect(takenApart('o')).toBeUndefined();
    expect(takenApart('æ')).toBeUndefined();
  });

  it('carry them over their middle and clear of their top, the dot of i giving way', () => {
    const [o, plain] = [letter('ó'), face.letters.get('o')];
    const acute = o?.letter.strokes.at(-1);
    expect(acute?.name).toBe('acute');
    const middle = ((plain?.profile.minimum ?? 0) + (plain?.profile.maximum ?? 0)) / 2;
    const xs = acute?.knots.map(({ x }) => x) as [number, number];
    expect((xs[0] + xs[1]) / 2).toBeCloseTo(middle, 1);
    expect(acute?.knots[1]?.y).toBeGreaterThan(5.3);
    expect(letter('í')?.letter.strokes.map(({ name }) => name)).toEqual(['stem', 'acute']);
    expect(acute && (letter('í')?.letter.strokes[1]?.knots[1]?.y as number)).toBeLessThan(5.8);
  });

  it('hang under it, and go through it as tall as it is', () => {
    expect(letter('ọ')?.letter.strokes.at(-1)?.knots[0]?.y).toBeCloseTo(-0.5, 9);
    const slash = letter('ø')?.letter.strokes.at(-1);
    expect(slash?.knots[0]?.y).toBeCloseTo(5, 0);
  });

  it('are set, joined and found missing like any other', () => {
    expect(spelt(face, 'nón')).toEqual(['n usual', 'ó usual', 'n usual']);
    expect(spelt(face, 'no\u0301n')).toEqual(['n usual', 'ó usual', 'n usual']);
    expect(setLine(face, 'ö é').missing).toEqual(['ö', 'é']);
    expect([...face.shapes.keys()]).toEqual(['i', 'n', 'o']);
  });
});

it('a hand of one case takes any text in it', () => {
  const face = faceOf(scriptOf(threeLetters), { id: 'one-case', fold: 'lower' });
  expect(spelt(face, 'NoN')).toEqual(['n usual', 'o usual', 'n usual']);
});
