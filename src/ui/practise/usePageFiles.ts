'use client';

import { useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { letterMark } from '@/core/setting/letterMark';
import type { OwnLetter } from '@/core/setting/letterSet';
import { useNotice } from '../frame/notices';
import { call, download, fileNameOf, sentenceOf } from '../lib/api';
import type { FileFormat } from '../paper/FormatButtons';

/** The page as a file: PDF has all sheets, SVG and PNG the one in sight (counted from 0). */
export function usePageFiles(recipe: Recipe, page: number, own: readonly OwnLetter[]) {
  const [busy, setBusy] = useState<FileFormat | null>(null);
  const control = useRef<AbortController | null>(null);
  const notice = useNotice();
  const save = async (format: FileFormat) => {
    const mine = new AbortController();
    control.current = mine;
    setBusy(format);
    try {
      const path = `/api/practice?format=${format}&dpi=300&page=${page + 1}&letters=${letterMark(own)}`;
      const response = await call(path, { method: 'POST', json: recipe, signal: mine.signal });
      download(await response.blob(), fileNameOf(response, `practice.${format}`));
    } catch (error) {
      if (!mine.signal.aborted) notice({ tone: 'problem', text: sentenceOf(error) });
    } finally {
      setBusy(null);
    }
  };
  return { busy, save, cancel: () => control.current?.abort() };
}

export type PageFilesState = ReturnType<typeof usePageFiles>;
