import { type SQL, sql } from 'drizzle-orm';

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

/** Maximum number of attempts when others change the same row between its reading and its writing. */
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
  throw new Error('a row is changed again and again by others');
}

/**
 * A statement of a batch that fails, and with it the whole batch, where a value is no longer what was read: the least
 * integer has no absolute value, which SQLite says as an error.
 */
export const stillIs = (value: SQL, was: string | null): SQL =>
  sql`select abs(-9223372036854775807 - ((${value}) is not ${was})) > 0`;

const saysOverflow = (error: unknown): boolean =>
  error instanceof Error && (/integer overflow/.test(error.message) || saysOverflow(error.cause));

/**
 * Reads, works out and writes several rows as one step, whichever server of the database does it: `attempt` writes one batch
 * that has `stillIs` of everything it was worked out from, and is tried anew where that failed.
 */
export const asOneBatch = (attempt: () => Promise<unknown>): Promise<true> =>
  asOneStep(async () => {
    try {
      await attempt();
      return true as const;
    } catch (error) {
      if (saysOverflow(error)) return undefined;
      throw error;
    }
  });
