import type { Drawing, DrawingNode } from '../drawing/drawing';
import type { Degrees } from '../measure/units';
import { tanDeg } from '../measure/units';
import type { DueRow } from '../practice/dueRows';
import { handOf } from '../setting/handOf';

/** Tangent of the slope a row is to be written with. */
export const leanOf = ({ due }: DueRow): number => tanDeg(due.ground.recipe.slope);

/** The angle a row's edge is to be held at; undefined where the tool has none. */
export const edgeAngleOf = ({ due }: DueRow): Degrees | undefined => {
  const { recipe, pen } = due.ground;
  return pen.kind === 'broad' && handOf(recipe).penAngle ? recipe.penAngle : undefined;
};

/** A line that is printed on the page, in mm. */
export interface PrintedLine {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly width: number;
}

/** Groups of a page's drawing that are lines under the writing. */
const RULED =
  /^(ruling|baseline|waistline|ascender|descender|capital|branch|small-capital|slope|half-dots|headings|guide-marks)$/;

/** Straight lines of a page's ruling: what must be taken out of a picture before ink is looked for. */
export function printedLines({ nodes }: Drawing): PrintedLine[] {
  const lines: PrintedLine[] = [];
  const visit = (node: DrawingNode, ruling: boolean): void => {
    if (node.kind === 'group') {
      for (const child of node.children) visit(child, ruling || RULED.test(node.role));
    } else if (node.kind === 'path' && node.stroke && ruling) {
      let [x, y] = [0, 0];
      for (const command of node.commands) {
        if (command[0] === 'M') [x, y] = [command[1], command[2]];
        else if (command[0] === 'L') {
          lines.push({ x1: x, y1: y, x2: command[1], y2: command[2], width: node.stroke.width });
          [x, y] = [command[1], command[2]];
        }
      }
    }
  };
  for (const node of nodes) visit(node, false);
  return lines;
}
