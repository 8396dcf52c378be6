import { ringCentres } from '../page/marks';
import { type Bytes, sampleAt } from '../raster/grey';
import { homographyOf, mapped, type Point } from './homography';
import { type MarkedPage, UNIT_MARKS } from './markedPage';

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Map from mm on the page to pixels of the picture, with its error, in mm, where it can be checked. */
export interface PageMap {
  readonly at: (point: Point) => Point;
  /** Mean distance of the side marks from where the corners alone put them: lens and curl, taken up by the map. */
  readonly bent: number;
  /** Number of rings that the map is based on. */
  readonly rings: number;
}

/**
 * The map of a page: the homography of its corners, and on it what the marks of the sides show to be bent, spread over the
 * page as the shape functions of an eight-node element spread the displacement of its mid-side nodes (geometry; the corners stay).
 */
export function pageMapOf({ map, rings }: MarkedPage, size: Size): PageMap {
  const marks = ringCentres(size);
  const [left, top] = marks[0] as Point;
  const [right, bottom] = marks[2] as Point;
  const corners = [0, 1, 2, 3].map((i) => rings[i]?.at ?? mapped(map, UNIT_MARKS[i] as Point));
  const plane = homographyOf(marks.slice(0, 4) as Point[], corners) ?? map;
  const off = [4, 5, 6, 7].map((i): Point => {
    const ring = rings[i];
    if (!ring) return [0, 0];
    const [x, y] = mapped(plane, marks[i] as Point);
    return [ring.at[0] - x, ring.at[1] - y];
  });
  const at = ([x, y]: Point): Point => {
    const [px, py] = mapped(plane, [x, y]);
    const s = (2 * (x - left)) / (right - left) - 1;
    const t = (2 * (y - top)) / (bottom - top) - 1;
    const shares = [
      ((1 - s * s) * (1 - t)) / 2,
      ((1 - t * t) * (1 + s)) / 2,
      ((1 - s * s) * (1 + t)) / 2,
      ((1 - t * t) * (1 - s)) / 2,
    ];
    let [dx, dy] = [0, 0];
    for (let i = 0; i < 4; i++) {
      dx += (shares[i] as number) * (off[i] as Point)[0];
      dy += (shares[i] as number) * (off[i] as Point)[1];
    }
    return [px + dx, py + dy];
  };
  const scale = Math.hypot(...difference(mapped(plane, [left + 1, top]), mapped(plane, [left, top])));
  const found = rings.slice(4).filter(Boolean).length;
  const bent =
    found === 0 ? 0 : off.reduce((sum, [x, y]) => sum + Math.hypot(x, y), 0) / found / Math.max(scale, 1e-6);
  return { at, bent, rings: rings.filter(Boolean).length };
}

const difference = ([ax, ay]: Point, [bx, by]: Point): Point => [ax - bx, ay - by];

/** Resolution a page is straightened to, in pixels per mm: 300 to the inch. */
export const PIXELS_PER_MM = 300 / 25.4;
/** Stride, in pixels, between which the map is interpolated linearly. */
const GRID = 16;

/** The page straightened: one channel of the picture at 300 dots to the inch, in strips so that it can be followed. */
export function* straightened(
  picture: Bytes,
  { at }: Pick<PageMap, 'at'>,
  size: Size,
): Generator<number, Bytes> {
  const [width, height] = [Math.round(size.width * PIXELS_PER_MM), Math.round(size.height * PIXELS_PER_MM)];
  const straight = { width, height, data: new Uint8Array(width * height) };
  const columns = Math.ceil(width / GRID) + 1;
  const nodes = (row: number): Float64Array => {
    const line = new Float64Array(columns * 2);
    for (let i = 0; i < columns; i++) {
      const [x, y] = at([(i * GRID) / PIXELS_PER_MM, (row * GRID) / PIXELS_PER_MM]);
      line[2 * i] = x;
      line[2 * i + 1] = y;
    }
    return line;
  };
  let above = nodes(0);
  for (let row = 0; row * GRID < height; row++) {
    const below = nodes(row + 1);
    for (let y = row * GRID; y < Math.min(height, (row + 1) * GRID); y++) {
      const v = (y + 0.5 - row * GRID) / GRID;
      fillRow(
        straight,
        y,
        picture,
        above.map((from, i) => from + ((below[i] as number) - from) * v),
      );
    }
    above = below;
    yield Math.min(1, ((row + 1) * GRID) / height);
  }
  return straight;
}

/**
 * Fills a row of the straightened page: `ends` are where every `GRID`th pixel's left edge lies in the picture, x
 * and y in turn; straight between them.
 */
function fillRow({ width, data }: Bytes, y: number, picture: Bytes, ends: Float64Array): void {
  const { width: pw, height: ph, data: from } = picture;
  for (let column = 0; column * GRID < width; column++) {
    const [x0, y0] = [ends[2 * column] as number, ends[2 * column + 1] as number];
    const dx = ((ends[2 * column + 2] as number) - x0) / GRID;
    const dy = ((ends[2 * column + 3] as number) - y0) / GRID;
    let sx = x0 + dx / 2 - 0.5;
    let sy = y0 + dy / 2 - 0.5;
    const [lastX, lastY] = [sx + dx * GRID, sy + dy * GRID];
    const within =
      Math.min(sx, lastX) >= 0 &&
      Math.min(sy, lastY) >= 0 &&
      Math.max(sx, lastX) < pw - 1 &&
      Math.max(sy, lastY) < ph - 1;
    const last = y * width + Math.min(width, (column + 1) * GRID);
    for (let k = y * width + column * GRID; k < last; k++) {
      if (within) {
        // Coordinates are not negative, so `| 0` truncates like `Math.floor`.
        const ix = sx | 0;
        const iy = sy | 0;
        const fx = sx - ix;
        const at = iy * pw + ix;
        const over = from[at] as number;
        const under = from[at + pw] as number;
        const upper = over + ((from[at + 1] as number) - over) * fx;
        const lower = under + ((from[at + pw + 1] as number) - under) * fx;
        data[k] = upper + (lower - upper) * (sy - iy) + 0.5;
      } else data[k] = sampleAt(picture, sx + 0.5, sy + 0.5);
      sx += dx;
      sy += dy;
    }
  }
}
