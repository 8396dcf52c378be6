import type { HandId } from '../hands/registry';
import { asNib, type Item } from './item';
import { match } from './match';
import { type Need, needFor } from './need';
import type { Nib } from './nib';

/** The nib a hand is written with first: that of the kit Kit ranks first, where its width is known. */
export function bestNibFor(
  hand: HandId,
  bench: readonly Item[],
  scribe: Pick<Need, 'side' | 'experience' | 'schools'>,
): Nib | undefined {
  const { side, experience, schools } = scribe;
  const { ranked } = match(needFor(hand, { side, experience, schools }), bench);
  return ranked.flatMap(({ kit }) => asNib(kit.tool) ?? [])[0];
}
