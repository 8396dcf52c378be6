'use client';

import { ChevronDown, ChevronUp } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { usePhone } from './usePhone';

/** The margin beside the paper; on a phone a sheet that is drawn up from below. */
export function SidePanel({
  label = 'Margin',
  holds,
  className,
  scrolls = true,
  children,
}: {
  label?: string;
  /** Short title of the panel, shown on its bar on a phone. */
  holds: string;
  /** Its width where it stands beside the paper. */
  className: string;
  /** Scrolls as a whole; otherwise what is in it does. */
  scrolls?: boolean;
  children: ReactNode;
}) {
  const phone = usePhone();
  const [open, setOpen] = useState(false);
  const shown = !phone || open;
  const Arrow = open ? ChevronDown : ChevronUp;
  return (
    <div className="no-print flex min-h-0 shrink-0 flex-col max-sm:border-base-300 max-sm:border-t">
      {phone && (
        <button
          type="button"
          className="flex h-11 items-center justify-center gap-2 bg-base-100"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <Arrow size={18} aria-hidden /> {holds}
        </button>
      )}
      {shown && (
        <aside
          aria-label={label}
          tabIndex={scrolls ? 0 : undefined}
          className={`min-h-0 flex-1 border-base-300 bg-base-100 max-sm:h-[50dvh] max-sm:flex-none sm:border-l ${
            scrolls ? 'space-y-4 overflow-y-auto px-4 py-3' : 'flex flex-col'
          } ${className}`}
        >
          {children}
        </aside>
      )}
    </div>
  );
}
