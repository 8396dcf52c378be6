import { decompressFromEncodedURIComponent } from 'lz-string';
import { parseRecipe, type Recipe } from '@/core/document/recipe';

/** A recipe in the address is a few hundred characters; anything much longer is not ours. */
const LONGEST = 8000;
/** The recipe packed in an address; undefined where there is none or it cannot be read. */
export function unpackRecipe(packed: string | null | undefined): Recipe | undefined {
  if (!packed || packed.length > LONGEST) return undefined;
  try {
    return parseRecipe(JSON.parse(decompressFromEncodedURIComponent(packed)));
  } catch {
    return undefined;
  }
}
