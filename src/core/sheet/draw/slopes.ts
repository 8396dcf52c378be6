import { group, type Segment, segments } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import { type Mm, tanDeg } from '../../measure/units';
import type { Box } from '../../page/boxes';
import type { LineLanguage } from '../../page/lineLanguage';
import type { Ruling } from '../layout';
import type { Sheet } from '../sheet';

/**
 * Slope lines, cut to the zones of each line or running over the whole block. Over the zones they are set off from
 * the start of every baseline, so each line can be used alone; over the block they run through. Lines that share their
 * zones share their slope lines too: two sets that do not meet would be no help to either.
 */
export function slopes(recipe: Sheet, ruling: Ruling, language: LineLanguage): DrawingNode[] {
  if (!recipe.show.slope) return [];
  const lines = ruling.strips.flatMap((strip) => strip.lines);
  const list = ruling.columns.flatMap((column) =>
    recipe.slopeLines.extent === 'block' || recipe.shareZones
      ? slopedLines({ ...column, height: ruling.foot - column.y }, ruling.foot, recipe)
      : lines.flatMap((line) =>
          slopedLines({ ...column, y: line.top, height: line.bottom - line.top }, line.baseline, recipe),
        ),
  );
  return list.length > 0 ? [group('slope', [segments(list, language.slope)])] : [];
}

/**
 * Parallel lines through a box, crossing the level `base` at equal steps from the box's left side. A line leaning
 * s off the vertical passes (x₀, base) along x = x₀ + (base − y)·tan s; it is cut where it leaves the box.
 */
export function slopedLines(
  box: Box,
  base: Mm,
  { slope, slopeLines: { spacing } }: Pick<Sheet, 'slope' | 'slopeLines'>,
): Segment[] {
  const lean = tanDeg(slope);
  const right = box.x + box.width;
  const topRun = (base - box.y) * lean;
  const footRun = (base - box.y - box.height) * lean;
  const reach = [-Math.max(topRun, footRun), box.width - Math.min(topRun, footRun)] as const;
  const found: Segment[] = [];
  for (let k = Math.ceil(reach[0] / spacing); k * spacing <= reach[1]; k++) {
    const foot: Mm = box.x + k * spacing;
    const yAt = (x: Mm) => base - (x - foot) / lean;
    let [x1, y1, x2, y2] = [foot + footRun, box.y + box.height, foot + topRun, box.y];
    if (lean !== 0) {
      const clip = (x: Mm, y: Mm): [Mm, Mm] =>
        x < box.x ? [box.x, yAt(box.x)] : x > right ? [right, yAt(right)] : [x, y];
      [x1, y1] = clip(x1, y1);
      [x2, y2] = clip(x2, y2);
    }
    const inside = x1 >= box.x - 1e-9 && x1 <= right + 1e-9 && y1 > y2;
    if (inside) found.push([x1, y1, x2, y2]);
  }
  return found;
}
