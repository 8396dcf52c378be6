import fc from 'fast-check';
import { expect, it } from 'vitest';
import { colourName } from './colourName';

it.each([
  ['#ffffff', 'white'],
  ['#000000', 'black'],
  ['#808080', 'grey'],
  ['#a33327', 'red'],
  ['#1f3a6e', 'dark blue'],
  ['#2f9e8f', 'blue-green'],
  ['#5a3c1b', 'brown'],
  ['#d98014', 'orange'],
  ['#f2e86d', 'yellow'],
  ['#2a7d3b', 'green'],
  ['#8a4fb8', 'violet'],
  ['#c8e6c9', 'light green'],
] as const)('%s is %s', (colour, name) => {
  expect(colourName(colour)).toBe(name);
});

it('every colour has a name, and no code stands in it', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 0xffffff }), (value) => {
      expect(colourName(`#${value.toString(16).padStart(6, '0')}`)).toMatch(
        /^(light |dark )?[a-z]+(-green)?$/,
      );
    }),
  );
});
