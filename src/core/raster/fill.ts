import { emptyGrey, type Grey } from './grey';

/** Lines through each row of pixels; along them edges are exact. */
const LINES = 4;

/** A span of a line. */
type Span = [number, number];

/**
 * Coverage by the union of convex polygons, given in pixels: through each row of pixels run four lines, whose spans inside
 * the polygons are merged and added with exact ends.
 */
export function filled(
  polygons: readonly (readonly (readonly [number, number])[])[],
  width: number,
  height: number,
): Grey {
  const out = emptyGrey(width, height);
  const lines: Span[][] = Array.from({ length: height * LINES }, () => []);
  for (const polygon of polygons) spansOf(polygon, height, lines);
  for (const [line, spans] of lines.entries()) {
    if (spans.length === 0) continue;
    spans.sort((a, b) => a[0] - b[0]);
    const row = Math.floor(line / LINES) * width;
    let [from, to] = spans[0] as Span;
    for (const [start, end] of spans) {
      if (start <= to) to = Math.max(to, end);
      else {
        cover(out.data, row, width, from, to);
        [from, to] = [start, end];
      }
    }
    cover(out.data, row, width, from, to);
  }
  return out;
}

/** Where each line enters and leaves a convex polygon. */
function spansOf(polygon: readonly (readonly [number, number])[], height: number, lines: Span[][]): void {
  let [top, bottom] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const [, y] of polygon) {
    if (y < top) top = y;
    if (y > bottom) bottom = y;
  }
  const first = Math.max(0, Math.ceil(top * LINES - 0.5));
  const last = Math.min(height * LINES - 1, Math.floor(bottom * LINES - 0.5));
  for (let line = first; line <= last; line++) {
    const y = (line + 0.5) / LINES;
    let [from, to] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
    for (let i = 0; i < polygon.length; i++) {
      const [ax, ay] = polygon[i] as readonly [number, number];
      const [bx, by] = polygon[(i + 1) % polygon.length] as readonly [number, number];
      if (ay === by || (y < ay && y < by) || (y > ay && y > by)) continue;
      const x = ax + ((y - ay) / (by - ay)) * (bx - ax);
      if (x < from) from = x;
      if (x > to) to = x;
    }
    if (to > from) (lines[line] as Span[]).push([from, to]);
  }
}

/** Adds one line's share of coverage from `from` to `to`. */
function cover(data: Float32Array, row: number, width: number, from: number, to: number): void {
  const [start, end] = [Math.max(0, from), Math.min(width, to)];
  if (end <= start) return;
  const [first, last] = [Math.floor(start), Math.min(width - 1, Math.floor(end))];
  const add = (x: number, share: number) => {
    data[row + x] = Math.min(1, (data[row + x] as number) + share / LINES);
  };
  if (first === last) {
    add(first, end - start);
    return;
  }
  add(first, first + 1 - start);
  for (let x = first + 1; x < last; x++) add(x, 1);
  if (end > last) add(last, end - last);
}
