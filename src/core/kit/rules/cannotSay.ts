import type { Item } from '../item';
import type { Verdict } from '../verdict';

/** Not knowing is never better than knowing: at least an ordinary risk, else the worst that the fact could turn out to be. */
const DOUBT = 6;

/** The verdict where a fact of a thing is not known: what to look up, and the verdicts it could lead to. */
export const cannotSay = (item: Item, unknown: string, couldBe: readonly Verdict[] = []): Verdict => ({
  points: Math.min(-DOUBT, ...couldBe.map((verdict) => (verdict?.fails ? -DOUBT : (verdict?.points ?? 0)))),
  reason: 'Could not be judged.',
  unknown,
  of: item.id,
});
