import { type Degrees, toRadians } from '@/core/measure/units';
import { filled } from '@/core/raster/fill';
import type { Grey } from '@/core/raster/grey';

type Point = readonly [number, number];

/** Ink of a broad edge, by geometry alone: drawn along a straight line, an edge leaves a parallelogram. Pixels, y downwards. */
export function edgeInk(
  { width, height }: { readonly width: number; readonly height: number },
  edge: { readonly angle: Degrees; readonly width: number },
  lines: readonly (readonly [Point, Point])[],
): Grey {
  const [x, y] = [
    (Math.cos(toRadians(edge.angle)) * edge.width) / 2,
    (-Math.sin(toRadians(edge.angle)) * edge.width) / 2,
  ];
  return filled(
    lines.map(([[ax, ay], [bx, by]]): Point[] => [
      [ax - x, ay - y],
      [ax + x, ay + y],
      [bx + x, by + y],
      [bx - x, by - y],
    ]),
    width,
    height,
  );
}

/** An upright or leaning bar: `width` is measured along its rows. `lean` is the tangent to the right. */
export function bar(
  x: number,
  { top, bottom, width, lean = 0 }: { top: number; bottom: number; width: number; lean?: number },
): Point[] {
  const shift = lean * (bottom - top);
  return [
    [x - width / 2 + shift, top],
    [x + width / 2 + shift, top],
    [x + width / 2, bottom],
    [x - width / 2, bottom],
  ];
}
