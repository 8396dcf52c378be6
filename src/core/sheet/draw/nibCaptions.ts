import { group, text } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import { fitText } from '../../drawing/textWidth';
import { plain } from '../../measure/units';
import { HEADER_SIZE } from '../../page/lettering';
import type { LineLanguage } from '../../page/lineLanguage';
import { type SheetLayout, STRIP_CAPTION } from '../layout';
import type { Sheet } from '../sheet';

/** The nib of each strip of a comparison sheet. */
export function nibCaptions(recipe: Sheet, layout: SheetLayout, language: LineLanguage): DrawingNode[] {
  if (recipe.nibs.length === 0) return [];
  return [
    group(
      'band-captions',
      layout.strips.map(({ width, top, module }) =>
        text(
          layout.block.x,
          top + STRIP_CAPTION * 0.65,
          fitText(
            `${plain(width)} mm nib · body ${plain(recipe.zones.body * module)} mm`,
            HEADER_SIZE,
            layout.block.width,
          ),
          { size: HEADER_SIZE, colour: language.aid },
        ),
      ),
    ),
  ];
}
