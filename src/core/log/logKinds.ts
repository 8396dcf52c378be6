import type { EntryKind } from './entry';

/** Kinds of entries that tell what was done on a day; the others are settings and things under way. */
export const LOG_KINDS = [
  'session',
  'mix',
  'remedy',
  'cure',
  'cleaned',
  'eye',
  'review',
  'prepared',
  'printed',
] as const satisfies readonly EntryKind[];
export type LogKind = (typeof LOG_KINDS)[number];

export const LOG_KIND_NAMES: Readonly<Record<LogKind, string>> = {
  session: 'sessions',
  mix: 'inks mixed',
  remedy: 'inks mended',
  cure: 'troubles cured',
  cleaned: 'tools cleaned',
  eye: 'rounds of the eye',
  review: 'pages reviewed',
  prepared: 'tools prepared',
  printed: 'pages printed',
};
