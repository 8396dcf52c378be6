import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HANDS } from '../hands/registry';
import { Problem } from '../problem/problem';
import { bodyHeight, bodyRange, withBodyHeight } from './bodyHeight';
import { handSetting } from './handSetting';

describe.each(HANDS.map(({ id }) => id))('the body of %s', (id) => {
  const setting = handSetting(id);
  const { low, high } = bodyRange(setting);

  it('is as tall as it is asked to be, and its zones keep their proportion', () => {
    fc.assert(
      fc.property(fc.double({ min: Math.max(low, 2), max: Math.min(high, 40), noNaN: true }), (height) => {
        const other = withBodyHeight(setting, height);
        expect(bodyHeight(other)).toBeCloseTo(height, 6);
        expect(other.zones.ascender / other.zones.body).toBeCloseTo(
          setting.zones.ascender / setting.zones.body,
          2,
        );
      }),
    );
  });

  it('is refused out of its range by the name of its field and the nearest value', () => {
    expect(() => withBodyHeight(setting, 100_000)).toThrow(Problem);
    expect(() => withBodyHeight(setting, 100_000)).toThrow(/nearest allowed is/);
  });
});
