/** Pens compared at once, at least and at most: more rows than these are looked at by nobody. */
export const PENS = { fewest: 1, most: 24 } as const;
/** Longest word they write, in characters. */
export const LONGEST_WORD = 24;
