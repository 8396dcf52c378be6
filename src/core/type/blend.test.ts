import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { line, stroke, to } from '../hand/notation';
import { sweep } from '../pen/pen';
import { compileStroke } from '../pen/stroke';
import { blendedInk, isLighter, mixed, touchedLeft } from './blend';

const pen = { kind: 'pointed', spread: 1, hairline: 0.2, tops: 'round' } as const;
const strokes = [
  stroke('down', [to(0, 5, -90), line(0, 0)]),
  stroke('down', [to(3, 5, -90), line(3, 0)]),
].map(compileStroke);
const blend = { touched: '#000000', own: '#ff8800', fade: 4 };

describe('two colours of a brush', () => {
  it('mix as light: the whole of one, the whole of the other, and between them', () => {
    expect(mixed('#123456', '#fedcba', 1)).toBe('#123456');
    expect(mixed('#123456', '#fedcba', 0)).toBe('#fedcba');
    expect(mixed('#000000', '#ffffff', 0.5)).toBe('#bababa');
  });

  it('go from the touched one to the pen’s own, and never back', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (a, b) => {
          const [near, far] = [Math.min(a, b), Math.max(a, b)];
          expect(touchedLeft(far, blend.fade)).toBeLessThanOrEqual(touchedLeft(near, blend.fade));
        },
      ),
    );
    expect(touchedLeft(0, blend.fade)).toBe(1);
    const reds = blendedInk(pen, strokes, blend).map(({ colour }) => Number.parseInt(colour.slice(1, 3), 16));
    expect(reds[0]).toBe(0);
    expect(reds.at(-1)).toBeGreaterThan(200);
    expect(reds).toEqual(reds.toSorted((one, other) => one - other));
  });

  it('know which of two is seen lighter: yellow over blue, though both are one full channel or two', () => {
    expect(isLighter('#ffff00', '#0000ff')).toBe(true);
    expect(isLighter('#0000ff', '#00ff00')).toBe(false);
    expect(isLighter('#123456', '#123456')).toBe(false);
  });

  it('lie on the same ink as one colour does', () => {
    const all = blendedInk(pen, strokes, blend).flatMap(({ polygons }) => polygons);
    expect(all).toEqual(strokes.flatMap((one) => sweep(pen, one)));
  });
});
