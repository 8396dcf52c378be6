import type { Mm } from '../measure/units';
import type { Drawing, DrawingNode } from './drawing';
import { textWidth } from './textWidth';

export interface Bounds {
  readonly left: Mm;
  readonly top: Mm;
  readonly right: Mm;
  readonly bottom: Mm;
}

/** Heights of the text face above and below its baseline, in ems: capital-and-ascender reach and descender reach. */
const TEXT_ABOVE = 0.75;
const TEXT_BELOW = 0.25;

/**
 * The box that holds all ink of a drawing: control points of paths, half the line width around strokes, upper
 * estimates for text. Undefined for an empty drawing.
 */
export function drawingBounds(drawing: Pick<Drawing, 'nodes'>): Bounds | undefined {
  let left = Number.POSITIVE_INFINITY;
  let top = Number.POSITIVE_INFINITY;
  let right = Number.NEGATIVE_INFINITY;
  let bottom = Number.NEGATIVE_INFINITY;
  const include = (x: Mm, y: Mm, reach: Mm) => {
    left = Math.min(left, x - reach);
    right = Math.max(right, x + reach);
    top = Math.min(top, y - reach);
    bottom = Math.max(bottom, y + reach);
  };
  const visit = (node: DrawingNode) => {
    if (node.kind === 'group') {
      node.children.forEach(visit);
    } else if (node.kind === 'path') {
      const reach = (node.stroke?.width ?? 0) / 2;
      for (const command of node.commands) {
        for (let i = 1; i + 1 < command.length; i += 2) {
          include(command[i] as Mm, command[i + 1] as Mm, reach);
        }
      }
    } else {
      const width = textWidth(node.text, node.size);
      const start = node.x - (node.anchor === 'start' ? 0 : node.anchor === 'middle' ? width / 2 : width);
      include(start, node.y - TEXT_ABOVE * node.size, 0);
      include(start + width, node.y + TEXT_BELOW * node.size, 0);
    }
  };
  drawing.nodes.forEach(visit);
  return left <= right ? { left, top, right, bottom } : undefined;
}
