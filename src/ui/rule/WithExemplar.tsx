'use client';

import { type ReactNode, use } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { InWindow } from '../frame/InWindow';
import { EXEMPLAR_LETTERS } from './exemplarLetters';

const fetching = new Map<string, Promise<void>>();

interface OfSheet {
  readonly recipe: Recipe;
  readonly children: ReactNode;
}

/** Draws its children in the browser, once the words of this sheet can be written; at once where it has none. */
export const WithExemplar = (props: OfSheet) => (
  <InWindow>
    <Loaded {...props} />
  </InWindow>
);

function Loaded({ recipe, children }: OfSheet) {
  if (!EXEMPLAR_LETTERS.here(recipe)) {
    const promise = fetching.get(recipe.hand) ?? EXEMPLAR_LETTERS.fetch(recipe);
    fetching.set(recipe.hand, promise);
    promise.catch(() => fetching.delete(recipe.hand));
    use(promise);
  }
  return children;
}
