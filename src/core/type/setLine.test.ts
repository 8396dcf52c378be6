import { describe, expect, it } from 'vitest';
import { italic } from '../hands/italic/hand';
import { setLine } from './setLine';
import { typeface } from './typeface';

const faceWith = (more: object = {}, hand: 'italic' | 'copperplate' = 'italic') => {
  const zones =
    hand === 'italic' ? italic.zones : { ...italic.zones, ascender: 7.5, descender: 7.5, capital: 12.5 };
  const face = typeface({ hand, zones, penAngle: 45, slope: hand === 'italic' ? 6 : 35, ...more });
  if (!face) throw new Error(`${hand} has letters`);
  return face;
};
const shapesIn = (face: ReturnType<typeof faceWith>, text: string) =>
  setLine(face, text).placed.flatMap((item) =>
    item.kind === 'letter' ? [`${item.cut.letter.text}:${item.cut.letter.variant}`] : [],
  );

describe('spacing of words', () => {
  it('sets stems of nnn at even distances, the white between letters like that within', () => {
    const xs = setLine(faceWith(), 'nnnn').placed.map(({ x }) => x);
    const steps = xs.slice(1).map((x, i) => x - (xs[i] as number));
    for (const step of steps) expect(step).toBeCloseTo(steps[0] as number, 9);
    expect(((steps[0] as number) - 2.25) / 2.25).toBeGreaterThan(0.85);
    expect(((steps[0] as number) - 2.25) / 2.25).toBeLessThan(1.2);
  });

  it('keeps words apart by the word space of the hand', () => {
    const face = faceWith();
    const [together, apart] = [setLine(face, 'nn').width, setLine(face, 'n n').width];
    expect(apart - together).toBeCloseTo(face.wordSpace, 9);
  });

  it('reports letters the hand does not have and leaves an open box for them', () => {
    const face = faceWith();
    const set = setLine(face, 'aλa ж');
    expect(set.missing).toEqual(['λ', 'ж']);
    expect(set.placed.filter(({ kind }) => kind === 'missing')).toHaveLength(2);
    expect(set.width).toBeGreaterThan(setLine(face, 'aa').width + 4);
  });

  it('sets nothing for nothing', () => {
    expect(setLine(faceWith(), '   ')).toEqual({ placed: [], width: 0, left: -0, missing: [] });
  });
});

describe('shapes by context', () => {
  it('takes a chosen shape wherever its context allows', () => {
    const face = faceWith({ chosen: { r: 'long-eared', g: 'closed tail' } });
    expect(shapesIn(face, 'rarer g')).toEqual([
      'r:usual',
      'a:usual',
      'r:usual',
      'e:usual',
      'r:long-eared',
      'g:closed tail',
    ]);
  });

  it('passes over a choice the hand does not know', () => {
    expect(shapesIn(faceWith({ chosen: { a: 'imaginary' } }), 'a')).toEqual(['a:usual']);
  });

  it('copperplate begins r and s higher after letters that leave high, unless told not to', () => {
    expect(shapesIn(faceWith({ joined: true }, 'copperplate'), 'or ar')).toEqual([
      'o:usual',
      'r:from above',
      'a:usual',
      'r:usual',
    ]);
    const told = faceWith({ joined: true, chosen: { r: 'usual' } }, 'copperplate');
    expect(shapesIn(told, 'or')).toEqual(['o:usual', 'r:usual']);
  });
});

describe('ligatures and joins', () => {
  it('ligatures are taken in joined writing only', () => {
    expect(shapesIn(faceWith({ joined: true }), 'stiff')).toEqual(['st:usual', 'i:usual', 'ff:usual']);
    expect(shapesIn(faceWith(), 'stiff')).toHaveLength(5);
  });

  it('italic joins out of a foot, and never after w', () => {
    const joins = (text: string) =>
      setLine(faceWith({ joined: true }), text).placed.filter(({ kind }) => kind === 'join').length;
    expect(joins('nn')).toBe(1);
    expect(joins('an')).toBe(1);
    expect(joins('wa')).toBe(0);
    expect(joins('bo')).toBe(0);
  });

  it('copperplate joins every small letter to every other, and begins and ends words with a hairline', () => {
    const face = faceWith({ joined: true }, 'copperplate');
    const unjoined: string[] = [];
    for (const a of 'abcdefghijklmnopqrstuvwxyz') {
      for (const b of 'abcdefghijklmnopqrstuvwxyz') {
        const joins = setLine(face, a + b).placed.filter(({ kind }) => kind === 'join').length;
        if (joins !== 3) unjoined.push(`${a}${b} ${joins}`);
      }
    }
    expect(unjoined).toEqual([]);
  });

  it('no hairline of one word touches the next letter', () => {
    const face = faceWith({ joined: true }, 'copperplate');
    const set = setLine(face, 'one, two');
    const comma = set.placed.find((item) => item.kind === 'letter' && item.cut.letter.text === ',');
    const before = set.placed.filter((item) => item.x < (comma?.x ?? 0));
    for (const item of before) {
      if (item.kind === 'missing' || comma?.kind !== 'letter') continue;
      for (const [row, right] of item.cut.profile.right.entries()) {
        const left = comma.cut.profile.left[row] as number;
        if (!Number.isNaN(right) && !Number.isNaN(left)) {
          expect(comma.x + left - item.x - right).toBeGreaterThan(0.2);
        }
      }
    }
  });
});
