'use client';

import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from 'react';
import { ABOUT_ID, type About, NOBODY } from '@/core/about/about';
import { callUntilKept } from '../lib/patience';

const Context = createContext<{
  readonly about: About;
  readonly keep: (about: About) => Promise<void>;
}>({ about: NOBODY, keep: async () => undefined });

/** What the scribe has said of themselves, for every station. */
export function AboutMe({ about: initial, children }: { about: About; children: ReactNode }) {
  const [about, setAbout] = useState(initial);
  const keep = useCallback(async (next: About) => {
    setAbout(next);
    await callUntilKept(`/api/records/${ABOUT_ID}`, { method: 'PUT', json: { kind: 'about', data: next } });
  }, []);
  const value = useMemo(() => ({ about, keep }), [about, keep]);
  return <Context value={value}>{children}</Context>;
}

export const useAbout = () => useContext(Context);
