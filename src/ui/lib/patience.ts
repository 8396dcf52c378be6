import { Away, call } from './api';

/** What is not kept is sent again after so long, in ms; the last again and again. */
const AGAIN = [1000, 2000, 4000, 8000, 10_000] as const;

/** How long to wait before the next try, after `failed` of them. */
export const waitAfter = (failed: number): number => AGAIN[Math.min(failed, AGAIN.length) - 1] ?? AGAIN[0];

const waiting = new Set<symbol>();
const watchers = new Set<() => void>();
let why = '';

/** Why something waits to be kept; undefined where nothing does. */
export const whyWaiting = (): string | undefined => (waiting.size > 0 ? why : undefined);

export function watchWaiting(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

const told = () => {
  for (const watcher of watchers) watcher();
};

/** Notes that something waits, and why; answers how to say that it is over. */
export function waits(mark: symbol, reason: string): void {
  waiting.add(mark);
  why = reason;
  told();
}

export function waitsNoMore(mark: symbol): void {
  if (waiting.delete(mark)) told();
}

/** The last change sent to each address: the next waits for it, so that none overtakes another. */
const last = new Map<string, Promise<unknown>>();

/**
 * Sends a change until the server has taken it, in the order changes were made: one that cannot be reached is asked again, and
 * the window says that something waits. Only for changes that may be sent twice.
 * @throws Problem where it is refused for good.
 */
export function callUntilKept(
  path: string,
  init: { readonly method: 'PUT' | 'DELETE'; readonly json?: unknown },
): Promise<Response> {
  const before = last.get(path) ?? Promise.resolve();
  const mine = before.catch(() => undefined).then(() => untilKept(path, init));
  last.set(path, mine);
  const done = () => {
    if (last.get(path) === mine) last.delete(path);
  };
  mine.then(done, done);
  return mine;
}

async function untilKept(path: string, init: { method: string; json?: unknown }): Promise<Response> {
  const mark = Symbol(path);
  try {
    for (let failed = 1; ; failed++) {
      try {
        return await call(path, init);
      } catch (error) {
        if (!(error instanceof Away)) throw error;
        waits(mark, error.message);
        await new Promise((again) => setTimeout(again, waitAfter(failed)));
      }
    }
  } finally {
    waitsNoMore(mark);
  }
}
