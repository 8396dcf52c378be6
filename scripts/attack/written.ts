import { freshRecipe } from '../../src/core/document/defaults';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import type { Item } from '../../src/core/kit/itemFormat';
import { send } from './server';

const recipe = freshRecipe('italic');
const [item] = DEMO_BENCH as [Item];

/** Writes numbers to things, and remembers which were acknowledged: those must stand, whatever happens. */
export class Written {
  private readonly acknowledged = new Map<string, number>();
  /** Writes that were never answered, or by a store that could not be reached: they may have been kept besides. */
  private readonly unanswered = new Map<string, Set<number>>();
  count = 0;

  /** Writes the next number to a thing; only one writer may write to it at a time. Answers what became of it. */
  async write(base: string, key: string): Promise<{ readonly status: number; readonly message: string }> {
    this.count += 1;
    const number = this.count;
    const maybe = this.unanswered.get(key) ?? new Set();
    this.unanswered.set(key, maybe.add(number));
    const answer = key.startsWith('sheet')
      ? await send('PUT', `${base}/api/sheets/${key}`, { name: `number ${number}`, recipe })
      : await send('PUT', `${base}/api/items/${key}`, { ...item, id: key, label: `number ${number}` });
    if (answer.status === 200) {
      this.acknowledged.set(key, number);
      maybe.clear();
    } else if (answer.status >= 400 && answer.status < 500) maybe.delete(number);
    return answer;
  }

  /** What was acknowledged and is not there, in words. */
  async lost(base: string): Promise<string[]> {
    const lost: string[] = [];
    for (const [key, number] of this.acknowledged) {
      const now = await held(base, key);
      if (now !== number && !this.unanswered.get(key)?.has(now ?? -1))
        lost.push(`${key}: ${number} was acknowledged, ${now} is there`);
      // What was not answered may have been kept: it counts from here.
      if (now !== undefined) this.acknowledged.set(key, now);
      this.unanswered.get(key)?.clear();
    }
    return lost;
  }
}

/** The number a thing holds now. */
async function held(base: string, key: string): Promise<number | undefined> {
  if (key.startsWith('item')) {
    const all = (await (await fetch(`${base}/api/items`)).json()) as Item[];
    const label = all.find(({ id }) => id === key)?.label;
    return label === undefined ? undefined : Number(label.replace('number ', ''));
  }
  const shelf = await (await fetch(`${base}/shelf`)).text();
  const found = new RegExp(`"id":"${key}","name":"number (\\d+)"`).exec(shelf.replaceAll('\\"', '"'));
  return found ? Number(found[1]) : undefined;
}
