import { sameData } from '@/core/problem/merge';
import { Problem } from '@/core/problem/problem';
import { Away, Stale, sentenceOf } from '../lib/api';
import { waitAfter, waits, waitsNoMore } from '../lib/patience';
import { commit, type History, redo, undo } from './history';
import type { Kept, Theirs } from './keptWork';
import type { Saver, Work } from './saver';
import { after, begun, type SheetEvent, type SheetState } from './sheetState';

/** Debounce of autosave after the last edit, in ms. */
const AUTOSAVE_DELAY = 500;

/** The letters a document needs, without which it cannot be drawn. */
export interface Letters<D> {
  readonly here: (document: D) => boolean;
  readonly fetch: (document: D) => Promise<void>;
  /** The hands they are of. */
  readonly named: (document: D) => string;
}

/** What a desk reaches for outside itself. */
export interface DeskPorts<D> {
  readonly saver: Pick<Saver, 'save' | 'leave' | 'revision' | 'sentBefore'>;
  /** Throws a Problem where a document cannot be drawn. */
  readonly check: (document: D) => void;
  readonly letters: Letters<D>;
  /** Keeps the sheet in this window, for reloads and Back. */
  readonly keep: (kept: Kept<D>) => void;
  /** Reads what the server says somebody else has left. */
  readonly readTheirs: (data: unknown) => Promise<Theirs<D> | undefined>;
  /** Keeps work as a sheet of its own. */
  readonly copy: (work: Work<D>) => Promise<void>;
}

const lettersMissing = (hands: string) =>
  new Problem(
    'hand',
    `The letters of ${hands} could not be fetched; check that the server is running, and try again.`,
  );

/**
 * A document being edited: undo and redo, autosave, and whoever else has changed it. Its state is a value (`sheetState`);
 * here is what happens around it. An edit that cannot be ruled is refused and changes nothing.
 */
export class SheetDesk<D> {
  private current: SheetState<D>;
  private readonly watchers = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;
  private saving: Work<D> | undefined;
  private waiting: (() => void)[] | null = null;
  /** Saves in a row that were not answered: each may have arrived all the same. */
  private unanswered: Work<D>[] = [];
  private readonly mark = Symbol('sheet');

  constructor(
    work: Work<D>,
    private readonly ports: DeskPorts<D>,
  ) {
    this.current = begun(work);
  }

  readonly state = (): SheetState<D> => this.current;

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    return () => this.watchers.delete(watcher);
  };

  /** An edit; nothing when it changes nothing. */
  edit(change: (document: D) => D): void {
    this.inTurn(() => {
      const { history } = this.current;
      let attempted = history.present;
      try {
        attempted = change(attempted);
        this.ports.check(attempted);
      } catch (error) {
        if (!(error instanceof Problem)) throw error;
        this.happen({ kind: 'refused', refused: { problem: error, attempted } });
        return;
      }
      if (JSON.stringify(attempted) === JSON.stringify(history.present)) this.happen({ kind: 'dismissed' });
      else this.change(commit(history, attempted));
    });
  }

  undo(): void {
    this.step(undo);
  }

  redo(): void {
    this.step(redo);
  }

  rename(name: string): void {
    this.inTurn(() => this.show(this.current.history, name));
  }

  dismiss(): void {
    this.happen({ kind: 'dismissed' });
  }

  /** Restores the history kept by the window; edits made before it has loaded are queued and applied after it. */
  async recall(kept: Promise<Kept<D>>): Promise<void> {
    this.waiting ??= [];
    try {
      const { history, name } = await kept;
      const meanwhile = this.release();
      this.whenWritten(history.present, () => this.happen({ kind: 'found', history, name }));
      this.goOn(meanwhile);
    } catch {
      // Without its history the sheet is as the server sent it.
      this.goOn(this.release());
    }
  }

  /** Saves what is unsaved, at once. */
  async saveNow(): Promise<void> {
    clearTimeout(this.timer);
    const { unsaved: work, save } = this.current;
    if (!work || work === this.saving || save.kind === 'stale') return;
    this.saving = work;
    this.happen({ kind: 'saving' });
    try {
      await this.ports.saver.save(work);
      this.arrived();
      this.happen({ kind: 'saved', work });
    } catch (error) {
      await this.failed(error, work);
    } finally {
      if (this.saving === work) this.saving = undefined;
    }
  }

  /** The window closes: sends unsaved changes; with an unresolved conflict, as a copy beside the other version. */
  leave(): void {
    clearTimeout(this.timer);
    const { unsaved: work, save } = this.current;
    if (!work || work === this.saving) return;
    this.saving = work;
    const leaving = save.kind === 'stale' ? this.ports.copy(work) : this.ports.saver.leave(work);
    leaving.then(
      () => save.kind !== 'stale' && this.happen({ kind: 'saved', work }),
      () => {
        if (this.saving === work) this.saving = undefined;
      },
    );
  }

  /** A stale sheet: mine over theirs; theirs in place of mine; or mine as a sheet of its own, and theirs here. */
  async settle(choice: 'mine' | 'theirs' | 'both'): Promise<void> {
    const { save, unsaved, name, history } = this.current;
    if (save.kind !== 'stale') return;
    const { theirs } = save;
    const mine = unsaved ?? { name, recipe: history.present };
    if (choice === 'both') await this.ports.copy(mine);
    // A deleted sheet has no revision to go by: mine brings it back.
    this.ports.saver.revision = theirs?.revision;
    if (choice === 'mine' || !theirs) {
      this.happen({ kind: 'settled', unsaved: mine });
      return this.saveNow();
    }
    this.happen({ kind: 'settled', unsaved: null });
    const taken = { history: commit(this.current.history, theirs.recipe), name: theirs.name };
    this.whenWritten(theirs.recipe, () => {
      this.happen({ kind: 'found', ...taken });
      this.ports.keep(taken);
    });
  }

  private happen(event: SheetEvent<D>): void {
    const next = after(this.current, event);
    if (next === this.current) return;
    this.current = next;
    for (const watcher of this.watchers) watcher();
  }

  private step(move: (history: History<D>) => History<D>): void {
    this.inTurn(() => {
      const { history } = this.current;
      const moved = move(history);
      if (moved !== history) this.change(moved);
    });
  }

  private change(next: History<D>): void {
    this.whenWritten(next.present, () => this.show(next, this.current.name));
  }

  private show(history: History<D>, name: string): void {
    this.happen({ kind: 'changed', history, name });
    this.ports.keep({ history, name });
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), AUTOSAVE_DELAY);
  }

  private async failed(error: unknown, work: Work<D>): Promise<void> {
    if (error instanceof Away) return this.sendAgain(error, work);
    const sent = this.unanswered;
    this.arrived();
    if (!(error instanceof Stale)) return this.happen({ kind: 'failed', why: sentenceOf(error) });
    try {
      const theirs = await this.ports.readTheirs(error.theirs);
      const isOwn = (work: Work<D>) =>
        this.ports.saver.sentBefore(work) ||
        sent.some(({ name, recipe }) => work.name === name && sameData(work.recipe, recipe));
      if (theirs && isOwn(theirs)) {
        // A save of this window that was not answered had arrived.
        this.ports.saver.revision = theirs.revision;
        this.timer = setTimeout(() => void this.saveNow(), 0);
        return;
      }
      this.happen({ kind: 'stale', why: error.message, theirs });
    } catch {
      // Theirs cannot be shown here; mine is not put over it, and can be tried again.
      this.happen({ kind: 'failed', why: error.message });
    }
  }

  /** The server is away: unsaved changes are retried until it is back, and the window says so. */
  private sendAgain(error: Away, work: Work<D>): void {
    this.unanswered.push(work);
    this.happen({ kind: 'failed', why: error.message });
    waits(this.mark, error);
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), waitAfter(this.unanswered.length));
  }

  private arrived(): void {
    this.unanswered = [];
    waitsNoMore(this.mark);
  }

  /** Does it now or, while something it rests on is on its way, after that: nothing done meanwhile is lost. */
  private inTurn(act: () => void): void {
    if (this.waiting) this.waiting.push(act);
    else act();
  }

  private goOn(acts: readonly (() => void)[]): void {
    for (const act of acts) this.inTurn(act);
  }

  private release(): (() => void)[] {
    const acts = this.waiting ?? [];
    this.waiting = null;
    return acts;
  }

  /** Goes on once the letters a document needs are there; without them nothing could be drawn. */
  private whenWritten(recipe: D, then: () => void): void {
    const { letters } = this.ports;
    if (letters.here(recipe)) {
      then();
      return;
    }
    this.waiting ??= [];
    const missing = () =>
      this.happen({
        kind: 'refused',
        refused: { problem: lettersMissing(letters.named(recipe)), attempted: recipe },
      });
    letters.fetch(recipe).then(
      () => this.goOn([then, ...this.release()]),
      () => this.goOn([...this.release(), missing]),
    );
  }
}
