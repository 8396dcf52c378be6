import { type DependencyList, useEffect } from 'react';
import { useNotice } from './notices';

/**
 * Reads something from the server whenever one of `on` changes. What is read for earlier values is aborted by `signal`; a failure is
 * shown as a notice.
 */
export function useRead(read: (signal: AbortSignal) => Promise<void>, on: DependencyList): void {
  const notice = useNotice();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the caller says what it depends on
  useEffect(() => {
    const control = new AbortController();
    read(control.signal).catch((error: unknown) => {
      if (!control.signal.aborted) notice.failed(error);
    });
    return () => control.abort();
  }, [...on, notice]);
}
