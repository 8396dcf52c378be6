'use client';

import { useSyncExternalStore } from 'react';

/** A window so narrow shows one column, as on a phone beside the inkwell. */
const PHONE = '(max-width: 639px)';

const subscribe = (changed: () => void) => {
  const query = window.matchMedia(PHONE);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};

/** Is the window as narrow as a phone? */
export const usePhone = (): boolean =>
  useSyncExternalStore(
    subscribe,
    () => window.matchMedia(PHONE).matches,
    () => false,
  );
