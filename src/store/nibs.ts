import { asc, eq } from 'drizzle-orm';
import type { Nib } from '@/core/kit/nib';
import { openDatabase } from './client';
import { nibs } from './schema';

/** The drawer, by kind and width. */
export async function listNibs(): Promise<Nib[]> {
  const db = await openDatabase();
  return (await db.select().from(nibs).orderBy(asc(nibs.kind), asc(nibs.width))) as Nib[];
}

/** Inserts the nib or overwrites the one with its id. */
export async function saveNib(nib: Nib): Promise<void> {
  const db = await openDatabase();
  const { id: _, ...values } = nib;
  await db.insert(nibs).values(nib).onConflictDoUpdate({ target: nibs.id, set: values });
}

/** Removes a nib. Answers it, so that the deletion can be undone by saving it again. */
export async function deleteNib(id: string): Promise<Nib | undefined> {
  const db = await openDatabase();
  const [gone] = await db.delete(nibs).where(eq(nibs.id, id)).returning();
  return gone as Nib | undefined;
}
