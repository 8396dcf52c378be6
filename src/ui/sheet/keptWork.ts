import type { History } from './history';
import type { Work } from './saver';

/** The sheet as somebody else has left it. */
export interface Theirs<D> extends Work<D> {
  readonly revision: number;
}

/** What this window keeps of a sheet between reloads. */
export interface Kept<D> {
  readonly name: string;
  readonly history: History<D>;
}

export const keptKey = (id: string) => `elvane-sheet-${id}`;

/** Whether this window has a history of the sheet, or a recipe in its address, besides the server's version. */
export function hasKept(id: string): boolean {
  if (new URLSearchParams(window.location.search).has('r')) return true;
  try {
    return sessionStorage.getItem(keptKey(id)) !== null;
  } catch {
    return false;
  }
}
