import { type DependencyList, useEffect } from 'react';
import { readUntilAnswered } from '../lib/patience';
import { useNotice } from './notices';

/**
 * Reads something from the server whenever one of `on` changes, `debounce` ms after the last change. What is read for earlier values is aborted
 * by `signal`. While the server is away the read is repeated; any other failure is shown as a notice.
 */
export function useRead(
  read: (signal: AbortSignal) => Promise<void>,
  on: DependencyList,
  { debounce = 0 }: { debounce?: number } = {},
): void {
  const notice = useNotice();
  // biome-ignore lint/correctness/useExhaustiveDependencies: the caller says what it depends on
  useEffect(() => {
    const control = new AbortController();
    const begin = () => void readUntilAnswered(read, control.signal).catch(notice.failed);
    const timer = debounce > 0 ? setTimeout(begin, debounce) : undefined;
    if (debounce === 0) begin();
    return () => {
      control.abort();
      clearTimeout(timer);
    };
  }, [...on, notice]);
}
