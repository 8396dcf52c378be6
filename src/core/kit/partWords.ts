/**
 * Names of parts of tools that in a sentence can only mean the part; each is its id in `parts.ts`. Apart from the drawings, so that a station
 * with sentences need not load those. An edge, a point, a tip, a grip, an axis or a corner may be something else.
 */
export const PART_WORDS: ReadonlySet<string> = new Set([
  'tines',
  'slit',
  'eye',
  'shoulders',
  'shank',
  'heel',
  'reservoir',
  'ferrule',
  'flange',
  'plates',
  'section',
  'feed',
  'converter',
]);

/** A piece of a sentence: plain, or the name of a part. */
export interface Said {
  readonly text: string;
  /** Id of the part it names. */
  readonly part?: string;
}

/** A sentence in pieces: the first mention of each part is marked, by whole words. */
export function partsIn(sentence: string): Said[] {
  const seen = new Set<string>();
  return sentence
    .split(/\b/)
    .map((text, i, words): Said => {
      const part = text.toLowerCase();
      // What is done “by eye” is done by the scribe’s.
      if (!PART_WORDS.has(part) || seen.has(part) || words[i - 2]?.toLowerCase() === 'by') return { text };
      seen.add(part);
      return { text, part };
    })
    .reduce<Said[]>((joined, piece) => {
      const last = joined.at(-1);
      if (last && !last.part && !piece.part) joined[joined.length - 1] = { text: last.text + piece.text };
      else joined.push(piece);
      return joined;
    }, []);
}
