import { beforeAll, describe, expect, it } from 'vitest';
import { scriptOf } from '../../../tests/support/madeUp';
import type { PathCommand } from '../drawing/drawing';
import { byItself, line, stroke, to } from '../hand/notation';
import { italic } from '../hands/italic/hand';
import { loadScript } from '../hands/scripts';
import { exactOutlines } from '../pen/exact';
import type { Cut } from './cut';
import { measureLetter } from './letterMeasures';
import { setLine } from './setLine';
import { build } from './typeface';
import { formOf, writeLine } from './writeLine';

const ITALIC = { hand: 'italic', zones: italic.zones, penAngle: 45, slope: 0 };
/** A stem, a slanting stroke, a level one and an arc. */
const SHAPES = {
  l: [stroke('stem', [to(0, 5, -90), line(0, 0)])],
  x: [stroke('slant', [to(0, 5), line(3, 0)])],
  t: [stroke('bar', [to(0, 5, 0), line(3, 5)])],
  o: [stroke('arc', [to(0, 5, 180), to(-2, 2.5, -90), to(0, 0, 0)])],
};
const face = build(
  ITALIC,
  scriptOf(() => SHAPES),
);
const cutOf = (text: string) => face.letters.get(text) as Cut;

/** The corners of a path as it stands in a file. */
const endsOf = (commands: readonly PathCommand[]) =>
  commands.flatMap((command) => (command[0] === 'Z' ? [] : [command.slice(-2) as number[]]));
const kindsOf = (commands: readonly PathCommand[]) => new Set(commands.map(([kind]) => kind));

beforeAll(() => loadScript('italic'));

describe('letters in files', () => {
  it.each(['l', 'x', 't'])('straight sides of %s are lines', (text) => {
    expect(kindsOf(formOf(face.pen, cutOf(text)).commands)).toEqual(new Set(['M', 'L', 'Z']));
  });

  it('round ones stay curves with the very controls of the outline', () => {
    const commands = formOf(face.pen, cutOf('o')).commands;
    const curves = commands.filter(([kind]) => kind === 'C');
    const sides = cutOf('o').strokes.flatMap((one) => exactOutlines(face.pen, one).flat());
    const bent = sides.filter(([a, b, c, d]) =>
      [b, c].some(([x, y]) => Math.abs((d[0] - a[0]) * (y - a[1]) - (d[1] - a[1]) * (x - a[0])) > 1e-6),
    );
    expect(bent.length).toBeGreaterThan(4);
    expect(curves).toEqual(bent.map(([, b, c, d]) => ['C', b[0], -b[1], c[0], -c[1], d[0], -d[1]]));
  });

  it('stand in their place on the page, y downwards', () => {
    const set = setLine(face, 'lx');
    const [, node] = writeLine(face, set, 10, 50, 2, '#000');
    if (node?.kind !== 'form') throw new Error('a letter is written as a form');
    expect(node).toMatchObject({ x: 10 + 2 * (set.placed[1]?.x as number), y: 50, scale: 2 });
    const ys = endsOf(node.form.commands).map(([, y]) => y as number);
    expect(Math.min(...ys)).toBeLessThan(-5);
    expect(Math.max(...ys)).toBeLessThan(0.6);
  });
});

describe('measures of a letter', () => {
  it('are those of its ink: corner to corner of the edge', () => {
    const { left, right, top, bottom, ink } = measureLetter(face, face.pen, cutOf('x'));
    const half = Math.SQRT1_2 / 2;
    expect(left).toBeCloseTo(-half, 1);
    expect(right).toBeCloseTo(3 + half, 1);
    expect(top).toBeCloseTo(5 + half, 1);
    expect(bottom).toBeCloseTo(-half, 1);
    expect(ink).toBeGreaterThan(0.1);
    expect(ink).toBeLessThan(0.5);
  });
});

describe('shapes of one’s choice', () => {
  const shapes = {
    ...SHAPES,
    'l tall': [stroke('stem', [to(0, 8, -90), line(0, 0)])],
    'l once': byItself({ before: 'x' }, [stroke('stem', [to(0, 9, -90), line(0, 0)])]),
  };
  const lastWith = (chosen: Record<string, string>) => {
    const made = build(
      { ...ITALIC, chosen },
      scriptOf(() => shapes),
    );
    return made.letters.get('l')?.letter.variant;
  };

  it('take the place of the usual everywhere', () => {
    expect(lastWith({})).toBe('usual');
    expect(lastWith({ l: 'tall' })).toBe('tall');
    expect(lastWith({ x: 'tall' })).toBe('usual');
  });

  it('but not where they are made for one place of a word only', () => {
    expect(lastWith({ l: 'once' })).toBe('usual');
  });
});
