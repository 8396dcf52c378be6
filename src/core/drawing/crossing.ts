import type { Mm } from '../measure/units';
import { drawingBounds } from './bounds';
import type { DrawingNode, PathCommand } from './drawing';

/** A box on the page. */
interface Box {
  readonly x: Mm;
  readonly y: Mm;
  readonly width: Mm;
  readonly height: Mm;
}

/** Does a straight line touch a box? Clipped side by side (geometry). */
function lineCrosses(x1: Mm, y1: Mm, x2: Mm, y2: Mm, { x, y, width, height }: Box): boolean {
  const [dx, dy] = [x2 - x1, y2 - y1];
  let [from, to] = [0, 1];
  const sides = [
    [-dx, x1 - x],
    [dx, x + width - x1],
    [-dy, y1 - y],
    [dy, y + height - y1],
  ] as const;
  for (const [toward, inside] of sides) {
    if (toward === 0) {
      if (inside < 0) return false;
    } else if (toward < 0) from = Math.max(from, inside / toward);
    else to = Math.min(to, inside / toward);
  }
  return from <= to;
}

/** A path's lines against a box; of a curve the arms that hold it. */
function pathCrosses(commands: readonly PathCommand[], box: Box): boolean {
  let [x, y] = [0, 0];
  for (const command of commands) {
    for (let i = 1; i + 1 < command.length; i += 2) {
      const [nx, ny] = [command[i] as number, command[i + 1] as number];
      if (command[0] !== 'M' && lineCrosses(x, y, nx, ny, box)) return true;
      [x, y] = [nx, ny];
    }
  }
  return false;
}

/** Does anything that is drawn touch one of these boxes? Letters and words by the box that holds them. */
export function crosses(node: DrawingNode, boxes: readonly Box[]): boolean {
  switch (node.kind) {
    case 'group':
      return node.children.some((child) => crosses(child, boxes));
    case 'path':
      return boxes.some((box) => pathCrosses(node.commands, box));
    default: {
      const held = drawingBounds({ nodes: [node] });
      return held !== undefined && boxes.some((box) => meets(held, box));
    }
  }
}

/** Do two boxes share a place? */
export const meets = (
  held: { readonly left: Mm; readonly top: Mm; readonly right: Mm; readonly bottom: Mm },
  { x, y, width, height }: Box,
): boolean => held.left < x + width && held.right > x && held.top < y + height && held.bottom > y;
