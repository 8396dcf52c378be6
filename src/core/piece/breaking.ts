/** A word of a paragraph and where it begins in its block's text. */
export interface Word {
  readonly text: string;
  readonly at: number;
}

/** What breaking a paragraph needs to know. */
export interface Breaking {
  /** Width of the ink of words `from` until `until` on one line. */
  readonly widthOf: (from: number, until: number) => number;
  /** Room on the line of this number. */
  readonly room: (line: number) => number;
  /** Lines from this number on have the same room. */
  readonly evenFrom: number;
  /** Whether the last line is filled like the others: centred or deliberately ragged writing looks best even. */
  readonly evenLast: boolean;
}

export type Line = readonly [from: number, until: number];

/** Cost of an undesirable break, relative to a line left entirely empty (1). */
const COSTS = { bound: 4, name: 0.6, lonely: 0.5, over: 100 } as const;
/** Fraction of the line below which a last line of one word counts as a widow. */
const LONELY = 0.25;

const isNumber = (word: string) => /^[\p{N}.,:–-]*\p{N}[\p{N}.,:–-]*$/u.test(word);
const isShort = (word: string) => [...word].length <= 4;
const endsSentence = (word: string) => /[.!?…:;,]$/u.test(word);
/** "M.", "Dr.", "St.": what stands before a name. */
const isInitial = (word: string) => /^\p{Lu}\p{L}{0,2}\.$/u.test(word);
const isCapitalised = (word: string) => /^\p{Lu}\p{Ll}/u.test(word);

/**
 * Cost of a break between two words: a number stays with its unit (and a short word with its number), an initial with its name, and
 * names of several words stay together where possible.
 */
export function breakCost(before: string, after: string): number {
  if (isNumber(before) && isShort(after) && !isCapitalised(after)) return COSTS.bound;
  if (isInitial(before)) return COSTS.bound;
  if (isCapitalised(before) && isCapitalised(after) && !endsSentence(before)) return COSTS.name;
  return 0;
}

/** Cost of one line of a paragraph: its remaining white, and its break. */
export function lineCost(
  words: readonly Pick<Word, 'text'>[],
  [from, until]: Line,
  number: number,
  { widthOf, room, evenLast }: Breaking,
): number {
  const width = widthOf(from, until);
  const free = room(number) - width;
  const last = until === words.length;
  // Only a word that is too long for any line may exceed it, and then stands alone.
  if (free < 0) return COSTS.over * (until - from) - free / room(number);
  const short = (free / room(number)) ** 2;
  if (last) {
    const lonely = number > 0 && until - from === 1 && width < LONELY * room(number) ? COSTS.lonely : 0;
    return lonely + (evenLast ? short : 0);
  }
  const [before, after] = [words[until - 1], words[until]] as [Word, Word];
  return short + breakCost(before.text, after.text);
}

/**
 * The cheapest lines of a paragraph, weighed as a whole: no line is chosen before the last one is known. By dynamic
 * programming over the words at which a line may begin, and, while lines differ in room, over their number.
 */
export function balanced(words: readonly Pick<Word, 'text'>[], breaking: Breaking): Line[] {
  if (words.length === 0) return [];
  const { evenFrom } = breaking;
  interface Way {
    readonly cost: number;
    readonly lines: number;
    readonly from: number;
    readonly before?: Way;
  }
  // Best ways to have set the first k words, by the number of lines (those of even room are alike).
  const ways: Map<number, Way>[] = words.map(() => new Map());
  const start: Way = { cost: 0, lines: 0, from: 0 };
  const at = (k: number): Iterable<Way> => (k === 0 ? [start] : (ways[k - 1] as Map<number, Way>).values());
  for (let from = 0; from < words.length; from++) {
    for (const way of at(from)) {
      for (let until = from + 1; until <= words.length; until++) {
        const line: Line = [from, until];
        if (until - from > 1 && breaking.widthOf(from, until) > breaking.room(way.lines)) break;
        const cost = way.cost + lineCost(words, line, way.lines, breaking);
        const lines = way.lines + 1;
        const key = Math.min(lines, evenFrom);
        const best = ways[until - 1] as Map<number, Way>;
        const known = best.get(key);
        if (!known || cost < known.cost) best.set(key, { cost, lines, from, before: way });
      }
    }
  }
  let best: Way | undefined;
  for (const way of at(words.length)) if (!best || way.cost < best.cost) best = way;
  const found: Line[] = [];
  let until = words.length;
  for (let way = best; way && until > 0; way = way.before) {
    found.unshift([way.from, until]);
    until = way.from;
  }
  return found;
}
