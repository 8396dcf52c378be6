import type { Mm } from '../measure/units';
import { ladderReach } from './draw/ladder';
import { layoutSheet } from './layout';
import type { Sheet } from './sheet';

/** A ruled line to write on: its baseline, and where writing begins and ends, beside the ladder. */
export interface FreeLine {
  readonly baseline: Mm;
  readonly from: Mm;
  readonly to: Mm;
}

/** The lines of a ruled sheet, band by band, column by column, from the top. */
export function freeLines(sheet: Sheet): FreeLine[] {
  const layout = layoutSheet(sheet);
  const { columns, startsRight } = layout;
  return layout.strips.flatMap((strip) =>
    columns.flatMap(({ x, width }): FreeLine[] => {
      const ladder = ladderReach(sheet, strip, layout);
      const [from, to] = startsRight ? [x, x + width - ladder] : [x + ladder, x + width];
      return strip.lines.map(({ baseline }) => ({ baseline, from, to }));
    }),
  );
}
