import { firstHandOf } from './firstHand';
import { type Goes, togetherOf } from './goesWith';
import type { Item } from './item';
import { isTool } from './itemKinds';
import { judgeInk } from './judgeKit';
import { type Need, needFor } from './need';
import { takesInk } from './rules/traits';

/** Pens that hold ink alike, and what each ink of the bench does in them. */
export interface InkRow {
  readonly pens: readonly Item[];
  /** One for each ink, in the order of the inks. */
  readonly cells: readonly Goes[];
}

export interface InkTable {
  readonly inks: readonly Item[];
  readonly rows: readonly InkRow[];
}

/** Whether an ink may go into a pen at all: what it does to the pen, and whether it can be brought into it. */
const RULES: ReadonlySet<string> = new Set(['harm', 'fitting']);

/** Which ink may go into which pen of the bench, with reasons. Pens of one kind and one fitting are one row. */
export function inkTable(
  bench: readonly Item[],
  about: Pick<Need, 'experience' | 'side' | 'schools'>,
): InkTable {
  const there = bench.filter(({ archived }) => !archived);
  const inks = there.filter(({ kind }) => kind === 'ink');
  const groups = new Map<string, Item[]>();
  for (const pen of there) {
    if (!isTool(pen.kind) || !takesInk(pen.kind)) continue;
    const key = `${pen.kind} ${pen.fitting ?? ''}`;
    groups.set(key, [...(groups.get(key) ?? []), pen]);
  }
  const rows = [...groups.values()].map((pens): InkRow => {
    const [pen] = pens as [Item];
    const need = needFor(firstHandOf(pen.kind), about);
    const cells = inks.map((ink) =>
      togetherOf(
        judgeInk(need, pen, ink).filter(({ rule }) => RULES.has(rule)),
        ink,
      ),
    );
    return { pens, cells };
  });
  return { inks, rows };
}
