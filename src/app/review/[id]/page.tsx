import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { isPiece } from '@/core/document/keptPage';
import { handById } from '@/core/hands/registry';
import { entriesOf } from '@/core/log/entriesOf';
import { NO_PRINT } from '@/core/review/review';
import { findItem } from '@/store/items';
import { listRecords } from '@/store/records';
import { findReview, reviewsBeside } from '@/store/reviews';
import { ReviewView } from '@/ui/review/ReviewView';
import { OTHER_PAGES } from '@/ui/stations/stations';

export const metadata: Metadata = { title: OTHER_PAGES.reviewed.name };
export const dynamic = 'force-dynamic';

/** Sessions a reviewed page may belong to: of the last two days. */
const RECENT = 2 * 24 * 60 * 60 * 1000;

/** Maximum number of own models read, over all hands. */
const MOST_MODELS = 1000;

export default async function ReviewPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const found = /^[A-Za-z0-9_-]{1,40}$/.test(id) ? await findReview(id) : undefined;
  if (!found) notFound();
  const { review, at, kept } = found;
  const since = new Date(new Date(at).getTime() - RECENT);
  const sessions = entriesOf('session', await listRecords({ kinds: ['session'], since, limit: 40 }))
    .filter(({ hand, elsewhere }) => hand === review.hand && !elsewhere)
    .reverse();
  const models = entriesOf('model', await listRecords({ kinds: ['model'], limit: MOST_MODELS })).filter(
    ({ hand }) => hand === review.hand,
  );
  // If the printed page is gone, its rows are inferred from their names.
  const lines =
    review.print === NO_PRINT ||
    (kept ? isPiece(kept) || kept.bands === null : review.rows.every(({ text }) => /^row \d+$/.test(text)));
  const nib = kept && !isPiece(kept) && review.profile ? await findItem(kept.sheet.nib) : undefined;
  return (
    <ReviewView
      id={id}
      at={at}
      review={review}
      handName={handById(review.hand).name}
      nib={nib}
      models={models.map(({ entryId: _, ...model }) => model)}
      overlaid={kept !== undefined && (isPiece(kept) || !lines)}
      lines={lines}
      beside={await reviewsBeside(id, review.picture)}
      session={sessions.find(({ measured }) => measured === undefined || measured.review === id) ?? null}
    />
  );
}
