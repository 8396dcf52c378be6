import type { Mm } from '../measure/units';
import type { DrawingNode, GroupNode, LineStyle, PathCommand, PathNode, TextNode } from './drawing';

/** Small constructors, so that code which draws reads like a description of the page. */

/** A straight segment from (x1, y1) to (x2, y2). */
export type Segment = readonly [Mm, Mm, Mm, Mm];

export const group = (role: string, children: readonly DrawingNode[]): GroupNode => ({
  kind: 'group',
  role,
  children,
});

/** Many segments as one path: one element in the file, however many lines. */
export const segments = (list: readonly Segment[], stroke: LineStyle): PathNode => ({
  kind: 'path',
  commands: list.flatMap(([x1, y1, x2, y2]): PathCommand[] => [
    ['M', x1, y1],
    ['L', x2, y2],
  ]),
  stroke,
});

export const polygon = (points: readonly (readonly [Mm, Mm])[]): PathCommand[] => [
  ...points.map(([x, y], index): PathCommand => [index === 0 ? 'M' : 'L', x, y]),
  ['Z'],
];

export const rectangle = (x: Mm, y: Mm, width: Mm, height: Mm): PathCommand[] =>
  polygon([
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ]);

/** Arms of a cubic that stands for a quarter circle of radius 1: (4/3)·tan(π/8). */
const QUARTER = 0.5523;

/** A circle about (cx, cy), of four cubics. */
export function circle(cx: Mm, cy: Mm, r: Mm): PathCommand[] {
  const k = QUARTER * r;
  return [
    ['M', cx + r, cy],
    ['C', cx + r, cy + k, cx + k, cy + r, cx, cy + r],
    ['C', cx - k, cy + r, cx - r, cy + k, cx - r, cy],
    ['C', cx - r, cy - k, cx - k, cy - r, cx, cy - r],
    ['C', cx + k, cy - r, cx + r, cy - k, cx + r, cy],
    ['Z'],
  ];
}

export const text = (
  x: Mm,
  y: Mm,
  content: string,
  options: Pick<TextNode, 'size' | 'colour'> & Partial<Pick<TextNode, 'anchor' | 'style'>>,
): TextNode => ({
  kind: 'text',
  x,
  y,
  text: content,
  size: options.size,
  colour: options.colour,
  anchor: options.anchor ?? 'start',
  style: options.style ?? 'regular',
});
