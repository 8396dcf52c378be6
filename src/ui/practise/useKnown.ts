'use client';

import { useMemo } from 'react';
import type { HandId } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import type { Entry } from '@/core/log/entry';
import { useNotice } from '../frame/notices';
import { useRecords } from '../kit/useRecords';

/** Letters the scribe knows in a hand, and those to stress; kept on the desk. */
export interface Known {
  readonly letters: readonly string[];
  readonly stressed: readonly string[];
}

const NONE = { letters: [], stressed: [], not: [] } as const;

const recordOf = (hand: HandId) => `known-${hand}`;

/** `learned` are the letters known from the logbook; manual marks take precedence. */
export function useKnown(hand: HandId, remembered: readonly Entry[], learned: readonly string[]) {
  const { records, keep } = useRecords(remembered);
  const notice = useNotice();
  const known: Known = useMemo(() => {
    const { letters, stressed, not } =
      entriesOf('known', records).find(({ entryId }) => entryId === recordOf(hand)) ?? NONE;
    const mine = learned.filter((letter) => !not.some((one) => one === letter));
    return { letters: [...new Set([...letters, ...mine])], stressed };
  }, [records, hand, learned]);
  const set = async (next: Known) => {
    try {
      await keep(recordOf(hand), 'known', {
        letters: [...next.letters],
        stressed: [...next.stressed],
        not: learned.filter((letter) => !next.letters.includes(letter)),
      });
    } catch (error) {
      notice.failed(error);
    }
  };
  return { known, set };
}
