import { isPressed } from '../hand/hand';
import { plain } from '../measure/units';
import { counted } from '../measure/words';
import { handOf } from '../setting/handOf';
import type { Sheet } from './sheet';

/** The header line: the sheet's numbers. */
export function headline(recipe: Sheet): string {
  const hand = handOf(recipe);
  const weight = hand.basis === 'nib' ? [counted(recipe.zones.body, 'nib width')] : [];
  const angle = hand.penAngle ? [`${plain(recipe.penAngle)}°`] : [];
  const nib = recipe.nibs.length > 0 ? recipe.nibs.map((w) => plain(w)).join(', ') : plain(recipe.width);
  return [
    ...(recipe.title ? [recipe.title] : []),
    // A title that names the hand is not followed by its name again.
    ...(recipe.title.includes(hand.name) ? [] : [hand.name]),
    `${nib} mm ${hand.tool === 'broad' ? 'nib' : hand.tool === 'monoline' ? 'line' : 'shade'}`,
    ...weight,
    ...angle,
    ...leaning(recipe, isPressed(hand)),
  ].join(' · ');
}

/** Pointed hands are taught by their slant from the writing line, the others by their slope off the vertical. */
function leaning({ slope }: Sheet, bySlant: boolean): string[] {
  if (bySlant) return [`slant ${plain(90 - slope)}°`];
  return slope === 0 ? [] : [`slope ${plain(slope)}°`];
}
