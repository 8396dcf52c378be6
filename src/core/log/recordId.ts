import { fingerprint } from '../measure/fingerprint';

/** Longest id a record may have. */
const LONGEST = 40;

/** The id of the one record that two things have together: “seat-…”. */
export const pairId = (kind: string, one: string, other: string): string =>
  recordId(kind, fingerprint(`${one} ${other}`));

/** The id of the one record a thing has of a kind: "prepared-…", "cleaned-…", "due-…". */
export const recordId = (kind: string, thing: string): string => `${kind}-${thing}`.slice(0, LONGEST);
