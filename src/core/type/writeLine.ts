import { polygon } from '../drawing/build';
import type { DrawingNode, Form, PathCommand } from '../drawing/drawing';
import type { Vec } from '../geometry/vec';
import { type Mm, tanDeg } from '../measure/units';
import { lastFor } from '../memo/memo';
import { exactOutlines, type Outline } from '../pen/exact';
import type { Pen } from '../pen/pen';
import type { Stroke } from '../pen/stroke';
import type { Cut } from './cut';
import type { Typeface } from './face';
import type { SetLine } from './placed';

/** Line width of the open box that marks a missing letter. */
const BOX_LINE: Mm = 0.2;

/** A letter's exact outlines as one form at the origin, y downwards; kept for the pen it was last written with. */
export const formOf = lastFor((pen: Pen, cut: Cut): Form => {
  const parts = cut.strokes.map((stroke) => formOfStroke(pen, stroke));
  return { commands: parts.flatMap(({ commands }) => commands), parts };
});

/** One stroke's exact outlines, likewise. */
export const formOfStroke = lastFor(
  (pen: Pen, stroke: Stroke): Form => ({ commands: exactOutlines(pen, stroke).flatMap(commandsOf) }),
);

/** Straight sides become lines: a third of the size. */
const STRAIGHT = 1e-9;

function commandsOf(outline: Outline): PathCommand[] {
  const down = ([x, y]: Vec): [number, number] => [x, -y];
  const [first] = outline;
  if (!first) return [];
  const sides = outline
    .slice(0, -1)
    .concat(isStraight(outline.at(-1) as Outline[number]) ? [] : outline.slice(-1));
  return [
    ['M', ...down(first[0])],
    ...sides.map(
      (side): PathCommand =>
        isStraight(side)
          ? ['L', ...down(side[3])]
          : ['C', ...down(side[1]), ...down(side[2]), ...down(side[3])],
    ),
    ['Z'],
  ];
}

/** Controls on the chord: what `straight` makes. */
const isStraight = ([a, b, c, d]: Outline[number]): boolean => {
  const off = ([x, y]: Vec) => Math.abs((d[0] - a[0]) * (y - a[1]) - (d[1] - a[1]) * (x - a[0]));
  return off(b) < STRAIGHT && off(c) < STRAIGHT;
};

/** A set line as ink on the page: baseline at (x, y) in mm, the letters' unit `unit` mm long. */
export function writeLine(
  face: Typeface,
  set: SetLine,
  x: Mm,
  y: Mm,
  unit: Mm,
  colour: string,
): DrawingNode[] {
  const nodes: DrawingNode[] = [];
  const boxes: PathCommand[] = [];
  for (const item of set.placed) {
    if (item.kind !== 'missing') {
      const form = formOf(face.pen, item.cut);
      nodes.push({
        kind: 'form',
        form,
        x: x + item.x * unit,
        y: y - item.y * unit,
        scale: unit,
        paint: { fill: colour },
      });
    } else {
      const lean = tanDeg(face.slope);
      const corner = (cx: number, cy: number): Vec => [x + (cx + cy * lean + item.x) * unit, y - cy * unit];
      const { body } = face.zones;
      boxes.push(
        ...polygon([corner(0, 0), corner(item.width, 0), corner(item.width, body), corner(0, body)]),
      );
    }
  }
  if (boxes.length > 0) nodes.push({ kind: 'path', commands: boxes, stroke: { colour, width: BOX_LINE } });
  return nodes;
}
