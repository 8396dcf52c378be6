import { median } from '../measure/statistics';
import { componentsOf } from '../raster/components';
import type { Bytes } from '../raster/grey';
import type { Point } from './homography';

/** Something that looks like a ring mark: its middle in pixels of the picture, and the outer radius of its ring. */
export interface RingSeen {
  readonly at: Point;
  readonly radius: number;
}

/** Longest side of the small picture that rings are looked for in, in pixels. */
const SMALL = 1700;
/** Side of the window whose mean a pixel is compared with, and how dark it must be against it. */
const WINDOW = 45;
const DARK = 0.78;
/**
 * Minimum and maximum width of a dot, in pixels of the reduced picture, and the range of the fraction of its box that it fills (a disc
 * fills π/4).
 */
const LEAST_DOT = 3;
const MOST_DOT = 60;
const LEAST_FILL = 0.55;
const MOST_SHAPE = 1.9;
/** Number of directions probed from the centre of a dot, and the minimum in which white, ring and white follow each other. */
const DIRECTIONS = 24;
const ENOUGH = 20;
/** Radii of the white, of the ring and of its outside, as multiples of the dot's (nominal 1, 2, 2.7; blur and tilt allowed). */
const GAP_RATIO = { low: 1.25, high: 3 } as const;
const RING_RATIO = { low: 1.8, high: 4 } as const;

/** A picture reduced by an integer factor: the mean of each block. */
function smallOf(picture: Bytes): { readonly small: Bytes; readonly times: number } {
  const times = Math.max(1, Math.ceil(Math.max(picture.width, picture.height) / SMALL));
  if (times === 1) return { small: picture, times };
  const [width, height] = [Math.floor(picture.width / times), Math.floor(picture.height / times)];
  const data = new Uint8Array(width * height);
  const sums = new Uint32Array(width);
  const share = 1 / (times * times);
  for (let y = 0; y < height; y++) {
    sums.fill(0);
    for (let k = 0; k < times; k++) {
      let at = (y * times + k) * picture.width;
      for (let x = 0; x < width; x++) {
        let sum = 0;
        for (let j = 0; j < times; j++) sum += picture.data[at++] as number;
        sums[x] = (sums[x] as number) + sum;
      }
    }
    for (let x = 0; x < width; x++) data[y * width + x] = (sums[x] as number) * share;
  }
  return { small: { width, height, data }, times };
}

/** Pixels darker than their surroundings. */
function darkOf({ width, height, data }: Bytes): Uint8Array {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += data[y * width + x] as number;
      sums[(y + 1) * (width + 1) + x + 1] = (sums[y * (width + 1) + x + 1] as number) + row;
    }
  }
  const dark = new Uint8Array(width * height);
  const half = WINDOW >> 1;
  for (let y = 0; y < height; y++) {
    const [y0, y1] = [Math.max(0, y - half), Math.min(height, y + half + 1)];
    for (let x = 0; x < width; x++) {
      const [x0, x1] = [Math.max(0, x - half), Math.min(width, x + half + 1)];
      const sum =
        (sums[y1 * (width + 1) + x1] as number) -
        (sums[y0 * (width + 1) + x1] as number) -
        (sums[y1 * (width + 1) + x0] as number) +
        (sums[y0 * (width + 1) + x0] as number);
      const mean = sum / ((x1 - x0) * (y1 - y0));
      if ((data[y * width + x] as number) < DARK * mean) dark[y * width + x] = 1;
    }
  }
  return dark;
}

/** Along one direction from a dot's middle: where white begins, the ring begins, and it ends; undefined where they do not. */
function radiiAlong(
  dark: Uint8Array,
  width: number,
  height: number,
  [cx, cy]: Point,
  angle: number,
  reach: number,
): [number, number, number] | undefined {
  const [dx, dy] = [Math.cos(angle), Math.sin(angle)];
  const changes: number[] = [];
  let was = true;
  for (let r = 0; r < reach; r += 0.5) {
    const [x, y] = [Math.floor(cx + r * dx), Math.floor(cy + r * dy)];
    if (x < 0 || y < 0 || x >= width || y >= height) return undefined;
    const is = dark[y * width + x] === 1;
    if (is !== was) {
      changes.push(r);
      was = is;
      if (changes.length === 3) return changes as [number, number, number];
    }
  }
  return undefined;
}

/** Everything in a picture that looks like a ring mark, including the corner squares of a code, which are told apart by their places. */
export function ringsIn(picture: Bytes): RingSeen[] {
  const { small, times } = smallOf(picture);
  const dark = darkOf(small);
  const { width, height } = small;
  const seen: RingSeen[] = [];
  for (const { left, top, right, bottom, area } of componentsOf(dark, width, height).components) {
    const [w, h] = [right - left, bottom - top];
    if (w < LEAST_DOT || h < LEAST_DOT || w > MOST_DOT || h > MOST_DOT) continue;
    if (Math.max(w, h) / Math.min(w, h) > MOST_SHAPE || area < LEAST_FILL * w * h) continue;
    const centre: Point = [(left + right) / 2, (top + bottom) / 2];
    const dot = Math.sqrt(area / Math.PI);
    const found: number[] = [];
    for (let i = 0; i < DIRECTIONS; i++) {
      const radii = radiiAlong(dark, width, height, centre, (i * 2 * Math.PI) / DIRECTIONS, 5 * dot + 3);
      if (!radii) continue;
      const [first, second, third] = radii;
      const inner = Math.max(1, first);
      if (second / inner < GAP_RATIO.low || second / inner > GAP_RATIO.high) continue;
      if (third / inner < RING_RATIO.low || third / inner > RING_RATIO.high) continue;
      found.push(third);
    }
    if (found.length < ENOUGH) continue;
    const radius = median(found) * times;
    seen.push({ at: refined(picture, [centre[0] * times, centre[1] * times], radius), radius });
  }
  return seen;
}

/** Margin around a ring that is included in the centroid, as a fraction of its radius: it is white and weighs nothing. */
const AROUND = 1.2;

/** The middle of a mark: the centroid of its darkness, taken twice, from whole pixels of the picture. */
function refined({ width, height, data }: Bytes, [cx, cy]: Point, radius: number): Point {
  let [x, y] = [cx, cy];
  for (let turn = 0; turn < 2; turn++) {
    const reach = radius * AROUND;
    const [x0, x1] = [Math.max(0, Math.floor(x - reach)), Math.min(width, Math.ceil(x + reach))];
    const [y0, y1] = [Math.max(0, Math.floor(y - reach)), Math.min(height, Math.ceil(y + reach))];
    let white = 0;
    for (let py = y0; py < y1; py++) {
      for (let px = x0; px < x1; px++) white = Math.max(white, data[py * width + px] as number);
    }
    const paper = 0.9 * white;
    let [sum, sx, sy] = [0, 0, 0];
    for (let py = y0; py < y1; py++) {
      for (let px = x0; px < x1; px++) {
        if (Math.hypot(px + 0.5 - x, py + 0.5 - y) > reach) continue;
        const weight = Math.max(0, paper - (data[py * width + px] as number));
        sum += weight;
        sx += weight * (px + 0.5);
        sy += weight * (py + 0.5);
      }
    }
    if (sum === 0) return [x, y];
    [x, y] = [sx / sum, sy / sum];
  }
  return [x, y];
}
