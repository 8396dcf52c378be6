import { z } from 'zod';
import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { begin, type History } from './history';
import { type Kept, keptKey, type Theirs } from './keptWork';
import { unpackRecipe } from './unpackRecipe';

const theirsSchema = z.object({ name: z.string(), recipe: z.unknown(), revision: z.number() }).nullable();

/** The sheet as the server says somebody else has left it. */
export function theirsOf(data: unknown): Theirs | undefined {
  const found = theirsSchema.safeParse(data ?? null).data;
  return found ? { ...found, recipe: parseRecipe(found.recipe) } : undefined;
}

/**
 * The sheet as this window last had it. The page may have been drawn from an older answer of the server (Back does
 * that), so the recipe in the address counts; the history is kept if it ends there.
 */
export function keptSheet(id: string, name: string, initial: Recipe): Kept {
  const address = new URLSearchParams(window.location.search);
  const present = (address.get('sheet') === id && unpackRecipe(address.get('r'))) || initial;
  try {
    const kept = JSON.parse(sessionStorage.getItem(keptKey(id)) ?? 'null') as {
      name: string;
      history: History<unknown>;
    } | null;
    const same = (recipe: unknown) =>
      JSON.stringify(parseRecipe(recipe)) === JSON.stringify(parseRecipe(present));
    if (kept && same(kept.history.present)) {
      const { past, future } = kept.history;
      return {
        name: kept.name,
        history: { past: past.map(parseRecipe), present, future: future.map(parseRecipe) },
      };
    }
  } catch {
    // A history that cannot be read is no loss of work: the sheet itself comes from the address or the shelf.
  }
  return { name, history: begin(present) };
}
