import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { numbersFrom } from './seeded';
import { errorOf, median, medianError, spread } from './statistics';

const values = fc.array(fc.integer({ min: -1000, max: 1000 }), { minLength: 1, maxLength: 25 });

/** Numbers of a normal distribution, by sums of twelve even ones. */
function normal(seed: number, count: number): number[] {
  const random = numbersFrom(seed);
  return Array.from({ length: count }, () => Array.from({ length: 12 }, random).reduce((a, b) => a + b) - 6);
}

describe('the middle of some values', () => {
  it('has as many under it as over it', () => {
    fc.assert(
      fc.property(values, (all) => {
        const middle = median(all);
        const [under, over] = [all.filter((v) => v < middle).length, all.filter((v) => v > middle).length];
        expect(under).toBeLessThanOrEqual(all.length / 2);
        expect(over).toBeLessThanOrEqual(all.length / 2);
      }),
    );
    expect(median([4, 1])).toBe(2.5);
    expect(median([])).toBeNaN();
  });

  it('leaves the values in their order', () => {
    const all = [3, 1, 2];
    median(all);
    expect(all).toEqual([3, 1, 2]);
  });
});

describe('their spread', () => {
  it('is the standard deviation of a normal distribution, and one value that is far off does not count', () => {
    const all = normal(5, 4000);
    expect(spread(all)).toBeCloseTo(1, 1);
    expect(spread([...all, 1e6])).toBeCloseTo(spread(all), 2);
    expect(spread([7])).toBe(0);
  });

  it('moves with no shift, and grows with its values', () => {
    fc.assert(
      fc.property(values, fc.integer({ min: -50, max: 50 }), (all, by) => {
        expect(spread(all.map((v) => v + by))).toBeCloseTo(spread(all), 6);
        expect(spread(all.map((v) => 3 * v))).toBeCloseTo(3 * spread(all), 6);
      }),
    );
  });
});

describe('the error of the middle', () => {
  it('holds what it says: medians of many samples differ by so much', () => {
    const medians = Array.from({ length: 600 }, (_, seed) => median(normal(seed + 1, 15)));
    const told = medianError(1, 15);
    expect(spread(medians) / told).toBeGreaterThan(0.8);
    expect(spread(medians) / told).toBeLessThan(1.2);
  });

  it('halves with four times as many, and of none is without bounds', () => {
    expect(medianError(2, 5) / medianError(2, 20)).toBeCloseTo(2, 9);
    expect(medianError(1, 0)).toBe(Number.POSITIVE_INFINITY);
    expect(errorOf([])).toBe(Number.POSITIVE_INFINITY);
    expect(errorOf([1, 2, 3, 4])).toBeCloseTo(medianError(spread([1, 2, 3, 4]), 4), 12);
  });
});
