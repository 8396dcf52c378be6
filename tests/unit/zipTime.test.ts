import fc from 'fast-check';
import { expect, it } from 'vitest';
import { inZip } from '@/app/_lib/zipStream';

it('any clock is told by a zip: years it knows as they are, others as the nearest it knows', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('1900-01-03'), max: new Date('2400-01-01'), noInvalidDate: true }),
      (now) => {
        const told = inZip(now);
        expect(told.getFullYear()).toBeGreaterThanOrEqual(1980);
        expect(told.getFullYear()).toBeLessThanOrEqual(2099);
        if (now.getFullYear() >= 1980 && now.getFullYear() <= 2099) expect(told).toBe(now);
      },
    ),
  );
  expect(inZip(new Date(Number.NaN)).getFullYear()).toBe(1980);
});
