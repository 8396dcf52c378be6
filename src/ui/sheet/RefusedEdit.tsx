'use client';

import type { Offer } from '@/core/problem/problem';
import type { Sheet } from './useSheet';

/** What was asked for and cannot be, why, and the nearest that can. */
export function RefusedEdit({ sheet }: { sheet: Sheet }) {
  /** Reading a document anew takes its schemas, which are fetched when they are wanted. */
  const take = async (offer: Offer) => {
    const { takenUp } = await import('@/core/document/offer');
    sheet.edit(() => takenUp(attempted, offer));
  };
  const { problem, attempted } = sheet.refused as NonNullable<Sheet['refused']>;
  return (
    <div role="alert" className="remark remark-warning mt-2 flex flex-wrap items-center gap-2">
      <p>
        {problem.message} <span className="opacity-80">The sheet is as it was.</span>
      </p>
      {problem.offers.map((offer) => (
        <button key={offer.label} type="button" className="btn btn-sm" onClick={() => void take(offer)}>
          {offer.label}
        </button>
      ))}
      <button type="button" className="btn btn-ghost btn-sm" onClick={sheet.dismiss}>
        Leave it
      </button>
    </div>
  );
}
