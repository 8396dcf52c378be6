'use client';

import { useSyncExternalStore } from 'react';

const subscribe = (changed: () => void) => {
  const watching = new MutationObserver(changed);
  watching.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
  return () => watching.disconnect();
};

/** The name of the theme that is shown; what is drawn in its colours is drawn anew when it changes. */
export const useTheme = (): string =>
  useSyncExternalStore(
    subscribe,
    () => document.documentElement.dataset.theme ?? '',
    () => '',
  );
