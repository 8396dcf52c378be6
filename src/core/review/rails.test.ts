import { describe, expect, it } from 'vitest';
import { bar } from '../../../tests/support/review/edgeInk';
import { filled } from '../raster/fill';
import { aligned, laid } from './align';
import { paleMiddle } from './rails';
import { stemsOf } from './stems';

const BODY = 100;
const BASELINE = 140;
const size = [200, 180] as const;
const shade = { top: BASELINE - 1.2 * BODY, bottom: BASELINE, width: 14 };

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
