'use client';

import { type ReactNode, Suspense, useSyncExternalStore } from 'react';

const never = () => () => undefined;

/** True in a browser; false during server rendering and hydration. */
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

/** Placeholder; it becomes visible only where opening takes noticeably long. */
const Opening = () => (
  <p role="status" className="appears-late px-6 py-4">
    Opening…
  </p>
);
