import { handById, isHand } from '../hands/registry';
import type { Entry } from './entry';

/** Normalises text for comparison: no accents, lower case in any alphabet. */
const folded = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Every text and number among the values of data; the names of its fields are the program's, not the scribe's. */
function* valuesIn(data: unknown): Generator<string> {
  if (typeof data === 'string') {
    yield data;
    if (isHand(data)) yield handById(data).name;
  } else if (typeof data === 'number') yield String(data);
  else if (typeof data === 'object' && data !== null) {
    for (const value of Object.values(data)) yield* valuesIn(value);
  }
}

/** Does an entry hold a text, in whatever case and with or without accents? */
export function holds({ data }: Pick<Entry, 'data'>, text: string): boolean {
  const wanted = folded(text.trim());
  for (const value of valuesIn(data)) if (folded(value).includes(wanted)) return true;
  return false;
}
