import type { Problem } from '@/core/problem/problem';
import { begin, type History } from './history';
import type { Theirs } from './keptWork';
import type { Work } from './saver';

/** What an edit asked for that could not be; `attempted` is the recipe its offers apply to. */
export interface Refused<D> {
  readonly problem: Problem;
  readonly attempted: D;
}

export type SaveState<D> =
  | { readonly kind: 'saved' | 'saving' }
  | { readonly kind: 'failed'; readonly why: string }
  /** Refused: it has been changed elsewhere, or, where there is none of theirs, deleted. */
  | { readonly kind: 'stale'; readonly why: string; readonly theirs: Theirs<D> | undefined };

/** All there is to know of a sheet that is being edited. */
export interface SheetState<D> {
  readonly history: History<D>;
  readonly name: string;
  readonly refused: Refused<D> | null;
  readonly save: SaveState<D>;
  /** What the shelf has not got yet. */
  readonly unsaved: Work<D> | null;
}

export const begun = <D>({ name, recipe }: Work<D>): SheetState<D> => ({
  history: begin(recipe),
  name,
  refused: null,
  save: { kind: 'saved' },
  unsaved: null,
});

/** What happens to it. */
export type SheetEvent<D> =
  /** The user has changed it: it wants saving. */
  | { readonly kind: 'changed'; readonly history: History<D>; readonly name: string }
  /** It stands as it is kept already: read back after a reload, or taken from elsewhere. */
  | { readonly kind: 'found'; readonly history: History<D>; readonly name: string }
  | { readonly kind: 'refused'; readonly refused: Refused<D> }
  | { readonly kind: 'dismissed' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'saved'; readonly work: Work<D> }
  | { readonly kind: 'failed'; readonly why: string }
  | { readonly kind: 'stale'; readonly why: string; readonly theirs: Theirs<D> | undefined }
  /** It has been said what shall stay of a stale sheet: mine, which wants saving, or nothing of it. */
  | { readonly kind: 'settled'; readonly unsaved: Work<D> | null };

/** The sheet after an event. */
export function after<D>(state: SheetState<D>, event: SheetEvent<D>): SheetState<D> {
  switch (event.kind) {
    case 'changed': {
      const { history, name } = event;
      const save: SaveState<D> = state.save.kind === 'stale' ? state.save : { kind: 'saving' };
      return { history, name, refused: null, save, unsaved: { name, recipe: history.present } };
    }
    case 'found':
      return { ...state, history: event.history, name: event.name, refused: null };
    case 'refused':
      return { ...state, refused: event.refused };
    case 'dismissed':
      return state.refused ? { ...state, refused: null } : state;
    case 'saving':
      return state.save.kind === 'saving' ? state : { ...state, save: { kind: 'saving' } };
    case 'saved':
      // What was edited while the save was on its way is not on the shelf yet.
      return state.unsaved === event.work ? { ...state, unsaved: null, save: { kind: 'saved' } } : state;
    case 'failed':
      return { ...state, save: { kind: 'failed', why: event.why } };
    case 'stale':
      return { ...state, save: { kind: 'stale', why: event.why, theirs: event.theirs } };
    case 'settled':
      return { ...state, unsaved: event.unsaved, save: { kind: event.unsaved ? 'saving' : 'saved' } };
  }
}
