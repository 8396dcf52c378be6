import type { Mm } from '../measure/units';
import type { Drawing, DrawingNode, Form, PathCommand } from './drawing';
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
      for (const [x, y] of pointsOf(node.commands)) include(x, y, reach);
    } else if (node.kind === 'form') {
      if (node.form.commands.length === 0) return;
      const { left, top, right, bottom } = formBounds(node.form);
      const reach = 'stroke' in node.paint ? node.paint.stroke.width / 2 : 0;
      include(node.x + left * node.scale, node.y + top * node.scale, reach);
      include(node.x + right * node.scale, node.y + bottom * node.scale, reach);
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

function* pointsOf(commands: readonly PathCommand[]): Generator<[number, number]> {
  for (const command of commands) {
    for (let i = 1; i + 1 < command.length; i += 2) yield [command[i] as number, command[i + 1] as number];
  }
}

const boundsOfForms = new WeakMap<Form, Bounds>();

/** The box of a form in its own unit; worked out once. */
export function formBounds(form: Form): Bounds {
  let known = boundsOfForms.get(form);
  if (!known) {
    const points = [...pointsOf(form.commands)];
    const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
    const least = (values: number[]) => values.reduce((a, b) => Math.min(a, b), Number.POSITIVE_INFINITY);
    const most = (values: number[]) => values.reduce((a, b) => Math.max(a, b), Number.NEGATIVE_INFINITY);
    known = { left: least(xs), top: least(ys), right: most(xs), bottom: most(ys) };
    boundsOfForms.set(form, known);
  }
  return known;
}
