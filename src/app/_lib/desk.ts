import 'server-only';
import { NOBODY } from '@/core/about/about';
import { parseRecipe } from '@/core/document/recipe';
import { type HandId, isHand, OPENING_HAND } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry, EntryData } from '@/core/log/entry';
import type { Session } from '@/core/log/session';
import { findAbout, listRecords } from '@/store/records';
import { listSheets } from '@/store/sheets';

/** What every station goes by where the address names no hand and no sheet. */
export interface DeskFacts {
  /** Hands of this desk, that of what was done last first. */
  readonly hands: readonly HandId[];
  readonly hand: HandId;
}

/** Kinds of entries the desk's hand is told by. */
export const DESK_KINDS = ['kit', 'goal', 'known'] as const;

/** Hands by what was written last, then by what was chosen: on the first visit, as a goal, letters known, a kit, a sheet. */
export function deskFacts(
  sessions: readonly Session[],
  others: readonly Entry[],
  chosen: HandId | null,
  sheet: HandId | undefined,
): DeskFacts {
  const hands = [
    ...new Set([
      ...sessions.map(({ hand }) => hand),
      ...(chosen ? [chosen] : []),
      ...entriesOf('goal', others).map(({ hand }) => hand),
      ...entriesOf('known', others).flatMap(({ entryId }) => {
        const hand = entryId.replace(/^known-/, '');
        return isHand(hand) ? [hand] : [];
      }),
      ...entriesOf('kit', others).map(({ need }) => need.hand),
      ...(sheet ? [sheet] : []),
    ]),
  ];
  return { hands, hand: hands[0] ?? OPENING_HAND };
}

/** The kit chosen for a hand. */
export const chosenKit = (hand: HandId, entries: readonly Entry[]): EntryData<'kit'> | undefined =>
  entriesOf('kit', entries).find(({ need }) => need.hand === hand);

/** The hand of the latest sheet on the shelf that can be read. */
export async function latestSheetsHand(): Promise<HandId | undefined> {
  for (const { recipe } of await listSheets()) {
    try {
      return parseRecipe(JSON.parse(recipe)).hand;
    } catch {
      // A piece has several hands, and a sheet of an earlier version may not be readable.
    }
  }
  return undefined;
}

/** The desk's hand, and the tool of the kit chosen for a hand, as they are kept now. */
export async function findDesk(): Promise<
  DeskFacts & { readonly toolFor: (hand: HandId) => string | undefined }
> {
  const [sessions, others, about, sheet] = await Promise.all([
    listRecords({ kinds: ['session'], limit: 1 }),
    listRecords({ kinds: DESK_KINDS }),
    findAbout(),
    latestSheetsHand(),
  ]);
  const facts = deskFacts(entriesOf('session', sessions), others, (about ?? NOBODY).hand, sheet);
  return { ...facts, toolFor: (hand) => chosenKit(hand, others)?.parts.tool };
}
