import { brush } from './brush/metrics';
import { copperplate } from './copperplate/metrics';
import { court } from './court/metrics';
import { foundational } from './foundational/metrics';
import type { Hand } from './hand';
import { italic } from './italic/metrics';
import { lightLine } from './light-line/metrics';
import { monoline } from './monoline/metrics';
import { roman } from './roman/metrics';
import { textura } from './textura/metrics';
import { uncial } from './uncial/metrics';

const ALL = [
  italic,
  foundational,
  uncial,
  textura,
  roman,
  copperplate,
  lightLine,
  brush,
  monoline,
  court,
] as const;

export type HandId = (typeof ALL)[number]['id'];

/** Every hand, in the order a course would meet them within each tool family. */
export const HANDS: readonly (Hand & { readonly id: HandId })[] = ALL;

export const HAND_IDS = ALL.map((hand) => hand.id) as [HandId, ...HandId[]];

const BY_ID = new Map<string, Hand & { readonly id: HandId }>(HANDS.map((hand) => [hand.id, hand]));

/** The hand with this id. */
export function handById(id: HandId): Hand & { readonly id: HandId } {
  const hand = BY_ID.get(id);
  if (!hand) throw new Error(`No hand with id ${id}`);
  return hand;
}
