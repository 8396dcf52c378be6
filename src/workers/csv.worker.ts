import Papa from 'papaparse';
import { decodeText, type Fate, fateOf, readHeadings, readRow } from '@/core/kit/csv';
import type { Item } from '@/core/kit/item';
import { Problem } from '@/core/problem/problem';

/** Reads a CSV file off the page's own thread: what each row would become, and the items to write. */
export interface CsvRequest {
  readonly bytes: ArrayBuffer;
  readonly bench: readonly Item[];
}

export interface RowFate {
  /** Line number in the file; the headings are line 1. */
  readonly line: number;
  readonly label: string;
  readonly fate: Fate;
  readonly why?: string;
}

export type CsvAnswer =
  | { readonly kind: 'progress'; readonly done: number; readonly of: number }
  | {
      readonly kind: 'read';
      readonly counts: Readonly<Record<Fate, number>>;
      /** Refused rows and a first few of the others: a preview, not the file. */
      readonly rows: readonly RowFate[];
      readonly items: readonly Item[];
    }
  | { readonly kind: 'problem'; readonly message: string };

/** Number of rows between progress reports, and number of rows shown for each fate. */
const REPORT = 2000;
const SHOWN = 100;
const MOST_ROWS = 200_000;

const answer = (message: CsvAnswer) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<CsvRequest>) => {
  try {
    read(data);
  } catch (error) {
    const message = error instanceof Problem ? error.message : 'The file could not be read as a table.';
    answer({ kind: 'problem', message });
  }
};

function read({ bytes, bench }: CsvRequest) {
  const text = decodeText(new Uint8Array(bytes)).replace(/^\ufeff/, '');
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' });
  const [headings, ...rows] = data;
  if (!headings) throw new Problem('file', 'The file is empty: the first row must hold headings.');
  if (rows.length > MOST_ROWS) {
    throw new Problem('file', `The file has ${rows.length} rows; at most ${MOST_ROWS} can be read at once.`);
  }
  const columns = readHeadings(headings);
  const byId = new Map(bench.map((item) => [item.id, item]));
  const counts: Record<Fate, number> = { new: 0, changed: 0, same: 0, refused: 0 };
  const shown: RowFate[] = [];
  const items: Item[] = [];
  for (const [i, cells] of rows.entries()) {
    const line = i + 2;
    const named = Object.fromEntries(columns.map((column, at) => [column, cells[at] ?? '']));
    const label = (named.label ?? '').slice(0, 80);
    let row: RowFate;
    try {
      const found = readRow(named, crypto.randomUUID());
      const { fate, item } = fateOf(found, byId.get(found.id));
      if (fate !== 'same') items.push(item);
      row = { line, label, fate };
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      row = { line, label, fate: 'refused', why: error.message };
    }
    counts[row.fate] += 1;
    if (counts[row.fate] <= SHOWN) shown.push(row);
    if (i % REPORT === 0) answer({ kind: 'progress', done: i, of: rows.length });
  }
  answer({ kind: 'read', counts, rows: shown, items });
}
