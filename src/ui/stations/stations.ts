import {
  BookMarked,
  Briefcase,
  CalendarCheck,
  Feather,
  Library,
  type LucideIcon,
  NotebookPen,
  PenLine,
  PenTool,
  Ruler,
  ScanEye,
  ScrollText,
  Wrench,
} from 'lucide-react';

/** A step of the day's work on one sheet. */
export interface Step {
  readonly name: string;
  /** What pressing “Next” before it says. */
  readonly next: string;
  /** The tab of its station; none for the first. */
  readonly hash?: `#${string}`;
}

export interface Station {
  readonly href: `/${string}`;
  readonly name: string;
  readonly icon: LucideIcon;
  /** Its steps in the day's work. A station that has some works on the sheet in the address. */
  readonly steps?: readonly Step[];
  /** What its picture in docs/screenshots shows: an address of the demo, in the lampblack theme where it says so. Absent for no picture. */
  readonly shown?: { readonly query?: `?${string}`; readonly lampblack?: true };
}

/**
 * The stations in working order. One entry is all that a station needs beside its page: the rail, the way from one to the next, the title,
 * docs/screenshots and the browser tests that look at every station read this list.
 */
export const STATIONS = {
  today: { href: '/today', name: 'Today', icon: CalendarCheck, shown: {} },
  hand: { href: '/hand', name: 'Hand', icon: Feather, shown: {} },
  kit: {
    href: '/kit',
    name: 'Kit',
    icon: Briefcase,
    steps: [
      { name: 'Kit', next: 'choose a kit' },
      { name: 'Prepare', next: 'prepare it', hash: '#prepare' },
    ],
    shown: { query: '?hand=copperplate', lampblack: true },
  },
  rule: {
    href: '/rule',
    name: 'Rule',
    icon: Ruler,
    steps: [{ name: 'Rule', next: 'rule a sheet' }],
    shown: { query: '?sheet=demo-italic' },
  },
  strokes: {
    href: '/strokes',
    name: 'Strokes',
    icon: PenLine,
    steps: [{ name: 'Strokes', next: 'look at the strokes' }],
    shown: { query: '?hand=brush', lampblack: true },
  },
  practise: {
    href: '/practise',
    name: 'Practise',
    icon: NotebookPen,
    steps: [{ name: 'Practise', next: 'lay out the page' }],
    shown: { query: '?sheet=demo-ten' },
  },
  piece: { href: '/piece', name: 'Piece', icon: ScrollText, shown: { query: '?sheet=demo-panel' } },
  review: { href: '/review', name: 'Review', icon: ScanEye, shown: {} },
  log: { href: '/log', name: 'Logbook', icon: BookMarked, shown: { lampblack: true } },
  shelf: { href: '/shelf', name: 'Shelf', icon: Library },
  bench: { href: '/bench', name: 'Bench', icon: PenTool, shown: {} },
  workshop: { href: '/workshop', name: 'Workshop', icon: Wrench },
} as const satisfies Record<string, Station>;

/** All stations, in working order. */
export const ALL_STATIONS: readonly Station[] = Object.values(STATIONS);

/** The name of the application, as it is written above the rail. */
export const WORDMARK = 'Elvane';

/** Pages that are no station: reached from one. A `title` is written above the page in place of its name. */
export const OTHER_PAGES = {
  begin: { href: '/begin', name: 'Begin' },
  pens: { href: '/pens', name: 'The same word with every pen', title: 'One word' },
  parts: { href: '/parts', name: 'Parts of pens and their names', title: 'Parts' },
  session: { href: '/today/session', name: 'Session' },
  eye: { href: '/today/eye', name: 'Train the eye' },
  reviewed: { href: '/review/[id]', name: 'Review of a page' },
  enter: { href: '/enter', name: 'Enter' },
} as const satisfies Record<string, Titled & { readonly href: string }>;

/** What has a title written by our own pen. */
export interface Titled {
  readonly name: string;
  readonly title?: string;
}

/** The title as it is written. */
export const titleOf = ({ name, title }: Titled): string => title ?? name;

/** Every title there is, and the wordmark. */
export const ALL_TITLES: ReadonlySet<string> = new Set([
  WORDMARK,
  ...[...ALL_STATIONS, ...Object.values(OTHER_PAGES)].map(titleOf),
]);

/** Does a station work on the sheet in the address, so that it goes along to the next that does? */
export const isOnSheet = (path: string, stations = ALL_STATIONS): boolean =>
  stations.some(({ href, steps }) => href === path && steps !== undefined);

/** The day's work on one sheet, in its order; each step leads to the next. */
export const wayThrough = (stations = ALL_STATIONS): readonly (Step & { readonly href: string })[] =>
  stations.flatMap(({ href, steps = [] }) => steps.map((step) => ({ ...step, href })));
