'use client';

import { useEffect, useRef, useState } from 'react';
import type { Item } from '@/core/kit/item';
import type { Need } from '@/core/kit/need';
import type { MatchAnswer, MatchRequest } from '@/workers/match.worker';

/** The ranking for a need, computed in a worker; only the latest question is answered. */
export function useMatch(need: Need, bench: readonly Item[] | null, buy: readonly Item['kind'][]) {
  const [answer, setAnswer] = useState<MatchAnswer | null>(null);
  const worker = useRef<Worker | null>(null);
  const number = useRef(0);
  useEffect(() => {
    const matching = new Worker(new URL('../../workers/match.worker.ts', import.meta.url), {
      type: 'module',
    });
    matching.onmessage = ({ data }: MessageEvent<MatchAnswer>) => {
      if (data.number === number.current) setAnswer(data);
    };
    worker.current = matching;
    return () => matching.terminate();
  }, []);
  useEffect(() => {
    if (!bench) return;
    number.current += 1;
    worker.current?.postMessage({ number: number.current, need, bench, buy } satisfies MatchRequest);
  }, [need, bench, buy]);
  return answer;
}
