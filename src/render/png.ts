import { crc32 } from 'node:zlib';
import { Resvg, type ResvgRenderOptions } from '@resvg/resvg-js';
import type { Drawing } from '@/core/drawing/drawing';
import { MM_PER_INCH } from '@/core/measure/units';
import { ARABIC_FILES, FONT_FILES } from './fonts';
import { renderSvg, SHEET_FONT } from './svg';

/** All that a thread needs to make a PNG: plain data. */
export interface PngTask {
  readonly svg: string;
  /** Dots to the inch, written into the file: programs that place it know its size on paper. */
  readonly dpi: number;
  readonly options: ResvgRenderOptions;
}

/** A drawing on white paper at `dpi` dots to the inch, to be rasterised. */
export const pngTask = (drawing: Drawing, dpi: number): PngTask => ({
  svg: renderSvg(drawing),
  dpi,
  options: {
    background: '#ffffff',
    fitTo: { mode: 'width', value: Math.max(1, Math.round((drawing.width / MM_PER_INCH) * dpi)) },
    font: {
      loadSystemFonts: false,
      fontFiles: [...Object.values(FONT_FILES), ...Object.values(ARABIC_FILES)],
      defaultFontFamily: SHEET_FONT,
    },
  },
});

/** The PNG itself, made at once: seconds for a large sheet at 600 dpi, so a server leaves it to a thread. */
export const rasterise = ({ svg, options, dpi }: PngTask): Buffer =>
  withPhysicalSize(new Resvg(svg, options).render().asPng(), dpi);

/** Bytes before the first chunk that may follow the header (PNG, third edition, 5.2 and 11.2.1): signature and IHDR. */
const AFTER_HEADER = 8 + 25;
const MM_PER_METRE = 1000;
const METRES = 1;

/** A PNG with its pHYs chunk (PNG, third edition, 11.3.4.3): pixels a metre in x and y, whole numbers. */
function withPhysicalSize(png: Buffer, dpi: number): Buffer {
  const body = Buffer.alloc(13);
  body.write('pHYs', 0, 'latin1');
  const perMetre = Math.round((dpi / MM_PER_INCH) * MM_PER_METRE);
  body.writeUInt32BE(perMetre, 4);
  body.writeUInt32BE(perMetre, 8);
  body.writeUInt8(METRES, 12);
  const [length, check] = [Buffer.alloc(4), Buffer.alloc(4)];
  length.writeUInt32BE(body.length - 'pHYs'.length);
  check.writeUInt32BE(crc32(body));
  return Buffer.concat([png.subarray(0, AFTER_HEADER), length, body, check, png.subarray(AFTER_HEADER)]);
}

/** The pixels of a drawing at `dpi` dots to the inch: red, green, blue and alpha (opaque) of each, row by row. */
export function renderPixels(drawing: Drawing, dpi: number): { width: number; height: number; data: Buffer } {
  const { svg, options } = pngTask(drawing, dpi);
  const { width, height, pixels } = new Resvg(svg, options).render();
  return { width, height, data: pixels };
}

export const renderPng = (drawing: Drawing, dpi: number): Buffer => rasterise(pngTask(drawing, dpi));
