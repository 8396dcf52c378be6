import type { NibWidths } from '../measure/units';
import { levelOf, type Profile, ROW } from './profile';

/**
 * Optical spacing: the white between two letters, judged as an area over the body, equals a target; white deeper than
 * `depth` behind a letter's foremost ink belongs to the letter and does not count. A least gap holds everywhere.
 */
export interface SpacingRule {
  /** White between letters over the body height, in square nib widths, at a body of X. */
  readonly area: number;
  readonly depth: NibWidths;
  readonly leastGap: NibWidths;
  /** Levels over which the white is judged. */
  readonly low: NibWidths;
  readonly high: NibWidths;
}

/** Levels around a level that count as facing each other: diagonal neighbours must not touch either. */
const NEAR_LEVELS = 3;

/**
 * Distance from one letter's origin to the next one's. Extremes are taken over the levels the white is judged in, so
 * that a tail or an arm beyond the body does not push the next letter away; the least gap is checked at every level.
 */
export function distanceBetween(before: Profile, after: Profile, rule: SpacingRule): NibWidths {
  const [from, to] = [levelOf(before, rule.low), levelOf(before, rule.high)];
  const right = extreme(before.right.slice(from, to + 1), Math.max) ?? before.maximum;
  const left = extreme(after.left.slice(from, to + 1), Math.min) ?? after.minimum;
  let white = 0;
  for (let row = from; row <= to; row++) {
    white += depthAt(right - (before.right[row] as number), rule) * ROW;
    white += depthAt((after.left[row] as number) - left, rule) * ROW;
  }
  const optical = right - left + (rule.area - white) / ((to - from + 1) * ROW);
  return Math.max(optical, rule.leastGap - closeness(before, after));
}

function extreme(values: readonly number[], pick: (...values: number[]) => number): number | undefined {
  const inked = values.filter((value) => !Number.isNaN(value));
  return inked.length > 0 ? pick(...inked) : undefined;
}

const depthAt = (value: number, rule: SpacingRule): number =>
  Number.isNaN(value) ? rule.depth : Math.min(value, rule.depth);

/** Distance at which the foremost ink of two letters between the lines would meet, whatever its height. */
export function reach(before: Profile, after: Profile, body: NibWidths): NibWidths {
  const [from, to] = [levelOf(before, 0), levelOf(before, body)];
  const right = extreme(before.right.slice(from, to + 1), Math.max) ?? before.maximum;
  const left = extreme(after.left.slice(from, to + 1), Math.min) ?? after.minimum;
  return right - left;
}

const known = new WeakMap<Profile, WeakMap<Profile, NibWidths>>();

/**
 * Least distance of two letters' ink, level by level, when their origins coincide; infinite where none face. Worked
 * out once for two profiles.
 */
export function closeness(before: Profile, after: Profile): NibWidths {
  let row = known.get(before);
  if (!row) {
    row = new WeakMap();
    known.set(before, row);
  }
  let least = row.get(after);
  if (least === undefined) {
    least = leastDistance(before, after);
    row.set(after, least);
  }
  return least;
}

function leastDistance(before: Profile, after: Profile): NibWidths {
  let least = Number.POSITIVE_INFINITY;
  for (let row = 0; row < before.right.length; row++) {
    const right = before.right[row] as number;
    if (Number.isNaN(right)) continue;
    for (let near = row - NEAR_LEVELS; near <= row + NEAR_LEVELS; near++) {
      const left = after.left[near];
      if (left === undefined || Number.isNaN(left)) continue;
      least = Math.min(least, left - right);
    }
  }
  return least;
}
