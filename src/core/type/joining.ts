import type { Letter, Measures } from '../hand/letter';
import type { Script } from '../hand/script';
import type { Degrees, NibWidths } from '../measure/units';
import type { Pen } from '../pen/pen';
import { type Cut, cutOf } from './cut';
import type { Typeface } from './face';
import type { Off } from './placed';

/** Additional height at which a raised letter is joined. */
const raised = (letter: Letter | undefined, rise: NibWidths): Letter | undefined =>
  letter?.entry && rise !== 0 ? { ...letter, entry: { ...letter.entry, y: letter.entry.y + rise } } : letter;

/** Placeholder for the beginning or end of a word in the key of a join. */
const NONE = {};

/** Joins, computed on the first use of a pair; joins between displaced letters are computed each time. */
export function joiner(
  script: Script,
  measures: Measures,
  pen: Pen,
  slope: Degrees,
  pair: Typeface['pair'],
): Typeface['join'] {
  const joins = new WeakMap<object, WeakMap<object, { readonly cut: Cut | undefined }>>();
  const make = (before: Cut | undefined, after: Cut | undefined, off?: Off): Cut | undefined => {
    const distance = before && after ? pair(before, after) + (off?.along ?? 0) : 0;
    const plan = script.join(before?.letter, raised(after?.letter, off?.rise ?? 0), distance, measures);
    const text = `${before?.letter.text ?? ''}→${after?.letter.text ?? ''}`;
    return plan && cutOf({ text, variant: 'join', family: 'joins', strokes: [plan] }, pen, slope);
  };
  return (before, after, off) => {
    if (off && (off.rise !== 0 || off.along !== 0)) return make(before, after, off);
    const row = joins.get(before ?? NONE) ?? new WeakMap();
    joins.set(before ?? NONE, row);
    let known = row.get(after ?? NONE);
    if (!known) {
      known = { cut: make(before, after) };
      row.set(after ?? NONE, known);
    }
    return known.cut;
  };
}
