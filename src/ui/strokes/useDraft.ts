'use client';

import { useCallback, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { Problem } from '@/core/problem/problem';

type Change = (recipe: Recipe) => Recipe;

/**
 * The recipe while a slider is being dragged: shown at once, kept (and undoable as one edit) when the slider is let
 * go. A change that cannot be is not shown; letting go then says why.
 */
export function useDraft(recipe: Recipe, edit: (change: Change) => void) {
  const [draft, setDraft] = useState<{ of: Recipe; recipe: Recipe } | null>(null);
  const preview = useCallback(
    (change: Change) => {
      try {
        setDraft({ of: recipe, recipe: change(recipe) });
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
      }
    },
    [recipe],
  );
  const commit = useCallback(
    (change: Change) => {
      setDraft(null);
      edit(change);
    },
    [edit],
  );
  return { shown: draft?.of === recipe ? draft.recipe : recipe, preview, commit };
}
