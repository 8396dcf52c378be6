import { copperplateScript } from './copperplate/script';
import { italicScript } from './italic/script';
import type { Script } from './letter';
import type { HandId } from './registry';

/** Hands whose letters are drawn, stroke by stroke. The others have their metrics and can be ruled. */
export const SCRIPTS: Readonly<Partial<Record<HandId, Script>>> = {
  italic: italicScript,
  copperplate: copperplateScript,
};

export const hasLetters = (hand: HandId): boolean => SCRIPTS[hand] !== undefined;
