'use client';

import { useMemo } from 'react';
import { z } from 'zod';
import type { HandId } from '@/core/hands/registry';
import { useNotice } from '../frame/notices';
import { type Remembered, useRecords } from '../kit/useRecords';
import { sentenceOf } from '../lib/api';

const dataSchema = z.object({ letters: z.array(z.string()), stressed: z.array(z.string()).default([]) });

/** Letters the scribe knows in a hand, and those to stress; kept on the desk. */
export interface Known {
  readonly letters: readonly string[];
  readonly stressed: readonly string[];
}

const NONE: Known = { letters: [], stressed: [] };

const recordOf = (hand: HandId) => `known-${hand}`;

export function useKnown(hand: HandId, remembered: readonly Remembered[]) {
  const { records, keep } = useRecords(remembered);
  const notice = useNotice();
  const data = records.find(({ id }) => id === recordOf(hand))?.data;
  const known: Known = useMemo(() => {
    try {
      return data ? (dataSchema.safeParse(JSON.parse(data)).data ?? NONE) : NONE;
    } catch {
      return NONE;
    }
  }, [data]);
  const set = async (next: Known) => {
    try {
      await keep(recordOf(hand), 'known', { ...next });
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    }
  };
  return { known, set };
}
