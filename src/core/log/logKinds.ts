import type { EntryKind } from './entry';

/** What the logbook calls the entries of a kind that tell what was done on a day; null for settings and things under way. */
const NAMES = {
  session: 'sessions',
  mix: 'inks mixed',
  remedy: 'inks corrected',
  cure: 'troubles cured',
  cleaned: 'tools cleaned',
  eye: 'eye training',
  review: 'pages reviewed',
  prepared: 'tools prepared',
  printed: 'pages printed',
  seat: null,
  drop: null,
  kit: null,
  about: null,
  class: null,
  sitting: null,
  due: null,
  model: null,
  goal: null,
  known: null,
} as const satisfies Readonly<Record<EntryKind, string | null>>;

type Named = typeof NAMES;
export type LogKind = { [Kind in EntryKind]: Named[Kind] extends null ? never : Kind }[EntryKind];

const isLogKind = (kind: string): kind is LogKind => NAMES[kind as EntryKind] !== null;

/** Kinds that the logbook shows, in the order of its filter. */
export const LOG_KINDS = Object.keys(NAMES).filter(isLogKind) as [LogKind, ...LogKind[]];

export const logKindName = (kind: LogKind): string => NAMES[kind];
