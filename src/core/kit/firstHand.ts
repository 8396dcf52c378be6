import { HANDS, type HandId, OPENING_HAND } from '../hands/registry';
import type { ItemKind } from './itemKinds';
import { toolOf } from './kinds/registry';

/** A hand that a kind of tool is made for; the opening hand for what is no tool. */
export function firstHandOf(kind: ItemKind): HandId {
  const family = toolOf(kind)?.writes[0];
  return HANDS.find(({ tool }) => tool === family)?.id ?? OPENING_HAND;
}
