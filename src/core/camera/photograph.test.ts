import { describe, expect, it } from 'vitest';
import { type Colours, inked, photograph, type Shot, withNoise } from './photograph';

/** A white page of 40 × 60 mm at 10 pixels a mm, its left half red, with a black square of 4 mm in its middle. */
const PER_MM = 10;
const page: Colours = { width: 400, height: 600, data: new Uint8Array(400 * 600 * 3).fill(255) };
for (let y = 0; y < 600; y++) {
  for (let x = 0; x < 400; x++) {
    const at = (y * 400 + x) * 3;
    if (x < 200) page.data.fill(40, at + 1, at + 3);
    if (Math.abs(x + 0.5 - 200) < 20 && Math.abs(y + 0.5 - 300) < 20) page.data.fill(0, at, at + 3);
  }
}
const above: Shot = {
  seed: 1,
  width: 300,
  height: 420,
  perMm: 5,
  tilt: 0,
  towards: 0,
  turn: 0,
  off: [0, 0],
  lens: 0,
  curl: 0,
  blur: 0,
  noise: 0,
  light: 1,
  lightFrom: 0,
  desk: 60,
};
const taken = (change: Partial<Shot> = {}) => photograph(page, PER_MM, { ...above, ...change });
const pixel = ({ width, data }: Colours, x: number, y: number) => [
  ...data.subarray(
    (Math.round(y) * width + Math.round(x)) * 3,
    (Math.round(y) * width + Math.round(x)) * 3 + 3,
  ),
];
const isDark = (levels: number[]) => Math.max(...levels) < 30;
/** The middle of what is black. */
function square({ width, height, data }: Colours): readonly [number, number, number] {
  let [sum, sx, sy] = [0, 0, 0];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      if ((data[(y * width + x) * 3] as number) > 30) continue;
      sum += 1;
      sx += x + 0.5;
      sy += y + 0.5;
    }
  }
  return [sx / sum, sy / sum, sum];
}

describe('the simulated camera', () => {
  it('sees a page from straight above to scale, in its middle, on a desk', () => {
    const [x, y, count] = square(taken());
    expect([x, y]).toEqual([expect.closeTo(150, 0), expect.closeTo(210, 0)]);
    // 4 mm at 5 pixels a mm, twenty pixels a side.
    expect(Math.abs(count - 400)).toBeLessThan(45);
    expect(pixel(taken(), 100, 210)[0]).toBeGreaterThan(230);
    expect(pixel(taken(), 100, 210)[2]).toBeLessThan(60);
    expect(pixel(taken(), 10, 210)[0]).toBeLessThan(80);
  });

  it('turned by a quarter sees it on its side; moved, elsewhere', () => {
    const turned = taken({ width: 420, height: 300, turn: 90 });
    const [red, other] = [pixel(turned, 210, 60), pixel(turned, 210, 240)].sort(
      (a, b) => (a[2] ?? 0) - (b[2] ?? 0),
    );
    expect(red?.[2]).toBeLessThan(60);
    expect(other?.[2]).toBeGreaterThan(200);
    const [x, y] = square(taken({ off: [4, -6] }));
    expect([x, y]).toEqual([expect.closeTo(150 - 20, 0), expect.closeTo(210 + 30, 0)]);
  });

  it('leaning sees one end of the page wider than the other, which way it leans', () => {
    /** How wide the page is in a row of the picture: the desk is dim. */
    const wide = (picture: Colours, y: number) =>
      Array.from({ length: picture.width }, (_, x) => pixel(picture, x, y)[0] ?? 0).filter(
        (level) => level > 150,
      ).length;
    const ends = (towards: number) => {
      const picture = taken({ tilt: 20, towards });
      return wide(picture, 110) / wide(picture, 310);
    };
    expect(wide(taken(), 110)).toBe(wide(taken(), 310));
    expect(Math.abs(ends(90) - 1)).toBeGreaterThan(0.05);
    expect(ends(90) * ends(270)).toBeCloseTo(1, 1);
  });

  it('sees a covered part no more, and dim light dimmer on one side', () => {
    const covered = taken({ covered: { x: 15, y: 25, width: 10, height: 10 } });
    expect(isDark(pixel(covered, 150, 210))).toBe(false);
    const dim = taken({ light: 0.4, lightFrom: 0 });
    expect(pixel(dim, 235, 120)[0]).toBeGreaterThan((pixel(dim, 65, 120)[0] as number) + 40);
  });

  it('has noise of the seed’s own, alike in all channels, as strong as it is asked', () => {
    const grey = () => ({ width: 100, height: 100, data: new Uint8Array(30_000).fill(128) });
    const [one, same, other] = [grey(), grey(), grey()];
    withNoise(one, { seed: 3, noise: 8 });
    withNoise(same, { seed: 3, noise: 8 });
    withNoise(other, { seed: 4, noise: 8 });
    expect(same).toEqual(one);
    expect(other).not.toEqual(one);
    const levels = [...one.data].filter((_, i) => i % 3 === 0).map((level) => level - 128);
    const deviation = Math.sqrt(levels.reduce((sum, off) => sum + off * off, 0) / levels.length);
    expect(deviation / 8).toBeGreaterThan(0.85);
    expect(deviation / 8).toBeLessThan(1.15);
    expect(one.data[1]).toBe(one.data[0]);
    const still = grey();
    withNoise(still, { seed: 3, noise: 0 });
    expect(still).toEqual(grey());
  });
});

describe('ink on a printed page', () => {
  it('covers what is under it as far as it covers, in its colour, and leaves the print alone', () => {
    const ink = { width: 400, height: 600, data: new Uint8Array(400 * 600) };
    ink.data[0] = 255;
    ink.data[399] = 128;
    const written = inked(page, ink, [0.1, 0.2, 0.3]);
    // Of the red half of the page what the ink leaves of red, green and blue.
    for (const [channel, left] of [0.1 * 255, 0.2 * 40, 0.3 * 40].entries()) {
      expect(Math.abs((pixel(written, 0, 0)[channel] ?? 0) - left)).toBeLessThanOrEqual(1);
    }
    const half = pixel(written, 399, 0);
    expect(half[0]).toBeGreaterThan(135);
    expect(half[0]).toBeLessThan(145);
    expect(pixel(written, 200, 100)).toEqual(pixel(page, 200, 100));
    expect(page.data[0]).toBe(255);
  });
});
