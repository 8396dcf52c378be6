import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { unpackRecipe } from './unpackRecipe';

/** Sheets from untrusted data, and the one packed in this window's address. */
export const READER = {
  parse: parseRecipe,
  fromAddress: (id: string): Recipe | undefined => {
    const address = new URLSearchParams(window.location.search);
    return address.get('sheet') === id ? unpackRecipe(address.get('r')) : undefined;
  },
};
