import 'server-only';
import { type Document, isPiece } from '@/core/document/document';
import { type HandId, handById } from '@/core/hands/registry';
import type { Own } from '@/core/piece/pen';
import { letterMark } from '@/core/setting/letterMark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { findLetterSet } from '@/store/letterSets';
import { Refusal } from './http';

const PRECONDITION_FAILED = 412;

/**
 * The scribe's own letters of a hand. A query that names the state of the letters its page was drawn with (`letters`,
 * their mark) gets exactly those letters, or is refused, so that the print equals the screen.
 * @throws Refusal 412 when they have been changed since.
 */
export async function ownLettersFor(
  hand: HandId,
  query = new URLSearchParams(),
): Promise<readonly OwnLetter[]> {
  const letters = (await findLetterSet(hand))?.letters ?? [];
  const seen = query.get('letters');
  if (seen !== null && seen !== letterMark(letters)) {
    throw new Refusal(
      PRECONDITION_FAILED,
      `Your own letters of ${handById(hand).name} were changed in another window, so this page would not print as it looks. Reload it and look again.`,
    );
  }
  return letters;
}

/** The scribe's own letters of every hand that a document is written in. */
export async function ownLettersOf(document: Document): Promise<Own> {
  const hands = isPiece(document) ? document.blocks.map(({ setting }) => setting.hand) : [document.hand];
  return Object.fromEntries(
    await Promise.all([...new Set(hands)].map(async (hand) => [hand, await ownLettersFor(hand)] as const)),
  );
}
