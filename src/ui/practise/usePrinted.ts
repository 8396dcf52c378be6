'use client';

import type { HandId } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { useNotice } from '../frame/notices';
import { useRecords } from '../kit/useRecords';

export const printedId = (hand: HandId) => `printed-${hand}`;

/** The last printed page of a hand that is not yet confirmed as written; saved at the desk. */
export function usePrinted(hand: HandId, remembered: readonly Entry[]) {
  const { records, keep, forget } = useRecords(remembered);
  const notice = useNotice();
  const id = printedId(hand);
  const printed = entriesOf('printed', records).find(({ entryId }) => entryId === id);
  const guarded = (work: Promise<void>) => work.catch((error: unknown) => notice.failed(error));
  return {
    printed,
    /** A page with new letters was printed. */
    remember: (letters: readonly string[]) =>
      letters.length > 0
        ? guarded(keep(id, 'printed', { hand, letters: [...letters], at: new Date().toISOString() }))
        : undefined,
    done: () => guarded(forget(id)),
  };
}

export type Printed = ReturnType<typeof usePrinted>;
