import { countsByPen } from '../hand/hand';
import { type HandId, handById } from '../hands/registry';
import { handOf } from '../setting/handOf';
import { handSetting } from '../setting/handSetting';
import { shownLines } from '../sheet/shownLines';
import { settle } from '../sheet/solve';
import { carriedOver } from '../type/touch';
import type { Recipe } from './recipe';

/**
 * The same sheet in another hand. The page, the tint and the aids stay; everything the hand decides is new. A broad
 * nib at hand is kept, because the scribe still holds it; so is a number of lines asked for.
 */
export function changeHand(recipe: Recipe, handId: HandId, school?: string): Recipe {
  const part = { ...handSetting(handId, school), show: shownLines(handById(handId)) };
  const before = handOf(recipe);
  // Shapes and places chosen by hand are those of the hand they were chosen in.
  const touches = handId === recipe.hand ? recipe.touches : [];
  const next = { ...recipe, ...part, touches };
  const after = handOf(next);
  const sameTool = before.tool === after.tool && countsByPen(before) && countsByPen(after);
  if (!sameTool) return settle({ ...next, nibs: countsByPen(after) ? recipe.nibs : [] });
  const { lines } = recipe.given;
  return settle({
    ...next,
    width: recipe.width,
    nib: recipe.nib,
    edge: recipe.edge,
    given: {
      body: part.zones.body,
      ...(lines !== undefined && { lines }),
      ...((lines === undefined || recipe.given.width !== undefined) && { width: recipe.width }),
    },
  });
}

/** Another text for the exemplar: what was changed by hand stays with the letters that stay. */
export const changeExemplar = (recipe: Recipe, exemplar: string): Recipe => ({
  ...recipe,
  exemplar,
  touches: carriedOver(recipe.touches, recipe.exemplar, exemplar),
});

/** The same hand as another school teaches it; a nib nobody has chosen becomes the one usual there. */
export function changeSchool(recipe: Recipe, school: string): Recipe {
  const part = handSetting(recipe.hand, school);
  const untouched = recipe.nib === '' && recipe.width === handOf(recipe).width;
  return changeHand(untouched ? { ...recipe, width: part.width } : recipe, recipe.hand, school);
}
