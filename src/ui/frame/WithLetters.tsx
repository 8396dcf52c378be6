'use client';

import { type ReactNode, use } from 'react';
import type { HandId } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { InWindow } from './InWindow';

interface OfHands {
  readonly hands: readonly HandId[];
  readonly children: ReactNode;
}

/** Draws its children in the browser, once the letters of these hands are loaded there. */
export const WithLetters = (props: OfHands) => (
  <InWindow>
    <Loaded {...props} />
  </InWindow>
);

/** The hands are fetched side by side. */
function Loaded({ hands, children }: OfHands) {
  const fetching = hands.filter((hand) => !isLoaded(hand)).map(loadScript);
  for (const promise of fetching) use(promise);
  return children;
}
