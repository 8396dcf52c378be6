import type { Degrees } from '../measure/units';
import { type Grey, shrunk } from '../raster/grey';

/** Pen angle and nib width, in pixels, read from ink. */
export interface Edge {
  readonly angle: Degrees;
  readonly width: number;
  /** Distinctness of the angle: relative drop of the score a few degrees away; near 0 the angle is a guess. */
  readonly plain: number;
}

/** Downsampling target: width of the nib in pixels (half the time, no loss); the coarse search reduces further by `COARSER`. */
const NIB_PIXELS = 14;
const COARSER = 2;
/** Search around the nominal angle, in degrees: range and step of the coarse search, then of the fine search around its best. */
const REACH = 32;
const COARSE = 4;
const FINE_REACH = 6;
const FINE = 1.5;
/** Relative width of the window in which chords count as one length; quantile of chord lengths, weighted by ink. */
const WINDOW = 0.1;
const LOW = 0.12;
/** Minimum chord length, as a fraction of the nib; shorter ones are noise of the outline. */
const DUST = 0.15;
/** Pixel budget for a row of writing, and maximum scanline stride. */
const PLENTY = 100_000;
const FARTHEST = 4;
/** Rise a step below which a direction counts as horizontal. */
const LEVEL = 1e-9;

/**
 * Estimates the edge that wrote some ink from its chord lengths. A broad edge sweeps a segment of length W at angle α, so chords in
 * direction α have length W in every stroke; in other directions their lengths vary. The estimate is the direction that maximises the
 * fraction of ink in chords of one length, weighted by that length.
 * @returns undefined where there is too little ink.
 */
export function edgeOf(ink: Grey, nominal: Degrees, nib: number): Edge | undefined {
  const times = Math.max(1, Math.round(nib / NIB_PIXELS));
  const small = shrunk(ink, times);
  const smaller = shrunk(small, COARSER);
  const wide = nib / times;
  const scores = new Map<number, { readonly score: number; readonly width: number }>();
  const scoreAt = (angle: Degrees) => {
    const known = scores.get(angle);
    if (known) return known;
    const made = scoreOf(small, angle, wide);
    scores.set(angle, made);
    return made;
  };
  let centre = nominal;
  let most = 0;
  for (let off = -REACH; off <= REACH; off += COARSE) {
    const { score } = scoreOf(smaller, nominal + off, wide / COARSER);
    if (score > most) [centre, most] = [nominal + off, score];
  }
  let best = centre;
  for (let off = -FINE_REACH; off <= FINE_REACH; off += FINE) {
    if (scoreAt(centre + off).score > scoreAt(best).score) best = centre + off;
  }
  const peak = scoreAt(best);
  if (peak.score <= 0) return undefined;
  const [before, after] = [scoreAt(best - FINE).score, scoreAt(best + FINE).score];
  const bend = before - 2 * peak.score + after;
  const shift = bend < 0 ? (0.5 * (before - after)) / bend : 0;
  const beside = (scoreAt(best - FINE_REACH).score + scoreAt(best + FINE_REACH).score) / 2;
  return {
    angle: best + Math.max(-1, Math.min(1, shift)) * FINE,
    width: peak.width * times,
    plain: 1 - beside / peak.score,
  };
}

/** Range of steps from `-half` along a line through (x0, y0) that may meet the picture, extended by one white step at each end. */
function stepsInside(
  x0: number,
  y0: number,
  dx: number,
  dy: number,
  right: number,
  bottom: number,
  half: number,
): readonly [number, number] {
  let [low, high] = [-half, half];
  for (const [from, by, most] of [
    [x0, dx, right],
    [y0, dy, bottom],
  ] as const) {
    if (Math.abs(by) < LEVEL) {
      if (from < 0 || from >= most) return [0, -1];
      continue;
    }
    const [a, b] = [-from / by, (most - from) / by];
    low = Math.max(low, Math.min(a, b));
    high = Math.min(high, Math.max(a, b));
  }
  return low > high ? [0, -1] : [Math.max(0, Math.floor(low + half) - 1), Math.ceil(high + half) + 1];
}

/** Score of a direction: largest fraction of ink in one window of chord lengths, times the low quantile of the lengths. */
function scoreOf(
  { width, height, data }: Grey,
  angle: Degrees,
  nib: number,
): { score: number; width: number } {
  const [cos, sin] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
  const half = Math.hypot(width, height) / 2;
  const lengths: number[] = [];
  let total = 0;
  const apart = Math.min(FARTHEST, Math.max(1, Math.floor((width * height) / PLENTY)));
  for (let across = -half; across <= half; across += apart) {
    const [x0, y0] = [width / 2 - across * sin - 0.5, height / 2 + across * cos - 0.5];
    const [first, last] = stepsInside(x0, y0, cos, sin, width - 1, height - 1, half);
    let before = 0;
    let start = Number.NaN;
    for (let step = first; step <= last; step++) {
      const along = step - half;
      const x = x0 + along * cos;
      const y = y0 + along * sin;
      let value = 0;
      if (x >= 0 && y >= 0 && x < width - 1 && y < height - 1) {
        // Coordinates are not negative: `| 0` truncates like `Math.floor`, and faster.
        const ix = x | 0;
        const iy = y | 0;
        const at = iy * width + ix;
        const fx = x - ix;
        const above = data[at] as number;
        const below = data[at + width] as number;
        const upper = above + ((data[at + 1] as number) - above) * fx;
        const lower = below + ((data[at + width + 1] as number) - below) * fx;
        value = upper + (lower - upper) * (y - iy);
      }
      if (value >= 0.5 && before < 0.5) start = along - 1 + (0.5 - before) / (value - before);
      else if (value < 0.5 && before >= 0.5) {
        const length = along - 1 + (before - 0.5) / (before - value) - start;
        if (length > DUST * nib) {
          lengths.push(length);
          total += length;
        }
      }
      before = value;
    }
  }
  if (lengths.length < 4) return { score: 0, width: 0 };
  lengths.sort((a, b) => a - b);
  let [low, under] = [0, 0];
  for (const length of lengths) {
    under += length;
    if (under >= LOW * total) {
      low = length;
      break;
    }
  }
  let [end, sum, best, mean] = [0, 0, 0, 0];
  for (const [begin, length] of lengths.entries()) {
    while (end < lengths.length && (lengths[end] as number) <= length * (1 + WINDOW))
      sum += lengths[end++] as number;
    if (sum > best) [best, mean] = [sum, sum / (end - begin)];
    sum -= length;
  }
  return { score: (best / total) * Math.min(low, 1.6 * nib), width: mean };
}
