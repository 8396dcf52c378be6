import { add, distance, heading, scale, type Vec } from '../geometry/vec';
import type { Degrees, Mm } from '../measure/units';
import type { Box } from '../page/boxes';

/** A small lettering to be placed: close to `near`, clear of what is drawn and of other lettering. */
export interface Wanted {
  readonly near: Vec;
  /** Preferred direction from its point, y down as on the page. */
  readonly towards: Degrees;
  readonly width: Mm;
  readonly height: Mm;
}

const DISTANCES: readonly Mm[] = [2.6, 3.3, 4.2, 5.4];
const DIRECTIONS = 16;
/** Preferred minimum distance of lettering from ruled lines. */
const CLEAR: Mm = 1.5;
/** Weights of the penalties of a place, tuned by looking at many letters. */
const COST = { far: 0.5, aside: 0.5, near: 4, over: 40, out: 400 } as const;

/**
 * Places for letterings, one after the other: each takes the best of the places around its point, given the lines that
 * are drawn (as points along them) and the letterings placed before. Centres of the letterings; always inside the box
 * where there is room for one at all.
 */
export function placeLabels(wanted: readonly Wanted[], lines: readonly Vec[], box: Box): Vec[] {
  const placed: { at: Vec; width: Mm; height: Mm }[] = [];
  const reach = Math.max(...DISTANCES) + CLEAR;
  return wanted.map(({ near, towards, width, height }) => {
    const close = lines.filter(([x, y]) => Math.abs(x - near[0]) < reach && Math.abs(y - near[1]) < reach);
    let best: { at: Vec; cost: number } | undefined;
    for (const r of DISTANCES) {
      for (let k = 0; k < DIRECTIONS; k++) {
        const off = (360 * k) / DIRECTIONS;
        const at = add(near, scale(heading(towards + off), r));
        const inside =
          at[0] - width / 2 >= box.x &&
          at[0] + width / 2 <= box.x + box.width &&
          at[1] - height / 2 >= box.y &&
          at[1] + height / 2 <= box.y + box.height;
        const aside = Math.min(off, 360 - off) / 180;
        const tight = close.reduce((sum, p) => sum + Math.max(0, CLEAR - distance(p, at)), 0);
        const over = placed.filter(
          (other) =>
            Math.abs(other.at[0] - at[0]) < (other.width + width) / 2 &&
            Math.abs(other.at[1] - at[1]) < (other.height + height) / 2,
        ).length;
        const cost =
          COST.far * r +
          COST.aside * aside +
          COST.near * Math.min(tight, CLEAR * 4) +
          COST.over * over +
          (inside ? 0 : COST.out);
        if (!best || cost < best.cost) best = { at, cost };
      }
    }
    const { at } = best as { at: Vec };
    placed.push({ at, width, height });
    return at;
  });
}
