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

/** White between the start of the line (or its ladder) and the first letter. */
const LEAD: Mm = 3;

/**
 * The exemplar: the user's text written by the hand from the first line on, in every strip with that strip's nib; it
 * goes on over as many lines as it needs. Words that find no room on any are left out whole (`leftOut` names them);
 * nothing is ever written off the line.
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

/** The words of the exemplar that found no room in the first strip; empty when all are written. */
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
  if (!face) return { nodes: [], rest: [] };
  const ladder = ladderReach(recipe, strip, layout);
  const lean = Math.abs(tanDeg(recipe.slope));
  const words = [...recipe.exemplar.matchAll(/\S+/g)];
  const nodes: DrawingNode[] = [];
  let next = 0;
  for (const column of layout.startsRight ? layout.columns.toReversed() : layout.columns) {
    for (const line of strip.lines) {
      if (next === words.length) break;
      // Leaning forward, descenders reach back and ascenders forward of the upright skeleton.
      const back = (line.bottom - line.baseline) * lean;
      const forward = (line.baseline - line.top) * lean;
      const room = column.width - ladder - 2 * LEAD - back - forward;
      const from = words[next]?.index ?? 0;
      for (let count = words.length; count > next; count--) {
        const { index, 0: word } = words[count - 1] as RegExpExecArray;
        const set = exemplarLine(recipe, face, index + word.length, from);
        if ((set.width + set.left) * unit > room) continue;
        // Every line begins at the head of its column, on the side the hand is written from.
        const start = face.rightToLeft
          ? column.x + column.width - (layout.startsRight ? ladder : 0) - LEAD - forward - set.width * unit
          : column.x + (layout.startsRight ? 0 : ladder) + LEAD + back + set.left * unit;
        const written = writeLine(face, set, start, line.baseline, unit, colour);
        if (!onPage(written, layout)) continue;
        nodes.push(...written);
        next = count;
        break;
      }
      // A word that is longer than a line stays out, and so does what follows it.
      if (words[next]?.index === from) break;
    }
  }
  return { nodes, rest: words.slice(next).map(([word]) => word) };
}

/** On a sheet without margins a descender of the last line can cross the edge; then the word is left out as well. */
function onPage(nodes: readonly DrawingNode[], { page }: SheetLayout): boolean {
  const ink = drawingBounds({ nodes });
  return (
    ink === undefined ||
    (ink.left >= 0 && ink.top >= 0 && ink.right <= page.width && ink.bottom <= page.height)
  );
}
