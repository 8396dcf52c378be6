/** Longest title of a sheet, in characters. */
export const LONGEST_TITLE = 80;
