import { emptyGrey, type Grey } from './grey';

/** Lines through each row of pixels; along them edges are exact. */
const LINES = 4;

type Point = readonly [number, number];

/** Where a polygon's origin lies in the picture, and how many pixels its unit is; negative down for one whose y counts upwards. */
export interface Placing {
  readonly x: number;
  readonly y: number;
  readonly across: number;
  readonly down: number;
}
const IN_PIXELS: Placing = { x: 0, y: 0, across: 1, down: 1 };

/**
 * Coverage by the union of convex polygons: through each row of pixels run four lines, whose spans inside the polygons are merged and
 * added with exact ends.
 */
export class Filling {
  /** Ends of the disjoint spans of each line, from the left. */
  private readonly lines: (number[] | undefined)[];
  /** Where each scanline enters and leaves one polygon. */
  private readonly from: Float64Array;
  private readonly to: Float64Array;

  constructor(
    private readonly width: number,
    private readonly height: number,
  ) {
    this.lines = new Array(height * LINES);
    this.from = new Float64Array(height * LINES);
    this.to = new Float64Array(height * LINES);
  }

  add(polygon: readonly Point[], { x, y, across, down }: Placing = IN_PIXELS): void {
    let [top, bottom] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (const [, py] of polygon) {
      const at = y + py * down;
      if (at < top) top = at;
      if (at > bottom) bottom = at;
    }
    const first = Math.max(0, Math.ceil(top * LINES - 0.5));
    const last = Math.min(this.height * LINES - 1, Math.floor(bottom * LINES - 0.5));
    if (last < first) return;
    const { from, to, lines } = this;
    from.fill(Number.POSITIVE_INFINITY, first, last + 1);
    to.fill(Number.NEGATIVE_INFINITY, first, last + 1);
    const [endX, endY] = polygon.at(-1) as Point;
    let [ax, ay] = [x + endX * across, y + endY * down];
    for (const [px, py] of polygon) {
      const bx = x + px * across;
      const by = y + py * down;
      if (ay !== by) {
        const begin = Math.max(first, Math.ceil(Math.min(ay, by) * LINES - 0.5));
        const end = Math.min(last, Math.floor(Math.max(ay, by) * LINES - 0.5));
        for (let line = begin; line <= end; line++) {
          const at = ax + (((line + 0.5) / LINES - ay) / (by - ay)) * (bx - ax);
          if (at < (from[line] as number)) from[line] = at;
          if (at > (to[line] as number)) to[line] = at;
        }
      }
      ax = bx;
      ay = by;
    }
    for (let line = first; line <= last; line++) {
      const [start, end] = [from[line] as number, to[line] as number];
      if (end <= start) continue;
      const spans = lines[line];
      if (spans) merge(spans, start, end);
      else lines[line] = [start, end];
    }
  }

  grey(): Grey {
    const out = emptyGrey(this.width, this.height);
    for (const [line, spans] of this.lines.entries()) {
      if (!spans) continue;
      const row = Math.floor(line / LINES) * this.width;
      for (let i = 0; i < spans.length; i += 2) {
        cover(out.data, row, this.width, spans[i] as number, spans[i + 1] as number);
      }
    }
    return out;
  }
}

/** Coverage by the union of convex polygons, given in pixels. */
export function filled(polygons: readonly (readonly Point[])[], width: number, height: number): Grey {
  const filling = new Filling(width, height);
  for (const polygon of polygons) filling.add(polygon);
  return filling.grey();
}

/** Inserts a span into a list of disjoint ones and merges those it touches. */
function merge(spans: number[], start: number, end: number): void {
  let i = 0;
  while (i < spans.length && (spans[i + 1] as number) < start) i += 2;
  let [from, to, after] = [start, end, i];
  while (after < spans.length && (spans[after] as number) <= to) {
    from = Math.min(from, spans[after] as number);
    to = Math.max(to, spans[after + 1] as number);
    after += 2;
  }
  if (after === i + 2) {
    spans[i] = from;
    spans[i + 1] = to;
  } else spans.splice(i, after - i, from, to);
}

/** Adds one scanline's contribution to the coverage from `from` to `to`. */
function cover(data: Float32Array, row: number, width: number, from: number, to: number): void {
  const [start, end] = [Math.max(0, from), Math.min(width, to)];
  if (end <= start) return;
  const [first, last] = [Math.floor(start), Math.min(width - 1, Math.floor(end))];
  if (first === last) {
    add(data, row + first, end - start);
    return;
  }
  add(data, row + first, first + 1 - start);
  for (let x = first + 1; x < last; x++) add(data, row + x, 1);
  if (end > last) add(data, row + last, end - last);
}

/** Adds part of a scanline's contribution to a pixel. */
function add(data: Float32Array, at: number, share: number): void {
  data[at] = Math.min(1, (data[at] as number) + share / LINES);
}
