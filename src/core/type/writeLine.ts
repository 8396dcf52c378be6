import { polygon } from '../drawing/build';
import type { DrawingNode, PathCommand } from '../drawing/drawing';
import { type Cubic, mapCubic } from '../geometry/cubic';
import type { Vec } from '../geometry/vec';
import { type Mm, tanDeg } from '../measure/units';
import { exactOutlines, type Outline } from '../pen/exact';
import type { SetLine } from './setLine';
import type { Cut, Typeface } from './typeface';

/** Line width of the open box that stands for a letter the hand does not have. */
const BOX_LINE: Mm = 0.2;

/** Outlines of letters at the origin; the same letter is written many times on a page. */
const outlines = new WeakMap<Cut, Outline[]>();

function outlinesOf(face: Typeface, cut: Cut): Outline[] {
  let found = outlines.get(cut);
  if (!found) {
    found = cut.strokes.flatMap((stroke) => exactOutlines(face.pen, stroke));
    outlines.set(cut, found);
  }
  return found;
}

const commandsOf = (outline: Outline, place: (p: Vec) => Vec): PathCommand[] => {
  const placed = outline.map((cubic) => mapCubic(cubic, place));
  const [first] = placed as [Cubic, ...Cubic[]];
  return [['M', ...first[0]], ...placed.map(([, b, c, d]): PathCommand => ['C', ...b, ...c, ...d]), ['Z']];
};

/** A set line as ink on the page: baseline at (x, y) in mm, one nib width `nib` mm long. One path, nonzero fill. */
export function writeLine(
  face: Typeface,
  set: SetLine,
  x: Mm,
  y: Mm,
  nib: Mm,
  colour: string,
): DrawingNode[] {
  const ink: PathCommand[] = [];
  const boxes: PathCommand[] = [];
  for (const item of set.placed) {
    const place = ([px, py]: Vec): Vec => [x + (px + item.x) * nib, y - py * nib];
    if (item.kind !== 'missing') {
      for (const outline of outlinesOf(face, item.cut)) ink.push(...commandsOf(outline, place));
    } else {
      const lean = tanDeg(face.slope);
      const corner = (cx: number, cy: number) => place([cx + cy * lean, cy]);
      const { body } = face.zones;
      boxes.push(
        ...polygon([corner(0, 0), corner(item.width, 0), corner(item.width, body), corner(0, body)]),
      );
    }
  }
  const nodes: DrawingNode[] = [];
  if (ink.length > 0) nodes.push({ kind: 'path', commands: ink, fill: colour });
  if (boxes.length > 0) nodes.push({ kind: 'path', commands: boxes, stroke: { colour, width: BOX_LINE } });
  return nodes;
}
