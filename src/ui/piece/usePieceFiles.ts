'use client';

import { useRef, useState } from 'react';
import type { Print } from '@/core/piece/drawPiece';
import type { Piece } from '@/core/piece/piece';
import { useNotice } from '../frame/notices';
import { call, downloadJson, fileNameOf } from '../lib/api';
import { readReported } from '../lib/reported';
import { formatFor, type Out, useHandOver } from '../paper/useHandOver';

/** How far a file of many pages is. */
export interface Drawn {
  readonly done: number;
  readonly of: number;
}

/** The piece as files: one of it, or all rows that are still to be written. */
export function usePieceFiles(piece: Piece, row: number) {
  const [print, setPrint] = useState<Print>('model');
  const [mirrored, setMirrored] = useState(false);
  const [onA4, setOnA4] = useState(false);
  const [marked, setMarked] = useState(false);
  const [busy, setBusy] = useState(false);
  const [progress, setProgress] = useState<Drawn | null>(null);
  const control = useRef<AbortController | null>(null);
  const notice = useNotice();
  const query = () =>
    `print=${print}&mirrored=${mirrored ? 1 : 0}&on=${onA4 ? 'a4' : 'own'}${marked && print === 'guide' ? '&marks=1' : ''}`;

  const guarded = async (work: (signal: AbortSignal) => Promise<void>) => {
    const mine = new AbortController();
    control.current = mine;
    setBusy(true);
    try {
      await work(mine.signal);
    } catch (error) {
      if (!mine.signal.aborted) notice.failed(error);
    } finally {
      setBusy(false);
      setProgress(null);
    }
  };
  const handOver = useHandOver();
  const save = (out: Out) =>
    guarded(async (signal) => {
      const format = formatFor(out);
      const path = `/api/piece?format=${format}&dpi=300&row=${row}&${query()}`;
      const response = await call(path, { method: 'POST', json: piece, signal });
      await handOver(await response.blob(), fileNameOf(response, `piece.${format}`), out);
    });
  const saveAll = (out: 'paper' | 'pdf', rows: 'open' | 'fitting') =>
    guarded(async (signal) => {
      setProgress({ done: 0, of: 1 });
      const response = await call(`/api/piece?format=pdf&rows=${rows}&progress=1&${query()}`, {
        method: 'POST',
        json: piece,
        signal,
      });
      const parts = await readReported<Drawn>(response, setProgress);
      await handOver(new Blob(parts, { type: 'application/pdf' }), 'pieces.pdf', out);
    });
  return {
    print,
    setPrint,
    mirrored,
    setMirrored,
    onA4,
    setOnA4,
    marked,
    setMarked,
    busy,
    progress,
    save,
    saveAll,
    saveFile: () => downloadJson(piece, 'piece.json'),
    cancel: () => control.current?.abort(),
  };
}

export type PieceFiles = ReturnType<typeof usePieceFiles>;
