'use client';

import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef, useState } from 'react';
import { ABOUT_ID, type About, NOBODY } from '@/core/about/about';
import type { Entry } from '@/core/log/entry';
import { Stale } from '../lib/api';
import { keepAt } from '../lib/patience';

const Context = createContext<{
  readonly about: About;
  readonly keep: (about: About) => Promise<void>;
}>({ about: NOBODY, keep: async () => undefined });

/** What the scribe has said of themselves, for every station. */
export function AboutMe({ about: initial, children }: { about: About; children: ReactNode }) {
  const [about, setAbout] = useState(initial);
  const latest = useRef(initial);
  const show = useCallback((next: About) => {
    latest.current = next;
    setAbout(next);
  }, []);
  const keep = useCallback(
    async (next: About) => {
      const was = latest.current;
      show(next);
      try {
        const kept = await keepAt('PUT /api/records/{}', ABOUT_ID, { kind: 'about', data: next, was });
        if (latest.current === next) show((kept as Entry<'about'>).data);
      } catch (error) {
        if (latest.current === next && error instanceof Stale) show(error.theirs as About);
        throw error;
      }
    },
    [show],
  );
  const value = useMemo(() => ({ about, keep }), [about, keep]);
  return <Context value={value}>{children}</Context>;
}

export const useAbout = () => useContext(Context);
