import type { Grey } from './grey';

/** A connected component of a picture, and its bounding box, ends excluded. */
export interface Component {
  readonly label: number;
  readonly area: number;
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

export interface Labelled {
  readonly width: number;
  readonly height: number;
  /** Label of each pixel's component, from 1; 0 outside all components. */
  readonly labels: Int32Array;
  readonly components: readonly Component[];
}

/** Stack of the flood fill, reused between calls: it grows to the size of the largest picture. */
let waiting = new Int32Array(0);

/** Connected components of pixels that are 1, with 8-connectivity; found by flood fill. */
export function componentsOf(set: Uint8Array, width: number, height: number): Labelled {
  const labels = new Int32Array(width * height);
  const components: Component[] = [];
  if (waiting.length < width * height) waiting = new Int32Array(width * height);
  const stack = waiting;
  for (let start = set.indexOf(1); start >= 0; start = set.indexOf(1, start + 1)) {
    if (labels[start]) continue;
    const label = components.length + 1;
    let [left, top, right, bottom, area, depth] = [width, height, 0, 0, 0, 0];
    stack[depth++] = start;
    labels[start] = label;
    while (depth > 0) {
      const at = stack[--depth] as number;
      const y = (at / width) | 0;
      const x = at - y * width;
      area += 1;
      if (x < left) left = x;
      if (x >= right) right = x + 1;
      if (y < top) top = y;
      if (y >= bottom) bottom = y + 1;
      const [from, to] = [x > 0 ? -1 : 0, x < width - 1 ? 1 : 0];
      const end = y < height - 1 ? at + width : at;
      for (let row = y > 0 ? at - width : at; row <= end; row += width) {
        for (let next = row + from; next <= row + to; next++) {
          if (set[next] === 1 && labels[next] === 0) {
            labels[next] = label;
            stack[depth++] = next;
          }
        }
      }
    }
    components.push({ label, area, left, top, right, bottom });
  }
  return { width, height, labels, components };
}

/** Pixels that are 1 where ink coverage is at least one half. */
export function inkedOf({ data }: Grey): Uint8Array {
  const set = new Uint8Array(data.length);
  for (let i = 0; i < data.length; i++) if ((data[i] as number) >= 0.5) set[i] = 1;
  return set;
}

/** Connected components of ink. */
export const patchesOf = (ink: Grey): readonly Component[] =>
  componentsOf(inkedOf(ink), ink.width, ink.height).components;
