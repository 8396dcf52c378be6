'use client';

import { useEffect } from 'react';

/** Says on the document that what is on the screen answers by now; whoever drives the page from outside can wait for it. */
export function useAwake(what: 'page' | 'sheet'): void {
  useEffect(() => {
    const { dataset } = document.documentElement;
    if (dataset.awake !== 'sheet') dataset.awake = what;
  }, [what]);
}
