import type { Bytes } from '@/core/raster/grey';

/** Largest picture that is read, in pixels: a scan of A3 at 600 dots to the inch has seventy million and is not needed. */
export const MOST_PIXELS = 50_000_000;
/** What of a picture is looked at: green to find marks in, blue where the ruling is cyan, its lightness otherwise. */
export const CHANNELS = ['green', 'blue', 'light'] as const;
export type Channel = (typeof CHANNELS)[number];

/** Luminance of red, green and blue (ITU-R BT.601). */
const LIGHT = [0.299, 0.587, 0.114] as const;

/** One channel of pixels of one, three or four. */
export function channelOf(
  data: Uint8Array,
  width: number,
  height: number,
  channels: number,
  which: Channel,
): Bytes {
  if (channels === 1) return { width, height, data };
  const out = new Uint8Array(width * height);
  const [r, g, b] = LIGHT;
  const at = which === 'green' ? 1 : 2;
  for (let i = 0, k = 0; i < out.length; i++, k += channels) {
    out[i] =
      which === 'light'
        ? r * (data[k] as number) + g * (data[k + 1] as number) + b * (data[k + 2] as number)
        : (data[k + at] as number);
  }
  return { width, height, data: out };
}
