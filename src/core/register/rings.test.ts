import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { RING } from '../page/marks';
import { filled } from '../raster/fill';
import type { Bytes } from '../raster/grey';
import { ringsIn } from './rings';

type Point = readonly [number, number];

const round = ([x, y]: Point, radius: number, squash = 1): Point[] =>
  Array.from({ length: 48 }, (_, i) => {
    const angle = (i / 24) * Math.PI;
    return [x + radius * Math.cos(angle), y + radius * squash * Math.sin(angle)];
  });

/** A picture of marks as they are printed, so many pixels a mm; `paper` is the level of what is white, from place to place. */
function pictureOf(
  size: readonly [number, number],
  marks: readonly Point[],
  perMm: number,
  { squash = 1, paper = (_x: number) => 235 }: { squash?: number; paper?: (x: number) => number } = {},
): Bytes {
  const [width, height] = size;
  const at = (radius: number) => marks.map((mark) => round(mark, radius * perMm, squash));
  const [outer, inner, dot] = [RING.radius + RING.line / 2, RING.radius - RING.line / 2, RING.dot].map(
    (radius) => filled(at(radius), width, height).data,
  ) as [Float32Array, Float32Array, Float32Array];
  const data = Uint8Array.from(outer, (value, i) => {
    const ink = value - (inner[i] as number) + (dot[i] as number);
    return paper(i % width) * (1 - 0.9 * Math.max(0, Math.min(1, ink)));
  });
  return { width, height, data };
}
const sorted = (seen: readonly { readonly at: Point }[]) =>
  seen.map(({ at }) => at).sort((a, b) => a[0] - b[0]);

describe('ring marks in a picture', () => {
  it('are seen to a twentieth of a pixel, with the radius of their line', () => {
    const mark = fc.record({
      x: fc.double({ min: 60, max: 240, noNaN: true }),
      y: fc.double({ min: 60, max: 140, noNaN: true }),
      perMm: fc.double({ min: 4, max: 13, noNaN: true }),
    });
    fc.assert(
      fc.property(mark, ({ x, y, perMm }) => {
        const [seen, ...others] = ringsIn(pictureOf([300, 200], [[x, y]], perMm));
        expect(others).toEqual([]);
        expect(Math.hypot((seen?.at[0] ?? 0) - x, (seen?.at[1] ?? 0) - y)).toBeLessThan(0.05);
        // To the outside of its line, about.
        const radius = (RING.radius + RING.line / 2) * perMm;
        expect(Math.abs((seen?.radius ?? 0) / radius - 1)).toBeLessThan(0.12);
      }),
      { numRuns: 40 },
    );
  });

  it('are seen tilted, in falling light, and each by itself', () => {
    const marks: Point[] = [
      [70, 80],
      [200, 100],
      [330, 60],
    ];
    const dim = (x: number) => 230 - 0.4 * x;
    const seen = ringsIn(pictureOf([400, 180], marks, 7, { squash: 0.8, paper: dim }));
    expect(sorted(seen)).toEqual(marks.map(([x, y]) => [expect.closeTo(x, 0), expect.closeTo(y, 0)]));
  });

  it('are found in a picture of many pixels as exactly as in a small one', () => {
    const mark: Point = [2011.3, 1507.6];
    const [seen] = ringsIn(pictureOf([3800, 2600], [mark], 12));
    expect(Math.hypot((seen?.at[0] ?? 0) - mark[0], (seen?.at[1] ?? 0) - mark[1])).toBeLessThan(0.05);
  });

  it('are not dots, circles, letters or white', () => {
    const white: Bytes = { width: 200, height: 200, data: new Uint8Array(200 * 200).fill(235) };
    expect(ringsIn(white)).toEqual([]);
    const level = (coverage: Float32Array) => Uint8Array.from(coverage, (value) => 235 * (1 - 0.9 * value));
    const dot = filled([round([100, 100], 12)], 200, 200);
    const bars = filled(
      [60, 90, 120].map((x): Point[] => [
        [x, 40],
        [x + 10, 40],
        [x + 10, 160],
        [x, 160],
      ]),
      200,
      200,
    );
    expect(ringsIn({ ...white, data: level(dot.data) })).toEqual([]);
    expect(ringsIn({ ...white, data: level(bars.data) })).toEqual([]);
  });

  it('are not seen where a third of the ring is covered', () => {
    const picture = pictureOf([200, 200], [[100, 100]], 9);
    for (let y = 0; y < 200; y++) picture.data.fill(235, y * 200 + 112, (y + 1) * 200);
    expect(ringsIn(picture)).toEqual([]);
  });
});
