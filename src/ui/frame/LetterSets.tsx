'use client';

import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import type { HandId } from '@/core/hands/registry';
import { lookUp } from '@/core/measure/lookUp';
import type { LetterSet } from '@/core/setting/letterSet';
import { emptySet } from '@/core/setting/ownLetters';

type Sets = Readonly<Partial<Record<HandId, LetterSet>>>;

const Context = createContext<{ sets: Sets; keep: (set: LetterSet) => void }>({ sets: {}, keep: () => {} });

/** The scribe's letter sets, as the server has them, for every station. */
export function LetterSets({ sets: initial, children }: { sets: Sets; children: ReactNode }) {
  const [sets, setSets] = useState(initial);
  const value = useMemo(
    () => ({ sets, keep: (set: LetterSet) => setSets((now) => ({ ...now, [set.hand]: set })) }),
    [sets],
  );
  return <Context value={value}>{children}</Context>;
}

/** The letter set of a hand (empty where none is saved), and a setter for the screen. */
export function useLetterSet(hand: HandId) {
  const { sets, keep } = useContext(Context);
  return { set: useMemo(() => lookUp(sets, hand) ?? emptySet(hand), [sets, hand]), keep };
}

/** The scribe's own letters of every hand. */
export function useOwnLetters(): Readonly<Partial<Record<HandId, LetterSet['letters']>>> {
  const { sets } = useContext(Context);
  return useMemo(
    () => Object.fromEntries(Object.entries(sets).map(([hand, set]) => [hand, set?.letters ?? []])),
    [sets],
  );
}
