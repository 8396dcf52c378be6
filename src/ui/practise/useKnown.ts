'use client';

import { useMemo } from 'react';
import type { HandId } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { useNotice } from '../frame/notices';
import { useRecords } from '../kit/useRecords';
import { sentenceOf } from '../lib/api';

/** Letters the scribe knows in a hand, and those to stress; kept on the desk. */
export interface Known {
  readonly letters: readonly string[];
  readonly stressed: readonly string[];
}

const NONE: Known = { letters: [], stressed: [] };

const recordOf = (hand: HandId) => `known-${hand}`;

export function useKnown(hand: HandId, remembered: readonly Entry[]) {
  const { records, keep } = useRecords(remembered);
  const notice = useNotice();
  const known: Known = useMemo(
    () => entriesOf('known', records).find(({ entryId }) => entryId === recordOf(hand)) ?? NONE,
    [records, hand],
  );
  const set = async (next: Known) => {
    try {
      await keep(recordOf(hand), 'known', { letters: [...next.letters], stressed: [...next.stressed] });
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  return { known, set };
}
