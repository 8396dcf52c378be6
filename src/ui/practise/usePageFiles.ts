'use client';

import { useState } from 'react';
import type { Recipe } from '@/core/sheet/recipe';
import { useNotice } from '../frame/notices';
import { call, download, fileNameOf, sentenceOf } from '../lib/api';

export const FILE_FORMATS = ['pdf', 'svg', 'png'] as const;
export type FileFormat = (typeof FILE_FORMATS)[number];

/** The page as a file: PDF has all sheets, SVG and PNG the one in sight (counted from 0). */
export function usePageFiles(recipe: Recipe, page: number) {
  const [busy, setBusy] = useState<FileFormat | null>(null);
  const notice = useNotice();
  const save = async (format: FileFormat) => {
    setBusy(format);
    try {
      const path = `/api/practice?format=${format}&dpi=300&page=${page + 1}`;
      const response = await call(path, { method: 'POST', json: recipe });
      download(await response.blob(), fileNameOf(response, `practice.${format}`));
    } catch (error) {
      notice({ tone: 'problem', text: sentenceOf(error) });
    } finally {
      setBusy(null);
    }
  };
  return { busy, save };
}

export type PageFilesState = ReturnType<typeof usePageFiles>;
