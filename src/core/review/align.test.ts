import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { filled } from '../raster/fill';
import { emptyGrey } from '../raster/grey';
import { aligned, carried, extentOf, laid } from './align';

const BODY = 80;
const BASELINE = 130;
const size = [220, 170] as const;

/** An n of bars about a middle: two stems and a roof, made wider, taller, leant and moved. */
function letter({ width = 1, height = 1, lean = 0, right = 0, up = 0 } = {}) {
  const place = ([x, over]: readonly [number, number]): readonly [number, number] => {
    const upward = over * height + up;
    return [100 + x * width + upward * lean + right, BASELINE - upward];
  };
  const box = (left: number, end: number, low: number, high: number) =>
    (
      [
        [left, high],
        [end, high],
        [end, low],
        [left, low],
      ] as const
    ).map(place);
  const ink = filled([box(-28, -14, 0, 80), box(14, 28, 0, 80), box(-28, 28, 66, 80)], ...size);
  return laid({ ink, baseline: BASELINE, origin: 0 }, BODY, 0);
}
const model = letter();

describe('a model laid on ink', () => {
  it('is found again whether the ink was made wider, taller, leant or moved', () => {
    const by = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    const change = fc.oneof(
      by(0.8, 1.25).map((width) => ({ width })),
      by(0.97, 1.04).map((height) => ({ height })),
      by(-0.12, 0.12).map((lean) => ({ lean })),
      fc.record({ right: by(-6, 6), up: by(-5, 5) }),
    );
    const unchanged = { width: 1, height: 1, lean: 0, up: 0 };
    fc.assert(
      fc.property(change, (changed) => {
        const made = { ...unchanged, ...changed };
        const found = aligned(model, letter(made));
        expect(found.overlap).toBeGreaterThan(0.88);
        expect(Math.abs(found.width - made.width)).toBeLessThan(0.05);
        expect(Math.abs(found.height - made.height)).toBeLessThan(0.05);
        expect(Math.abs(found.lean - made.lean)).toBeLessThan(0.05);
        expect(Math.abs(found.up - made.up)).toBeLessThan(2.5);
      }),
      { numRuns: 60 },
    );
  });

  it('carries its points to where they lie on the ink', () => {
    const made = { width: 1.2, height: 1.1, lean: 0.08, right: 4, up: 3 };
    const seen = letter(made);
    const found = aligned(model, seen);
    // The foot of the right stem, and its head.
    for (const [x, over] of [
      [121, 0],
      [121, 80],
    ] as const) {
      const [px, up] = carried(model, seen, found, [x, over]);
      const upward = over * made.height + made.up;
      expect(Math.abs(px - (100 + (x - 100) * made.width + upward * made.lean + made.right))).toBeLessThan(2);
      expect(Math.abs(up - upward)).toBeLessThan(2.5);
    }
  });

  it('shares nothing with white, and all with itself', () => {
    const white = laid({ ink: emptyGrey(...size), baseline: BASELINE, origin: 0 }, BODY, 0);
    expect(aligned(model, white).overlap).toBe(0);
    expect(aligned(white, model).overlap).toBe(0);
    expect(aligned(model, model).overlap).toBeCloseTo(1, 3);
    expect(extentOf(white.small)).toEqual({ left: white.small.width, right: -1 });
  });
});
