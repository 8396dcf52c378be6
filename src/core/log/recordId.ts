/** Longest id a record may have. */
const LONGEST = 40;

/** The id of the one record a thing has of a kind: "prepared-…", "cleaned-…", "due-…". */
export const recordId = (kind: string, thing: string): string => `${kind}-${thing}`.slice(0, LONGEST);
