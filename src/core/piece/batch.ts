import type { Nib } from '../kit/nib';
import { lookUp } from '../measure/lookUp';
import { worstFinding } from './laid';
import { type Laid, layoutPiece } from './layout';
import type { Own } from './pen';
import type { Piece, Row } from './piece';
import { remedies } from './remedies';

/** A column's place in a text: "{name}". */
const FIELD = /\{([^{}\n]{1,40})\}/g;

/** Columns that a piece uses, in the order of their first use. */
export const fieldsOf = ({ blocks }: Pick<Piece, 'blocks'>): string[] => [
  ...new Set(
    blocks.flatMap(({ text }) => [...text.matchAll(FIELD)].map(([, name]) => (name as string).trim())),
  ),
];

/** A row's cell of a column; empty where it has none. A name like “constructor” is a column as any other. */
const cellOf = (values: Row['values'], name: string): string => lookUp(values, name) ?? '';

/** The piece written for one row; a column the row lacks is left empty, never as braces. */
export const filledIn = (piece: Piece, { values }: Pick<Row, 'values'>): Piece => ({
  ...piece,
  blocks: piece.blocks.map((block) =>
    block.text.includes('{')
      ? {
          ...block,
          text: block.text.replace(FIELD, (_, name: string) => cellOf(values, name.trim())),
          // Manual changes refer to the pattern's letters and do not apply here.
          touches: [],
          nudges: [],
        }
      : block,
  ),
});

/** The piece as it is shown and printed by itself: its first row written in, where it has a list. */
export const shownPiece = (piece: Piece, row = 0): Piece => {
  const found = piece.rows[row];
  return found && fieldsOf(piece).length > 0 ? filledIn(piece, found) : piece;
};

/** One row laid out, with the remedy that was applied or the finding that prevents it. */
export interface LaidRow {
  readonly row: number;
  readonly laid: Laid;
  /** What was done to make it fit. */
  readonly remedy?: string;
  /** Why it does not fit whatever is done. */
  readonly wrong?: string;
}

/** A row laid out like the pattern; where it does not fit, with the first remedy that helps, which is named. */
export function layRow(piece: Piece, row: number, drawer: readonly Nib[], own: Own = {}): LaidRow {
  const laid = layoutPiece(filledIn(piece, piece.rows[row] ?? { values: {} }), own);
  if (laid.fits) return { row, laid };
  const [remedy] = remedies(laid, drawer, own);
  if (remedy) return { row, laid: layoutPiece(remedy.piece, own), remedy: remedy.label };
  return { row, laid, wrong: worstFinding(laid.findings)?.text ?? '' };
}

/** Rows still to be written, or to be written again. */
export const openRows = ({ rows }: Pick<Piece, 'rows'>): number[] =>
  rows.flatMap(({ state }, i) => (state === 'written' ? [] : [i]));

/** Names of columns that lists of names bring, and what a piece calls them. */
const KNOWN_COLUMNS: ReadonlyMap<string, string> = new Map([
  ['names', 'name'],
  ['full name', 'name'],
  ['address', 'street'],
  ['city', 'town'],
]);

/** A table's rows as the rows of a list: headings without their spaces, cells trimmed. Empty rows are left out. */
export function rowsOf(headings: readonly string[], cells: readonly (readonly string[])[]): Row[] {
  const names = headings.map((heading) => {
    const plain = heading.trim().toLowerCase();
    return KNOWN_COLUMNS.get(plain) ?? plain;
  });
  return cells.flatMap((line): Row[] => {
    const values = Object.fromEntries(
      names.flatMap((name, i) => (name ? [[name, (line[i] ?? '').trim()] as const] : [])),
    );
    return Object.values(values).some((value) => value !== '') ? [{ values, state: 'to write' }] : [];
  });
}
