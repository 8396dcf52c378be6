import { compressToEncodedURIComponent } from 'lz-string';
import type { Recipe } from '@/core/document/recipe';
import { sheetLink } from './sheetLink';

/**
 * Recipes with many bands grow longer than this and stay out of the address: it goes to the server several times in the
 * headers of one request, and those are bounded. The shelf has the sheet all the same.
 */
const LONGEST_WRITTEN = 3500;

/** A recipe packed for the address. */
export const packRecipe = (recipe: Recipe): string => compressToEncodedURIComponent(JSON.stringify(recipe));

/** The address of a sheet in a station, the Rule station unless said otherwise. */
export function sheetAddress(id: string, recipe?: Recipe, station = '/rule'): string {
  const packed = recipe ? packRecipe(recipe) : '';
  const inAddress = packed && packed.length <= LONGEST_WRITTEN;
  return `${sheetLink(id, station)}${inAddress ? `&r=${packed}` : ''}`;
}
