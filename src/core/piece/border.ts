import { rectangle, type Segment, segments } from '../drawing/build';
import type { DrawingNode, LineStyle } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import type { Piece } from './piece';

/** Weight of a drawn rule, and what stands between two of them. */
const RULE: Mm = 0.4;
const BETWEEN: Mm = 1.2;

/**
 * Ticks along one side, evenly from corner to corner: as many as stand nearest to the distance asked for, so that a
 * corner is never cut short.
 */
export function evenly(from: Mm, until: Mm, spacing: Mm): Mm[] {
  const steps = Math.max(1, Math.round((until - from) / spacing));
  return Array.from({ length: steps + 1 }, (_, i) => from + ((until - from) * i) / steps);
}

/** The border of a piece, as lines. */
export function borderNodes(
  { border }: Pick<Piece, 'border'>,
  page: { readonly width: Mm; readonly height: Mm },
  colour = border.colour,
): DrawingNode[] {
  if (border.kind === 'none') return [];
  const { inset, spacing, length } = border;
  const [left, top, right, bottom] = [inset, inset, page.width - inset, page.height - inset];
  const stroke: LineStyle = { colour, width: RULE };
  const frame = (off: Mm): DrawingNode => ({
    kind: 'path',
    commands: rectangle(left + off, top + off, right - left - 2 * off, bottom - top - 2 * off),
    stroke,
  });
  const ticks = (list: readonly Segment[]) => segments(list, { ...stroke, cap: 'round' });
  switch (border.kind) {
    case 'rule':
      return [frame(0)];
    case 'double rule':
      return [frame(0), frame(BETWEEN)];
    case 'corners':
      return [
        ticks(
          [
            [left, top, 1, 1],
            [right, top, -1, 1],
            [left, bottom, 1, -1],
            [right, bottom, -1, -1],
          ].flatMap(([x, y, dx, dy]): Segment[] => [
            [x as Mm, y as Mm, (x as Mm) + (dx as number) * length, y as Mm],
            [x as Mm, y as Mm, x as Mm, (y as Mm) + (dy as number) * length],
          ]),
        ),
      ];
    case 'ticks':
      return [
        ticks([
          ...evenly(left, right, spacing).flatMap((x): Segment[] => [
            [x, top, x, top + length],
            [x, bottom, x, bottom - length],
          ]),
          // The corners have a tick already.
          ...evenly(top, bottom, spacing)
            .slice(1, -1)
            .flatMap((y): Segment[] => [
              [left, y, left + length, y],
              [right, y, right - length, y],
            ]),
        ]),
      ];
  }
}
