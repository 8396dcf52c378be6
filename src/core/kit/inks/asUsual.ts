import type { Item } from '../item';
import { inkOf } from './registry';

type InkFacts = Pick<Item, 'inkKind' | 'opacity' | 'waterproof' | 'light'>;

/** An ink with what is usual for its kind where nobody has looked it up. */
export function asUsual<I extends Partial<InkFacts>>(
  ink: I,
): I & Partial<Pick<InkFacts, 'opacity' | 'waterproof' | 'light'>> {
  const { opacity, waterproof, light } = inkOf(ink.inkKind)?.usual ?? {};
  return {
    ...ink,
    opacity: ink.opacity ?? opacity ?? null,
    waterproof: ink.waterproof ?? waterproof ?? null,
    light: ink.light ?? light ?? null,
  };
}
