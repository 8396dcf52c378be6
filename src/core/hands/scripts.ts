import type { Script } from '../hand/script';
import { HANDS, type HandId, handById } from './registry';

/**
 * The letters of hands, fetched when they are wanted: a page loads only the hands it writes with. Whoever is about to
 * write waits for `loadScript` once; after that `scriptOf` answers at once.
 */
const loading = new Map<HandId, Promise<void>>();
const loaded = new Map<HandId, Script>();

export const hasLetters = (id: HandId): boolean => handById(id).script !== undefined;

/** Are its letters at hand (or is there nothing to fetch)? */
export const isLoaded = (id: HandId): boolean => loaded.has(id) || !hasLetters(id);

/** Fetches a hand's letters; the same promise for all who ask. A failed try may be repeated. */
export function loadScript(id: HandId): Promise<void> {
  let promise = loading.get(id);
  if (!promise) {
    promise = fetchScript(id);
    loading.set(id, promise);
    promise.catch(() => loading.delete(id));
  }
  return promise;
}

async function fetchScript(id: HandId): Promise<void> {
  const script = await handById(id).script?.();
  if (script) loaded.set(id, script);
}

/** The letters of every hand: for servers and tests. */
export async function loadAllScripts(): Promise<void> {
  await Promise.all(HANDS.map(({ id }) => loadScript(id)));
}

/**
 * A hand's letters; undefined where none are drawn.
 * @throws Error when they are drawn but nobody has waited for `loadScript`.
 */
export function scriptOf(id: HandId): Script | undefined {
  const script = loaded.get(id);
  if (!script && hasLetters(id)) throw new Error(`The letters of ${id} have not been fetched`);
  return script;
}
