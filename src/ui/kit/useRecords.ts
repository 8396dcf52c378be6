'use client';

import { useCallback, useState } from 'react';
import type { EntryData, EntryKind } from '@/core/log/entry';
import { call } from '../lib/api';

/** What the desk remembers, as the server has it. */
export interface Remembered {
  readonly id: string;
  readonly kind: string;
  /** JSON. */
  readonly data: string;
  readonly at: string;
}

/** Records of the desk: read by kind, kept at once. What cannot be read is passed over. */
export function useRecords(initial: readonly Remembered[]) {
  const [records, setRecords] = useState(initial);
  /** Shown at once; taken back if the server will not keep it. */
  const keep = useCallback(async <K extends EntryKind>(id: string, kind: K, data: EntryData<K>) => {
    const record = { id, kind, data: JSON.stringify(data), at: new Date().toISOString() };
    let before: Remembered | undefined;
    setRecords((list) => {
      before = list.find((one) => one.id === id);
      return [...list.filter((one) => one.id !== id), record];
    });
    try {
      await call(`/api/records/${id}`, { method: 'PUT', json: { kind, data } });
    } catch (error) {
      setRecords((list) => [...list.filter((one) => one.id !== id), ...(before ? [before] : [])]);
      throw error;
    }
  }, []);
  const forget = useCallback(async (id: string) => {
    await call(`/api/records/${id}`, { method: 'DELETE' });
    setRecords((list) => list.filter((one) => one.id !== id));
  }, []);
  return { records, keep, forget };
}

export type Records = ReturnType<typeof useRecords>;
