import type { Vec } from '@/core/geometry/vec';
import { rastered } from './rastered';

/** Pixels to a nib width: finer than a screen shows a letter large. */
const RASTER = 28;
/** Whites smaller than this, in square nib widths, are flecks and no counters. */
const FLECK = 0.03;
/** Pixels darker than this, of 255, are ink: the hairline of a wide nib covers a part of a pixel. */
const DARK = 30;
/** A fleck of so few pixels is the raster's own rounding where outlines cross. */
const ROUNDING = 3;

export interface Topology {
  /** Pieces of ink that hang together. */
  readonly pieces: number;
  /** Whites enclosed by ink, large enough to be meant. */
  readonly counters: number;
  /** Whites enclosed by ink that nobody meant. */
  readonly flecks: number;
}

/** How a mark hangs together, from its picture: pieces of ink, counters, and flecks of white between strokes. */
export function topologyOf(ink: readonly (readonly Vec[])[]): Topology {
  const points = ink.flat();
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [x, y] = [Math.min(...xs) - 0.2, Math.min(...ys) - 0.2];
  const [width, height] = [Math.max(...xs) - x + 0.2, Math.max(...ys) - y + 0.2];
  const data = ink.map((polygon) => `M${polygon.map((p) => p.join(' ')).join('L')}Z`).join('');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${x} ${y} ${width} ${height}" width="${width}" height="${height}"><path d="${data}"/></svg>`;
  const picture = rastered(svg, Math.ceil(width * RASTER));
  const { pixels } = picture;
  const dark = new Uint8Array(picture.width * picture.height);
  for (let i = 0; i < dark.length; i++) dark[i] = (pixels[4 * i + 3] as number) > DARK ? 1 : 0;
  const areas = regions(dark, picture.width);
  const whites = areas.filter(({ ink: isInk, edge }) => !isInk && !edge).map(({ size }) => size);
  const least = FLECK * RASTER * RASTER;
  return {
    pieces: areas.filter(({ ink: isInk, size }) => isInk && size > ROUNDING).length,
    counters: whites.filter((size) => size >= least).length,
    flecks: whites.filter((size) => size < least && size > ROUNDING).length,
  };
}

/** Regions of one colour: ink hangs together across corners, white only across sides. */
function regions(dark: Uint8Array, width: number) {
  const seen = new Uint8Array(dark.length);
  const open = new Int32Array(dark.length);
  const found: { ink: boolean; size: number; edge: boolean }[] = [];
  const sides = [-1, 1, -width, width];
  const around = [...sides, -width - 1, -width + 1, width - 1, width + 1];
  for (let start = 0; start < dark.length; start++) {
    if (seen[start]) continue;
    const ink = dark[start] === 1;
    const region = { ink, size: 0, edge: false };
    let [first, last] = [0, 1];
    open[0] = start;
    seen[start] = 1;
    while (first < last) {
      const at = open[first++] as number;
      const x = at % width;
      if (x === 0 || x === width - 1 || at < width || at >= dark.length - width) region.edge = true;
      for (const step of ink ? around : sides) {
        const next = at + step;
        if (next < 0 || next >= dark.length || seen[next] || dark[next] !== dark[at]) continue;
        if (Math.abs((next % width) - x) > 1) continue;
        seen[next] = 1;
        open[last++] = next;
      }
    }
    region.size = last;
    found.push(region);
  }
  return found;
}
