import type { DrawingNode } from '../drawing/drawing';
import { type Mm, tanDeg } from '../measure/units';
import type { Setting } from '../setting/setting';
import { letterUnit, letterZones, recipeTypeface } from '../setting/settingFace';
import { setLine } from '../type/setLine';
import { writeLine } from '../type/writeLine';

/** A line of text as a recipe writes it: true to size, its baseline at 0, its left edge at 0. */
export interface SampleLine {
  readonly nodes: readonly DrawingNode[];
  readonly width: Mm;
  /** How far its zones reach over and under the baseline. */
  readonly above: Mm;
  readonly below: Mm;
  /** Characters the hand has no letter for. */
  readonly missing: readonly string[];
}

/** Room beside a line for ink that leaves its letters' widths, in letter units. */
const BESIDE = 1.2;

/** Writes one line; undefined where the hand's letters are not drawn. */
export function sampleLine(recipe: Setting, text: string, ink: string): SampleLine | undefined {
  const face = recipeTypeface(recipe);
  if (!face) return undefined;
  const unit = letterUnit(recipe, recipe.width);
  const { body, ascender, descender, capital } = letterZones(recipe);
  const [above, below] = [Math.max(body + ascender, capital) + 1, descender + 1];
  const set = setLine(face, text);
  const lean = Math.max(0, tanDeg(recipe.slope));
  const start = (BESIDE + below * lean + set.left) * unit;
  return {
    nodes: writeLine(face, set, start, 0, unit, ink),
    width: (set.width + 2 * BESIDE + (above + below) * lean) * unit,
    above: above * unit,
    below: below * unit,
    missing: set.missing,
  };
}
