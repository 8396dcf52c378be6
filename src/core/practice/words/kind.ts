/** How sure a listing is that a word is unkind: 0 in some senses only, 1 maybe, 2 certainly. */
export type Ratings = Readonly<Record<string, number>>;

/** Rated for one sense only, and plain words of sky and desk in every other. */
const PLAIN_SENSES = new Set(
  'adult angry banana bananas bent bigger black blow boom chin coconut coconuts cocktail deposit desire dive faith fairy fairies failed failure fight fire fruit hole honk hook horn jade joint kid liberal lotion period remains reject slope slopes slant snob spa sweetness tongue toilet creamy jugs moles beaver'.split(
    ' ',
  ),
);

/** Endings that make a word out of another. */
const ENDINGS = /(?:s|es|ed|d|ing|er|ers|y|ly|ness|ism|ist|ists)$/;
/** A word this long that stands at the head of another carries its sense along. */
const TELLING = 5;

/** Not in the listing, and nothing to copy out twenty times on a practice page. */
const ALSO =
  /^(?:suicid|nazi|hitler|slave|slaver|genocid|massacr|tortur|rapist|corpse|stab|strangl|behead|lynch)/;

/**
 * Words fit for a page that children and classes copy: what is rated unkind is left out, and what is made from such a
 * word; so is what is rated in one of its senses, but for plain words of everyday.
 */
export function kindWords(words: readonly string[], ratings: Ratings): string[] {
  const rated = Object.entries(ratings);
  const unkind = new Set(
    rated.filter(([word, sure]) => sure > 0 || !PLAIN_SENSES.has(word)).map(([word]) => word),
  );
  const heads = new Set(
    rated.filter(([word, sure]) => sure > 0 && word.length >= TELLING).map(([word]) => word),
  );
  const hasHead = (word: string) => {
    for (let length = TELLING; length < word.length; length++)
      if (heads.has(word.slice(0, length))) return true;
    return false;
  };
  const stemsOf = (word: string) => {
    const stem = word.replace(ENDINGS, '');
    const doubled = /(.)\1$/.test(stem) ? [stem.slice(0, -1)] : [];
    return stem.length > 2 && stem !== word ? [stem, `${stem}e`, ...doubled] : [];
  };
  const sure = new Set(rated.filter(([, rating]) => rating > 0).map(([word]) => word));
  return words.filter(
    (word) =>
      !unkind.has(word) &&
      !hasHead(word) &&
      !ALSO.test(word) &&
      !stemsOf(word).some((stem) => sure.has(stem)),
  );
}
