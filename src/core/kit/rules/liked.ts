import type { Item } from '../item';
import { good, risk, type Verdict } from '../verdict';

/** Points of a favourite, and of each step of a rating above or below the middle: less than any rule of fit, so that they decide between equals. */
const FAVOURITE = 3;
const A_STEP = 1;
const MIDDLE = 3;

/** How the scribe likes a thing; nothing where nobody has said. */
export function liked({ label, rating, favourite }: Pick<Item, 'label' | 'rating' | 'favourite'>): Verdict {
  const points = (favourite ? FAVOURITE : 0) + (rating === null ? 0 : A_STEP * (rating - MIDDLE));
  if (points === 0) return undefined;
  if (points > 0)
    return good(
      points,
      favourite ? `“${label}” is a favourite of yours.` : `You rate “${label}” ${rating} of 5.`,
    );
  return risk(
    -points,
    `You rate “${label}” only ${rating} of 5.`,
    'Change the rating on the Bench, or take another.',
  );
}
