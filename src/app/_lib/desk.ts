import 'server-only';
import { cache } from 'react';
import { type About, NOBODY } from '@/core/about/about';
import { parseRecipe } from '@/core/document/recipe';
import { type HandId, isHand, OPENING_HAND } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry, EntryData } from '@/core/log/entry';
import type { Session } from '@/core/log/session';
import { findAbout, listRecords } from '@/store/records';
import { latestSheets } from '@/store/sheets';

/** Defaults of every station where the address names no hand and no sheet. */
export interface DeskFacts {
  /** Hands of this desk, the most recently used first. */
  readonly hands: readonly HandId[];
  readonly hand: HandId;
}

/** Kinds of entries from which the desk's hand is inferred. */
export const DESK_KINDS = ['kit', 'goal', 'known'] as const;

/** An activity in a hand, with its time. */
export interface Done {
  readonly hand: HandId;
  /** ISO 8601. */
  readonly at: string;
}

/**
 * Hands by what was done in them last: a session, a kit chosen, a sheet kept; then those of the first visit, of goals and of
 * letters known.
 */
export function deskFacts(
  sessions: readonly Session[],
  others: readonly Entry[],
  chosen: HandId | null,
  sheet: Done | undefined,
): DeskFacts {
  const done: Done[] = [
    ...sessions.map(({ hand, ended }) => ({ hand, at: new Date(ended).toISOString() })),
    ...others.flatMap((entry) =>
      entriesOf('kit', [entry]).map(({ need }) => ({ hand: need.hand, at: entry.at })),
    ),
    ...(sheet ? [sheet] : []),
  ];
  const hands = [
    ...new Set([
      ...done.sort((a, b) => b.at.localeCompare(a.at)).map(({ hand }) => hand),
      ...(chosen ? [chosen] : []),
      ...entriesOf('goal', others).map(({ hand }) => hand),
      ...entriesOf('known', others).flatMap(({ entryId }) => {
        const hand = entryId.replace(/^known-/, '');
        return isHand(hand) ? [hand] : [];
      }),
    ]),
  ];
  return { hands, hand: hands[0] ?? OPENING_HAND };
}

/** The kit chosen for a hand. */
export const chosenKit = (hand: HandId, entries: readonly Entry[]): EntryData<'kit'> | undefined =>
  entriesOf('kit', entries).find(({ need }) => need.hand === hand);

/** The scribe's answers about themselves, cached per request. */
export const whoWrites = cache(async (): Promise<About> => (await findAbout()) ?? NOBODY);

/** Number of latest sessions read for reminders, for the desk's hand, and for its tool. */
const LATEST = 40;

/** The latest sessions as they are stored, the latest first; read once for all parts of a page. */
export const latestSessions = cache(() => listRecords({ kinds: ['session'], limit: LATEST }));

/** The latest sheet on the shelf that can be read; looked for once for all parts of a page. */
export const latestSheet = cache(async function latestSheet(): Promise<Done | undefined> {
  for await (const { recipe, updatedAt } of latestSheets()) {
    try {
      return { hand: parseRecipe(JSON.parse(recipe)).hand, at: updatedAt };
    } catch {
      // A piece has several hands, and a sheet of an earlier version may not be readable.
    }
  }
  return undefined;
});

/**
 * The desk's hand, and a hand's tool: of the kit chosen for it, else of its last session; as they are kept now, read once
 * for all parts of a page.
 */
export const findDesk = cache(async function findDesk(): Promise<
  DeskFacts & { readonly toolFor: (hand: HandId) => string | undefined }
> {
  const [sessions, others, about, sheet] = await Promise.all([
    latestSessions(),
    listRecords({ kinds: DESK_KINDS }),
    whoWrites(),
    latestSheet(),
  ]);
  const latest = entriesOf('session', sessions).reverse();
  const facts = deskFacts(latest, others, about.hand, sheet);
  const last = (hand: HandId) => latest.find((session) => session.hand === hand)?.kit.tool?.id;
  return { ...facts, toolFor: (hand) => chosenKit(hand, others)?.parts.tool ?? last(hand) };
});
