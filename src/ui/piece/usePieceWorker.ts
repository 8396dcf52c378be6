'use client';

import { useEffect, useRef, useState } from 'react';
import type { Nib } from '@/core/kit/nib';
import type { Own } from '@/core/piece/pen';
import type { Piece } from '@/core/piece/piece';
import type { Remedy } from '@/core/piece/remedies';
import type { PieceAnswer, PieceQuestion, ShownRow, ShownTrial } from '@/workers/piece.worker';

/** Results of the worker for the current piece. */
export interface Found {
  readonly trials?: readonly ShownTrial[];
  readonly remedies?: readonly Remedy[];
  readonly rows?: readonly ShownRow[];
  readonly rowsDone?: boolean;
  readonly failed?: string;
}

/** Debounce of questions to the worker after the last edit, in ms. */
const PAUSE = 150;

/**
 * Asks a worker about the piece after every edit; late answers are discarded. `ask` is what the open panel needs; undefined asks
 * nothing.
 */
export function usePieceWorker(
  piece: Piece,
  own: Own,
  drawer: readonly Nib[],
  ask: { readonly ask: 'nibs'; readonly block: string } | { readonly ask: 'remedies' | 'rows' } | undefined,
): Found {
  const [found, setFound] = useState<Found>({});
  const worker = useRef<Worker | null>(null);
  const number = useRef(0);
  const wanted = ask ? JSON.stringify(ask) : '';
  useEffect(() => () => worker.current?.terminate(), []);
  useEffect(() => {
    if (!wanted) {
      setFound({});
      return;
    }
    number.current += 1;
    const mine = number.current;
    const timer = setTimeout(() => {
      // A list may still be gone through for the piece as it was.
      if (JSON.parse(wanted).ask === 'rows') {
        worker.current?.terminate();
        worker.current = null;
      }
      if (!worker.current) {
        worker.current = new Worker(new URL('../../workers/piece.worker.ts', import.meta.url), {
          type: 'module',
        });
      }
      worker.current.onmessage = ({ data }: MessageEvent<PieceAnswer>) => {
        if (data.number !== number.current) return;
        setFound((now) => {
          switch (data.ask) {
            case 'nibs':
              return { trials: data.trials };
            case 'remedies':
              return { remedies: data.remedies };
            case 'rows':
              return {
                rows: [...(now.rows ?? []).filter(({ row }) => row < (data.rows[0]?.row ?? 0)), ...data.rows],
                rowsDone: data.done,
              };
            case 'failed':
              return { failed: data.why };
          }
        });
      };
      const question = { ...JSON.parse(wanted), number: mine, piece, own, drawer } as PieceQuestion;
      worker.current.postMessage(question);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [piece, own, drawer, wanted]);
  return found;
}
