'use client';

import { type ReactNode, use } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { EXEMPLAR_LETTERS } from './exemplarLetters';

const fetching = new Map<string, Promise<void>>();

/** Shows its children once the words of this sheet can be written; at once where it has none. */
export function WithExemplar({ recipe, children }: { recipe: Recipe; children: ReactNode }) {
  if (!EXEMPLAR_LETTERS.here(recipe)) {
    const promise = fetching.get(recipe.hand) ?? EXEMPLAR_LETTERS.fetch(recipe);
    fetching.set(recipe.hand, promise);
    promise.catch(() => fetching.delete(recipe.hand));
    use(promise);
  }
  return children;
}
