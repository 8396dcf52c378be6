import { describe, expect, it } from 'vitest';
import { printerCorrection } from './printer';

describe('printer profile', () => {
  it('corrects a printer that shrinks', () => {
    const { x, y } = printerCorrection(98.2, 97.7);
    expect(98.2 * x).toBeCloseTo(100, 9);
    expect(97.7 * y).toBeCloseTo(100, 9);
  });

  it.each([
    [94.9, 100, 'measuredX'],
    [100, 105.1, 'measuredY'],
    [Number.NaN, 100, 'measuredX'],
  ])('refuses %f × %f with a clear word', (x, y, field) => {
    expect(() => printerCorrection(x, y)).toThrow(
      expect.objectContaining({ field, message: expect.stringMatching(/measure again/) }),
    );
  });
});
