import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lengthIn, readLength, sayLength } from './length';

describe('lengths as people type them', () => {
  it.each([
    ['5 in', 127],
    ['3/8', 9.525],
    ['3/8 in', 9.525],
    ['1 1/2 in', 38.1],
    ['1½"', 38.1],
    ['⅜″', 9.525],
    ['12 mm', 12],
    ['12,5 mm', 12.5],
    ['2 cm', 20],
    ['.5', 12.7],
    ['-1 1/2', -38.1],
  ])('%s, where inches are meant', (text, mm) => {
    expect(readLength(text, 'inch')).toBeCloseTo(mm, 9);
  });

  it('are millimetres where they say nothing and mm are meant', () => {
    expect(readLength('12', 'mm')).toBe(12);
    expect(readLength('1/2', 'mm')).toBe(0.5);
  });

  it('that are none are none', () => {
    for (const text of ['', 'x', '1/0', '5 feet', '1.5 1/2', '1/', '--2', 'in'])
      expect(readLength(text, 'inch'), text).toBeUndefined();
  });

  it('are shown as a ruler shows them', () => {
    expect(lengthIn(9.525, 'inch')).toBe('3/8 in');
    expect(lengthIn(38.1, 'inch')).toBe('1 1/2 in');
    expect(lengthIn(-9.525, 'inch')).toBe('-3/8 in');
    expect(lengthIn(25.4, 'inch')).toBe('1 in');
    expect(lengthIn(10, 'inch')).toBe('0.394 in');
    expect(lengthIn(0, 'inch')).toBe('0 in');
    expect(lengthIn(12.5, 'mm')).toBe('12.5 mm');
  });

  it('read what is shown: within half a thousandth of the unit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -400, max: 400, noNaN: true }),
        fc.constantFrom('mm', 'inch'),
        (mm, unit) => {
          const read = readLength(sayLength(mm, unit), unit);
          expect(Math.abs((read ?? Number.NaN) - mm)).toBeLessThanOrEqual(unit === 'mm' ? 0.000501 : 0.0128);
        },
      ),
    );
  });
});
