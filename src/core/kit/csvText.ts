/** Spreadsheets run what begins like this; written with an apostrophe before it, it stays text. */
const FORMULA = /^[=+\-@\t\r]/;
const APOSTROPHE = /^'(?=[=+\-@\t\r'])/;

/** A text as a cell that no spreadsheet runs. */
export const asCell = (text: string): string =>
  FORMULA.test(text) || APOSTROPHE.test(text) ? `'${text}` : text;

/** The text of such a cell. */
export const fromCell = (cell: string): string => cell.replace(APOSTROPHE, '');
