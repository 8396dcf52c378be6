import { useEffect, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { call } from '../lib/api';
import { useRead } from './useRead';

/** The address of a practice page's picture, drawn by the server; null until it is there, or where no page is asked for. */
export function useDrawnPage(recipe: Recipe | null): string | null {
  const [picture, setPicture] = useState<string | null>(null);
  useRead(
    async (signal) => {
      setPicture(null);
      if (!recipe) return;
      const drawn = await call('/api/practice?format=svg', { method: 'POST', json: recipe, signal });
      setPicture(URL.createObjectURL(await drawn.blob()));
    },
    [recipe],
  );
  useEffect(
    () => () => {
      if (picture) URL.revokeObjectURL(picture);
    },
    [picture],
  );
  return picture;
}
