import { Problem } from '../problem/problem';
import { asCell, fromCell } from './csvText';
import { ALL_FACTS, type AnyFact } from './facts';
import type { Item } from './item';
import { itemSchema, parseItem } from './itemFormat';

/**
 * The bench as a table of text. One column a fact, named as in docs/formats.md; an empty cell is a fact nobody knows.
 * Photos stay at home: they do not belong in a table.
 */
export const CSV_COLUMNS = Object.keys(itemSchema.shape).filter((key) => key !== 'photo') as (keyof Item)[];

type Cells = Readonly<Record<string, string>>;

function cellOf(value: Item[keyof Item]): string {
  if (value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(value);
  return asCell(value);
}

/** An item as the cells of its row, in the order of `CSV_COLUMNS`. */
export const rowOf = (item: Item): string[] => CSV_COLUMNS.map((column) => cellOf(item[column]));

/** How the cells of a column are read. */
const ASKED: ReadonlyMap<string, AnyFact['asked']['kind']> = new Map([
  ['archived', 'flag'],
  ...ALL_FACTS.map(({ key, asked }) => [key, asked.kind] as const),
]);
const YES = /^(yes|true|1|y)$/i;
const NO = /^(no|false|0|n)$/i;

/** Headings as a person might write them: case, spaces and underscores do not matter. */
const plainName = (heading: string) => heading.toLowerCase().replace(/[\s_-]+/g, '');
const BY_NAME = new Map(CSV_COLUMNS.map((column) => [plainName(column), column as string]));

/** Levenshtein distance of two words. */
function editDistance(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      const swap = (row[j - 1] as number) + (a[i - 1] === b[j - 1] ? 0 : 1);
      next[j] = Math.min(swap, (row[j] as number) + 1, (next[j - 1] as number) + 1);
    }
    row = next;
  }
  return row[b.length] as number;
}

/**
 * The columns of a file from its headings.
 * @throws Problem naming headings nobody knows, with the nearest that is known, and those that are missing.
 */
export function readHeadings(headings: readonly string[]): string[] {
  const columns = headings.map((heading) => BY_NAME.get(plainName(heading)));
  const strange = headings.filter((_, i) => columns[i] === undefined);
  if (strange.length > 0) {
    const first = strange[0] as string;
    const nearest = [...BY_NAME.keys()].sort(
      (a, b) => editDistance(plainName(first), a) - editDistance(plainName(first), b),
    )[0] as string;
    const others = strange.length > 1 ? ` (and ${strange.length - 1} more)` : '';
    throw new Problem(
      'headings',
      `The heading “${first.slice(0, 40)}”${others} is not one of the bench’s; the nearest is “${BY_NAME.get(nearest)}”. The first row must hold headings such as: id, kind, label, width.`,
    );
  }
  for (const needed of ['kind', 'label']) {
    if (!columns.includes(needed)) {
      throw new Problem('headings', `The column “${needed}” is missing; every row needs one.`);
    }
  }
  return columns as string[];
}

/**
 * An item from the cells of a row. A row without an id is a new thing and gets the one given.
 * @throws Problem naming the column.
 */
export function readRow(cells: Cells, newId: string): Item {
  const facts: Record<string, unknown> = { id: newId };
  for (const [column, raw] of Object.entries(cells)) {
    const cell = fromCell(raw.trim());
    if (cell === '') continue;
    const asked = ASKED.get(column);
    if (asked === 'number') {
      const value = Number(cell.replace(',', '.'));
      if (!Number.isFinite(value))
        throw new Problem(column, `“${column}” is “${cell.slice(0, 30)}”, not a number.`);
      facts[column] = value;
    } else if (asked === 'flag') {
      if (!YES.test(cell) && !NO.test(cell)) {
        throw new Problem(column, `“${column}” is “${cell.slice(0, 30)}”; write yes or no.`);
      }
      facts[column] = YES.test(cell);
    } else facts[column] = cell;
  }
  return parseItem(facts);
}

export type Fate = 'new' | 'changed' | 'same' | 'refused';

/** What becomes of a row beside what is on the bench already. Photos are kept. */
export function fateOf(item: Item, before: Item | undefined): { fate: Fate; item: Item } {
  if (!before) return { fate: 'new', item };
  const kept = { ...item, photo: before.photo };
  const same = CSV_COLUMNS.every((column) => kept[column] === before[column]);
  return { fate: same ? 'same' : 'changed', item: kept };
}

/** Text of a file in whatever encoding it came: UTF-8 or UTF-16 by its mark, else UTF-8 if it is, else Windows-1252. */
export function decodeText(bytes: Uint8Array): string {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes.subarray(2));
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes.subarray(2));
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
