import type { Bounds } from '../drawing/bounds';
import type { DrawingNode } from '../drawing/drawing';
import type { Vec } from '../geometry/vec';
import type { Mm } from '../measure/units';
import type { Box } from '../page/boxes';
import type { Pen } from '../pen/pen';
import type { RuledLine } from '../sheet/layout';
import type { Sheet } from '../sheet/sheet';
import type { Figure } from '../writing/figure';
import { fadesOf, type Model, stagesOf } from '../writing/ink';
import type { How } from './band';
import type { Ground } from './ground';

/** One cell of a page: where it lies, where its ink reaches, and how it is drawn, in two layers. */
export interface Cell {
  readonly kind: 'guided' | 'model' | 'trace' | 'fading' | 'free' | 'step';
  /** What is written or to be written in it. */
  readonly what: string;
  readonly box: Box;
  /** Bounds of the model's ink; undefined where the cell is empty. */
  readonly ink?: Bounds;
  /** Model ink, under the ruling. */
  readonly under: () => DrawingNode[];
  /** What guides the eye, over the ruling. */
  readonly over: () => DrawingNode[];
}

/** A ruled line of the page, or of a guided cell. */
export interface Row {
  readonly recipe: Sheet;
  readonly module: Mm;
  readonly line: RuledLine;
  /** Where its lines run. */
  readonly x: Mm;
  readonly width: Mm;
  /** Rows to write on have a ladder and zone letters; guided cells have lines only. */
  readonly toWrite: boolean;
  /** What is to be written on it, where that is known. */
  readonly due?: Due;
}

/** Content due on a row: a figure with its ground, in cells from the side where writing starts; free after the last cell. */
export interface Due {
  readonly figure: Figure;
  readonly ground: Ground;
  readonly cells: readonly DueCell[];
  /** Range of x in which to write: from after the ladder to the end of the row. */
  readonly from: Mm;
  readonly to: Mm;
  /** Is the figure a word, a line or a drill, which has its cell to itself? */
  readonly running: boolean;
}

/** A cell of a row that is written in: its origin on the baseline is where the figure's model stands, or would. */
export interface DueCell {
  readonly kind: CellPlan['kind'] | 'model';
  readonly box: Box;
  readonly at: Vec;
}

/** Content of one cell of a sequence; no model where it is written from memory. */
export interface CellPlan {
  readonly kind: 'trace' | 'fading' | 'free';
  readonly model?: Model;
}

/** Cells of a band in order: guided, then faded, then free; traced cells go through the pen's steps in turn. */
export const sequenceOf = ({ trace, fading, free, ink }: How, pen: Pen, measured = false): CellPlan[] => [
  ...Array.from({ length: trace }, (_, i): CellPlan => {
    const stages = stagesOf(pen, ink);
    // The first traced cells of a letter measured in dots show its chains of dots.
    return { kind: 'trace', model: measured && i === 0 ? 'measured' : stages[i % stages.length] };
  }),
  ...fadesOf(fading, ink).map((model): CellPlan => ({ kind: 'fading', model })),
  ...Array.from({ length: free }, (): CellPlan => ({ kind: 'free' })),
];

/** Cells of one row, and their width. */
export interface RowPlan {
  readonly cells: readonly CellPlan[];
  readonly pitch: Mm;
}

/** Maximum factor by which cells are widened to fill their row evenly. */
const MOST_STRETCH = 1.35;

/**
 * Cells in rows: `rooms` are the rooms of the first rows, the last of them that of all that follow. Without `repeat`
 * the sequence is laid once; with it every row is a whole of its own, which starts with a model and ends free. At least
 * `lines` rows come out, the last of them perhaps empty to write on.
 */
export function inRows(
  sequence: readonly CellPlan[],
  width: Mm,
  rooms: readonly Mm[],
  { repeat, lines }: Pick<How, 'repeat' | 'lines'>,
): RowPlan[] {
  const rows: RowPlan[] = [];
  let next = 0;
  while (rows.length < lines || (!repeat && next < sequence.length)) {
    const room = rooms[Math.min(rows.length, rooms.length - 1)] as Mm;
    const count = Math.max(1, Math.floor(room / width + 1e-9));
    const cells = repeat ? wholeRow(sequence, count, rows.length, lines) : sequence.slice(next, next + count);
    next += cells.length;
    rows.push({ cells, pitch: Math.min(room / count, width * MOST_STRETCH) });
  }
  return rows;
}

/**
 * A row of `count` cells: the whole sequence repeated as often as it fits, the rest free; where it does not fit once, steps spread
 * evenly from its first to its last.
 */
function wholeRow(sequence: readonly CellPlan[], count: number, row: number, rows: number): CellPlan[] {
  const last = sequence.length - 1;
  const at = (share: number) => sequence[Math.round(share * last)] as CellPlan;
  if (sequence.length === 0) return [];
  // One cell a row: from the first row to the last, from the model to the free cell.
  if (count === 1) return [at(rows > 1 ? row / (rows - 1) : 0)];
  if (count < sequence.length) return Array.from({ length: count }, (_, i) => at(i / (count - 1)));
  const times = Math.floor(count / sequence.length);
  const whole = Array.from(
    { length: times * sequence.length },
    (_, i) => sequence[i % sequence.length] as CellPlan,
  );
  const free = sequence.find(({ kind }) => kind === 'free') ?? (sequence[last] as CellPlan);
  return [...whole, ...Array<CellPlan>(count - whole.length).fill(free)];
}
