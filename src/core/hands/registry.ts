import type { Hand } from '../hand/hand';
import { brush } from './brush/hand';
import { copperplate } from './copperplate/hand';
import { court } from './court/hand';
import { foundational } from './foundational/hand';
import { italic } from './italic/hand';
import { lightLine } from './light-line/hand';
import { monoline } from './monoline/hand';
import { roman } from './roman/hand';
import { textura } from './textura/hand';
import { uncial } from './uncial/hand';

/** The id of a registered hand; untrusted ids are checked with `isHand` first. */
export type HandId = string;

const hands: Hand[] = [
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
];

/** Every hand, in the order a course would meet them within each tool family. */
export const HANDS: readonly Hand[] = hands;

const byId = new Map(hands.map((hand) => [hand.id, hand]));

/** The hand a fresh sheet is written in. */
export const OPENING_HAND: HandId = italic.id;

/** Adds a hand to the others; a hand of the same id takes its place. */
export function registerHand(hand: Hand): void {
  const known = hands.findIndex(({ id }) => id === hand.id);
  if (known >= 0) hands[known] = hand;
  else hands.push(hand);
  byId.set(hand.id, hand);
}

export const isHand = (id: string): boolean => byId.has(id);

/** The hand with this id. */
export function handById(id: HandId): Hand {
  const hand = byId.get(id);
  if (!hand) throw new Error(`No hand with id ${id}`);
  return hand;
}
