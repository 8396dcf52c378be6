import { eq } from 'drizzle-orm';
import type { HandId } from '@/core/hands/registry';
import { type LetterSet, readLetterSet } from '@/core/setting/letterSet';
import { openDatabase } from './client';
import { letterSets } from './schema';

/** The scribe's letter sets by hand. A set that can no longer be read is left out and stays in the store. */
export async function listLetterSets(): Promise<Partial<Record<HandId, LetterSet>>> {
  const db = await openDatabase();
  const rows = await db.select().from(letterSets);
  return Object.fromEntries(
    rows.flatMap(({ content }) => {
      const set = readable(content);
      return set ? [[set.hand, set]] : [];
    }),
  );
}

export async function findLetterSet(hand: HandId): Promise<LetterSet | undefined> {
  const db = await openDatabase();
  const [row] = await db.select().from(letterSets).where(eq(letterSets.hand, hand)).limit(1);
  return row && readable(row.content);
}

/** Inserts the set or overwrites that of its hand. */
export async function saveLetterSet(set: LetterSet): Promise<void> {
  const db = await openDatabase();
  const content = JSON.stringify(set);
  await db
    .insert(letterSets)
    .values({ hand: set.hand, content })
    .onConflictDoUpdate({ target: letterSets.hand, set: { content } });
}

export async function deleteLetterSet(hand: HandId): Promise<void> {
  const db = await openDatabase();
  await db.delete(letterSets).where(eq(letterSets.hand, hand));
}

function readable(content: string): LetterSet | undefined {
  try {
    return readLetterSet(content);
  } catch {
    return undefined;
  }
}
