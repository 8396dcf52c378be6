import fc from 'fast-check';
import { beforeAll, describe, expect, it } from 'vitest';
import { freshRecipe } from '@/core/document/defaults';
import { loadAllScripts } from '@/core/hands/scripts';
import { cosDeg, sinDeg } from '@/core/measure/units';
import { type Pen, sweep } from '@/core/pen/pen';
import { compileStroke } from '@/core/pen/stroke';
import { anglesForThickness, fullShade, spreadFor, strokeThickness } from '@/core/pen/thickness';
import { letterUnit, pressedPen, recipeTypeface } from '@/core/setting/settingFace';

beforeAll(loadAllScripts);

/** Length of the strokes measured: much longer than any pen is wide. */
const LENGTH = 30;

/** How far ink reaches across a straight stroke in a direction, as a ruler laid square to it measures it. */
function across(pen: Pen, direction: number): number {
  const stroke = compileStroke({
    name: 'straight',
    knots: [
      { x: 0, y: 0, press: 1 },
      { x: LENGTH * cosDeg(direction), y: LENGTH * sinDeg(direction), line: true },
    ],
  });
  const reach = sweep(pen, stroke)
    .flat()
    .map(([x, y]) => y * cosDeg(direction) - x * sinDeg(direction));
  return Math.max(...reach) - Math.min(...reach);
}

describe('the thickness that is told is that of the ink', () => {
  it('of an edge as long and as thick as it is, in any direction', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 90, noNaN: true }),
        fc.double({ min: 0, max: 360, noNaN: true }),
        fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        (angle, direction, steel) => {
          const pen: Pen = { kind: 'broad', width: 1, steel, angle };
          expect(across(pen, direction)).toBeCloseTo(strokeThickness(1, angle, direction, steel), 6);
        },
      ),
    );
  });

  it('of a point on any slope: the shade asked for, across', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 45, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        fc.double({ min: 2, max: 12, noNaN: true }),
        (slope, shade, contrast) => {
          const hairline = shade / contrast;
          const pen = { kind: 'pointed', spread: spreadFor(shade, hairline, slope), hairline } as const;
          expect(fullShade(pen, slope)).toBeCloseTo(shade, 9);
          // The finest round ends have eight corners, as wide as a circle on average: across their flats 1 − 1.026 · cos 22.5° less.
          expect(Math.abs(across(pen, 270 - slope) - shade)).toBeLessThan(0.053 * hairline);
        },
      ),
    );
  });

  it('of a sheet is the shade it names, across the stroke', () => {
    for (const hand of ['copperplate', 'light-line', 'brush'] as const) {
      const recipe = { ...freshRecipe(hand), width: 0.6 };
      const pen = recipeTypeface(recipe)?.pen;
      if (pen?.kind !== 'pointed') throw new Error('a pressed pen was expected');
      expect(fullShade(pen, recipe.slope) * letterUnit(recipe), hand).toBeCloseTo(0.6, 9);
      expect(pressedPen(recipe).hairline * letterUnit(recipe)).toBeCloseTo(0.6 / recipe.writing.contrast, 9);
    }
  });

  it('of an edge belongs to the nib, whatever its width', () => {
    const thickness = (width: number, edge: number) => {
      const recipe = { ...freshRecipe('italic'), width, edge };
      const pen = recipeTypeface(recipe)?.pen;
      return pen?.kind === 'broad' ? pen.steel * letterUnit(recipe) : undefined;
    };
    expect(thickness(1, 0.1)).toBeCloseTo(0.1, 9);
    expect(thickness(4, 0.1)).toBeCloseTo(0.1, 9);
    expect(thickness(4, 0.3)).toBeCloseTo(0.3, 9);
  });
});

describe('angles for a thickness', () => {
  it('make it, with any edge', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 180, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 0.15, noNaN: true }),
        (direction, fraction, steel) => {
          for (const angle of anglesForThickness(direction, fraction, steel))
            expect(strokeThickness(1, angle, direction, steel)).toBeCloseTo(fraction, 6);
        },
      ),
    );
  });

  it('are the nearest there are where the edge is thicker than what is asked', () => {
    expect(anglesForThickness(90, 0.05, 0.1)).toEqual([90, 90]);
  });
});
