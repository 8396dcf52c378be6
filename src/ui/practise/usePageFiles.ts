'use client';

import { useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { letterMark } from '@/core/setting/letterMark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { useNotice } from '../frame/notices';
import { call, fileNameOf } from '../lib/api';
import { formatFor, type Out, useHandOver } from '../paper/useHandOver';

/** The page as a file: PDF has all sheets, SVG and PNG the one in sight (counted from 0). */
export function usePageFiles(recipe: Recipe, page: number, own: readonly OwnLetter[], onPrinted: () => void) {
  const [busy, setBusy] = useState<Out | null>(null);
  const [onA4, setOnA4] = useState(false);
  const control = useRef<AbortController | null>(null);
  const notice = useNotice();
  const handOver = useHandOver();
  const save = async (out: Out) => {
    const mine = new AbortController();
    control.current = mine;
    setBusy(out);
    const format = formatFor(out);
    try {
      const path = `/api/practice?format=${format}&dpi=300&page=${page + 1}&letters=${letterMark(own)}&on=${onA4 ? 'a4' : 'own'}`;
      const response = await call(path, { method: 'POST', json: recipe, signal: mine.signal });
      await handOver(await response.blob(), fileNameOf(response, `practice.${format}`), out);
      if (format === 'pdf') onPrinted();
    } catch (error) {
      if (!mine.signal.aborted) notice.failed(error);
    } finally {
      setBusy(null);
    }
  };
  return { busy, save, onA4, setOnA4, cancel: () => control.current?.abort() };
}

export type PageFilesState = ReturnType<typeof usePageFiles>;
