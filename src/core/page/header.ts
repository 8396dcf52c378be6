import { group, segments, text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import { fitText, wrapText } from '../drawing/textWidth';
import type { Mm } from '../measure/units';
import { HEADER_HEIGHT, type PageBoxes } from './boxes';
import { AID_LINE, HEADER_SIZE, SMALL } from './lettering';
import type { LineLanguage } from './lineLanguage';
import { CODE_ROOM } from './marks';

const TITLE_SIZE: Mm = 4.2;
/** Rows of a header on narrow paper, and how many there is room for. */
const NARROW_ROW: Mm = 3.8;
const MOST_LINES = 3;

/** Contents of a header: what the page is, and date and note, or blanks to write them into. */
export interface Headed {
  readonly headline: string;
  readonly date: string;
  readonly note: string;
}

/** The leading parts of a headline that fit whole into the rows of a header. */
function wholeParts(headline: string, width: Mm): string[] {
  const parts = headline.split(' · ');
  for (let count = parts.length; count > 1; count--) {
    const lines = wrapText(parts.slice(0, count).join(' · '), HEADER_SIZE, width);
    if (lines.length <= MOST_LINES) return lines;
  }
  return wrapText(parts[0] ?? '', HEADER_SIZE, width).slice(0, MOST_LINES);
}

/** What the sheet is, and blanks to write date and note into. */
export function header(headed: Headed, boxes: PageBoxes, language: LineLanguage): DrawingNode[] {
  if (!boxes.aids.header) return [];
  const room = boxes.marked
    ? Math.min(boxes.block.width, boxes.page.width - CODE_ROOM - boxes.block.x)
    : boxes.block.width;
  const block = { ...boxes.block, width: room };
  const colour = language.aid;
  const top = block.y - HEADER_HEIGHT;
  const firstRow = top + TITLE_SIZE * 0.8;
  const secondRow = firstRow + 5;
  const lines = wholeParts(headed.headline, block.width);
  const told = [headed.date, headed.note].filter(Boolean);
  if (lines.length > 1) {
    // On narrow paper the blanks are dropped first; what the sheet is stays.
    const rows = [...lines, ...(told.length > 0 ? [told.join(' · ')] : [])].slice(0, MOST_LINES);
    return [
      group(
        'header',
        rows.map((line, row) =>
          text(block.x, top + (row + 0.8) * NARROW_ROW, fitText(line, HEADER_SIZE, block.width), {
            size: HEADER_SIZE,
            colour,
          }),
        ),
      ),
    ];
  }
  const nodes: DrawingNode[] = [
    text(block.x, firstRow, fitText(headed.headline, HEADER_SIZE, block.width), {
      size: HEADER_SIZE,
      colour,
    }),
  ];
  const half = block.width / 2;
  const blank = (x: Mm, label: string, value: string, room: Mm) => {
    const labelWidth: Mm = 9;
    nodes.push(text(x, secondRow, label, { size: SMALL * 1.15, colour }));
    if (value) {
      const content = fitText(value, HEADER_SIZE, room - labelWidth);
      nodes.push(text(x + labelWidth, secondRow, content, { size: HEADER_SIZE, colour }));
    } else {
      nodes.push(
        segments([[x + labelWidth, secondRow + 0.5, x + room, secondRow + 0.5]], {
          colour,
          width: AID_LINE / 2,
        }),
      );
    }
  };
  blank(block.x, 'Date', headed.date, half * 0.7 - 2);
  blank(block.x + half * 0.7, 'Note', headed.note, block.width - half * 0.7);
  return [group('header', nodes)];
}
