/** Confidence that a word is offensive: 0 in some senses only, 1 maybe, 2 certainly. */
export type Ratings = Readonly<Record<string, number>>;

/** Rated for one sense only, and plain words of sky and desk in every other. */
const PLAIN_SENSES = new Set(
  'adult angry banana bananas bent bigger black blow boom chin coconut coconuts cocktail deposit desire dive faith fairy fairies failed failure fight fire fruit hole honk hook horn jade joint kid liberal lotion period remains reject slope slopes slant snob spa sweetness tongue toilet creamy jugs moles beaver'.split(
    ' ',
  ),
);

/** Endings that derive one word from another. */
const ENDINGS = /(?:s|es|ed|d|ing|er|ers|y|ly|ness|ism|ist|ists)$/;
/** Minimum length of a word whose sense carries over to a longer word that begins with it. */
const TELLING = 5;

/** Words that are not in the listing but unfit for a class to copy twenty times: cruelty, weapons, drugs, bodily functions. */
const ALSO = new RegExp(
  `^(?:${[
    'suicid|nazi|hitler|slave|slaver|genocid|massacr|tortur|rapist|corpse|stab|strangl|behead|lynch',
    'weapon|gun(?:s|ned|ner|man|men|fire|point|shot|powder)?$|rifle|pistol|revolver|bullets?$|grenade|missile|bayonet|dagger|sniper|ammunition|torpedo|warhead|handgun|shotgun|machete',
    'drug|heroin|cocaine|opium|marijuana|cannabis|nicotine|tobacco|cigar|alcohol|vodka|whisk(?:y|ey|ies|eys)$|beers?$|drunk|liquor|booze|hangover|addict|overdos|morphine|narcotic|syringe',
    'blood|urin|vomit|puke|bowel|anus|breast|buttock|wombs?$|menstru|sperm|semen|saliva|mucus|pus$|feces|faec|excre|genital|pubic|nipple|testic|ovar|uter|intestin|diarrh|spit(?:s|ting)?$|sweat(?:s|ed|ing|y)?$|belch|burp|fart(?:s|ed|ing)?$|snot',
    'murder|kill|execut(?:ion|ioner)|hang(?:man|ed)|assault|rape[sd]?$|abus|molest|hostage|kidnap|terror|holocaust|starv|cancer|tumou?r|dead|death|die(?:s|d)?$|dying|grave$|funeral|coffin|hell$|damn|devil|satan',
  ].join('|')})`,
);

/** Interjections: unsuitable for learning letters. */
const INTERJECTIONS = new Set(
  'ah aha ahem aw bah boo duh eek eh er ew gee gosh ha hah hee heh hello hey hi hm hmm ho huh hush mm mmm nah nope oh oho ok okay oops ooh ouch ow oy pah pew phew pooh pshaw psst shh sh tut ugh uh um wow yay yeah yep yes yikes yo yum yuck'.split(
    ' ',
  ),
);

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
      !INTERJECTIONS.has(word) &&
      !hasHead(word) &&
      !ALSO.test(word) &&
      !stemsOf(word).some((stem) => sure.has(stem)),
  );
}
