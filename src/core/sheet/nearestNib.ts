import type { Mm } from '../measure/units';
import { bodyHeight } from '../setting/bodyHeight';
import type { Sheet } from './sheet';
import { roomForLines } from './solve';

export interface NibWidth {
  readonly id: string;
  readonly label: string;
  readonly width: Mm;
}

export interface NearestNib<T extends NibWidth> {
  readonly nib: T;
  /** Body height this nib makes at the recipe's weight. */
  readonly body: Mm;
  /** Lines that then fit; 0 when not one does. */
  readonly lines: number;
}

/**
 * The nib of the drawer closest to the recipe's width, by ratio (2 mm is as far from 1 as from 4), with what it would
 * make of the body. Undefined for an empty drawer.
 */
export function nearestNib<T extends NibWidth>(
  recipe: Sheet,
  drawer: readonly T[],
): NearestNib<T> | undefined {
  const distance = (nib: NibWidth) => Math.abs(Math.log(nib.width / recipe.width));
  const [first, ...rest] = drawer;
  if (!first) return undefined;
  const nib = rest.reduce(
    (best, candidate) => (distance(candidate) < distance(best) ? candidate : best),
    first,
  );
  const changed = { ...recipe, width: nib.width };
  return { nib, body: bodyHeight(changed), lines: roomForLines(changed) };
}
