import { sentenceOf } from '../lib/api';
import { type Progress, sendPicture } from './sendPicture';

/** A picture that could not be read, with the reason, and whether it shows writing that was not printed here. */
export interface Failed {
  readonly file: Blob;
  readonly message: string;
  readonly plain: boolean;
}

/** What is being measured in this window; it goes on while another station is shown. */
export interface Measuring {
  readonly progress: (Progress & { readonly file: string }) | null;
  readonly failed: Failed | null;
}

const IDLE: Measuring = { progress: null, failed: null };

/** Pictures brought, how they are brought, and notes the server makes. */
export interface Bringing {
  readonly query?: string;
  readonly onNote: (note: string) => void;
}

/** Queue of pictures to be measured in this window. It outlives the station's component, so that leaving the station stops nothing. */
export function measuringQueue(send: typeof sendPicture = sendPicture) {
  let now = IDLE;
  let control: AbortController | undefined;
  const listeners = new Set<() => void>();
  const set = (next: Measuring) => {
    now = next;
    for (const listener of listeners) listener();
  };
  return {
    now: () => now,
    subscribe(listener: () => void) {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    stop() {
      control?.abort();
      control = undefined;
      set({ ...now, progress: null });
    },
    /** Shows that something else, a photograph being taken, comes first; it is stopped like the rest. */
    begin(words: string): AbortSignal {
      control?.abort();
      control = new AbortController();
      set({ progress: { words, share: 0, file: '' }, failed: null });
      return control.signal;
    },
    /** Nothing could be brought after all. */
    giveUp: () => set(IDLE),
    /** Measures pictures; answers the ids of their reviews, or undefined where it was stopped. */
    async bring(files: readonly Blob[], { query = '', onNote }: Bringing): Promise<string[] | undefined> {
      control?.abort();
      const mine = new AbortController();
      control = mine;
      const kept: string[] = [];
      let failed: Failed | null = null;
      set(IDLE);
      for (const [i, file] of files.entries()) {
        const name = files.length > 1 ? `Picture ${i + 1} of ${files.length}: ` : '';
        const show = (progress: Progress) => {
          if (control === mine) set({ progress: { ...progress, file: name }, failed });
        };
        show({ words: 'Sending …', share: 0 });
        try {
          const done = await send(file, query, show, mine.signal);
          kept.push(done.kept);
          if (done.note) onNote(done.note);
        } catch (error) {
          if (mine.signal.aborted) break;
          failed = { file, message: sentenceOf(error), plain: query.startsWith('/') };
        }
      }
      if (control !== mine) return undefined;
      set({ progress: null, failed });
      return kept;
    },
  };
}

/** The pictures of this window. */
export const measuring = measuringQueue();

/** Server snapshot: nothing is being measured during server rendering. */
export const nothingMeasured = (): Measuring => IDLE;
