import { createHash } from 'node:crypto';
import { asc, count, eq } from 'drizzle-orm';
import { Problem } from '@/core/problem/problem';
import { openDatabase } from './client';
import { wordLists } from './schema';

/** A list of words of the scribe's own; sheets and classes name the one they chose by its id. */
export interface StoredWords {
  readonly name: string;
  /** The text as it was given; read by the core. */
  readonly content: string;
}

/** Maximum number of word lists. */
export const MOST_LISTS = 40;

/** The id derives from the content, so the same list given twice is stored once. */
const idOf = ({ name, content }: StoredWords): string =>
  createHash('sha256')
    .update(JSON.stringify([name, content]))
    .digest('hex')
    .slice(0, 24);

/** The names of all lists. */
export async function listWordLists(): Promise<{ readonly id: string; readonly name: string }[]> {
  const db = await openDatabase();
  return db
    .select({ id: wordLists.id, name: wordLists.name })
    .from(wordLists)
    .orderBy(asc(wordLists.name), asc(wordLists.id));
}

export async function findWordList(id: string): Promise<StoredWords | undefined> {
  const db = await openDatabase();
  const [row] = await db.select().from(wordLists).where(eq(wordLists.id, id)).limit(1);
  return row;
}

/**
 * Keeps a list and answers its id.
 * @throws Problem when there are as many as are kept.
 */
export async function saveWordList({ name, content }: StoredWords): Promise<string> {
  const db = await openDatabase();
  const id = idOf({ name, content });
  const [kept] = await db.select({ lists: count() }).from(wordLists);
  if ((kept?.lists ?? 0) >= MOST_LISTS && !(await findWordList(id))) {
    throw new Problem('name', `${MOST_LISTS} lists are kept at most; remove one you no longer use.`);
  }
  await db.insert(wordLists).values({ id, name, content }).onConflictDoNothing();
  return id;
}

export async function deleteWordList(id: string): Promise<void> {
  const db = await openDatabase();
  await db.delete(wordLists).where(eq(wordLists.id, id));
}
