import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { filled } from '@/core/raster/fill';
import { softened } from '@/core/raster/grey';
import { hairlineOf } from '@/core/review/hairline';
import { topsOf } from '@/core/review/shadeTops';
import type { Stem } from '@/core/review/stems';
import { besideOf } from '@/core/review/stemsBeside';

const SIZE = 200;
type Points = [number, number][];

/** A line from one point to another, so wide. */
function line([x0, y0]: [number, number], [x1, y1]: [number, number], width: number): Points {
  const length = Math.hypot(x1 - x0, y1 - y0);
  const [nx, ny] = [((y1 - y0) / length) * (width / 2), ((x0 - x1) / length) * (width / 2)];
  return [
    [x0 + nx, y0 + ny],
    [x1 + nx, y1 + ny],
    [x1 - nx, y1 - ny],
    [x0 - nx, y0 - ny],
  ];
}

describe('the thinnest lines of some ink', () => {
  it('are as thick as they were drawn, in every direction, beside strokes of any width', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.2, max: 5, noNaN: true }),
        fc.constantFrom(0, 45, 90, 135),
        (width, direction) => {
          const [dx, dy] = [
            60 * Math.cos((direction * Math.PI) / 180),
            60 * Math.sin((direction * Math.PI) / 180),
          ];
          const thin = line([70 - dx, 100 - dy], [70 + dx, 100 + dy], width);
          const thick = line([160, 120], [160, 160], 24);
          const found = hairlineOf(softened(filled([thin, thick], SIZE, SIZE))) ?? Number.NaN;
          // Edges lie on quarters of pixels.
          expect(Math.abs(found - width)).toBeLessThan(0.3 + 0.06 * width);
        },
      ),
    );
  });

  it('of next to no ink there are none', () => {
    expect(hairlineOf(filled([], 30, 30))).toBeUndefined();
    expect(hairlineOf(filled([line([5, 5], [9, 5], 2)], 30, 30))).toBeUndefined();
  });
});

describe('tops of shades', () => {
  const [baseline, body] = [180, 120];
  const stem: Stem = { x: 100, slope: 0, width: 20, rows: 60, ragged: 0 };
  /** A shade that is a point at its top, and full so far down, in shares of its width. */
  const shade = (taper: number): Points => [
    [100 - (taper > 0 ? 0.5 : 10), 60],
    [100 + (taper > 0 ? 0.5 : 10), 60],
    [110, 60 + taper * 20],
    [110, 180],
    [90, 180],
    [90, 60 + taper * 20],
  ];

  it('are told by how soon they are full', () => {
    const [square = Number.NaN] = topsOf(filled([shade(0)], SIZE, SIZE), baseline, body, [stem]);
    expect(square).toBeLessThan(0.15);
    fc.assert(
      fc.property(fc.double({ min: 0.4, max: 1.6, noNaN: true }), (taper) => {
        const [found = Number.NaN] = topsOf(filled([shade(taper)], SIZE, SIZE), baseline, body, [stem]);
        // From 30 % to 85 % of the width.
        expect(Math.abs(found - 0.55 * taper)).toBeLessThan(0.12);
      }),
    );
  });

  it('that run into another stroke, or of a shade too narrow, are none', () => {
    const bar: Points = [
      [60, 0],
      [140, 0],
      [140, 70],
      [60, 70],
    ];
    expect(topsOf(filled([shade(0), bar], SIZE, SIZE), baseline, body, [stem])).toEqual([]);
    expect(topsOf(filled([shade(0)], SIZE, SIZE), baseline, body, [{ ...stem, width: 4 }])).toEqual([]);
  });
});

describe('stems of a letter beside one another', () => {
  const stem = (x: number, slope: number, width = 20): Stem => ({ x, slope, width, rows: 60, ragged: 0 });
  const model = [stem(20, 5), stem(80, 6)];

  it('tell how far they are out of parallel beyond the model, and how wide the white is beside the model’s', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -8, max: 8, noNaN: true }),
        fc.double({ min: -15, max: 15, noNaN: true }),
        fc.double({ min: 10, max: 30, noNaN: true }),
        (splay, wider, width) => {
          const own = [stem(20, 9, width), stem(80 + wider, 10 + splay, width)];
          const beside = besideOf(own, model);
          expect(beside?.splay).toBeCloseTo(splay, 6);
          expect(beside?.counter).toBeCloseTo((60 + wider - width) / 40, 6);
        },
      ),
    );
  });

  it('say nothing where there is only one, or not as many as in the model', () => {
    expect(besideOf([stem(20, 5)], [stem(20, 5)])).toBeUndefined();
    expect(besideOf([...model, stem(120, 5)], model)).toBeUndefined();
    expect(besideOf([], [])).toBeUndefined();
  });
});
