import { existsSync } from 'node:fs';
import { sql } from 'drizzle-orm';
import { fileOf, openDatabase } from './client';
import { scratch } from './schema';
import { troubleOf } from './trouble';

/** Key of the only row of the scratch table, which is overwritten. */
const ONE = 'ready';

/**
 * Tries whether the store can be read and written, and says in words what is wrong; undefined where all is well. A file that
 * was taken away under an open connection can still be written to, and would be lost: so it is looked for.
 */
export async function whatIsWrong(now: Date): Promise<string | undefined> {
  const file = fileOf();
  if (file && !existsSync(file))
    return 'The database file is gone; what is saved now would be lost. Put it back and restart the server.';
  try {
    const db = await openDatabase();
    const at = now.toISOString();
    await db.insert(scratch).values({ id: ONE, at }).onConflictDoUpdate({ target: scratch.id, set: { at } });
    const [row] = await db.select({ at: scratch.at }).from(scratch).where(sql`${scratch.id} = ${ONE}`);
    return row?.at === at ? undefined : 'What is written to the database cannot be read back.';
  } catch (error) {
    return troubleOf(error) ?? 'The database does not answer.';
  }
}
