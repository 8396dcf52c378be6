import { numbersFrom } from '../measure/seeded';
import type { Degrees, Mm } from '../measure/units';
import type { Bytes } from '../raster/grey';

/** A picture of three channels, red, green and blue after one another in each pixel. */
export interface Colours {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8Array;
}

/** How a page is photographed, or scanned. */
export interface Shot {
  readonly seed: number;
  readonly width: number;
  readonly height: number;
  /** Pixels a mm of the page where the camera looks. */
  readonly perMm: number;
  /** The camera leans against the page by this, towards this direction; and is turned by this. */
  readonly tilt: Degrees;
  readonly towards: Degrees;
  readonly turn: Degrees;
  /** The page's middle stands off the picture's by this. */
  readonly off: readonly [Mm, Mm];
  /** Barrel of the lens: how far its corners are drawn in, as a share; the page's curl at its middle. */
  readonly lens: number;
  readonly curl: Mm;
  /** Deviation of the blur, in pixels, and of the noise, in levels of 255. */
  readonly blur: number;
  readonly noise: number;
  /** Light at the darkest side, as a share of the brightest, and the side it comes from. */
  readonly light: number;
  readonly lightFrom: Degrees;
  /** Brightness of the desk. */
  readonly desk: number;
  /** Parts of the page that something covers, in mm: a hand, a cup, the edge of the picture. */
  readonly covered?: { readonly x: Mm; readonly y: Mm; readonly width: Mm; readonly height: Mm };
}

/** Distance of the camera from the page, in widths of the page: a phone held over a table (estimate). */
const DISTANCE = 1.9;

/** Brightness of what covers a corner, and the reflectance of the paper. */
const HAND = 120;
const PAPER = 0.96;

/**
 * Stride, in pixels of a row, over which the mapping is interpolated linearly: lens, tilt and curl deviate from that by less than a
 * thousandth of a pixel.
 */
const ALIKE = 8;

const radians = (degrees: Degrees): number => (degrees * Math.PI) / 180;

/**
 * A picture of a page lying on a desk. Pixel by pixel: through the lens, along its ray to the tilted page, over its curl, to
 * what is printed and written there, in its light. Blur and noise are put on it afterwards.
 */
export function photograph(page: Colours, pagePerMm: number, shot: Shot): Colours {
  const { width, height } = shot;
  const out = new Uint8Array(width * height * 3);
  const [pageWidth, pageHeight] = [page.width / pagePerMm, page.height / pagePerMm];
  const [cos, sin] = [Math.cos(radians(shot.turn)), Math.sin(radians(shot.turn))];
  const far = DISTANCE * Math.max(pageWidth, pageHeight);
  // How much nearer or farther the page is, across and down, for its tilt.
  const lean = Math.tan(radians(shot.tilt)) / far;
  const [leanX, leanY] = [lean * Math.cos(radians(shot.towards)), lean * Math.sin(radians(shot.towards))];
  const half = Math.hypot(width, height) / 2;
  const [lightX, lightY] = [Math.cos(radians(shot.lightFrom)), Math.sin(radians(shot.lightFrom))];
  const { covered, perMm, lens, curl } = shot;
  const data = page.data;
  const [lastX, lastY] = [page.width - 1.001, page.height - 1.001];
  /** What a pixel looks at: a point of the page, in mm from its upper left corner. */
  const seenAt = (x: number, y: number): readonly [Mm, Mm] => {
    const [rx, ry] = [x - width / 2, y - height / 2];
    const through = (1 + (lens * (rx * rx + ry * ry)) / (half * half)) / perMm;
    const [u, v] = [rx * through, ry * through];
    const w = 1 + u * leanX + v * leanY;
    const px = (u * cos + v * sin) / w + shot.off[0];
    const py = (v * cos - u * sin) / w + shot.off[1];
    const bow = curl === 0 ? 0 : curl * Math.cos((Math.PI * px) / pageWidth);
    return [px + pageWidth / 2 + (bow * px) / pageWidth, py + pageHeight / 2 + (bow * py) / pageHeight];
  };
  for (let y = 0; y < height; y++) {
    const ry = y + 0.5 - height / 2;
    let next = seenAt(0.5, y + 0.5);
    for (let from = 0; from < width; from += ALIKE) {
      let [mx, my] = next;
      next = seenAt(from + ALIKE + 0.5, y + 0.5);
      const [dx, dy] = [(next[0] - mx) / ALIKE, (next[1] - my) / ALIKE];
      const end = Math.min(width, from + ALIKE);
      for (let x = from; x < end; x++, mx += dx, my += dy) {
        const at = (y * width + x) * 3;
        const rx = x + 0.5 - width / 2;
        const glow = shot.light + (1 - shot.light) * (0.5 + (0.5 * (rx * lightX + ry * lightY)) / half);
        const hidden =
          covered !== undefined &&
          mx >= covered.x &&
          my >= covered.y &&
          mx < covered.x + covered.width &&
          my < covered.y + covered.height;
        if (hidden || mx < 0 || my < 0 || mx >= pageWidth || my >= pageHeight) {
          const grain = 14 * Math.sin(mx * 0.7 + 3 * Math.sin(my * 0.05));
          const level = Math.max(0, (hidden ? HAND : shot.desk) + grain) * glow;
          out[at] = level;
          out[at + 1] = level * 0.85;
          out[at + 2] = level * 0.7;
          continue;
        }
        const sx = Math.min(lastX, Math.max(0, mx * pagePerMm - 0.5));
        const sy = Math.min(lastY, Math.max(0, my * pagePerMm - 0.5));
        const ix = sx | 0;
        const iy = sy | 0;
        const fx = sx - ix;
        const fy = sy - iy;
        const k = (iy * page.width + ix) * 3;
        const below = k + page.width * 3;
        const bright = PAPER * glow;
        for (let channel = 0; channel < 3; channel++) {
          const upper = (data[k + channel] as number) * (1 - fx) + (data[k + 3 + channel] as number) * fx;
          const lower =
            (data[below + channel] as number) * (1 - fx) + (data[below + 3 + channel] as number) * fx;
          out[at + channel] = bright * (upper + (lower - upper) * fy);
        }
      }
    }
  }
  return { width, height, data: out };
}

/** Size of the table of noise values. */
const GRAINS = 4096;

/** Noise of the sensor, alike in all channels; changes the picture it is given. */
export function withNoise({ data }: Colours, { seed, noise }: Pick<Shot, 'seed' | 'noise'>): void {
  if (noise <= 0) return;
  const chance = numbersFrom(seed);
  const grains = Float32Array.from(
    { length: GRAINS },
    () => (chance() + chance() + chance() - 1.5) * 2 * noise,
  );
  for (let i = 0; i < data.length; i += 3) {
    const grain = grains[(chance() * GRAINS) | 0] as number;
    for (let at = i; at < i + 3; at++) {
      const value = (data[at] as number) + grain;
      data[at] = value < 0 ? 0 : value > 255 ? 255 : value;
    }
  }
}

/** Colour of the ink, as what it leaves of red, green and blue where it is full. */
type InkColour = readonly [number, number, number];
const BLACK_INK: InkColour = [0.08, 0.08, 0.1];

/** A printed page, as red, green, blue (and nothing else), with ink laid over it. */
export function inked(printed: Colours, ink: Bytes, colour: InkColour = BLACK_INK): Colours {
  const data = Uint8Array.from(printed.data);
  const [width, height] = [Math.min(printed.width, ink.width), Math.min(printed.height, ink.height)];
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const cover = (ink.data[y * ink.width + x] as number) / 255;
      if (cover === 0) continue;
      for (let channel = 0; channel < 3; channel++) {
        const at = (y * printed.width + x) * 3 + channel;
        data[at] = (data[at] as number) * (1 - cover * (1 - (colour[channel] as number)));
      }
    }
  }
  return { width: printed.width, height: printed.height, data };
}
