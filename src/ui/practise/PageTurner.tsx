'use client';

import { ChevronLeft, ChevronRight } from 'lucide-react';

/** Which page of several is shown, and the way to the others. */
export const PageTurner = ({
  page,
  pages,
  onTurn,
}: {
  page: number;
  pages: number;
  onTurn: (by: number) => void;
}) => (
  <nav
    aria-label="Pages"
    className="no-print flex items-center justify-center gap-2 border-base-300 border-b bg-base-100 py-0.5 text-sm"
  >
    <button
      type="button"
      className="btn btn-ghost btn-xs"
      aria-label="Previous page"
      disabled={page === 0}
      onClick={() => onTurn(-1)}
    >
      <ChevronLeft size={15} aria-hidden />
    </button>
    <span className="tabular-nums" aria-live="polite" data-testid="page-number">
      Page {page + 1} of {pages}
    </span>
    <button
      type="button"
      className="btn btn-ghost btn-xs"
      aria-label="Next page"
      disabled={page === pages - 1}
      onClick={() => onTurn(1)}
    >
      <ChevronRight size={15} aria-hidden />
    </button>
  </nav>
);
