import fc from 'fast-check';
import { expect, it } from 'vitest';
import { fingerprint } from './fingerprint';

it('is the published value of FNV-1a, 32 bits, in base 36', () => {
  const asHex = (text: string) => Number.parseInt(fingerprint(text), 36).toString(16);
  expect([asHex(''), asHex('a'), asHex('foobar')]).toEqual(['811c9dc5', 'e40c292c', 'bf9cf968']);
});

it('tells texts apart that differ in one character', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary-ascii' }), fc.nat(127), (text, code) => {
      const other = text + String.fromCharCode(code);
      expect(fingerprint(other)).not.toBe(fingerprint(text));
    }),
  );
});
