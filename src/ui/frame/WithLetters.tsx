'use client';

import { type ReactNode, use } from 'react';
import type { HandId } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';

/** Shows its children once the letters of these hands are at hand; they are fetched side by side. */
export function WithLetters({ hands, children }: { hands: readonly HandId[]; children: ReactNode }) {
  const fetching = hands.filter((hand) => !isLoaded(hand)).map(loadScript);
  for (const promise of fetching) use(promise);
  return children;
}
