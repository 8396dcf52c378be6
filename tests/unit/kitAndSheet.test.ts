import fc from 'fast-check';
import { expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { countsByPen } from '@/core/hand/hand';
import { HANDS } from '@/core/hands/registry';
import { bodyBy, widthFor } from '@/core/kit/need';
import { bodyHeight } from '@/core/setting/bodyHeight';

const width = fc.double({ min: 0.3, max: 12, noNaN: true });

it('the body Kit tells for a nib is the body its sheet is ruled with, in every hand that counts by the pen', () => {
  expect(HANDS.filter(countsByPen).map(({ basis }) => basis)).toEqual(
    expect.arrayContaining(['nib', 'dots']),
  );
  for (const hand of HANDS) {
    fc.assert(
      fc.property(width, (nib) => {
        const told = bodyBy(hand.id, nib);
        if (!countsByPen(hand)) return told === undefined;
        expect(told).toBeCloseTo(bodyHeight({ ...freshRecipe(hand.id), width: nib }), 9);
        expect(widthFor(hand.id, told as number)).toBeCloseTo(nib, 9);
      }),
    );
  }
});

it('a nib of 3 mm stands three dots of √2 nib widths tall in the court hand', () => {
  expect(bodyBy('court', 3)).toBeCloseTo(12.728, 3);
});
