import { Resvg } from '@resvg/resvg-js';

/** Pixels of a picture, four bytes each: red, green, blue and how much of the pixel is covered. */
export interface Pixels {
  readonly pixels: Uint8Array;
  readonly width: number;
  readonly height: number;
}

/** A drawing as an independent rasteriser sees it, on paper of a colour or on none. Text is left out: no font is loaded. */
export function rastered(svg: string, width: number, background?: string): Pixels {
  const picture = new Resvg(svg, {
    fitTo: { mode: 'width', value: width },
    font: { loadSystemFonts: false },
    ...(background && { background }),
  }).render();
  return { pixels: picture.pixels, width: picture.width, height: picture.height };
}
