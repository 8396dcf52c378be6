import { countsByPen } from '../hand/hand';
import { plain, roundTo } from '../measure/units';
import { LIMITS } from '../problem/limits';
import { Problem } from '../problem/problem';
import { bodyHeight } from '../setting/bodyHeight';
import { handOf } from '../setting/handOf';
import { offerOf } from '../setting/offerOf';
import type { Sheet } from './sheet';

/** Tolerance between pinned and ruled values: solved values are rounded to hundredths. */
const AGREEMENT = 0.011;

/**
 * For recipes from outside, which nobody has settled.
 * @throws Problem when a pinned value is not the one the sheet is ruled with: both cannot hold.
 */
export function checkGiven(recipe: Sheet): void {
  const { given, width, zones } = recipe;
  if (recipe.nibs.length > 0) return;
  const ruled = { width, body: zones.body, bodyMm: bodyHeight(recipe) };
  for (const [quantity, unit] of [
    ['width', 'mm'],
    ['body', countsByPen(handOf(recipe)) ? 'nib widths' : 'units'],
    ['bodyMm', 'mm'],
  ] as const) {
    const asked = given[quantity];
    if (asked === undefined || Math.abs(asked - ruled[quantity]) <= AGREEMENT) continue;
    const { [quantity]: _, ...others } = given;
    throw new Problem(
      quantity,
      `${LIMITS[quantity].label} is pinned at ${plain(asked)} ${unit}, but the sheet is ruled with ${plain(ruled[quantity])} ${unit}. Both cannot hold: choose one.`,
      [
        offerOf(`Rule for ${plain(asked)} ${unit}`, { [quantity]: asked }),
        offerOf(`Stay at ${plain(ruled[quantity])} ${unit}`, {
          ...others,
          [quantity]: roundTo(ruled[quantity], 0.001),
        }),
      ],
    );
  }
}
