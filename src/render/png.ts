import { Resvg } from '@resvg/resvg-js';
import type { Drawing } from '@/core/drawing/drawing';
import { MM_PER_INCH } from '@/core/measure/units';
import { ARABIC_FILES, FONT_FILES } from './fonts';
import { renderSvg, SHEET_FONT } from './svg';

/** A drawing as a PNG on white paper at `dpi` dots to the inch. */
export function renderPng(drawing: Drawing, dpi: number): Buffer {
  const image = new Resvg(renderSvg(drawing), {
    background: '#ffffff',
    fitTo: { mode: 'width', value: Math.max(1, Math.round((drawing.width / MM_PER_INCH) * dpi)) },
    font: {
      loadSystemFonts: false,
      fontFiles: [...Object.values(FONT_FILES), ...Object.values(ARABIC_FILES)],
      defaultFontFamily: SHEET_FONT,
    },
  });
  return image.render().asPng();
}
