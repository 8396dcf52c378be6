import { pairsIn, type WordList } from './wordList';

/** What a set of words should show. */
export interface Wanted {
  /** Letters that must occur. */
  readonly letters: readonly string[];
  /** Pairs that must occur side by side; `all` for every pair some word of the list has. */
  readonly pairs: readonly string[] | 'all';
  /** Letters to occur in two words at least. */
  readonly stressed: readonly string[];
}

export interface Cover {
  readonly words: readonly string[];
  /** Letters and pairs that no word of the list has. */
  readonly impossible: readonly string[];
  /** Words the plain greedy choice took, for comparison. */
  readonly greedy: number;
}

/**
 * A covering problem: the fewest words in which everything wanted occurs. Things wanted are elements (a stressed letter
 * is two, covered by different words), words are sets.
 */
export interface Instance {
  readonly words: readonly string[];
  /** For each word the elements it has, ascending. */
  readonly sets: readonly (readonly number[])[];
  /** How often each element is to be covered. */
  readonly demand: readonly number[];
  readonly names: readonly string[];
}

/** Elements and sets, only as far as words can serve them. */
export function instanceOf(
  words: WordList,
  { letters, pairs, stressed }: Wanted,
): {
  instance: Instance;
  impossible: string[];
} {
  const pairsOf = pairs.length === 0 ? [] : words.map(pairsIn);
  const wantedPairs = pairs === 'all' ? [...new Set(pairsOf.flat())] : [...new Set(pairs)];
  const wantedLetters = [...new Set([...letters, ...stressed])];
  const numbers = new Map<string, number>();
  for (const letter of wantedLetters) numbers.set(letter, numbers.size);
  for (const pair of wantedPairs) numbers.set(`${pair} `, numbers.size);
  const sets = words.map((word, i) => {
    const found = new Set<number>();
    for (const letter of word) {
      const number = numbers.get(letter);
      if (number !== undefined) found.add(number);
    }
    for (const pair of pairsOf[i] ?? []) {
      const number = numbers.get(`${pair} `);
      if (number !== undefined) found.add(number);
    }
    return [...found].sort((a, b) => a - b);
  });
  const supply = new Array<number>(numbers.size).fill(0);
  for (const set of sets) for (const element of set) supply[element] = (supply[element] as number) + 1;
  const names = [...numbers.keys()].map((name) => name.trimEnd());
  const twice = new Set(stressed);
  const demand = names.map((name, i) =>
    Math.min(supply[i] as number, i < wantedLetters.length && twice.has(name) ? 2 : 1),
  );
  return {
    instance: { words, sets, demand, names },
    impossible: names.filter((_, i) => supply[i] === 0),
  };
}

/**
 * The greedy choice: again and again the word that serves most of what is still wanted, of equals the shorter, then the
 * commoner. At most 1 + ln(size of the largest word's set) times the fewest (a classical bound). Gains only fall, so a
 * word is looked at again only when its last known gain is the best: the lazy form.
 */
export function greedyCover({ words, sets, demand }: Instance): number[] {
  const left = [...demand];
  let open = demand.reduce((sum, count) => sum + count, 0);
  const gainOf = (word: number) => (sets[word] as number[]).filter((e) => (left[e] as number) > 0).length;
  const better = (a: number, b: number) => (words[a] as string).length - (words[b] as string).length || a - b;
  // Words by last known gain; within a gain by preference.
  const buckets: number[][] = [];
  const order = words.map((_, i) => i).sort((a, b) => better(b, a));
  for (const word of order) {
    const gain = (sets[word] as number[]).length;
    buckets[gain] ??= [];
    (buckets[gain] as number[]).push(word);
  }
  const chosen: number[] = [];
  for (let gain = buckets.length - 1; gain > 0 && open > 0; ) {
    const word = buckets[gain]?.pop();
    if (word === undefined) {
      gain -= 1;
      continue;
    }
    const now = gainOf(word);
    if (now === gain) {
      chosen.push(word);
      for (const element of sets[word] as number[]) {
        if ((left[element] as number) > 0) {
          left[element] = (left[element] as number) - 1;
          open -= 1;
        }
      }
    } else if (now > 0) insert(buckets, now, word, better);
  }
  return chosen;
}

/** Puts a word back among those of equal gain, sorted so that preferred ones are last. */
function insert(buckets: number[][], gain: number, word: number, better: (a: number, b: number) => number) {
  buckets[gain] ??= [];
  const list = buckets[gain] as number[];
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (better(list[middle] as number, word) > 0) low = middle + 1;
    else high = middle;
  }
  list.splice(low, 0, word);
}

/** Maximum number of improvement rounds, each of which saves a word; the largest lists tried needed fewer than ten. */
const ROUNDS = 40;
/** Number of candidate words to replace two: those that cover most. */
const CANDIDATES = 600;

/**
 * Improves a cover without ever making it larger: words that nothing needs are dropped, and two words are replaced by
 * one wherever one serves all that only these two did. Repeated until nothing changes.
 */
export function improved(instance: Instance, start: readonly number[]): number[] {
  let chosen = pruned(instance, start);
  for (let round = 0; round < ROUNDS; round++) {
    const fewer = oneForTwo(instance, chosen);
    if (!fewer) break;
    chosen = pruned(instance, fewer);
  }
  return chosen;
}

/** The choice with one word in place of two; undefined where no word can replace two. */
function oneForTwo(instance: Instance, chosen: readonly number[]): number[] | undefined {
  const { sets, demand } = instance;
  const setOf = (word: number) => sets[word] as readonly number[];
  const spare = demand.map((count) => -count);
  for (const word of chosen) for (const e of setOf(word)) spare[e] = (spare[e] as number) + 1;
  const taken = new Set(chosen);
  const largest = Math.max(...sets.map((set) => set.length));
  /** Elements left uncovered when the word is removed. */
  const needing = chosen.map((word) => setOf(word).filter((e) => spare[e] === 0));
  for (const [i, a] of chosen.entries()) {
    for (let j = i + 1; j < chosen.length; j++) {
      const b = chosen[j] as number;
      const [ofA, ofB] = [needing[i] as number[], needing[j] as number[]];
      if (ofA.length + ofB.length > largest) continue;
      const both = setOf(a).filter((e) => setOf(b).includes(e));
      // A letter that both need and no other word has would be missing twice; one word cannot cover it.
      if (both.some((e) => spare[e] === 0)) continue;
      const needed = [...ofA, ...ofB, ...both.filter((e) => spare[e] === 1)];
      const one = servingAll(instance, needed, taken);
      if (one !== undefined) return [...chosen.filter((word) => word !== a && word !== b), one];
    }
  }
  return undefined;
}

/** A word that has all these elements and is not taken yet. */
function servingAll(
  instance: Instance,
  needed: readonly number[],
  taken: ReadonlySet<number>,
): number | undefined {
  const holders = holdersOf(instance);
  const rarest = needed
    .map((e) => holders[e] as readonly number[])
    .reduce<readonly number[] | undefined>(
      (best, list) => (best === undefined || list.length < best.length ? list : best),
      undefined,
    );
  return rarest
    ?.slice(0, CANDIDATES)
    .find((word) => !taken.has(word) && needed.every((e) => (instance.sets[word] as number[]).includes(e)));
}

const known = new WeakMap<Instance, readonly (readonly number[])[]>();

/** For each element the words that have it. */
function holdersOf(instance: Instance): readonly (readonly number[])[] {
  let holders = known.get(instance);
  if (!holders) {
    const lists = instance.demand.map((): number[] => []);
    for (const [word, set] of instance.sets.entries()) for (const e of set) (lists[e] as number[]).push(word);
    holders = lists;
    known.set(instance, holders);
  }
  return holders;
}

/** Removes redundant words, those that cover least first. */
function pruned({ sets, demand }: Instance, chosen: readonly number[]): number[] {
  const served = new Array<number>(demand.length).fill(0);
  for (const word of chosen) for (const e of sets[word] as number[]) served[e] = (served[e] as number) + 1;
  const bySize = [...chosen].sort((a, b) => (sets[a] as number[]).length - (sets[b] as number[]).length);
  const dropped = new Set<number>();
  for (const word of bySize) {
    const set = sets[word] as number[];
    if (!set.every((e) => (served[e] as number) - 1 >= (demand[e] as number))) continue;
    dropped.add(word);
    for (const e of set) served[e] = (served[e] as number) - 1;
  }
  return chosen.filter((word) => !dropped.has(word));
}

/**
 * A small set of words with everything wanted: greedy, then improved, so never more words than greedy takes. How near
 * to the fewest it comes is measured against an exact solver in docs/performance.md.
 */
export function coverWith(words: WordList, wanted: Wanted): Cover {
  const { instance, impossible } = instanceOf(words, wanted);
  const greedy = greedyCover(instance);
  const chosen = improved(instance, greedy);
  return { words: chosen.map((word) => words[word] as string), impossible, greedy: greedy.length };
}
