import { type Bytes, emptyGrey, type Grey } from '../raster/grey';

/** Side of a block whose paper is one level, in pixels; the share of its pixels that are brighter; blocks around that count. */
const BLOCK = 48;
const BRIGHTEST = 0.75;
const AROUND = 2;
const QUANTILE = 0.6;

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
      for (let y = row * BLOCK; y < y1; y++) {
        for (let x = column * BLOCK; x < x1; x++) {
          const level = data[y * width + x] as number;
          counts[level] = (counts[level] as number) + 1;
        }
      }
      const all = (x1 - column * BLOCK) * (y1 - row * BLOCK);
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

/** Darkness of a rectangle of the page against its paper, 0 to 1; nothing beyond the page. */
export function darknessIn(
  page: Bytes,
  { columns, rows, levels }: Light,
  left: number,
  top: number,
  width: number,
  height: number,
): Grey {
  const out = emptyGrey(width, height);
  const [first, last] = [Math.max(0, -left), Math.min(width, page.width - left)];
  const lefts = new Int32Array(width);
  const shares = new Float32Array(width);
  for (let x = first; x < last; x++) {
    const u = Math.min(columns - 1, Math.max(0, (x + left + 0.5) / BLOCK - 0.5));
    lefts[x] = Math.floor(u);
    shares[x] = u - Math.floor(u);
  }
  const paper = new Float32Array(columns + 1);
  for (let y = Math.max(0, -top); y < Math.min(height, page.height - top); y++) {
    const v = Math.min(rows - 1, Math.max(0, (y + top + 0.5) / BLOCK - 0.5));
    const r0 = Math.floor(v);
    const r1 = Math.min(rows - 1, r0 + 1);
    for (let c = 0; c < columns; c++) {
      paper[c] =
        (levels[r0 * columns + c] as number) * (1 - v + r0) + (levels[r1 * columns + c] as number) * (v - r0);
    }
    paper[columns] = paper[columns - 1] as number;
    let from = (y + top) * page.width + left + first;
    for (let x = first, at = y * width + first; x < last; x++, at++, from++) {
      const c = lefts[x] as number;
      const share = shares[x] as number;
      const white = (paper[c] as number) * (1 - share) + (paper[c + 1] as number) * share;
      const dark = 1 - (page.data[from] as number) / white;
      if (dark > 0) out.data[at] = dark;
    }
  }
  return out;
}

/** The page as if its light had been even: paper white everywhere. */
export function evenlyLit(page: Bytes, light: Light): Bytes {
  const { width, height } = page;
  const data = new Uint8Array(width * height);
  for (let top = 0; top < height; top += BLOCK) {
    const rows = Math.min(BLOCK, height - top);
    const dark = darknessIn(page, light, 0, top, width, rows);
    for (let i = 0; i < rows * width; i++) data[top * width + i] = 255 * (1 - (dark.data[i] as number));
  }
  return { width, height, data };
}
