import type { Recipe } from '@/core/document/recipe';
import { drawingBounds } from '@/core/drawing/bounds';
import type { FormNode } from '@/core/drawing/drawing';
import type { Mark } from '@/core/drawing/mark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { letterZones, recipeTypeface } from '@/core/setting/settingFace';
import { setLine } from '@/core/type/setLine';
import { writeLine } from '@/core/type/writeLine';
import { pathData } from '@/render/pathData';

/** White around the ink, in letter units. */
const AROUND = 0.3;

/** Undefined where the hand has no letters, or not all of the word's. */
export function markOf(recipe: Recipe, text: string, own?: readonly OwnLetter[]): Mark | undefined {
  const face = recipeTypeface(recipe, own && { own });
  if (!face) return undefined;
  const set = setLine(face, text);
  if (set.missing.length > 0) return undefined;
  const nodes = writeLine(face, set, 0, 0, 1, '#000').filter(
    (node): node is FormNode => node.kind === 'form',
  );
  const ink = drawingBounds({ nodes });
  if (!ink) return undefined;
  const { body, ascender, descender, capital } = letterZones(recipe);
  const above = Math.max(body + ascender, capital) + AROUND;
  return {
    forms: nodes.map(({ x, y, form }) => ({ x, y, d: pathData(form.commands) })),
    box: [ink.left - AROUND, -above, ink.right - ink.left + 2 * AROUND, above + descender + AROUND]
      .map((length) => length.toFixed(2))
      .join(' '),
  };
}
