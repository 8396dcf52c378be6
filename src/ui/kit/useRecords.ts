'use client';

import { useCallback, useRef, useState } from 'react';
import type { SentEntry } from '@/core/desk/routes';
import type { Entry, EntryData, EntryKind } from '@/core/log/entry';
import { Stale } from '../lib/api';
import { callUntilKept, keepAt } from '../lib/patience';

/**
 * Records of the desk, read by kind and saved at once. A change is sent with its base version, so that a concurrent change in another
 * window is merged; the result is shown.
 */
export function useRecords(initial: readonly Entry[]) {
  const [records, setRecords] = useState(initial);
  const latest = useRef(initial);
  const show = useCallback((id: string, entry: Entry | undefined) => {
    latest.current = [...latest.current.filter((one) => one.id !== id), ...(entry ? [entry] : [])];
    setRecords(latest.current);
  }, []);
  /** Shown at once; taken back if the server will not keep it. */
  const keep = useCallback(
    async <K extends EntryKind>(id: string, kind: K, data: EntryData<K>) => {
      const before = latest.current.find((one) => one.id === id);
      const mine: Entry = { id, kind, data, at: new Date().toISOString() };
      show(id, mine);
      const isLatest = () => latest.current.find((one) => one.id === id) === mine;
      try {
        const json = { kind, data, was: before?.data ?? null } as SentEntry<EntryKind>;
        const kept = await keepAt('PUT /api/records/{}', id, json);
        if (isLatest()) show(id, kept);
      } catch (error) {
        if (isLatest())
          show(
            id,
            error instanceof Stale && before ? { ...before, data: error.theirs as EntryData<K> } : before,
          );
        throw error;
      }
    },
    [show],
  );
  const forget = useCallback(
    async (id: string) => {
      await callUntilKept(`/api/records/${id}`, { method: 'DELETE' });
      show(id, undefined);
    },
    [show],
  );
  return { records, keep, forget };
}

export type Records = ReturnType<typeof useRecords>;
