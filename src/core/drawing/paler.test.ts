import fc from 'fast-check';
import { expect, it } from 'vitest';
import { paler } from './paler';

it('goes from the colour to white, never darker on the way', () => {
  expect([paler('#102030', 0), paler('#102030', 1), paler('#000000', 0.5)]).toEqual([
    '#102030',
    '#ffffff',
    '#808080',
  ]);
  const red = (colour: string) => Number.parseInt(colour.slice(1, 3), 16);
  const fraction = fc.double({ min: 0, max: 1, noNaN: true });
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 255 }), fraction, fraction, (channel, a, b) => {
      const colour = `#${channel.toString(16).padStart(2, '0')}0000`;
      expect(red(paler(colour, Math.max(a, b)))).toBeGreaterThanOrEqual(red(paler(colour, Math.min(a, b))));
    }),
  );
});
