'use client';

import type { Offer } from '@/core/problem/problem';
import type { OpenWork } from './useWork';

/** What was asked for and cannot be, why, and the nearest that can. */
export function RefusedEdit<D>({
  sheet,
  takeUp,
}: {
  sheet: OpenWork<D>;
  /** The document with an offer taken up. */
  takeUp: (attempted: D, offer: Offer) => Promise<D>;
}) {
  const { problem, attempted } = sheet.refused as NonNullable<OpenWork<D>['refused']>;
  const take = async (offer: Offer) => {
    const taken = await takeUp(attempted, offer);
    sheet.edit(() => taken);
  };
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
