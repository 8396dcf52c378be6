/** An edit history of immutable values: past, present, and undone future. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
}

/** Steps kept; enough for an evening, small enough for the browser's session store. */
const MOST_STEPS = 200;

export const begin = <T>(present: T): History<T> => ({ past: [], present, future: [] });

/** A new present; what had been undone is gone. */
export const commit = <T>({ past, present }: History<T>, next: T): History<T> => ({
  past: [...past, present].slice(-MOST_STEPS),
  present: next,
  future: [],
});

export function undo<T>(history: History<T>): History<T> {
  const previous = history.past.at(-1);
  if (previous === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    present: previous,
    future: [history.present, ...history.future],
  };
}

export function redo<T>(history: History<T>): History<T> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future };
}
