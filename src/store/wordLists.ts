import { eq } from 'drizzle-orm';
import { openDatabase } from './client';
import { wordLists } from './schema';

/** The scribe's own list of words, in place of the bundled one. */
export interface StoredWords {
  readonly name: string;
  /** The text as it was given; read by the core. */
  readonly content: string;
}

/** There is one list, under this id. */
const OWN = 'own';

export async function findWordList(): Promise<StoredWords | undefined> {
  const db = await openDatabase();
  const [row] = await db.select().from(wordLists).where(eq(wordLists.id, OWN)).limit(1);
  return row;
}

export async function saveWordList({ name, content }: StoredWords): Promise<void> {
  const db = await openDatabase();
  await db
    .insert(wordLists)
    .values({ id: OWN, name, content })
    .onConflictDoUpdate({ target: wordLists.id, set: { name, content } });
}

export async function deleteWordList(): Promise<void> {
  const db = await openDatabase();
  await db.delete(wordLists).where(eq(wordLists.id, OWN));
}
