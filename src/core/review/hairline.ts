import type { Grey } from '../raster/grey';

/** Steps across, down and on both diagonals, and how long each is in pixels. */
const WAYS = [
  [1, 0, 1],
  [0, 1, 1],
  [1, 1, Math.SQRT2],
  [1, -1, Math.SQRT2],
] as const;
/** Coverage below which a pixel is paper. */
const PAPER = 0.12;
/** Quantile of a letter's ridges that counts as its thinnest lines (trial). */
const LOW = 0.3;
/** Minimum number of ridges for a result. */
const LEAST = 12;

/**
 * How thick the thinnest lines of some ink are, in pixels: coverage is summed straight across every stroke in the way in which it is
 * narrowest there, so that lines finer than a pixel count as fine as they are. Blur widens them and pales them alike.
 */
export function hairlineOf(ink: Grey): number | undefined {
  const { width, height, data } = ink;
  const narrowest = new Float32Array(data.length).fill(Number.POSITIVE_INFINITY);
  for (const [dx, dy, step] of WAYS) {
    for (let y = 0; y < height; y++) {
      for (let x = 0; x < width; x++) {
        const i = y * width + x;
        // A run begins where the preceding pixel is paper or outside the picture.
        if ((data[i] as number) < PAPER || inkAt(x - dx, y - dy) >= PAPER) continue;
        let [sum, most, middle] = [0, 0, i];
        for (let px = x, py = y; inkAt(px, py) >= PAPER; px += dx, py += dy) {
          const value = inkAt(px, py);
          sum += value;
          if (value > most) {
            most = value;
            middle = py * width + px;
          }
        }
        narrowest[middle] = Math.min(narrowest[middle] as number, sum * step);
      }
    }
  }
  const ridges = narrowest.filter((thick) => thick < Number.POSITIVE_INFINITY).sort();
  return ridges.length < LEAST ? undefined : ridges[Math.floor(LOW * ridges.length)];

  function inkAt(x: number, y: number): number {
    return x < 0 || y < 0 || x >= width || y >= height ? 0 : (data[y * width + x] as number);
  }
}
