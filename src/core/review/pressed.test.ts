import { describe, expect, it } from 'vitest';
import { bar } from '../../../tests/support/review/edgeInk';
import { filled } from '../raster/fill';
import { emptyGrey, softened } from '../raster/grey';
import { aligned, laid } from './align';
import { hairlineOf } from './hairline';
import { paleMiddle } from './rails';
import { topsOf } from './shadeTops';
import { stemsOf } from './stems';

const BODY = 100;
const BASELINE = 140;
const size = [200, 180] as const;
const shade = { top: BASELINE - 1.2 * BODY, bottom: BASELINE, width: 14 };

describe('the thinnest lines of some ink', () => {
  it('count as fine as they are, finer than a pixel too, blurred or not, whichever way they go', () => {
    for (const width of [0.6, 1.5, 3]) {
      const upright = filled([bar(60, { top: 20, bottom: 150, width })], ...size);
      const level = filled(
        [
          [
            [20, 80],
            [160, 80],
            [160, 80 + width],
            [20, 80 + width],
          ],
        ],
        ...size,
      );
      for (const ink of [upright, level, softened(upright), softened(level)]) {
        expect(Math.abs((hairlineOf(ink) ?? 0) - width)).toBeLessThan(0.2);
      }
    }
  });

  it('are told beside shades, and not at all of a speck', () => {
    const both = filled([bar(60, shade), bar(120, { ...shade, width: 2 })], ...size);
    expect(hairlineOf(both)).toBeCloseTo(2, 0);
    expect(hairlineOf(filled([bar(60, { top: 50, bottom: 55, width: 3 })], ...size))).toBeUndefined();
    expect(hairlineOf(emptyGrey(...size))).toBeUndefined();
  });
});

describe('tops of shades', () => {
  const stems = [{ x: 60, slope: 0, width: 14, rows: 60, ragged: 0 }];
  const of = (...polygons: Parameters<typeof filled>[0]) =>
    topsOf(filled(polygons, ...size), BASELINE, BODY, stems)[0];

  it('are at once full where they are cut square, and later the longer their point is', () => {
    const pointed = (length: number) =>
      of(bar(60, { ...shade, top: shade.top + length }), [
        [60, shade.top],
        [60, shade.top],
        [67, shade.top + length],
        [53, shade.top + length],
      ]);
    expect(of(bar(60, shade))).toBeLessThan(0.1);
    const [short, long] = [pointed(10) ?? 0, pointed(25) ?? 0];
    expect(short).toBeGreaterThan(0.2);
    expect(long).toBeGreaterThan(short + 0.3);
  });

  it('are none where the shade runs into another stroke, or is too thin to have one', () => {
    const roof = [
      [10, shade.top - 40],
      [190, shade.top - 40],
      [190, shade.top + 10],
      [10, shade.top + 10],
    ] as const;
    expect(of(bar(60, shade), roof)).toBeUndefined();
    const thin = [{ x: 60, slope: 0, width: 5, rows: 60, ragged: 0 }];
    expect(topsOf(filled([bar(60, shade)], ...size), BASELINE, BODY, thin)).toEqual([]);
  });
});

describe('the middle of shades', () => {
  /** A shade whose middle third is paler by a share, against a model that is black. */
  const paler = (by: number) => {
    const black = filled([bar(60, shade)], ...size);
    const white = filled([bar(60, { ...shade, width: shade.width / 3 })], ...size);
    const ink = { ...black, data: black.data.map((value, i) => value - by * (white.data[i] as number)) };
    const inked = { ink: black, baseline: BASELINE, origin: 0 };
    const model = laid(inked, BODY, 0);
    const seen = laid({ ...inked, ink }, BODY, 0);
    const stems = stemsOf(black, BASELINE, BODY, 0);
    return paleMiddle({ ...inked, ink }, stems, BODY, model, seen, aligned(model, seen));
  };

  it('is as pale as it is, and of full ink not pale', () => {
    expect(paler(0)).toBeLessThan(0.03);
    expect(Math.abs((paler(0.4) ?? 0) - 0.4)).toBeLessThan(0.1);
    expect(Math.abs((paler(0.9) ?? 0) - 0.9)).toBeLessThan(0.15);
  });
});
