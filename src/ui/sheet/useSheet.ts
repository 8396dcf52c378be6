'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Recipe } from '@/core/document/recipe';
import { type HandId, handById } from '@/core/hands/registry';
import { isLoaded, loadScript } from '@/core/hands/scripts';
import { Problem } from '@/core/problem/problem';
import { layoutSheet } from '@/core/sheet/layout';
import { Stale, sentenceOf } from '../lib/api';
import { begin, commit, type History, redo, undo } from './history';
import { hasKept, type Kept, keptKey, type Theirs } from './keptWork';
import { sheetAddress } from './recipeUrl';
import { Saver, saverOf, type Work } from './saver';

/** Autosave waits this long after the last edit, in ms. */
const AUTOSAVE_DELAY = 500;

/** A sheet as the server opened it. */
export interface Opened extends Work {
  readonly id: string;
  /** The revision it was read at; 0 for a sheet nobody has saved. */
  readonly revision: number;
  /** The recipe is the one in the address, which may have been made from an earlier revision. */
  readonly inAddress: boolean;
}

/** Longest name of a sheet. */
const LONGEST_NAME = 80;

/** Keeps work as a sheet of its own. */
const copyOf = ({ name, recipe }: Work): Promise<void> =>
  new Saver(crypto.randomUUID(), 0).leave({ name: `${name} (mine)`.slice(0, LONGEST_NAME), recipe });

/** What an edit asked for that could not be; `attempted` is the recipe its offers apply to. */
export interface Refused {
  readonly problem: Problem;
  readonly attempted: Recipe;
}

export type SaveState =
  | { readonly kind: 'saved' | 'saving' }
  | { readonly kind: 'failed'; readonly why: string }
  /** Refused: it has been changed elsewhere, or, where there is none of theirs, deleted. */
  | { readonly kind: 'stale'; readonly why: string; readonly theirs: Theirs | undefined };

const lettersMissing = (hand: HandId) =>
  new Problem(
    'hand',
    `The letters of ${handById(hand).name} could not be fetched; see whether the server is running and try again.`,
  );

/**
 * The sheet being edited: undo and redo, autosave to the shelf, and the recipe in the address, so that Back, reload
 * and a shared link find it. An edit that cannot be ruled is refused and changes nothing.
 */
export function useSheet({ id, name: initialName, recipe: initial, revision, inAddress }: Opened) {
  const [history, setHistory] = useState(() => begin(initial));
  const [name, setName] = useState(initialName);
  const [refused, setRefused] = useState<Refused | null>(null);
  const [saveState, setSaveState] = useState<SaveState>({ kind: 'saved' });
  const unsaved = useRef<Work | null>(null);
  const saver = useRef<Saver>(undefined);
  saver.current ??= saverOf(id, revision, inAddress);
  const refusedBy = useRef<'stale' | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const loaded = useRef(false);
  const now = useRef({ history, name });
  const waiting = useRef<(() => void)[] | null>(null);

  const saveNow = useCallback(async () => {
    clearTimeout(timer.current);
    const work = unsaved.current;
    if (!work || refusedBy.current) return;
    unsaved.current = null;
    setSaveState({ kind: 'saving' });
    try {
      await saver.current?.save(work);
      setSaveState((state) => (unsaved.current ? state : { kind: 'saved' }));
    } catch (error) {
      unsaved.current ??= work;
      if (error instanceof Stale) {
        refusedBy.current = 'stale';
        try {
          const { theirsOf } = await import('./kept');
          setSaveState({ kind: 'stale', why: error.message, theirs: theirsOf(error.theirs) });
        } catch {
          // Theirs cannot be shown here; mine is not put over it, and can be tried again.
          refusedBy.current = null;
          setSaveState({ kind: 'failed', why: error.message });
        }
      } else setSaveState({ kind: 'failed', why: sentenceOf(error) });
    }
  }, []);

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
      if (refusedBy.current) return;
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
    if (!hasKept(id)) return;
    // What is done before the history is there is done after it.
    waiting.current = [];
    const goOn = () => {
      const meanwhile = waiting.current ?? [];
      waiting.current = null;
      return meanwhile;
    };
    import('./kept').then(
      ({ keptSheet }) => {
        const meanwhile = goOn();
        const kept = keptSheet(id, initialName, initial);
        const { present } = kept.history;
        whenWritten(
          present.hand,
          () => put(kept.history, kept.name),
          () => setRefused({ problem: lettersMissing(present.hand), attempted: present }),
        );
        meanwhile.forEach(inTurn);
        // Without its history the sheet is as the server sent it.
      },
      () => goOn().forEach(inTurn),
    );
  }, [id, initialName, initial, inTurn, put, whenWritten]);

  useEffect(() => {
    const leave = () => {
      const work = unsaved.current;
      if (!work) return;
      unsaved.current = null;
      clearTimeout(timer.current);
      // Closed before it was said what shall stay: mine goes on the shelf beside theirs.
      const leaving = refusedBy.current ? copyOf(work) : saver.current?.leave(work);
      leaving?.catch(() => {
        unsaved.current ??= work;
      });
    };
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      // Another station of this window goes on with the sheet: it saves after this.
      void saveNow();
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
    /** A stale save: mine over theirs; theirs in place of mine; or mine as a sheet of its own, and theirs here. */
    settleStale: async (choice: 'mine' | 'theirs' | 'both') => {
      if (saveState.kind !== 'stale') return;
      const { theirs } = saveState;
      const mine = unsaved.current ?? { name: now.current.name, recipe: now.current.history.present };
      if (choice === 'both') {
        await copyOf(mine);
      }
      // A deleted sheet has no revision to go by: mine brings it back.
      if (saver.current) saver.current.revision = theirs?.revision;
      refusedBy.current = null;
      if (choice === 'mine' || !theirs) {
        unsaved.current = mine;
        await saveNow();
        return;
      }
      unsaved.current = null;
      setSaveState({ kind: 'saved' });
      const { recipe } = theirs;
      whenWritten(
        recipe.hand,
        () => put(commit(now.current.history, recipe), theirs.name),
        () => setRefused({ problem: lettersMissing(recipe.hand), attempted: recipe }),
      );
      window.history.replaceState(null, '', sheetAddress(id, theirs.recipe, window.location.pathname));
    },
  };
}

export type Sheet = ReturnType<typeof useSheet>;
