import type { Sheet } from '../sheet/sheet';
import type { Band } from './band';
import { type ComposeOptions, compose } from './compose';

type PageOptions = Pick<ComposeOptions, 'own' | 'checks' | 'laidOut'>;

/** Whether all bands fit whole on one page. */
function fits(recipe: Sheet, bands: readonly Band[], options: PageOptions): boolean {
  const { pages, remarks } = compose(recipe, { ...options, bands });
  return pages.length === 1 && remarks.length === 0;
}

/**
 * The bands of one page: the first of the plans that fits whole, the fullest named first. Where not even the last one
 * does, as many of its bands as fit, in order.
 */
export function bestPage(
  recipe: Sheet,
  plans: readonly (readonly Band[])[],
  options: PageOptions = {},
): readonly Band[] {
  const trying = { ...options, laidOut: options.laidOut ?? new Map() };
  const whole = plans.find((plan) => fits(recipe, plan, trying));
  if (whole) return whole;
  const taken: Band[] = [];
  for (const band of plans.at(-1) ?? []) if (fits(recipe, [...taken, band], trying)) taken.push(band);
  return taken;
}
