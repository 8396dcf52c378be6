'use client';

import { takenUp } from '@/core/document/offer';
import type { Sheet } from './useSheet';

/** What was asked for and cannot be, why, and the nearest that can. */
export function RefusedEdit({ sheet }: { sheet: Sheet }) {
  const { problem, attempted } = sheet.refused as NonNullable<Sheet['refused']>;
  return (
    <div role="alert" className="remark remark-warning mt-2 flex flex-wrap items-center gap-2">
      <p>
        {problem.message} <span className="opacity-80">The sheet is as it was.</span>
      </p>
      {problem.offers.map((offer) => (
        <button
          key={offer.label}
          type="button"
          className="btn btn-sm"
          onClick={() => sheet.edit(() => takenUp(attempted, offer))}
        >
          {offer.label}
        </button>
      ))}
      <button type="button" className="btn btn-ghost btn-sm" onClick={sheet.dismiss}>
        Leave it
      </button>
    </div>
  );
}
