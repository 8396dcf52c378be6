import type { Due, Row } from './cells';
import type { Composed } from './compose';

/** A row of a printed page on which something is due. */
export interface DueRow {
  readonly number: number;
  readonly row: Row;
  readonly due: Due;
}

/** The rows of a page that something is due on, from the top. */
export const dueRows = ({ pages }: Composed, index: number): DueRow[] =>
  (pages[index]?.laid ?? [])
    .flatMap(({ rows }) => rows)
    .flatMap((row) => (row.due ? [{ row, due: row.due }] : []))
    .map((row, number) => ({ number, ...row }));
