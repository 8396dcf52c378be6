import type { Mm } from '../measure/units';
import { lastFor } from '../memo/memo';
import type { Pen } from '../pen/pen';
import { type Cut, inkOf } from '../type/cut';
import type { LaidLine } from './laid';

/** Columns in which two lines are compared, in letter units. */
const COLUMN = 0.2;

/** How high and how deep a letter's ink reaches, column by column from `first` on; NaN where there is none. */
interface Skyline {
  readonly first: number;
  readonly tops: readonly number[];
  readonly bottoms: readonly number[];
}

const skylineOf = lastFor((pen: Pen, cut: Cut): Skyline => {
  const polygons = inkOf(pen, cut);
  const xs = polygons.flatMap((polygon) => polygon.map(([x]) => x));
  const first = Math.floor(Math.min(...xs) / COLUMN);
  const count = Math.floor(Math.max(...xs) / COLUMN) - first + 1;
  const tops = new Array<number>(count).fill(Number.NEGATIVE_INFINITY);
  const bottoms = new Array<number>(count).fill(Number.POSITIVE_INFINITY);
  for (const polygon of polygons) {
    const [px, py] = [polygon.map(([x]) => x), polygon.map(([, y]) => y)];
    const [top, bottom] = [Math.max(...py), Math.min(...py)];
    const [from, to] = [Math.floor(Math.min(...px) / COLUMN), Math.floor(Math.max(...px) / COLUMN)];
    for (let column = from - first; column <= to - first; column++) {
      tops[column] = Math.max(tops[column] as number, top);
      bottoms[column] = Math.min(bottoms[column] as number, bottom);
    }
  }
  return { first, tops, bottoms };
});

/** Columns of the page, in mm, in which lines of any size are compared. */
const PAGE_COLUMN: Mm = 0.5;

/** Lowest (or highest) ink of a line in each column of the page that it covers. */
function edgeOf(line: LaidLine, side: 'tops' | 'bottoms'): Map<number, Mm> {
  const edge = new Map<number, Mm>();
  const further = side === 'tops' ? Math.min : Math.max;
  for (const item of line.set.placed) {
    if (item.kind === 'missing') continue;
    const { first, [side]: reaches } = skylineOf(line.pen.face.pen, item.cut);
    for (const [i, reach] of reaches.entries()) {
      if (!Number.isFinite(reach)) continue;
      const left = line.x + (item.x + (first + i) * COLUMN) * line.pen.unit;
      const y = line.baseline - (item.y + reach) * line.pen.unit;
      const last = Math.floor((left + COLUMN * line.pen.unit) / PAGE_COLUMN);
      for (let column = Math.floor(left / PAGE_COLUMN); column <= last; column++) {
        edge.set(column, further(edge.get(column) ?? y, y));
      }
    }
  }
  return edge;
}

/** Minimum white between the ink of two lines, in bodies of the smaller one. */
const CLEAR = 0.06;

/** A place where two lines collide, and by how much. */
export interface Collision {
  readonly upper: LaidLine;
  readonly lower: LaidLine;
  readonly x: Mm;
  /** Distance by which they must be moved apart. */
  readonly by: Mm;
}

/** Where two neighbouring lines are closest, if that is too close. */
export function collisionOf(upper: LaidLine, lower: LaidLine): Collision | undefined {
  if (upper.ink.bottom < lower.ink.top) return undefined;
  const clear = CLEAR * Math.min(upper.pen.body, lower.pen.body);
  const tops = edgeOf(lower, 'tops');
  let worst: Collision | undefined;
  for (const [column, bottom] of edgeOf(upper, 'bottoms')) {
    const top = tops.get(column);
    if (top === undefined) continue;
    const by = bottom + clear - top;
    if (by > (worst?.by ?? 0)) worst = { upper, lower, x: (column + 0.5) * PAGE_COLUMN, by };
  }
  return worst;
}
