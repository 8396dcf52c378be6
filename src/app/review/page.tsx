import type { Metadata } from 'next';
import { findDesk } from '@/app/_lib/desk';
import { underWay } from '@/app/_lib/underWay';
import { handById } from '@/core/hands/registry';
import { latestPrinted } from '@/store/printedPages';
import { listReviews, reviewedPrints } from '@/store/reviews';
import { ReviewStation } from '@/ui/review/ReviewStation';
import { StationTitle } from '@/ui/stations/StationTitle';
import { STATIONS } from '@/ui/stations/stations';

export const metadata: Metadata = { title: STATIONS.review.name };
export const dynamic = 'force-dynamic';

/** Printed pages that can be chosen by hand. */
const PRINTS = 60;
/** Letters, or words, of a row shown beside those of other days. */
const LETTERS = 3;

export default async function ReviewsPage() {
  const [prints, reviews, { hand }] = await Promise.all([latestPrinted(PRINTS), listReviews(), findDesk()]);
  const reviewed = await reviewedPrints([...new Set(prints.map(({ print }) => print))]);
  return (
    <ReviewStation
      title={<StationTitle of={STATIONS.review} />}
      hand={hand}
      underWay={underWay()}
      prints={prints.map(({ print, page, of, title, at }) => ({
        print,
        page,
        of,
        title,
        at,
        reviewed: reviewed.has(`${print}-${page}`),
      }))}
      reviews={reviews.map(({ id, at, review }) => ({
        id,
        at,
        title: review.title || handById(review.hand).name,
        hand: handById(review.hand).name,
        picture: review.picture,
        page: review.page,
        figures: review.figures,
        nib: review.nib,
        remark: review.remarks.find(({ cure }) => cure !== '')?.text ?? review.remarks[0]?.text ?? '',
        faults: review.rows.reduce((sum, { faults }) => sum + Math.min(1, faults.length), 0),
        width: review.width,
        height: review.height,
        letters: review.rows
          .filter(({ text, letters }) => !/\s/.test(text) && letters.length > 0)
          .map(({ text, letters }) => ({ text, boxes: letters.slice(0, LETTERS).map(({ box }) => box) })),
      }))}
    />
  );
}
