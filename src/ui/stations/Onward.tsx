'use client';

import { ChevronRight } from 'lucide-react';
import { usePathname, useRouter } from 'next/navigation';
import { Fragment } from 'react';
import { wayThrough } from './stations';

const WAY = wayThrough();

/** Points on: where one is in the day's work, and what comes next. Nobody has to go this way. */
export function Onward({ at }: { at?: string }) {
  const path = usePathname();
  const router = useRouter();
  const here = WAY.findIndex(({ name, href }) => (at === undefined ? href === path : name === at));
  if (here < 0) return null;
  const go = (step: (typeof WAY)[number]) => {
    const { hash = '' } = step;
    // Steps of one station are its tabs.
    if (step.href === path) window.location.hash = hash;
    // The sheet in the address goes along, as it is by now.
    else router.push(`${step.href}${window.location.search}${hash}`);
  };
  const next = WAY[here + 1];
  return (
    <nav
      aria-label="The day’s work"
      className="no-print flex items-center gap-1 overflow-x-auto border-base-300 border-t bg-base-100 px-4 py-1 text-sm max-sm:hidden"
    >
      {WAY.map((step, i) => (
        <Fragment key={step.name}>
          {i > 0 && <ChevronRight size={14} aria-hidden className="shrink-0 opacity-60" />}
          <button
            type="button"
            aria-current={i === here ? 'step' : undefined}
            className={`btn btn-ghost btn-xs min-h-6 ${i === here ? 'font-bold text-accent' : 'font-normal'}`}
            onClick={() => go(step)}
          >
            {step.name}
          </button>
        </Fragment>
      ))}
      <ChevronRight size={14} aria-hidden className="shrink-0 opacity-60" />
      <span className={here === WAY.length - 1 ? 'font-bold' : 'opacity-80'}>print, write, clean</span>
      {next && (
        <button type="button" className="btn btn-xs ml-auto min-h-6 shrink-0" onClick={() => go(next)}>
          Next: {next.next}
        </button>
      )}
    </nav>
  );
}
