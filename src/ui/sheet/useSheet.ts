'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { useNotice } from '../frame/notices';
import { hasKept, type Kept, keptKey } from './keptWork';
import { sheetAddress } from './recipeUrl';
import { Saver, saverOf, type Work } from './saver';
import { type Letters, SheetDesk } from './sheetDesk';

/** A sheet as the server opened it. */
export interface Opened extends Work {
  readonly id: string;
  /** The revision it was read at; 0 for a sheet nobody has saved. */
  readonly revision: number;
  /** The recipe is the one in the address, which may have been made from an earlier revision. */
  readonly inAddress: boolean;
  /** What was asked for could not be opened, and why. */
  readonly notice?: string;
}

/** Longest name of a sheet. */
const LONGEST_NAME = 80;

/** Keeps work as a sheet of its own. */
const copyOf = ({ name, recipe }: Work): Promise<void> =>
  new Saver(crypto.randomUUID(), 0).leave({ name: `${name} (mine)`.slice(0, LONGEST_NAME), recipe });

/** Keeps a sheet in this window's session, and in its address. */
function keepHere(id: string, kept: Kept): void {
  try {
    sessionStorage.setItem(keptKey(id), JSON.stringify(kept));
  } catch {
    // The session store is full: undo will not survive a reload, the sheet itself will.
  }
  window.history.replaceState(null, '', sheetAddress(id, kept.history.present, window.location.pathname));
}

/** The letters of the hand, which most stations draw whatever the sheet says. */
const HAND_LETTERS: Letters = {
  here: ({ hand }) => isLoaded(hand),
  fetch: ({ hand }) => loadScript(hand),
};

/** The desk of a sheet, and how it goes on from what this window had of it. */
function deskOf({ id, name, recipe, revision, inAddress }: Opened, letters: Letters) {
  const desk = new SheetDesk(
    { name, recipe },
    {
      saver: saverOf(id, revision, inAddress),
      letters,
      keep: (kept) => keepHere(id, kept),
      readTheirs: async (data) => (await import('./kept')).theirsOf(data),
      copy: copyOf,
    },
  );
  const recall = () => {
    if (hasKept(id)) void desk.recall(import('./kept').then(({ keptSheet }) => keptSheet(id, name, recipe)));
  };
  return { desk, recall };
}

/**
 * The sheet being edited (`SheetDesk`), in a window: kept in its session and its address, so that Back, reload and a
 * shared link find it; saved when the window closes or another station takes over.
 */
export function useSheet(opened: Opened, letters = HAND_LETTERS) {
  const [{ desk, recall }] = useState(() => deskOf(opened, letters));
  const { history, name, refused, save } = useSyncExternalStore(desk.watch, desk.state, desk.state);

  useEffect(recall, [recall]);
  const tell = useNotice();
  const { notice } = opened;
  useEffect(() => {
    if (notice) tell({ tone: 'problem', text: notice });
  }, [notice, tell]);

  useEffect(() => {
    const leave = () => desk.leave();
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      // Another station of this window goes on with the sheet: it saves after this.
      void desk.saveNow();
    };
  }, [desk]);

  const [actions] = useState(() => ({
    edit: (change: (recipe: Recipe) => Recipe) => desk.edit(change),
    undo: () => desk.undo(),
    redo: () => desk.redo(),
    rename: (next: string) => desk.rename(next),
    dismiss: () => desk.dismiss(),
    retrySave: () => void desk.saveNow(),
    settleStale: (choice: 'mine' | 'theirs' | 'both') => desk.settle(choice),
  }));
  return {
    recipe: history.present,
    name,
    refused,
    saveState: save,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    ...actions,
  };
}

export type Sheet = ReturnType<typeof useSheet>;
