'use client';

import { Check } from 'lucide-react';
import { dayAndMonth } from '../lib/dates';
import type { Printed } from './usePrinted';

/** Asks whether the printed page was written; if so, its letters count as known and the next page goes further. */
export function WroteIt({
  printed: { printed, done },
  onWrote,
}: {
  printed: Printed;
  onWrote: (letters: readonly string[]) => void;
}) {
  if (!printed) return null;
  return (
    <section aria-label="The page you printed" className="rounded border border-base-300 p-2 text-sm">
      <p>
        You printed a page with <b>{printed.letters.join(' ')}</b> on {dayAndMonth(printed.at)}.
      </p>
      <div className="mt-1 flex gap-1">
        <button
          type="button"
          className="btn btn-primary btn-xs min-h-6"
          onClick={() => {
            onWrote(printed.letters);
            void done();
          }}
        >
          <Check size={13} aria-hidden /> I wrote it
        </button>
        <button type="button" className="btn btn-ghost btn-xs min-h-6" onClick={() => void done()}>
          I did not
        </button>
      </div>
    </section>
  );
}
