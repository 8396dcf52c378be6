import type { Answered, Sent } from '@/core/desk/routes';
import { Away, addressOf, call, LoggedOut, sentenceOf } from './api';

/** Backoff, in ms, of repeated saves; the last interval repeats. */
const AGAIN = [500, 1000, 2000] as const;

/** Delay before the next attempt, after `failed` failures. */
export const waitAfter = (failed: number): number => AGAIN[Math.min(failed, AGAIN.length) - 1] ?? AGAIN[0];

/** Why something waits to be kept. */
export interface Reason {
  readonly says: string;
  /** The session of a shared desk is over. */
  readonly loggedOut: boolean;
}

const waiting = new Set<symbol>();
const watchers = new Set<() => void>();
let reason: Reason | undefined;

/** Why changes wait to be saved; undefined where none do. */
export const whyWaiting = (): Reason | undefined => (waiting.size > 0 ? reason : undefined);

export function watchWaiting(watcher: () => void): () => void {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
}

const told = () => {
  for (const watcher of watchers) watcher();
};

/** Registers a waiting change and its reason; returns a function that clears it. */
export function waits(mark: symbol, error: unknown): void {
  waiting.add(mark);
  const [says, loggedOut] = [sentenceOf(error), error instanceof LoggedOut];
  if (reason?.says !== says || reason.loggedOut !== loggedOut) reason = { says, loggedOut };
  told();
}

export function waitsNoMore(mark: symbol): void {
  if (waiting.delete(mark)) told();
}

interface Change {
  readonly method: 'PUT' | 'PATCH' | 'DELETE';
  readonly json?: unknown;
}

/** The last request to each address; the next waits for it, so that requests stay in order. */
const last = new Map<string, Promise<unknown>>();
/** The latest unanswered change of each address. */
const unanswered = new Map<string, Change>();

/** On pagehide, resends unacknowledged changes with `keepalive`, so that the browser delivers them after the window has closed. */
export function sendWhatWaits(): void {
  for (const [path, change] of unanswered)
    void call(path, { ...change, keepalive: true }).catch(() => undefined);
}
if (typeof window !== 'undefined') window.addEventListener('pagehide', sendWhatWaits);

/**
 * Sends a change until the server has taken it, in the order changes were made: one that cannot be reached is asked again, and
 * the window says that something waits. Only for changes that may be sent twice.
 * @throws Problem where it is refused for good.
 */
export function callUntilKept(path: string, change: Change): Promise<Response> {
  const before = last.get(path) ?? Promise.resolve();
  const mine = before.catch(() => undefined).then(() => untilKept(path, change));
  last.set(path, mine);
  unanswered.set(path, change);
  const done = () => {
    if (last.get(path) === mine) last.delete(path);
    if (unanswered.get(path) === change) unanswered.delete(path);
  };
  mine.then(done, done);
  return mine;
}

/** Keeps something under its id at one of the application's routes, as `callUntilKept` does; answers it as it is kept. */
export async function keepAt<R extends keyof Answered & keyof Sent & `PUT ${string}`>(
  route: R,
  id: string,
  json: Sent[R],
): Promise<Answered[R]> {
  const answer = await callUntilKept(addressOf(route, id).path, { method: 'PUT', json });
  return answer.json();
}

/**
 * Reads until the server answers: while it is away the read is repeated and the window says that something waits. Ends without an answer once `signal` is
 * aborted.
 * @throws what `read` throws for good.
 */
export async function readUntilAnswered(
  read: (signal: AbortSignal) => Promise<void>,
  signal: AbortSignal,
): Promise<void> {
  const mark = Symbol('read');
  signal.addEventListener('abort', () => waitsNoMore(mark));
  try {
    for (let failed = 1; !signal.aborted; failed++) {
      try {
        return await read(signal);
      } catch (error) {
        if (signal.aborted) return;
        if (!(error instanceof Away)) throw error;
        waits(mark, error);
        await new Promise((again) => setTimeout(again, waitAfter(failed)));
      }
    }
  } finally {
    waitsNoMore(mark);
  }
}

async function untilKept(path: string, init: Change): Promise<Response> {
  const mark = Symbol(path);
  try {
    for (let failed = 1; ; failed++) {
      try {
        return await call(path, init);
      } catch (error) {
        if (!(error instanceof Away)) throw error;
        waits(mark, error);
        await new Promise((again) => setTimeout(again, waitAfter(failed)));
      }
    }
  } finally {
    waitsNoMore(mark);
  }
}
