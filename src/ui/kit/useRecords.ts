'use client';

import { useCallback, useState } from 'react';
import type { Entry, EntryData, EntryKind } from '@/core/log/entry';
import { callUntilKept } from '../lib/patience';

/** What the desk remembers: read by kind, kept at once. */
export function useRecords(initial: readonly Entry[]) {
  const [records, setRecords] = useState(initial);
  /** Shown at once; taken back if the server will not keep it. */
  const keep = useCallback(async <K extends EntryKind>(id: string, kind: K, data: EntryData<K>) => {
    const record: Entry = { id, kind, data, at: new Date().toISOString() };
    let before: Entry | undefined;
    setRecords((list) => {
      before = list.find((one) => one.id === id);
      return [...list.filter((one) => one.id !== id), record];
    });
    try {
      await callUntilKept(`/api/records/${id}`, { method: 'PUT', json: { kind, data } });
    } catch (error) {
      setRecords((list) => [...list.filter((one) => one.id !== id), ...(before ? [before] : [])]);
      throw error;
    }
  }, []);
  const forget = useCallback(async (id: string) => {
    await callUntilKept(`/api/records/${id}`, { method: 'DELETE' });
    setRecords((list) => list.filter((one) => one.id !== id));
  }, []);
  return { records, keep, forget };
}

export type Records = ReturnType<typeof useRecords>;
