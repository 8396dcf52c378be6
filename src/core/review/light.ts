import { type Bytes, emptyGrey, type Grey } from '../raster/grey';

/** Side of a block whose paper is one level, in pixels; the share of its pixels that are brighter; blocks around that count. */
const BLOCK = 48;
const BRIGHTEST = 0.75;
const AROUND = 2;
const QUANTILE = 0.6;
/** Sampling stride, in rows and columns, for a block. */
const SPARSELY = 2;

/** The paper's own brightness over a page: light falls off, and shadows lie on it. */
export interface Light {
  readonly columns: number;
  readonly rows: number;
  readonly levels: Float32Array;
}

/** Of each block the level its brightest quarter reaches; then the 60 % quantile of those around: ink and edges drop out. */
export function lightOn({ width, height, data }: Bytes): Light {
  const [columns, rows] = [Math.ceil(width / BLOCK), Math.ceil(height / BLOCK)];
  const own = new Float32Array(columns * rows);
  const counts = new Uint32Array(256);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      counts.fill(0);
      const [x1, y1] = [Math.min(width, (column + 1) * BLOCK), Math.min(height, (row + 1) * BLOCK)];
      let all = 0;
      for (let y = row * BLOCK; y < y1; y += SPARSELY) {
        for (let x = column * BLOCK; x < x1; x += SPARSELY, all++) {
          const level = data[y * width + x] as number;
          counts[level] = (counts[level] as number) + 1;
        }
      }
      let seen = 0;
      let level = 0;
      while (level < 255 && seen + (counts[level] as number) < BRIGHTEST * all)
        seen += counts[level++] as number;
      own[row * columns + column] = Math.max(1, level);
    }
  }
  const levels = new Float32Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const near: number[] = [];
      for (let y = Math.max(0, row - AROUND); y <= Math.min(rows - 1, row + AROUND); y++) {
        for (let x = Math.max(0, column - AROUND); x <= Math.min(columns - 1, column + AROUND); x++) {
          near.push(own[y * columns + x] as number);
        }
      }
      near.sort((a, b) => a - b);
      levels[row * columns + column] = near[Math.floor(QUANTILE * (near.length - 1))] as number;
    }
  }
  return { columns, rows, levels };
}

/** What the page's levels are to be multiplied by along one of its rows so that paper is 1, from `left` on. */
function gains({ columns, rows, levels }: Light, y: number, left: number, into: Float32Array): void {
  const v = Math.min(rows - 1, Math.max(0, (y + 0.5) / BLOCK - 0.5));
  const upper = Math.floor(v);
  const lower = Math.min(rows - 1, upper + 1);
  const share = v - upper;
  const gain = (column: number) =>
    1 /
    ((levels[upper * columns + column] as number) * (1 - share) +
      (levels[lower * columns + column] as number) * share);
  const middle = (column: number) => (column + 0.5) * BLOCK - 0.5 - left;
  // From the middle of one block to the next; before the first and after the last, theirs.
  let here = gain(0);
  into.fill(here, 0, Math.max(0, Math.min(into.length, Math.ceil(middle(0)))));
  for (let column = 0; column < columns; column++) {
    const next = column + 1 < columns ? gain(column + 1) : here;
    const from = middle(column);
    const step = (next - here) / BLOCK;
    const end = column + 1 < columns ? Math.min(into.length, Math.ceil(from + BLOCK)) : into.length;
    for (let x = Math.max(0, Math.ceil(from)); x < end; x++) into[x] = here + (x - from) * step;
    here = next;
  }
}

/** Darkness of a rectangle of the page against its paper, 0 to 1; nothing beyond the page. */
export function darknessIn(
  page: Bytes,
  light: Light,
  left: number,
  top: number,
  width: number,
  height: number,
): Grey {
  const out = emptyGrey(width, height);
  const [first, last] = [Math.max(0, -left), Math.min(width, page.width - left)];
  const gain = new Float32Array(width);
  for (let y = Math.max(0, -top); y < Math.min(height, page.height - top); y++) {
    gains(light, y + top, left, gain);
    let from = (y + top) * page.width + left + first;
    for (let x = first, at = y * width + first; x < last; x++, at++, from++) {
      const dark = 1 - (page.data[from] as number) * (gain[x] as number);
      if (dark > 0) out.data[at] = dark;
    }
  }
  return out;
}

/** The page as if its light had been even: paper white everywhere. */
export function evenlyLit(page: Bytes, light: Light): Bytes {
  const { width, height, data: from } = page;
  // Values above white are clamped on writing.
  const data = new Uint8ClampedArray(width * height);
  const gain = new Float32Array(width);
  for (let y = 0, at = 0; y < height; y++) {
    gains(light, y, 0, gain);
    for (let x = 0; x < width; x++, at++) data[at] = 255 * (from[at] as number) * (gain[x] as number);
  }
  return { width, height, data: new Uint8Array(data.buffer) };
}
