'use client';

import { useCallback } from 'react';
import { useNotice } from '../frame/notices';
import { download } from '../lib/api';
import { printPdf } from '../lib/print';

const FILE_FORMATS = ['pdf', 'svg', 'png'] as const;
export type FileFormat = (typeof FILE_FORMATS)[number];
/** Where a page goes: to the printer, or into a file. */
export type Out = FileFormat | 'paper';

/** The format a page is made in for where it goes. */
export const formatFor = (out: Out): FileFormat => (out === 'paper' ? 'pdf' : out);

/** Sends a finished file to the print dialogue or the downloads. */
export function useHandOver() {
  const notice = useNotice();
  return useCallback(
    async (file: Blob, name: string, out: Out) => {
      if (out !== 'paper') return download(file, name);
      const where = await printPdf(file, name);
      if (where === 'downloads') {
        notice({
          tone: 'done',
          text: 'This browser cannot print PDFs itself: the page is in your downloads. Print it at 100 %.',
        });
      }
    },
    [notice],
  );
}
