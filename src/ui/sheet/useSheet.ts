'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { parseRecipe, type Recipe } from '@/core/document/recipe';
import { type HandId, handById } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { Problem } from '@/core/problem/problem';
import { layoutSheet } from '@/core/sheet/layout';
import { call, sentenceOf } from '../lib/api';
import { begin, commit, type History, redo, undo } from './history';
import { sheetAddress, unpackRecipe } from './recipeUrl';

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

const lettersMissing = (hand: HandId) =>
  new Problem(
    'hand',
    `The letters of ${handById(hand).name} could not be fetched; see whether the server is running and try again.`,
  );

/** What this window keeps of a sheet between reloads. */
interface Kept {
  readonly name: string;
  readonly history: History<Recipe>;
}

const keptKey = (id: string) => `elvane-sheet-${id}`;

/**
 * The sheet as this window last had it. The page may have been drawn from an older answer of the server (Back does
 * that), so the recipe in the address counts; the history is kept if it ends there.
 */
function keptSheet(id: string, name: string, initial: Recipe): Kept {
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
  const now = useRef({ history, name });
  const waiting = useRef<(() => void)[] | null>(null);

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

  const put = useCallback((next: History<Recipe>, title: string) => {
    now.current = { history: next, name: title };
    setHistory(next);
    setName(title);
  }, []);

  const show = useCallback(
    (next: History<Recipe>, title: string) => {
      put(next, title);
      setRefused(null);
      try {
        sessionStorage.setItem(keptKey(id), JSON.stringify({ name: title, history: next } satisfies Kept));
      } catch {
        // The session store is full: undo will not survive a reload, the sheet itself will.
      }
      window.history.replaceState(null, '', sheetAddress(id, next.present, window.location.pathname));
      unsaved.current = { name: title, recipe: next.present };
      setSaveState({ kind: 'saving' });
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void saveNow(), AUTOSAVE_DELAY);
    },
    [id, put, saveNow],
  );

  /** Does it now or, while a hand's letters are on their way, after them: nothing done meanwhile is lost. */
  const inTurn = useCallback((act: () => void) => {
    if (waiting.current) waiting.current.push(act);
    else act();
  }, []);

  /** Goes on once a hand's letters are there; without them nothing could be drawn. */
  const whenWritten = useCallback(
    (hand: HandId, then: () => void, otherwise: () => void) => {
      if (isLoaded(hand)) return then();
      waiting.current = [];
      const acts = () => {
        const meanwhile = waiting.current ?? [];
        waiting.current = null;
        return meanwhile;
      };
      loadScript(hand).then(
        () => [then, ...acts()].forEach(inTurn),
        () => [...acts(), otherwise].forEach(inTurn),
      );
    },
    [inTurn],
  );

  const showWritten = useCallback(
    (next: History<Recipe>) => {
      const { present } = next;
      whenWritten(
        present.hand,
        () => show(next, now.current.name),
        () => setRefused({ problem: lettersMissing(present.hand), attempted: present }),
      );
    },
    [show, whenWritten],
  );

  useEffect(() => {
    if (loaded.current) return;
    loaded.current = true;
    const kept = keptSheet(id, initialName, initial);
    const { present } = kept.history;
    whenWritten(
      present.hand,
      () => put(kept.history, kept.name),
      () => setRefused({ problem: lettersMissing(present.hand), attempted: present }),
    );
  }, [id, initialName, initial, put, whenWritten]);

  useEffect(() => {
    const leave = () => void saveNow(true);
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
    };
  }, [saveNow]);

  const edit = useCallback(
    (change: (recipe: Recipe) => Recipe) =>
      inTurn(() => {
        const { history: before } = now.current;
        let attempted = before.present;
        try {
          attempted = change(attempted);
          layoutSheet(attempted);
        } catch (error) {
          if (!(error instanceof Problem)) throw error;
          setRefused({ problem: error, attempted });
          return;
        }
        if (JSON.stringify(attempted) !== JSON.stringify(before.present))
          showWritten(commit(before, attempted));
        else setRefused(null);
      }),
    [inTurn, showWritten],
  );

  /** A step through the history. */
  const step = (move: typeof undo) =>
    inTurn(() => {
      const { history: before } = now.current;
      const after = move(before);
      if (after !== before) showWritten(after);
    });

  return {
    recipe: history.present,
    name,
    refused,
    saveState,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    edit,
    undo: () => step(undo),
    redo: () => step(redo),
    rename: (next: string) => inTurn(() => show(now.current.history, next)),
    dismiss: () => setRefused(null),
    retrySave: () => void saveNow(),
  };
}

export type Sheet = ReturnType<typeof useSheet>;
