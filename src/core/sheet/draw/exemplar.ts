import { drawingBounds } from '../../drawing/bounds';
import { group } from '../../drawing/build';
import type { DrawingNode } from '../../drawing/drawing';
import { type Mm, tanDeg } from '../../measure/units';
import type { LineLanguage } from '../../page/lineLanguage';
import type { OwnLetter } from '../../setting/letterSet';
import { letterUnit, recipeTypeface } from '../../setting/settingFace';
import { writeLine } from '../../type/writeLine';
import { exemplarLine } from '../exemplarLine';
import type { SheetLayout, Strip } from '../layout';
import type { Sheet } from '../sheet';
import { ladderReach } from './ladder';

/** White between the head of the line (or its ladder) and the first letter. */
const LEAD: Mm = 3;

/**
 * The exemplar: the user's text written by the hand on the first line of every strip, with that band's nib. Words that
 * do not fit on the line are left out whole (`leftOut` names them); nothing is ever written off the line.
 */
export function exemplar(
  recipe: Sheet,
  layout: SheetLayout,
  language: LineLanguage,
  own: readonly OwnLetter[],
): DrawingNode[] {
  const nodes = layout.strips.flatMap((strip) => fitted(recipe, layout, strip, own, language.exemplar).nodes);
  return nodes.length > 0 ? [group('exemplar', nodes)] : [];
}

/** The words of the exemplar that found no room on the first band's line; empty when all are written. */
export function leftOut(recipe: Sheet, layout: SheetLayout, own: readonly OwnLetter[] = []): string {
  const strip = layout.strips[0];
  return strip ? fitted(recipe, layout, strip, own, '').rest.join(' ') : '';
}

interface Fitted {
  readonly nodes: DrawingNode[];
  /** Words for which there was no room. */
  readonly rest: readonly string[];
}

function fitted(
  recipe: Sheet,
  layout: SheetLayout,
  strip: Strip,
  own: readonly OwnLetter[],
  colour: string,
): Fitted {
  const face = recipe.exemplar.trim() ? recipeTypeface(recipe, { width: strip.width, own }) : undefined;
  const unit = letterUnit(recipe, strip.width);
  const [column, line] = [layout.columns[0], strip.lines[0]];
  if (!face || !column || !line) return { nodes: [], rest: [] };
  const ladder = ladderReach(recipe, strip, layout);
  // Leaning forward, descenders reach back and ascenders forward of the upright skeleton.
  const lean = Math.abs(tanDeg(recipe.slope));
  const back = (line.bottom - line.baseline) * lean;
  const forward = (line.baseline - line.top) * lean;
  const room = column.width - ladder - 2 * LEAD - back - forward;
  const words = [...recipe.exemplar.matchAll(/\S+/g)];
  const rest = (count: number) => words.slice(count).map(([word]) => word);
  for (let count = words.length; count > 0; count--) {
    const { index, 0: word } = words[count - 1] as RegExpExecArray;
    const set = exemplarLine(recipe, face, index + word.length);
    if ((set.width + set.left) * unit > room) continue;
    const start = column.x + (layout.startsRight ? 0 : ladder) + LEAD + back + set.left * unit;
    const nodes = writeLine(face, set, start, line.baseline, unit, colour);
    if (onPage(nodes, layout)) return { nodes, rest: rest(count) };
  }
  return { nodes: [], rest: rest(0) };
}

/** A tail under a line at the very foot of a sheet without margins can reach over the edge: then the word goes too. */
function onPage(nodes: readonly DrawingNode[], { page }: SheetLayout): boolean {
  const ink = drawingBounds({ nodes });
  return (
    ink === undefined ||
    (ink.left >= 0 && ink.top >= 0 && ink.right <= page.width && ink.bottom <= page.height)
  );
}
