'use client';

import { useCallback, useEffect, useRef } from 'react';
import { Problem } from '@/core/problem/problem';
import type { Ask, AskProgress, Asks, Question, Reply } from '@/workers/practise.worker';

interface Waiting {
  readonly resolve: (answer: never) => void;
  readonly reject: (error: unknown) => void;
  readonly report?: (progress: AskProgress) => void;
}

/** Thrown to whoever waits when the worker is stopped. */
export class Stopped extends Error {}

/**
 * Questions about words and pages, answered in a worker. `stop` cancels the work under way; the next question starts a new worker. Words
 * come from the given list.
 */
export function usePractiseWorker(list: string) {
  const worker = useRef<Worker | null>(null);
  const waiting = useRef(new Map<number, Waiting>());
  const count = useRef(0);

  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    for (const { reject } of waiting.current.values()) reject(new Stopped());
    waiting.current.clear();
  }, []);
  useEffect(() => stop, [stop]);

  const ask = useCallback(
    <A extends Ask>(
      question: A,
      given: Asks[A]['given'],
      report?: (progress: AskProgress) => void,
    ): Promise<Asks[A]['answer']> => {
      if (!worker.current) {
        worker.current = new Worker(new URL('../../workers/practise.worker.ts', import.meta.url), {
          type: 'module',
        });
        worker.current.onmessage = ({ data }: MessageEvent<Reply>) => {
          const asked = waiting.current.get(data.number);
          if ('progress' in data) return asked?.report?.(data.progress);
          waiting.current.delete(data.number);
          if ('problem' in data) asked?.reject(new Problem(question, data.problem));
          else asked?.resolve(data.answer as never);
        };
      }
      count.current += 1;
      const number = count.current;
      worker.current.postMessage({ number, list, ask: question, given } satisfies Question<A>);
      return new Promise((resolve, reject) => waiting.current.set(number, { resolve, reject, report }));
    },
    [list],
  );
  return { ask, stop };
}

export type PractiseWorker = ReturnType<typeof usePractiseWorker>;
