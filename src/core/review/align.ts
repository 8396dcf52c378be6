import { areaOf, type Grey, shrunk } from '../raster/grey';
import type { Inked } from './exemplar';

/**
 * Affine transform that lays an exemplar on ink: scale about its middle and baseline, added lean, then translation in pixels. The
 * vertical axis follows the slope of the hand, so that moving or stretching a slanted stroke does not change its slant.
 */
export interface Alignment {
  readonly right: number;
  /** Upwards. */
  readonly up: number;
  readonly width: number;
  readonly height: number;
  /** Tangent of the added lean. */
  readonly lean: number;
  /** Intersection over union of the two ink coverages, 0 to 1. */
  readonly overlap: number;
}

/** Body height in pixels at which inks are compared. */
const BODY = 40;
/** Initial step of each parameter: pixels of the reduced picture, or fractions. Each round halves it. */
const FIRST = { right: 2.4, up: 1.6, width: 0.08, height: 0.06, lean: 0.06 } as const;
const ROUNDS = 5;
/** Limits of scale and lean; beyond them it would be another letter. */
const WIDTHS = { low: 0.5, high: 1.7 } as const;
const HEIGHTS = { low: 0.7, high: 1.35 } as const;
const MOST_LEAN = 0.5;

type Change = { right: number; up: number; width: number; height: number; lean: number };
/** Order of the coordinate search, maximum sweeps a round, and minimum gain in overlap. */
const KEYS = ['right', 'width', 'lean', 'up', 'height'] as const satisfies readonly (keyof Change)[];
const MOST_TURNS = 6;
const BETTER = 1e-5;

/** First and last column that contain ink. */
export function extentOf({ width, height, data }: Grey): { left: number; right: number } {
  let [left, right] = [width, -1];
  for (let x = 0; x < width; x++) {
    for (let y = 0; y < height; y++) {
      if ((data[y * width + x] as number) > 0.5) {
        left = Math.min(left, x);
        right = x;
        break;
      }
    }
  }
  return { left, right };
}

/** Ink prepared for alignment: reduced until the body is about `BODY` pixels high. */
export interface Laid {
  readonly small: Grey;
  /** Reduction factor. */
  readonly times: number;
  readonly baseline: number;
  /** Midway between the first and last inked column; NaN without ink. */
  readonly middle: number;
  readonly wide: number;
  readonly area: number;
  /** Tangent of the slope of its hand. */
  readonly slant: number;
  /** Inked pixels as triples: distance right of the slope line through the middle, height over the baseline, darkness. */
  readonly points: Float32Array;
}

/** Darkness below which a pixel counts as white. */
const WHITE = 0.02;

/** `body` is the body height in pixels, `slant` the tangent of the hand's slope. */
export function laid({ ink, baseline }: Inked, body: number, slant: number): Laid {
  const times = Math.max(1, Math.round(body / BODY));
  const small = shrunk(ink, times);
  const { left, right } = extentOf(small);
  const middle = right < left ? Number.NaN : (left + right + 1) / 2;
  const points: number[] = [];
  for (let y = 0; y < small.height; y++) {
    for (let x = 0; x < small.width; x++) {
      const value = small.data[y * small.width + x] as number;
      const up = baseline / times - (y + 0.5);
      if (value > WHITE) points.push(x + 0.5 - middle - up * slant, up, value);
    }
  }
  return {
    small,
    times,
    baseline: baseline / times,
    middle,
    wide: right - left + 1,
    area: areaOf(small),
    slant,
    points: Float32Array.from(points),
  };
}

/**
 * Aligns an exemplar with ink by coordinate search: starts at the best of several widths, then varies one parameter after the other
 * while the overlap grows, and halves the steps each round. With `from` it starts there, with smaller steps.
 */
export function aligned(model: Laid, seen: Laid, from?: Alignment): Alignment {
  const { times, points, slant, area: modelArea } = model;
  const { middle: seenMiddle, baseline: seenBase, area: seenArea } = seen;
  if (Number.isNaN(model.middle) || Number.isNaN(seenMiddle)) {
    return { right: 0, up: 0, width: 1, height: 1, lean: 0, overlap: 0 };
  }
  const { width, height, data } = seen.small;
  /** Intersection over union of the two ink coverages. */
  const overlap = ({ right, up, width: w, height: h, lean }: Change): number => {
    // Innermost loop of a page, twelve million points: `| 0` truncates faster than `Math.floor`, and coordinates are not negative.
    let shared = 0;
    const scale = w * h;
    const slope = slant + lean;
    const [left, top] = [seenMiddle + right - 0.5, seenBase - 0.5];
    const [lastX, lastY] = [width - 1, height - 1];
    for (let i = 0; i < points.length; i += 3) {
      const upward = (points[i + 1] as number) * h + up;
      const x = left + (points[i] as number) * w + upward * slope;
      const y = top - upward;
      if (x < 0 || y < 0 || x >= lastX || y >= lastY) continue;
      const ix = x | 0;
      const iy = y | 0;
      const fx = x - ix;
      const at = iy * width + ix;
      const above = data[at] as number;
      const below = data[at + width] as number;
      const upper = above + ((data[at + 1] as number) - above) * fx;
      const lower = below + ((data[at + width + 1] as number) - below) * fx;
      const there = upper + (lower - upper) * (y - iy);
      const value = points[i + 2] as number;
      shared += there < value ? there : value;
    }
    shared *= scale;
    return shared / Math.max(1e-6, modelArea * scale + seenArea - shared);
  };
  const within = ({ right, up, width: w, height: h, lean }: Change): boolean =>
    w >= WIDTHS.low &&
    w <= WIDTHS.high &&
    h >= HEIGHTS.low &&
    h <= HEIGHTS.high &&
    Math.abs(lean) <= MOST_LEAN &&
    Math.abs(up) < BODY &&
    Math.abs(right) < 2 * BODY;
  const ratio = Math.min(1.5, Math.max(0.6, seen.wide / model.wide));
  let best: Change = from
    ? { ...from, right: from.right / times, up: from.up / times }
    : { right: 0, up: 0, width: 1, height: 1, lean: 0 };
  let score = overlap(best);
  for (const w of from ? [] : [ratio, 0.8, 1.25]) {
    const start = { ...best, width: w, right: 0 };
    const reached = overlap(start);
    if (reached > score) [best, score] = [start, reached];
  }
  for (let round = from ? 2 : 0, share = from ? 0.25 : 1; round < ROUNDS; round++, share /= 2) {
    // Sweep until no parameter improves the overlap.
    for (let tried = 0, inVain = 0; inVain < KEYS.length && tried < MOST_TURNS * KEYS.length; tried++) {
      const key = KEYS[tried % KEYS.length] as keyof Change;
      inVain += 1;
      for (const sign of [1, -1]) {
        const next = { ...best, [key]: best[key] + sign * FIRST[key] * share };
        if (!within(next)) continue;
        const reached = overlap(next);
        if (reached > score + BETTER) {
          [best, score, inVain] = [next, reached, 0];
          break;
        }
      }
    }
  }
  return {
    right: best.right * times,
    up: best.up * times,
    width: best.width,
    height: best.height,
    lean: best.lean,
    overlap: score,
  };
}

/** Maps a point of the exemplar onto the ink: x from the left and height over the baseline, in pixels. */
export function carried(
  model: Laid,
  seen: Laid,
  { right, up, width, height, lean }: Alignment,
  [x, over]: readonly [number, number],
): readonly [number, number] {
  const upward = over * height + up;
  const across = x - model.middle * model.times - over * model.slant;
  return [seen.middle * seen.times + across * width + upward * (model.slant + lean) + right, upward];
}
