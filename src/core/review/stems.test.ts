import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bar } from '../../../tests/support/review/edgeInk';
import { filled } from '../raster/fill';
import { softened } from '../raster/grey';
import { stemsOf } from './stems';

const BODY = 100;
const BASELINE = 130;
const WIDTH = 300;
const HEIGHT = 170;
const inked = (...polygons: Parameters<typeof filled>[0]) => softened(filled(polygons, WIDTH, HEIGHT));
const degrees = (tangent: number) => (Math.atan(tangent) * 180) / Math.PI;

describe('stems', () => {
  it('are found where they stand at half the body, with their lean and their width', () => {
    const stem = fc.record({
      x: fc.double({ min: 60, max: 110, noNaN: true }),
      apart: fc.double({ min: 45, max: 120, noNaN: true }),
      lean: fc.double({ min: -0.05, max: 0.25, noNaN: true }),
      width: fc.double({ min: 9, max: 26, noNaN: true }),
    });
    fc.assert(
      fc.property(stem, ({ x, apart, lean, width }) => {
        const each = { top: BASELINE - BODY, bottom: BASELINE, width, lean };
        const found = stemsOf(inked(bar(x, each), bar(x + apart, each)), BASELINE, BODY, 0.1);
        expect(found.map(({ x: at }) => Math.round((at - lean * (BODY / 2)) * 2) / 2)).toEqual([
          expect.closeTo(x, 0),
          expect.closeTo(x + apart, 0),
        ]);
        for (const one of found) {
          expect(Math.abs(one.slope - degrees(lean))).toBeLessThan(0.5);
          expect(Math.abs(one.width - width)).toBeLessThan(0.5);
          expect(one.ragged).toBeLessThan(0.3);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('are not sides of a bow, nor strokes that taper, nor short ones', () => {
    // A bow: its sides are bent by a tenth of its height.
    const bow = Array.from({ length: 20 }, (_, i) => {
      const at = (t: number) => 80 - 40 * Math.sin(Math.PI * t);
      const [a, b] = [i / 20, (i + 1) / 20];
      const y = (t: number) => BASELINE - BODY + BODY * t;
      return [
        [at(a) - 8, y(a)],
        [at(a) + 8, y(a)],
        [at(b) + 8, y(b)],
        [at(b) - 8, y(b)],
      ] as const;
    });
    expect(stemsOf(inked(...bow), BASELINE, BODY, 0)).toEqual([]);
    const taper = [
      [70, BASELINE - BODY],
      [100, BASELINE - BODY],
      [90, BASELINE],
      [80, BASELINE],
    ] as const;
    expect(stemsOf(inked(taper), BASELINE, BODY, 0)).toEqual([]);
    const short = bar(80, { top: BASELINE - 0.5 * BODY, bottom: BASELINE - 0.3 * BODY, width: 16 });
    expect(stemsOf(inked(short), BASELINE, BODY, 0)).toEqual([]);
  });

  it('are one where a bar crosses them, and two where they stand apart', () => {
    const [head, foot] = [
      { top: BASELINE - BODY, bottom: BASELINE - 0.5 * BODY, width: 16 },
      { top: BASELINE - 0.45 * BODY, bottom: BASELINE, width: 16 },
    ];
    const arm = bar(100, { top: head.bottom, bottom: foot.top, width: 60 });
    const crossed = stemsOf(inked(bar(80, head), arm, bar(80, foot)), BASELINE, BODY, 0);
    expect(crossed.map(({ x }) => Math.round(x))).toEqual([80]);
    const apart = stemsOf(inked(bar(80, head), bar(110, foot)), BASELINE, BODY, 0);
    expect(apart.map(({ x }) => Math.round(x))).toEqual([80, 110]);
  });

  it('are as ragged as their edges are', () => {
    const rough = (by: number) => {
      const steps = Array.from({ length: BODY / 2 }, (_, i) => {
        const width = 16 + (i % 2 === 0 ? by : -by);
        const top = BASELINE - BODY + 2 * i;
        return bar(80, { top, bottom: top + 2, width });
      });
      return stemsOf(inked(...steps), BASELINE, BODY, 0)[0]?.ragged ?? Number.NaN;
    };
    expect(rough(0)).toBeLessThan(0.02);
    expect(rough(2)).toBeGreaterThan(0.3);
    expect(rough(3)).toBeGreaterThan(rough(2));
  });
});
