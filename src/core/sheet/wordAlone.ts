import { drawingBounds } from '../drawing/bounds';
import type { Drawing } from '../drawing/drawing';
import type { Mm } from '../measure/units';
import { lineLanguage } from '../page/lineLanguage';
import { Problem } from '../problem/problem';
import { handOf } from '../setting/handOf';
import type { OwnLetter } from '../setting/letterSet';
import { letterUnit, recipeTypeface } from '../setting/settingFace';
import { writeLine } from '../type/writeLine';
import { exemplarLine } from './exemplarLine';
import type { Sheet } from './sheet';

/** White around the ink. */
const AROUND: Mm = 2;

/**
 * What is written, alone and at true size, without page or ruling: as large as its ink and a little white.
 * @throws Problem when there is no text, or no letter for any of it.
 */
export function wordAlone(recipe: Sheet, own: readonly OwnLetter[] = []): Drawing {
  const hand = handOf(recipe);
  const face = recipeTypeface(recipe, { own });
  if (!face) throw new Problem('hand', `The letters of ${hand.name} are not drawn yet.`);
  const set = exemplarLine(recipe, face);
  const { exemplar: colour } = lineLanguage(recipe.tint);
  const at = (x: Mm, y: Mm) => writeLine(face, set, x, y, letterUnit(recipe), colour);
  const ink = drawingBounds({ nodes: at(0, 0) });
  if (!ink) throw new Problem('exemplar', 'There is nothing to write: type a word first.');
  return {
    width: ink.right - ink.left + 2 * AROUND,
    height: ink.bottom - ink.top + 2 * AROUND,
    title: recipe.exemplar.trim(),
    nodes: at(AROUND - ink.left, AROUND - ink.top),
  };
}
