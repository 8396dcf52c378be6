import type { Item } from '@/core/kit/item';
import { parseItem } from '@/core/kit/itemFormat';
import { lru } from '@/core/memo/memo';

/** Cache size of parsed things: two full benches. Without it a page that reads the bench spends a sixth of its time on their schema. */
const MOST_KEPT = 1000;
const kept = lru<Item | undefined>(MOST_KEPT);

/** A thing from the text of its row; undefined where it can no longer be read (such a row stays in the store). */
export const readItem = (data: string): Item | undefined => kept(data, () => parsed(data));

function parsed(data: string): Item | undefined {
  try {
    return parseItem(JSON.parse(data));
  } catch {
    return undefined;
  }
}
