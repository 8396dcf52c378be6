'use client';

import { type ReactNode, Suspense, useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** True in a browser, false while the server draws the page and while the browser takes that over. */
const useInWindow = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );

/**
 * Draws its children in the browser only. A station that writes letters costs the server's only thread 20 to 40 ms and the network
 * up to 500 kB a page, and the browser would draw the same again.
 */
export function InWindow({ children }: { children: ReactNode }) {
  return useInWindow() ? <Suspense fallback={<Opening />}>{children}</Suspense> : <Opening />;
}

/** What stands there meanwhile; it becomes visible only where opening takes long enough to be noticed. */
const Opening = () => (
  <p role="status" className="appears-late px-6 py-4">
    Opening…
  </p>
);
