import { desc, eq, inArray, sql } from 'drizzle-orm';
import type { KeptPage } from '@/core/document/keptPage';
import { entriesOf } from '@/core/log/entriesOf';
import { readEntries } from '@/core/log/entry';
import type { Review } from '@/core/review/review';
import { openDatabase } from './client';
import { findPrinted } from './printedPages';
import { records } from './schema';

/** A reviewed page as it is kept. */
export interface KeptReview {
  readonly id: string;
  readonly at: string;
  readonly review: Review;
}

/** Reviews shown at once. */
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

/** Of printed pages, those that were reviewed already. */
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
