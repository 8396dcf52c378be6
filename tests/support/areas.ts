import polygonClipping, { type Ring } from 'polygon-clipping';
import { pointAt } from '@/core/geometry/cubic';
import type { Outline } from '@/core/pen/exact';
import type { Polygon } from '@/core/pen/pen';

const areaOfRing = (ring: Ring): number =>
  Math.abs(
    ring.reduce((sum, [x, y], i) => {
      const [nx, ny] = ring[(i + 1) % ring.length] as [number, number];
      return sum + x * ny - nx * y;
    }, 0),
  ) / 2;

/** Area of overlapping polygons together, by an independent library. */
export function areaOfPolygons(polygons: readonly Polygon[]): number {
  const rings = polygons.map((polygon): [Ring] => [polygon.map(([x, y]): [number, number] => [x, y])]);
  const [first, ...rest] = rings;
  if (!first) return 0;
  return polygonClipping
    .union(first, ...rest)
    .reduce(
      (sum, [outer, ...holes]) =>
        sum + areaOfRing(outer as Ring) - holes.reduce((s, hole) => s + areaOfRing(hole), 0),
      0,
    );
}

/** Steps along each side of an outline. */
const STEPS = 12;

/** The same of outlines of cubics. */
export const areaOfOutlines = (outlines: readonly Outline[]): number =>
  areaOfPolygons(
    outlines.map((outline) =>
      outline.flatMap((side) => Array.from({ length: STEPS }, (_, i) => pointAt(side, i / STEPS))),
    ),
  );
