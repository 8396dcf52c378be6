import { type Homography, homographyOf, mapped, type Point } from './homography';
import type { RingSeen } from './rings';

/** Where the eight rings stand on a page taken as the unit square between its corner rings; in the order of `ringCentres`. */
export const UNIT_MARKS: readonly Point[] = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 1],
  [0.5, 0],
  [1, 0.5],
  [0.5, 1],
  [0, 0.5],
];
const CORNERS = UNIT_MARKS.slice(0, 4);

/** Marks of a page as they were found in a picture; which corner is which only the code can say. */
export interface MarkedPage {
  /** From the unit square to the picture, the corners in an order that goes clockwise round the page. */
  readonly map: Homography;
  /** The ring found at each of the eight places, in the order of `UNIT_MARKS`. */
  readonly rings: readonly (RingSeen | undefined)[];
}

/** Maximum distance of a ring from its expected place, as a fraction of the page's side: lens and curl move it. */
const NEAR = 0.03;
/** Marks of the middles of sides that must be found beside four corners; and beside three. */
const SIDES_WITH_FOUR = 2;
const SIDES_WITH_THREE = 3;
/** Maximum ratio of the sizes of two rings of one page (tilt makes them differ). */
const MOST_SIZES = 2.2;
/** Maximum number of ring-like objects; more are a pattern, not a page. */
const MOST_RINGS = 40;

const area = (points: readonly Point[]): number =>
  points.reduce((sum, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length] as Point;
    return sum + x * ny - nx * y;
  }, 0) / 2;

/** Four points in clockwise order (y downwards); undefined where they are not the corners of a convex shape. */
function clockwise(points: readonly Point[]): Point[] | undefined {
  const [cx, cy] = [0, 1].map((k) => points.reduce((sum, point) => sum + (point[k] as number), 0) / 4) as [
    number,
    number,
  ];
  const sorted = [...points].sort(
    ([ax, ay], [bx, by]) => Math.atan2(ay - cy, ax - cx) - Math.atan2(by - cy, bx - cx),
  );
  for (let i = 0; i < 4; i++) {
    const [ax, ay] = sorted[i] as Point;
    const [bx, by] = sorted[(i + 1) % 4] as Point;
    const [dx, dy] = sorted[(i + 2) % 4] as Point;
    if ((bx - ax) * (dy - by) - (by - ay) * (dx - bx) <= 0) return undefined;
  }
  return sorted;
}

/** Does a place of the picture lie between the corner rings of a page? Nothing there can be a mark of another page: an o in print is a ring too. */
export function isOnPage({ map }: Pick<MarkedPage, 'map'>, [x, y]: Point): boolean {
  const corners = CORNERS.map((corner) => mapped(map, corner));
  const sides = corners.map(([ax, ay], i) => {
    const [bx, by] = corners[(i + 1) % corners.length] as Point;
    return (bx - ax) * (y - ay) - (by - ay) * (x - ax);
  });
  return sides.every((side) => side > 0) || sides.every((side) => side < 0);
}

/** The rings found where a map of the page expects them. */
function ringsAt(map: Homography, rings: readonly RingSeen[]): (RingSeen | undefined)[] {
  const side = Math.sqrt(Math.abs(area(CORNERS.map((corner) => mapped(map, corner)))));
  return UNIT_MARKS.map((mark) => {
    const [x, y] = mapped(map, mark);
    let best: RingSeen | undefined;
    let least = NEAR * side;
    for (const ring of rings) {
      const off = Math.hypot(ring.at[0] - x, ring.at[1] - y);
      if (off < least) [best, least] = [ring, off];
    }
    return best;
  });
}

interface Candidate extends MarkedPage {
  readonly count: number;
  readonly size: number;
}

const ofOneSize = (rings: readonly (RingSeen | undefined)[]): boolean => {
  const radii = rings.flatMap((ring) => (ring ? [ring.radius] : []));
  return Math.max(...radii) <= MOST_SIZES * Math.min(...radii);
};

function candidate(map: Homography, seen: readonly RingSeen[]): Candidate | undefined {
  const rings = ringsAt(map, seen);
  if (new Set(rings.filter(Boolean)).size < rings.filter(Boolean).length || !ofOneSize(rings))
    return undefined;
  const size = Math.abs(area(CORNERS.map((corner) => mapped(map, corner))));
  return { map, rings, count: rings.filter(Boolean).length, size };
}

const better = (a: Candidate | undefined, b: Candidate | undefined): Candidate | undefined => {
  if (!a || !b) return a ?? b;
  if (a.count !== b.count) return a.count > b.count ? a : b;
  return a.size >= b.size ? a : b;
};

/**
 * The page in a picture, by its rings: of all four that could be its corners those whose sides have most rings in their
 * middles, the largest first. A corner that is covered is found from the other seven.
 */
export function markedPageIn(seen: readonly RingSeen[]): MarkedPage | undefined {
  if (seen.length > MOST_RINGS) return undefined;
  return withFourCorners(seen) ?? withThreeCorners(seen);
}

function withFourCorners(seen: readonly RingSeen[]): MarkedPage | undefined {
  let best: Candidate | undefined;
  for (let a = 0; a < seen.length; a++)
    for (let b = a + 1; b < seen.length; b++)
      for (let c = b + 1; c < seen.length; c++)
        for (let d = c + 1; d < seen.length; d++) {
          const four = [a, b, c, d].map((i) => seen[i] as RingSeen);
          if (!ofOneSize(four)) continue;
          const corners = clockwise(four.map(({ at }) => at));
          const map = corners && homographyOf(CORNERS, corners);
          if (map) best = better(best, candidate(map, seen));
        }
  return best && best.count >= 4 + SIDES_WITH_FOUR ? best : undefined;
}

/** Three corners in a row and the ring opposite the second side give the map; the other rings must be where it says. */
function withThreeCorners(seen: readonly RingSeen[]): MarkedPage | undefined {
  // The corners 0, 1 and 2 and the middle of the side from 2 to 3: no three of them on a line.
  const known = [0, 1, 2, 6].map((i) => UNIT_MARKS[i] as Point);
  let best: Candidate | undefined;
  for (const a of seen)
    for (const b of seen)
      for (const c of seen) {
        if (a === b || b === c || a === c || !ofOneSize([a, b, c])) continue;
        const turn = (b.at[0] - a.at[0]) * (c.at[1] - b.at[1]) - (b.at[1] - a.at[1]) * (c.at[0] - b.at[0]);
        if (turn <= 0) continue;
        // Without a ring near the middle of the first side this is no side of a page.
        const middle: Point = [(a.at[0] + b.at[0]) / 2, (a.at[1] + b.at[1]) / 2];
        const length = Math.hypot(b.at[0] - a.at[0], b.at[1] - a.at[1]);
        if (!seen.some(({ at }) => Math.hypot(at[0] - middle[0], at[1] - middle[1]) < 0.12 * length))
          continue;
        for (const d of seen) {
          if (d === a || d === b || d === c) continue;
          const map = homographyOf(known, [a.at, b.at, c.at, d.at]);
          const found = map && candidate(map, seen);
          if (found && found.count >= 3 + SIDES_WITH_THREE) best = better(best, found);
        }
      }
  return best;
}

/** The same page with its corners counted from the next one on: a quarter turn. */
export function turned({ map, rings }: MarkedPage): MarkedPage {
  const corners = [1, 2, 3, 0].map((i) => mapped(map, UNIT_MARKS[i] as Point));
  const again = homographyOf(CORNERS, corners);
  return {
    map: again ?? map,
    rings: [1, 2, 3, 0, 5, 6, 7, 4].map((i) => rings[i]),
  };
}
