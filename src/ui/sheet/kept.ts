import { z } from 'zod';
import { begin, type History } from './history';
import { type Kept, keptKey, type Theirs } from './keptWork';

const theirsSchema = z.object({ name: z.string(), recipe: z.unknown(), revision: z.number() }).nullable();

/** The document as another window saved it; `parse` reads it from untrusted data. */
export function theirsOf<D>(data: unknown, parse: (data: unknown) => D): Theirs<D> | undefined {
  const found = theirsSchema.safeParse(data ?? null).data;
  return found ? { ...found, recipe: parse(found.recipe) } : undefined;
}

/**
 * The document as this window last had it. The page may have been drawn from an older answer of the server (Back does
 * that), so what is in the address counts (`inAddress`); the history is kept if it ends there.
 */
export function keptWork<D>(
  id: string,
  name: string,
  { initial, inAddress, parse }: { initial: D; inAddress: D | undefined; parse: (data: unknown) => D },
): Kept<D> {
  try {
    const kept = JSON.parse(sessionStorage.getItem(keptKey(id)) ?? 'null') as {
      name: string;
      history: History<unknown>;
    } | null;
    const present = inAddress ?? initial;
    const same = (other: unknown) => JSON.stringify(parse(other)) === JSON.stringify(parse(present));
    if (kept && same(kept.history.present)) {
      const { past, future } = kept.history;
      return {
        name: kept.name,
        history: { past: past.map(parse), present, future: future.map(parse) },
      };
    }
  } catch {
    // An unreadable history loses no work: the document itself comes from the address or the shelf.
  }
  return { name, history: begin(inAddress ?? initial) };
}
