import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fallOf } from './fall';

const SIX = [0, 0.2, 0.4, 0.6, 0.8, 1];

describe('feet along a row', () => {
  it('fall by what a straight line through them falls, wherever it begins', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -5, max: 5, noNaN: true }),
        (from, fall) => {
          const feet = SIX.map((x) => from - fall * x);
          expect(fallOf(SIX, feet)).toBeCloseTo(fall, 6);
        },
      ),
    );
  });

  it('fall as little where one stands off among even ones, in the middle', () => {
    expect(fallOf([0, 0.25, 0.5, 0.75, 1], [0, 0, 1, 0, 0])).toBeCloseTo(0, 9);
  });

  it('tell nothing where they are few, or stand together', () => {
    expect(fallOf(SIX.slice(0, 4), [0, 1, 2, 3])).toBeUndefined();
    expect(fallOf([0.5, 0.51, 0.52, 0.53, 0.54], [0, 1, 2, 3, 4])).toBeUndefined();
  });
});
