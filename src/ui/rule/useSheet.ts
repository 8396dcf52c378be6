'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { layoutSheet } from '@/core/sheet/layout';
import { Problem } from '@/core/sheet/problem';
import { parseRecipe, type Recipe } from '@/core/sheet/recipe';
import { call, sentenceOf } from '../lib/api';
import { begin, commit, type History, redo, undo } from './history';
import { sheetAddress } from './recipeUrl';

/** Autosave waits this long after the last edit, in ms. */
const AUTOSAVE_DELAY = 500;

/** What an edit asked for that could not be; `attempted` is the recipe its offers apply to. */
export interface Refused {
  readonly problem: Problem;
  readonly attempted: Recipe;
}

export type SaveState =
  | { readonly kind: 'saved' | 'saving' }
  | { readonly kind: 'failed'; readonly why: string };

const historyKey = (id: string) => `elvane-history-${id}`;

/** The history kept for this sheet in this window, if it ends where the sheet now stands. */
function keptHistory(id: string, present: Recipe): History<Recipe> {
  try {
    const kept = JSON.parse(sessionStorage.getItem(historyKey(id)) ?? 'null') as History<unknown> | null;
    if (kept && JSON.stringify(kept.present) === JSON.stringify(present)) {
      return { past: kept.past.map(parseRecipe), present, future: kept.future.map(parseRecipe) };
    }
  } catch {
    // A history that cannot be read is no loss of work: the sheet itself comes from the address or the shelf.
  }
  return begin(present);
}

/**
 * The sheet being edited: undo and redo, autosave to the shelf, and the recipe in the address, so that Back, reload
 * and a shared link find it. An edit that cannot be ruled is refused and changes nothing.
 */
export function useSheet(id: string, initialName: string, initial: Recipe) {
  const [history, setHistory] = useState(() => begin(initial));
  const [name, setName] = useState(initialName);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [saveState, setSaveState] = useState<SaveState>({ kind: 'saved' });
  const unsaved = useRef<{ name: string; recipe: Recipe } | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const loaded = useRef(false);

  const saveNow = useCallback(
    async (keepalive = false) => {
      clearTimeout(timer.current);
      const work = unsaved.current;
      if (!work) return;
      unsaved.current = null;
      setSaveState({ kind: 'saving' });
      try {
        await call(`/api/sheets/${id}`, { method: 'PUT', json: work, keepalive });
        setSaveState((state) => (unsaved.current ? state : { kind: 'saved' }));
      } catch (error) {
        unsaved.current ??= work;
        setSaveState({ kind: 'failed', why: sentenceOf(error) });
      }
    },
    [id],
  );

  const show = useCallback(
    (next: History<Recipe>, title: string) => {
      setHistory(next);
      setRefused(null);
      try {
        sessionStorage.setItem(historyKey(id), JSON.stringify(next));
      } catch {
        // The session store is full: undo will not survive a reload, the sheet itself will.
      }
      window.history.replaceState(null, '', sheetAddress(id, next.present));
      unsaved.current = { name: title, recipe: next.present };
      setSaveState({ kind: 'saving' });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void saveNow(), AUTOSAVE_DELAY);
    },
    [id, saveNow],
  );

  useEffect(() => {
    if (loaded.current) return;
    loaded.current = true;
    setHistory(keptHistory(id, initial));
  }, [id, initial]);

  useEffect(() => {
    const leave = () => void saveNow(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [saveNow]);

  const edit = useCallback(
    (change: (recipe: Recipe) => Recipe) => {
      let attempted = history.present;
      try {
        attempted = change(attempted);
        layoutSheet(attempted);
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
        setRefused({ problem: error, attempted });
        return;
      }
      if (JSON.stringify(attempted) !== JSON.stringify(history.present))
        show(commit(history, attempted), name);
      else setRefused(null);
    },
    [history, name, show],
  );

  return {
    recipe: history.present,
    name,
    refused,
    saveState,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    edit,
    undo: () => history.past.length > 0 && show(undo(history), name),
    redo: () => history.future.length > 0 && show(redo(history), name),
    rename: (next: string) => {
      setName(next);
      show(history, next);
    },
    dismiss: () => setRefused(null),
    retrySave: () => void saveNow(),
  };
}

export type Sheet = ReturnType<typeof useSheet>;
