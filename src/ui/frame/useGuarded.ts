'use client';

import { useCallback, useState } from 'react';
import { useNotice } from './notices';

/** Wraps an action: `busy` while it runs, a notice if it fails. */
export function useGuarded() {
  const [busy, setBusy] = useState(false);
  const notice = useNotice();
  const guarded = useCallback(
    async (work: () => Promise<unknown>) => {
      setBusy(true);
      try {
        await work();
      } catch (error) {
        notice.failed(error);
      } finally {
        setBusy(false);
      }
    },
    [notice],
  );
  return { busy, guarded };
}
