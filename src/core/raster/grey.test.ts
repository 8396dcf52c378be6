import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOf, cropped, emptyGrey, type Grey, sampleAt, shrunk, softened } from './grey';

const WIDTH = 7;
const HEIGHT = 5;
const picture = fc
  .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: WIDTH * HEIGHT, maxLength: WIDTH * HEIGHT })
  .map((values): Grey => ({ width: WIDTH, height: HEIGHT, data: Float32Array.from(values) }));
const at = ({ width, data }: Grey, x: number, y: number) => data[y * width + x] as number;

describe('a picture', () => {
  it('has a pixel’s own value in its middle, and goes straight to the next one’s', () => {
    const place = fc.record({
      x: fc.integer({ min: 0, max: WIDTH - 2 }),
      y: fc.integer({ min: 0, max: HEIGHT - 1 }),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
    });
    fc.assert(
      fc.property(picture, place, (grey, { x, y, share }) => {
        expect(sampleAt(grey, x + 0.5, y + 0.5)).toBeCloseTo(at(grey, x, y), 6);
        const between = at(grey, x, y) * (1 - share) + at(grey, x + 1, y) * share;
        expect(sampleAt(grey, x + 0.5 + share, y + 0.5)).toBeCloseTo(between, 6);
      }),
    );
  });

  it('goes on beyond its border as it ends there', () => {
    fc.assert(
      fc.property(picture, fc.double({ min: 0, max: 50, noNaN: true }), (grey, far) => {
        expect(sampleAt(grey, -far, 2.5)).toBeCloseTo(at(grey, 0, 2), 6);
        expect(sampleAt(grey, 3.5, HEIGHT + far)).toBeCloseTo(at(grey, 3, HEIGHT - 1), 6);
      }),
    );
  });

  it('softened keeps its ink and what is even, and spreads a point by ¼ ½ ¼ both ways', () => {
    const point = emptyGrey(5, 5);
    point.data[12] = 1;
    const soft = softened(point);
    expect([6, 7, 8, 11, 12, 13, 16, 17, 18].map((i) => soft.data[i])).toEqual([
      1 / 16,
      1 / 8,
      1 / 16,
      1 / 8,
      1 / 4,
      1 / 8,
      1 / 16,
      1 / 8,
      1 / 16,
    ]);
    fc.assert(
      fc.property(picture, (grey) => {
        expect(areaOf(softened(grey))).toBeCloseTo(areaOf(grey), 4);
      }),
    );
  });

  it('shrunk is the mean of its blocks: no ink is lost but at the ends of a block that is not full', () => {
    const grey = emptyGrey(4, 2);
    grey.data.set([1, 0, 0.5, 0.5, 0, 0, 1, 1]);
    const small = shrunk(grey, 2);
    expect([small.width, small.height, ...small.data]).toEqual([2, 1, 0.25, 0.75]);
    expect(shrunk(grey, 1)).toBe(grey);
    // What is over at the right and below counts as white.
    expect([...shrunk(grey, 3).data].map((value) => Math.round(value * 18))).toEqual([5, 3]);
  });

  it('cropped is its own part, and white where it has none', () => {
    const box = fc.record({
      left: fc.integer({ min: -9, max: 9 }),
      top: fc.integer({ min: -9, max: 9 }),
      width: fc.integer({ min: 1, max: 9 }),
      height: fc.integer({ min: 1, max: 9 }),
    });
    fc.assert(
      fc.property(picture, box, (grey, { left, top, width, height }) => {
        const cut = cropped(grey, left, top, width, height);
        for (let y = 0; y < height; y++) {
          for (let x = 0; x < width; x++) {
            const [ox, oy] = [x + left, y + top];
            const inside = ox >= 0 && oy >= 0 && ox < WIDTH && oy < HEIGHT;
            expect(at(cut, x, y)).toBe(inside ? at(grey, ox, oy) : 0);
          }
        }
      }),
    );
  });
});
