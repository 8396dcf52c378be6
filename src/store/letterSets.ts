import { and, eq } from 'drizzle-orm';
import type { HandId } from '@/core/hands/registry';
import { merge } from '@/core/problem/merge';
import { type LetterSet, readLetterSet } from '@/core/setting/letterSet';
import { asOneStep, ChangedElsewhere } from './changes';
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

/**
 * Keeps a set that was read as `was` and that others may have changed since: letters and shapes of both are kept. Answers
 * the set as it is kept.
 * @throws ChangedElsewhere where both changed one letter or shape, and differently.
 */
export async function changeLetterSet(mine: LetterSet, was: unknown): Promise<LetterSet> {
  const db = await openDatabase();
  const { hand } = mine;
  return asOneStep(async () => {
    const [row] = await db.select().from(letterSets).where(eq(letterSets.hand, hand)).limit(1);
    if (!row) {
      const content = JSON.stringify(mine);
      const [made] = await db.insert(letterSets).values({ hand, content }).onConflictDoNothing().returning();
      return made && mine;
    }
    const theirs = readable(row.content);
    const merged = theirs ? merge({ was, mine, theirs }) : ({ kind: 'merged', value: mine } as const);
    if (merged.kind === 'conflict') {
      throw new ChangedElsewhere(
        'These letters were also changed in another window, and differently. Reload the page to see them, then change them again.',
        merged.path.join(' '),
        theirs,
      );
    }
    const content = JSON.stringify(merged.value);
    const [changed] = await db
      .update(letterSets)
      .set({ content })
      .where(and(eq(letterSets.hand, hand), eq(letterSets.content, row.content)))
      .returning();
    return changed && readLetterSet(content);
  });
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
