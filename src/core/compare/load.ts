import type { Recipe } from '../document/recipe';
import { drawingBounds } from '../drawing/bounds';
import type { DrawingNode } from '../drawing/drawing';
import { movedBy } from '../drawing/move';
import { PALEST, paler } from '../drawing/paler';
import { isPressed } from '../hand/hand';
import type { Mm } from '../measure/units';
import { type Charged, coverOf, usualLoad } from '../piece/dips';
import { strokesOf } from '../piece/inkArea';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { letterUnit, recipeTypeface } from '../setting/settingFace';
import { setLine } from '../type/setLine';

/** How often one load of a tool writes a word; undefined for one that feeds itself, or where the hand cannot write it. */
export function wordsALoad(
  recipe: Recipe,
  word: string,
  tool: Charged,
  own: readonly OwnLetter[],
): number | undefined {
  const load = usualLoad(tool, isPressed(handOf(recipe)));
  const face = recipeTypeface(recipe, { own });
  if (load === undefined || !face) return undefined;
  const area = setLine(face, word).placed.reduce(
    (sum, item) =>
      item.kind === 'missing'
        ? sum
        : strokesOf(face.pen, item.cut).reduce((total, stroke) => total + stroke.area, sum),
    0,
  );
  return area > 0 ? coverOf(load) / (area * letterUnit(recipe) ** 2) : undefined;
}

/** Ink of a pen that has written a fraction of its load. */
function inked(node: DrawingNode, written: number): DrawingNode {
  const pale = (colour: string) => paler(colour, PALEST * written);
  switch (node.kind) {
    case 'form':
      return 'fill' in node.paint ? { ...node, paint: { fill: pale(node.paint.fill) } } : node;
    case 'path':
      return node.fill === undefined ? node : { ...node, fill: pale(node.fill) };
    case 'group':
      return { ...node, children: node.children.map((child) => inked(child, written)) };
    case 'text':
      return node;
  }
}

/**
 * A written word, and beside it the same word again until the load is empty or the line is full, each as pale as the ink that is left
 * (`times` words a load).
 */
export function overALoad(word: DrawingNode, times: number, width: Mm, gap: Mm): DrawingNode[] {
  const bounds = drawingBounds({ nodes: [word] });
  if (!bounds) return [word];
  const step = bounds.right - bounds.left + gap;
  const room = Math.floor((width - bounds.right) / step);
  const more = Math.max(0, Math.min(room, Math.floor(times) - 1));
  return [
    word,
    ...Array.from({ length: more }, (_, i) => inked(movedBy(word, (i + 1) * step, 0), (i + 1) / times)),
  ];
}
