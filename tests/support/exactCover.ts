import type { Instance } from '@/core/practice/words/cover';

/**
 * The fewest words that serve every demand, by branch and bound: always the scarcest open element first, every word
 * that has it in turn. For small instances only; undefined where more than `most` steps would be needed.
 */
export function fewestWords({ sets, demand }: Instance, most = 200_000): number | undefined {
  const holders = demand.map((_, e) => sets.flatMap((set, word) => (set.includes(e) ? [word] : [])));
  const largest = Math.max(1, ...sets.map((set) => set.length));
  const left = [...demand];
  const used = new Set<number>();
  let best = Number.POSITIVE_INFINITY;
  let steps = 0;
  const search = (count: number): void => {
    steps += 1;
    const open = left.reduce((sum, n) => sum + Math.max(0, n), 0);
    if (open === 0) {
      best = Math.min(best, count);
      return;
    }
    // No word serves more than the largest does.
    if (count + Math.ceil(open / largest) >= best || steps > most) return;
    let scarcest: number[] | undefined;
    for (const [e, need] of left.entries()) {
      if (need <= 0) continue;
      const words = (holders[e] as number[]).filter((word) => !used.has(word));
      if (!scarcest || words.length < scarcest.length) scarcest = words;
    }
    for (const word of scarcest ?? []) {
      used.add(word);
      for (const e of sets[word] as number[]) left[e] = (left[e] as number) - 1;
      search(count + 1);
      for (const e of sets[word] as number[]) left[e] = (left[e] as number) + 1;
      used.delete(word);
    }
  };
  search(0);
  return steps > most ? undefined : best;
}
