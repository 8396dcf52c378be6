import type { Polygon } from '../pen/pen';

/**
 * A letter's facing sides: for each level of height its leftmost and rightmost ink, in nib widths, measured
 * along the slope. NaN where there is no ink. Level i lies at `foot + i · ROW`.
 */
export interface Profile {
  readonly foot: number;
  readonly left: readonly number[];
  readonly right: readonly number[];
  readonly minimum: number;
  readonly maximum: number;
}

/** Spacing of levels. */
export const ROW = 0.1;

/** Levels cover all a letter can reach: −FOOT … FOOT + LEVELS · ROW around the baseline. */
const FOOT = -9;
const LEVELS = 280;

/**
 * Reads the sides off a letter's ink (convex polygons), set upright: `lean` is how far the ink leans to the right for
 * every unit of height.
 */
export function profileOf(ink: readonly Polygon[], lean = 0): Profile {
  const left = new Array<number>(LEVELS).fill(Number.NaN);
  const right = new Array<number>(LEVELS).fill(Number.NaN);
  const mark = (row: number, x: number) => {
    if (row < 0 || row >= LEVELS) return;
    if (!((left[row] as number) <= x)) left[row] = x;
    if (!((right[row] as number) >= x)) right[row] = x;
  };
  for (const polygon of ink) {
    for (const [i, a] of polygon.entries()) {
      const b = polygon[(i + 1) % polygon.length] as typeof a;
      mark(Math.round((a[1] - FOOT) / ROW), a[0] - a[1] * lean);
      const [low, high] = a[1] < b[1] ? [a, b] : [b, a];
      const [start, end] = [low[0] - low[1] * lean, high[0] - high[1] * lean];
      const last = Math.floor((high[1] - FOOT) / ROW);
      for (let row = Math.ceil((low[1] - FOOT) / ROW); row <= last; row++) {
        const t = high[1] === low[1] ? 0 : (FOOT + row * ROW - low[1]) / (high[1] - low[1]);
        mark(row, start + (end - start) * t);
      }
    }
  }
  const inked = (values: readonly number[]) => values.filter((value) => !Number.isNaN(value));
  return { foot: FOOT, left, right, minimum: Math.min(...inked(left)), maximum: Math.max(...inked(right)) };
}

export const levelOf = (profile: Profile, height: number): number =>
  Math.round((height - profile.foot) / ROW);

/** Height of the highest ink. */
export const topOf = (profile: Profile): number =>
  profile.foot + ROW * profile.right.findLastIndex((value) => !Number.isNaN(value));

/** Height of the lowest ink. */
export const bottomOf = (profile: Profile): number =>
  profile.foot + ROW * profile.right.findIndex((value) => !Number.isNaN(value));
