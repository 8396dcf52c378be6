'use client';

import { useEffect, useSyncExternalStore } from 'react';
import { watchWaiting, whyWaiting } from '../lib/patience';
import { SayPassphrase } from './SayPassphrase';

const nothing = () => undefined;

/** Says that something cannot be kept now, why, and that it will be; asks before a window with such a thing is closed. */
export function Waiting() {
  const why = useSyncExternalStore(watchWaiting, whyWaiting, nothing);
  const waits = why !== undefined;
  useEffect(() => {
    if (!waits) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [waits]);
  return (
    <div aria-live="assertive" className="no-print">
      {waits && (
        <div data-testid="waiting" className="border-warning border-b-2 bg-base-100 px-4 py-2 text-sm">
          <p>
            {why.says} Your work waits in this window and is sent as soon as it can be; keep the window open.
          </p>
          {why.loggedOut && <SayPassphrase />}
        </div>
      )}
    </div>
  );
}
