import type { Entry, EntryData, EntryKind } from './entry';

/** What the desk remembers of one kind, each with the id of its entry. */
export const entriesOf = <K extends EntryKind>(
  kind: K,
  entries: readonly Entry[],
): (EntryData<K> & { readonly entryId: string })[] =>
  entries.flatMap((entry) => (isOf(kind, entry) ? [{ ...entry.data, entryId: entry.id }] : []));

const isOf = <K extends EntryKind>(kind: K, entry: Entry): entry is Entry<K> => entry.kind === kind;
