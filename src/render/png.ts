import { Resvg, type ResvgRenderOptions } from '@resvg/resvg-js';
import type { Drawing } from '@/core/drawing/drawing';
import { MM_PER_INCH } from '@/core/measure/units';
import { ARABIC_FILES, FONT_FILES } from './fonts';
import { renderSvg, SHEET_FONT } from './svg';

/** All that a thread needs to make a PNG: plain data. */
export interface PngTask {
  readonly svg: string;
  readonly options: ResvgRenderOptions;
}

/** A drawing on white paper at `dpi` dots to the inch, to be rasterised. */
export const pngTask = (drawing: Drawing, dpi: number): PngTask => ({
  svg: renderSvg(drawing),
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
export const rasterise = ({ svg, options }: PngTask): Buffer => new Resvg(svg, options).render().asPng();

export const renderPng = (drawing: Drawing, dpi: number): Buffer => rasterise(pngTask(drawing, dpi));
