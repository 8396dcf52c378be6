'use client';

import { useEffect } from 'react';

/** Marks the document once the page responds to input, so that browser tests can wait for it. */
export function useAwake(what: 'page' | 'sheet'): void {
  useEffect(() => {
    const { dataset } = document.documentElement;
    if (dataset.awake !== 'sheet') dataset.awake = what;
  }, [what]);
}
