import { rectangle } from '@/core/drawing/build';
import type { Drawing, DrawingNode } from '@/core/drawing/drawing';
import { type Composed, drawPage } from '@/core/practice/compose';

/** The line around the band being changed, on the screen only. */
const SELECTED = { colour: '#2f6f66', width: 0.4, dash: [2, 1.4] } as const;
/** How far it stands off the band, in mm. */
const AROUND = 1;

/** The page as the screen shows it: with a line around the band being changed. */
export function screenPage(composed: Composed, index: number, selected: string | null): Drawing {
  const drawing = drawPage(composed, index);
  const boxes = (composed.pages[index]?.laid ?? []).flatMap(({ band, box }) =>
    band === selected ? [box] : [],
  );
  // Where a band goes on in the next column, each column has its own line around it.
  const around = composed.boxes.columns.flatMap((column): DrawingNode[] => {
    const parts = boxes.filter(({ x }) => x === column.x);
    const [first] = parts;
    if (!first) return [];
    const top = Math.min(...parts.map(({ y }) => y));
    const bottom = Math.max(...parts.map(({ y, height }) => y + height));
    const commands = rectangle(
      first.x - AROUND,
      top - AROUND,
      first.width + 2 * AROUND,
      bottom - top + 2 * AROUND,
    );
    return [{ kind: 'path', commands, stroke: SELECTED }];
  });
  return { ...drawing, nodes: [...drawing.nodes, ...around] };
}
