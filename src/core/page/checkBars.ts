import { group, segments, text } from '../drawing/build';
import type { DrawingNode } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import { BAR_SPACE, type PageBoxes, PRINT_EDGE } from './boxes';
import { AID_LINE, SMALL } from './lettering';
import type { LineLanguage } from './lineLanguage';
import { MARKED_EDGE } from './marks';
import { CHECK_BAR } from './printer';

/** Possible lengths of a check bar, longest first; the first that fits the sheet is used. */
const BAR_LENGTHS: readonly Mm[] = [CHECK_BAR, 50, 20];
const BAR_TICK: Mm = 1.5;

/** Check bars in x and y: 100 mm where the sheet can hold it. Measure them to know what the printer did. */
export function checkBars(boxes: PageBoxes, language: LineLanguage): DrawingNode[] {
  if (!boxes.aids.bars) return [];
  const { page } = boxes;
  const length = (room: Mm) => BAR_LENGTHS.find((bar) => bar <= room - 2 * PRINT_EDGE) ?? 20;
  const across = length(page.width);
  const beside = page.height / 2 - 2 * MARKED_EDGE;
  const down = boxes.marked ? length(beside + 2 * PRINT_EDGE) : length(page.height - BAR_SPACE - SMALL);
  // Beside marks the bars stand clear of the rings in the middles of the sides: one farther in, one farther down.
  const barY = page.height - (boxes.marked ? MARKED_EDGE : PRINT_EDGE) - BAR_TICK;
  const barX = boxes.startsRight ? PRINT_EDGE + BAR_TICK : page.width - PRINT_EDGE - BAR_TICK;
  const x1 = (page.width - across) / 2;
  const y1 = boxes.marked ? page.height / 2 + MARKED_EDGE + (beside - down) / 2 : (page.height - down) / 2;
  const stroke = { colour: language.aid, width: AID_LINE };
  return [
    group('check-bars', [
      segments(
        [
          [x1, barY, x1 + across, barY],
          [x1, barY - BAR_TICK, x1, barY + BAR_TICK],
          [x1 + across, barY - BAR_TICK, x1 + across, barY + BAR_TICK],
        ],
        stroke,
      ),
      segments(
        [
          [barX, y1, barX, y1 + down],
          [barX - BAR_TICK, y1, barX + BAR_TICK, y1],
          [barX - BAR_TICK, y1 + down, barX + BAR_TICK, y1 + down],
        ],
        stroke,
      ),
      text(x1 + across / 2, barY - 0.7, `${across} mm`, {
        size: SMALL,
        colour: language.aid,
        anchor: 'middle',
      }),
      text(boxes.startsRight ? barX - BAR_TICK : barX + BAR_TICK, y1 - 0.8, `${down} mm`, {
        size: SMALL,
        colour: language.aid,
        anchor: boxes.startsRight ? 'start' : 'end',
      }),
    ]),
  ];
}
