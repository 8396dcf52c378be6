/**
 * A picture of one number a pixel, row by row from the top; pixel (x, y) covers the square from (x, y) to (x + 1, y + 1), its
 * value stands for its middle. Coverage and darkness run from 0 (white) to 1 (full ink).
 */
export interface Grey {
  readonly width: number;
  readonly height: number;
  readonly data: Float32Array;
}

/** The same in bytes, 0 black to 255 white: whole pages and photographs. */
export interface Bytes {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array;
}

export const emptyGrey = (width: number, height: number): Grey => ({
  width,
  height,
  data: new Float32Array(width * height),
});

/** Value between four pixels at (x, y), in pixels; the border's own beyond it. */
export function sampleAt({ width, height, data }: Grey | Bytes, x: number, y: number): number {
  const [px, py] = [Math.min(width - 1, Math.max(0, x - 0.5)), Math.min(height - 1, Math.max(0, y - 0.5))];
  const [x0, y0] = [Math.floor(px), Math.floor(py)];
  const [x1, y1] = [Math.min(width - 1, x0 + 1), Math.min(height - 1, y0 + 1)];
  const [fx, fy] = [px - x0, py - y0];
  const upper = (data[y0 * width + x0] as number) * (1 - fx) + (data[y0 * width + x1] as number) * fx;
  const lower = (data[y1 * width + x0] as number) * (1 - fx) + (data[y1 * width + x1] as number) * fx;
  return upper * (1 - fy) + lower * fy;
}

/** Each pixel with its neighbours by the weights ¼ ½ ¼, across and down: a blur of about 0.7 pixels. */
export function softened({ width, height, data }: Grey): Grey {
  const across = new Float32Array(data.length);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const here = data[i] as number;
      const left = x > 0 ? (data[i - 1] as number) : here;
      const right = x < width - 1 ? (data[i + 1] as number) : here;
      across[i] = 0.25 * left + 0.5 * here + 0.25 * right;
    }
  }
  const both = new Float32Array(data.length);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      const here = across[i] as number;
      const above = y > 0 ? (across[i - width] as number) : here;
      const below = y < height - 1 ? (across[i + width] as number) : here;
      both[i] = 0.25 * above + 0.5 * here + 0.25 * below;
    }
  }
  return { width, height, data: both };
}

/** The mean of each block of `times` by `times` pixels. */
export function shrunk(grey: Grey, times: number): Grey {
  if (times <= 1) return grey;
  const [width, height] = [Math.ceil(grey.width / times), Math.ceil(grey.height / times)];
  const out = emptyGrey(width, height);
  for (let y = 0; y < grey.height; y++) {
    const row = Math.floor(y / times) * width;
    for (let x = 0; x < grey.width; x++) {
      const at = row + Math.floor(x / times);
      out.data[at] = (out.data[at] as number) + (grey.data[y * grey.width + x] as number);
    }
  }
  const share = 1 / (times * times);
  for (let i = 0; i < out.data.length; i++) out.data[i] = (out.data[i] as number) * share;
  return out;
}

/** A rectangle of a picture; white where it lies outside. */
export function cropped(grey: Grey, left: number, top: number, width: number, height: number): Grey {
  const out = emptyGrey(width, height);
  const [x0, x1] = [Math.max(0, -left), Math.min(width, grey.width - left)];
  for (let y = Math.max(0, -top); y < Math.min(height, grey.height - top); y++) {
    if (x1 > x0) {
      const from = (y + top) * grey.width + left;
      out.data.set(grey.data.subarray(from + x0, from + x1), y * width + x0);
    }
  }
  return out;
}

/** The sum of all its values: an area in pixels. */
export function areaOf({ data }: Grey): number {
  let sum = 0;
  for (let i = 0; i < data.length; i++) sum += data[i] as number;
  return sum;
}
