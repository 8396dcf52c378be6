'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import { useNotice } from '../frame/notices';
import { hasKept, type Kept, keptKey } from './keptWork';
import { Saver, saverOf, type Work } from './saver';
import { type Letters, SheetDesk } from './sheetDesk';

/** A document as the server opened it. */
export interface OpenedWork<D> extends Work<D> {
  readonly id: string;
  /** The revision it was read at; 0 for one that nobody has saved. */
  readonly revision: number;
  /** What is edited is the one in the address, which may have been made from an earlier revision. */
  readonly inAddress: boolean;
  /** What was asked for could not be opened, and why. */
  readonly notice?: string;
}

/** What a kind of document brings with it. */
export interface WorkKind<D> {
  readonly letters: Letters<D>;
  readonly check: (document: D) => void;
  /** Its address in a station. */
  readonly address: (id: string, document: D, station: string) => string;
  /** Reads documents from untrusted data, and the one in this window's address; fetched when it is wanted. */
  readonly reader: () => Promise<{
    readonly parse: (data: unknown) => D;
    readonly fromAddress: (id: string) => D | undefined;
  }>;
}

/** Longest name of a document. */
const LONGEST_NAME = 80;

/** Keeps work as a document of its own. */
const copyOf = <D>({ name, recipe }: Work<D>): Promise<void> =>
  new Saver(crypto.randomUUID(), 0).leave({ name: `${name} (mine)`.slice(0, LONGEST_NAME), recipe });

/** Characters of history that are written at every edit: a large document keeps fewer steps over a reload. */
const MOST_WRITTEN = 500_000;

/** What is kept of a history: all of it, or as many of its latest steps as are soon written. */
function recent<D>({ name, history }: Kept<D>): Kept<D> {
  const { past, present, future } = history;
  const steps = Math.max(1, Math.floor(MOST_WRITTEN / JSON.stringify(present).length));
  return { name, history: { past: past.slice(-steps), present, future: future.slice(0, steps) } };
}

/** Keeps a document in this window's session, and in its address. */
function keepHere<D>(id: string, kept: Kept<D>, address: WorkKind<D>['address']): void {
  try {
    sessionStorage.setItem(keptKey(id), JSON.stringify(recent(kept)));
  } catch {
    // The session store is full: undo will not survive a reload, the document itself will.
  }
  window.history.replaceState(null, '', address(id, kept.history.present, window.location.pathname));
}

/** The desk of a document, and how it goes on from what the window had of it. */
function deskOf<D>({ id, name, recipe, revision, inAddress }: OpenedWork<D>, kind: WorkKind<D>) {
  const read = async () => ({ ...(await kind.reader()), ...(await import('./kept')) });
  const desk = new SheetDesk<D>(
    { name, recipe },
    {
      saver: saverOf(id, revision, inAddress),
      letters: kind.letters,
      check: kind.check,
      keep: (kept) => keepHere(id, kept, kind.address),
      readTheirs: async (data) => {
        const { theirsOf, parse } = await read();
        return theirsOf(data, parse);
      },
      copy: copyOf,
    },
  );
  const recall = () => {
    if (!hasKept(id)) return;
    void desk.recall(
      read().then(({ keptWork, parse, fromAddress }) =>
        keptWork(id, name, { initial: recipe, inAddress: fromAddress(id), parse }),
      ),
    );
  };
  return { desk, recall };
}

/**
 * The document being edited (`SheetDesk`), in a window: kept in its session and its address, so that Back, reload and a
 * shared link find it; saved when the window closes or another station takes over.
 */
export function useWork<D>(opened: OpenedWork<D>, kind: WorkKind<D>) {
  const [{ desk, recall }] = useState(() => deskOf(opened, kind));
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
      // Another station of this window goes on with the document: it saves after this.
      void desk.saveNow();
    };
  }, [desk]);

  const [actions] = useState(() => ({
    edit: (change: (document: D) => D) => desk.edit(change),
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

export type OpenWork<D> = ReturnType<typeof useWork<D>>;
