/** Somebody else has changed, or removed, what a change was made from; `theirs` is what is stored now, null where nothing is. */
export class ChangedElsewhere extends Error {
  constructor(
    message: string,
    readonly field: string,
    readonly theirs: unknown,
  ) {
    super(message);
    this.name = 'ChangedElsewhere';
  }
}

/** Times a change is tried when others change the same row between its reading and its writing. */
const MOST_TRIES = 50;

/**
 * Reads, changes and writes a row as one step, whichever server of the database does it: `attempt` writes only where the
 * row is still what it read, and answers undefined where it is not.
 * @throws Error when the row never stays still.
 */
export async function asOneStep<T>(attempt: () => Promise<T | undefined>): Promise<T> {
  for (let tried = 0; tried < MOST_TRIES; tried++) {
    const done = await attempt();
    if (done !== undefined) return done;
  }
  throw new Error('a row is changed over and over by others');
}
