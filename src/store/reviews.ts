import { and, desc, eq, inArray, ne, sql } from 'drizzle-orm';
import type { KeptPage } from '@/core/document/keptPage';
import { entriesOf } from '@/core/log/entriesOf';
import { readEntries } from '@/core/log/entry';
import type { Review } from '@/core/review/review';
import { openDatabase } from './client';
import { findPrinted } from './printedPages';
import { records } from './schema';

/** A stored review. */
export interface KeptReview {
  readonly id: string;
  readonly at: string;
  readonly review: Review;
}

/** Maximum number of reviews shown. */
const MOST_REVIEWS = 300;

/** The latest reviews, the last first. */
export async function listReviews(): Promise<KeptReview[]> {
  const db = await openDatabase();
  const rows = await db
    .select()
    .from(records)
    .where(eq(records.kind, 'review'))
    .orderBy(desc(records.at))
    .limit(MOST_REVIEWS);
  return readEntries(rows).flatMap((entry) =>
    entriesOf('review', [entry]).map(({ entryId: _, ...review }) => ({ id: entry.id, at: entry.at, review })),
  );
}

/** A review with the page it is of, where that is kept still. */
export async function findReview(
  id: string,
): Promise<(KeptReview & { readonly kept?: KeptPage }) | undefined> {
  const db = await openDatabase();
  const rows = await db.select().from(records).where(eq(records.id, id)).limit(1);
  const [entry] = readEntries(rows);
  const [found] = entry ? entriesOf('review', [entry]) : [];
  if (!entry || !found) return undefined;
  const { entryId: _, ...review } = found;
  const printed = await findPrinted(review.print, review.page).catch(() => undefined);
  return { id, at: entry.at, review, ...(printed && { kept: printed.kept }) };
}

/** Other reviews of the same picture of a page: what its other pens wrote. */
export async function reviewsBeside(
  id: string,
  picture: string,
): Promise<readonly { readonly id: string; readonly title: string }[]> {
  const db = await openDatabase();
  return db
    .select({ id: records.id, title: sql<string>`json_extract(${records.data}, '$.title')` })
    .from(records)
    .where(
      and(
        eq(records.kind, 'review'),
        ne(records.id, id),
        sql`json_extract(${records.data}, '$.picture') = ${picture}`,
      ),
    )
    .orderBy(records.at)
    .limit(MOST_BESIDE);
}
/** Maximum number of pens on one page. */
const MOST_BESIDE = 12;

/** Says when the page of a review was written, where that was not when it was measured. */
export async function dateReview(id: string, at: Date): Promise<void> {
  const db = await openDatabase();
  await db.update(records).set({ at: at.toISOString() }).where(eq(records.id, id));
}

/** The printed pages that have been reviewed. */
export async function reviewedPrints(prints: readonly string[]): Promise<ReadonlySet<string>> {
  if (prints.length === 0) return new Set();
  const db = await openDatabase();
  const print = sql<string>`json_extract(${records.data}, '$.print')`;
  const rows = await db
    .select({ print, page: sql<number>`json_extract(${records.data}, '$.page')` })
    .from(records)
    .where(sql`${records.kind} = 'review' and ${inArray(print, [...prints])}`);
  return new Set(rows.map((row) => `${row.print}-${row.page}`));
}
