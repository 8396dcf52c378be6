import { describe, expect, it } from 'vitest';
import { widthFromLadder } from './ladder';
import { PAPER_FORMATS } from './paper';
import { floorTo, mmToPoints, plain, roundTo } from './units';

describe('nib ladder', () => {
  it('measures W backwards: ten steps over 21 mm are 2.1 mm', () => {
    const { width, uncertainty } = widthFromLadder(10, 21);
    expect(width).toBeCloseTo(2.1, 9);
    expect(uncertainty).toBeCloseTo(0.0354, 3);
  });

  it('is ten times surer with ten steps than with one', () => {
    expect(widthFromLadder(1, 2.1).uncertainty / widthFromLadder(10, 21).uncertainty).toBeCloseTo(10, 9);
  });
});

describe('units', () => {
  it('turns an inch of millimetres into 72 points', () => expect(mmToPoints(25.4)).toBeCloseTo(72, 9));

  it.each([
    [2.4, '2.4'],
    [2, '2'],
    [10, '10'],
    [0.125, '0.13'],
    [-0.001, '0'],
    [100, '100'],
  ])('writes %f plainly as %s', (value, text) => expect(plain(value)).toBe(text));

  it('rounds to steps without binary dust', () => {
    expect(roundTo(0.1 + 0.2, 0.1)).toBe(0.3);
    expect(floorTo(0.3, 0.1)).toBe(0.3);
    expect(floorTo(0.29, 0.1)).toBe(0.2);
  });
});

it('formats are upright, unique, and the A sizes halve', () => {
  expect(new Set(PAPER_FORMATS.map(({ id }) => id)).size).toBe(PAPER_FORMATS.length);
  for (const { width, height } of PAPER_FORMATS) expect(width).toBeLessThanOrEqual(height);
  const a = (id: string) =>
    PAPER_FORMATS.find((format) => format.id === id) as { width: number; height: number };
  expect(a('a4').height).toBe(a('a3').width);
  expect(a('a5').height).toBe(a('a4').width);
});
