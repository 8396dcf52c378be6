'use client';

import { Ellipsis, Moon, Sun } from 'lucide-react';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { type MouseEvent, type ReactNode, useRef, useState } from 'react';
import { Link } from '@/ui/lib/Link';
import { THEME_COOKIE, type Theme } from '../frame/theme';
import { ALL_STATIONS, isOnSheet, type Station } from './stations';

/** Stations that stand at the foot of a phone; the others are behind “Others”. */
const AT_THE_FOOT = 6;

const ONE_YEAR = 365 * 24 * 60 * 60;

/** A click that opens another window or tab is the browser's. */
const isElsewhere = ({ metaKey, ctrlKey, shiftKey, altKey }: MouseEvent) =>
  metaKey || ctrlKey || shiftKey || altKey;

/** The rail: the stations in working order. */
export function Rail({ theme: initial, wordmark }: { theme: Theme; wordmark: ReactNode }) {
  const path = usePathname();
  const search = useSearchParams().toString();
  const [theme, setTheme] = useState(initial);
  const more = useRef<HTMLDetailsElement>(null);
  const next: Theme = theme === 'vellum' ? 'lampblack' : 'vellum';
  const switchTheme = () => {
    document.documentElement.dataset.theme = next;
    // biome-ignore lint/suspicious/noDocumentCookie: the Cookie Store API is not in every browser
    document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=${ONE_YEAR}; samesite=strict`;
    setTheme(next);
  };
  return (
    <nav
      aria-label="Stations"
      className="no-print flex shrink-0 items-center gap-1 border-base-300 bg-base-100 px-2 py-1 max-sm:order-last max-sm:gap-0 max-sm:border-t max-sm:px-0 max-sm:py-0 sm:border-b md:w-24 md:flex-col md:border-r md:border-b-0 md:overflow-x-hidden md:overflow-y-auto md:py-1"
    >
      <Link href="/today" className="max-sm:hidden md:mb-1 shrink-0">
        {wordmark}
      </Link>
      {ALL_STATIONS.map((station, i) => (
        <StationLink
          key={station.href}
          {...station}
          path={path}
          search={search}
          className={i < AT_THE_FOOT ? '' : 'max-sm:hidden'}
        />
      ))}
      <details ref={more} className="relative sm:hidden max-sm:flex-1">
        <summary
          className={`flex h-13 cursor-pointer list-none flex-col items-center justify-center rounded text-[12px] ${
            ALL_STATIONS.slice(AT_THE_FOOT).some(({ href }) => href === path)
              ? 'bg-base-200 font-bold text-accent'
              : ''
          }`}
        >
          <Ellipsis size={18} aria-hidden />
          Others
        </summary>
        {/* biome-ignore lint/a11y/noStaticElementInteractions: a link in it was followed: it closes */}
        {/* biome-ignore lint/a11y/useKeyWithClickEvents: Enter on a link is a click */}
        <div
          className="absolute right-0 bottom-14 z-40 w-40 rounded border border-base-300 bg-base-100 p-1 shadow-lg"
          onClick={() => more.current?.removeAttribute('open')}
        >
          {ALL_STATIONS.slice(AT_THE_FOOT).map((station) => (
            <StationLink
              key={station.href}
              {...station}
              path={path}
              search={search}
              className="max-sm:flex-row max-sm:justify-start max-sm:gap-2 max-sm:px-3 max-sm:text-base"
            />
          ))}
        </div>
      </details>
      <button
        type="button"
        onClick={switchTheme}
        className="btn btn-ghost btn-sm ml-auto max-sm:hidden md:mt-auto md:ml-0"
        aria-label={`Switch to the ${next} theme`}
        title={`Switch to the ${next} theme`}
      >
        {theme === 'vellum' ? <Moon size={18} aria-hidden /> : <Sun size={18} aria-hidden />}
      </button>
    </nav>
  );
}

/** One station of the rail; on the way between stations of one sheet it takes the sheet along. */
function StationLink({
  href,
  name,
  icon: Icon,
  path,
  search,
  className,
}: Station & { path: string; search: string; className: string }) {
  const router = useRouter();
  const here = path === href || path.startsWith(`${href}/`);
  const takesSheet = isOnSheet(href) && isOnSheet(path) && search;
  return (
    <Link
      href={takesSheet ? `${href}?${search}` : href}
      onClick={(event) => {
        // The sheet may have been edited since this was drawn: the address has it already.
        if (!takesSheet || isElsewhere(event)) return;
        event.preventDefault();
        router.push(`${href}${window.location.search}`);
      }}
      aria-current={here ? 'page' : undefined}
      className={`flex items-center gap-2 rounded px-2 py-2 text-sm max-sm:h-13 max-sm:min-w-0 max-sm:flex-1 max-sm:flex-col max-sm:justify-center max-sm:gap-0 max-sm:px-0 max-sm:py-0 max-sm:text-[12px] max-sm:tracking-tight md:w-full md:flex-col md:gap-0 md:py-1 ${
        here ? 'bg-base-200 font-bold text-accent' : 'hover:bg-base-200'
      } ${className}`}
    >
      <Icon size={18} aria-hidden />
      {name}
    </Link>
  );
}
