'use client';

import { useSyncExternalStore } from 'react';

const subscribe = (changed: () => void) => {
  const watching = new MutationObserver(changed);
  watching.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
  return () => watching.disconnect();
};

/** The current theme; components that draw in its colours re-render when it changes. */
export const useTheme = (): string =>
  useSyncExternalStore(
    subscribe,
    () => document.documentElement.dataset.theme ?? '',
    () => '',
  );
