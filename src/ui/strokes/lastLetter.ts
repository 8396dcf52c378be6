import type { HandId } from '@/core/hands/registry';

const keyOf = (hand: HandId) => `elvane-letter-${hand}`;

/** The letter of a hand that was looked at last in this window. */
export function lastLetter(hand: HandId): string | undefined {
  try {
    return sessionStorage.getItem(keyOf(hand)) ?? undefined;
  } catch {
    return undefined;
  }
}

export function keepLetter(hand: HandId, letter: string): void {
  try {
    sessionStorage.setItem(keyOf(hand), letter);
  } catch {
    // Without it Strokes opens at its first letter.
  }
}
