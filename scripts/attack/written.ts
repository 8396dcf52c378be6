import { freshRecipe } from '../../src/core/document/defaults';
import { DEMO_BENCH } from '../../src/core/kit/demoBench';
import type { Item } from '../../src/core/kit/itemFormat';
import { demoPieces } from '../../src/core/piece/demoPieces';
import { desk, type Tables } from './desk';
import { send } from './server';

const recipe = freshRecipe('copperplate');
const [{ piece }] = demoPieces() as [ReturnType<typeof demoPieces>[number]];
const [item] = DEMO_BENCH as [Item];
/** Every writer has a hand for its letters. */
const HANDS = ['italic', 'copperplate', 'brush', 'monoline'] as const;

/** The kinds of things that numbers are written to: their keys are `KIND-WRITER`. */
export const KEPT = ['sheet', 'piece', 'item', 'session', 'letters'] as const;

const SESSION = {
  began: '2026-11-27T18:00:00+01:00',
  ended: '2026-11-27T18:20:00+01:00',
  minutes: 20,
  units: ['letter:n'],
  kit: {},
};

/** The hand of a writer. */
const handOf = (key: string) => HANDS[Number(key.split('-')[1]) % HANDS.length] ?? HANDS[0];

/** Where a number is kept, and in what. */
function writing(key: string, number: number): readonly [path: string, body: unknown] {
  const name = `number ${number}`;
  const hand = handOf(key);
  switch (key.split('-')[0]) {
    case 'sheet':
      return [`/api/sheets/${key}`, { name, recipe }];
    case 'piece':
      return [`/api/sheets/${key}`, { name, recipe: piece }];
    case 'session':
      return [`/api/records/${key}`, { kind: 'session', data: { ...SESSION, hand, note: name } }];
    case 'letters':
      return [
        `/api/letters/${hand}`,
        { format: 'elvane-letters', version: 1, name, hand, variants: {}, letters: [] },
      ];
    default:
      return [`/api/items/${key}`, { ...item, id: key, label: name }];
  }
}

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
    const [path, body] = writing(key, number);
    const answer = await send('PUT', `${base}${path}`, body);
    if (answer.status === 200) {
      this.acknowledged.set(key, number);
      maybe.clear();
    } else if (answer.status >= 400 && answer.status < 500) maybe.delete(number);
    return answer;
  }

  /** What was acknowledged and is not there, in words: read from a backup, which must hold it too. */
  async lost(base: string): Promise<string[]> {
    const there = numbersIn(await desk(base));
    const lost: string[] = [];
    for (const [key, number] of this.acknowledged) {
      const now = there.get(key);
      if (now !== number && !this.unanswered.get(key)?.has(now ?? -1))
        lost.push(`${key}: ${number} was acknowledged, ${now} is there`);
      // What was not answered may have been kept: it counts from here.
      if (now !== undefined) this.acknowledged.set(key, now);
      this.unanswered.get(key)?.clear();
    }
    return lost;
  }
}

/** The numbers in a desk's rows, by key. */
function numbersIn(tables: Tables): ReadonlyMap<string, number> {
  const found = new Map<string, number>();
  const put = (key = '', text = '') => {
    const number = /number (\d+)/.exec(text)?.[1];
    if (number !== undefined) found.set(key, Number(number));
  };
  for (const { id, name } of tables.sheets ?? []) put(id, name);
  for (const { id, label } of tables.items ?? []) put(id, label);
  for (const { id, data } of tables.records ?? []) put(id, data);
  for (const { hand, content } of tables.letterSets ?? [])
    HANDS.forEach((one, writer) => {
      if (one === hand) put(`letters-${writer}`, content);
    });
  return found;
}
