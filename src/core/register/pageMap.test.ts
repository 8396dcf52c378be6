import { describe, expect, it } from 'vitest';
import { ringCentres } from '../page/marks';
import type { Bytes } from '../raster/grey';
import { homographyOf, type Point } from './homography';
import { type MarkedPage, UNIT_MARKS } from './markedPage';
import { PIXELS_PER_MM, pageMapOf, straightened } from './pageMap';

const A6 = { width: 105, height: 148 } as const;
/** A picture of the page from straight above: so many pixels a mm, and its corner so far in. */
const SCALE = 10;
const OFF: Point = [40, 60];
const seenAt = ([x, y]: Point): Point => [OFF[0] + SCALE * x, OFF[1] + SCALE * y];

/** The page with each side mark moved so far, in pixels: a sheet that is curled. */
function marked(moved: readonly Point[] = []): MarkedPage {
  const places = ringCentres(A6).map((mark, i): Point => {
    const [x, y] = seenAt(mark);
    const [dx, dy] = (i >= 4 && moved[i - 4]) || [0, 0];
    return [x + dx, y + dy];
  });
  const map = homographyOf(UNIT_MARKS.slice(0, 4), places.slice(0, 4));
  if (!map) throw new Error('a page has corners');
  return { map, rings: places.map((at) => ({ at, radius: 26 })) };
}
const near = (found: Point, [x, y]: Point) =>
  expect(found).toEqual([expect.closeTo(x, 6), expect.closeTo(y, 6)]);

describe('the map of a page', () => {
  it('that lies flat is its corners’, everywhere, and not bent', () => {
    const map = pageMapOf(marked(), A6);
    for (const point of [
      [0, 0],
      [52.5, 74],
      [105, 148],
      [20, 130],
    ] as const)
      near(map.at(point), seenAt(point));
    expect(map.bent).toBeCloseTo(0, 9);
    expect(map.rings).toBe(8);
  });

  it('that is curled goes through its side marks, leaves its corners, and eases off between', () => {
    const map = pageMapOf(marked([[0, 8]]), A6);
    const [corner, , , , top, , bottom] = ringCentres(A6) as readonly Point[];
    near(map.at(corner as Point), seenAt(corner as Point));
    const [x, y] = seenAt(top as Point);
    near(map.at(top as Point), [x, y + 8]);
    near(map.at(bottom as Point), seenAt(bottom as Point));
    // Half-way down the page it is moved half as far.
    near(map.at([52.5, 74]), [seenAt([52.5, 74])[0], seenAt([52.5, 74])[1] + 4]);
    // A quarter of the way along the side: 1 − s² of a half is three quarters.
    const quarter: Point = [(corner as Point)[0] + (105 - 2 * (corner as Point)[0]) / 4, (top as Point)[1]];
    near(map.at(quarter), [seenAt(quarter)[0], seenAt(quarter)[1] + 6]);
    // One of four marks, by eight pixels of ten a mm.
    expect(map.bent).toBeCloseTo(0.2, 6);
  });

  it('that is bent on every side goes through all eight marks', () => {
    const page = marked([
      [5, -6],
      [-7, 2],
      [3, 4],
      [-2, 9],
    ]);
    const map = pageMapOf(page, A6);
    for (const [i, mark] of ringCentres(A6).entries())
      near(map.at(mark as Point), page.rings[i]?.at as Point);
  });

  it('does without side marks that were not found', () => {
    const { map, rings } = marked([[0, 8]]);
    const found = pageMapOf({ map, rings: rings.map((ring, i) => (i === 4 ? undefined : ring)) }, A6);
    near(found.at([52.5, 74]), seenAt([52.5, 74]));
    expect(found.rings).toBe(7);
  });
});

describe('a page straightened', () => {
  const picture: Bytes = { width: 1150, height: 1600, data: new Uint8Array(1150 * 1600) };
  for (let i = 0; i < picture.data.length; i++) {
    // Dark to the left of the middle of the page, light to the right of it.
    picture.data[i] = (i % 1150) + 0.5 < OFF[0] + SCALE * 52.5 ? 20 : 220;
  }

  it('has everything where it lies on paper, at 300 dots to the inch', () => {
    const steps = straightened(picture, pageMapOf(marked(), A6), A6);
    let told = 0;
    let step = steps.next();
    for (; !step.done; step = steps.next()) {
      expect(step.value).toBeGreaterThanOrEqual(told);
      told = step.value;
    }
    const { width, height, data } = step.value;
    expect([width, height]).toEqual([Math.round(105 * PIXELS_PER_MM), Math.round(148 * PIXELS_PER_MM)]);
    expect(told).toBe(1);
    for (const y of [3, 700, height - 4]) {
      const row = data.subarray(y * width, (y + 1) * width);
      const edge = row.findIndex((level) => level > 120);
      expect(Math.abs(edge / PIXELS_PER_MM - 52.5)).toBeLessThan(0.1);
      expect(row[5]).toBe(20);
      expect(row[width - 6]).toBe(220);
    }
  });
});
