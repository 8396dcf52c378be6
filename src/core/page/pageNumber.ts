import { text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import { type PageBoxes, PRINT_EDGE } from './boxes';
import type { LineLanguage } from './lineLanguage';

/** Room a page number needs under the block. */
const NUMBER_ROOM: Mm = 6;

/** At the end of the line's side, over the check bar; left out where the sheet has no foot. */
export function pageNumber(
  page: number,
  of: number,
  { page: sheet, block, startsRight }: PageBoxes,
  language: LineLanguage,
): DrawingNode[] {
  if (sheet.height - block.y - block.height < NUMBER_ROOM) return [];
  const x = startsRight ? block.x : block.x + block.width;
  return [
    text(x, sheet.height - PRINT_EDGE - 3.8, `${page} of ${of}`, {
      size: 2.6,
      colour: language.aid,
      anchor: startsRight ? 'start' : 'end',
    }),
  ];
}
