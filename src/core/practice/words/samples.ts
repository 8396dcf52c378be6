import type { Hand } from '../../hand/hand';
import { foldedFor } from '../../hand/hand';
import { ARABIC_SENTENCES, SENTENCES } from './sky';

/** Default contents of new bands, and the sentences that a course ends with. */
export interface Samples {
  readonly letter: string;
  readonly pair: string;
  readonly doubled: string;
  readonly word: string;
  readonly line: string;
  /** A few words to show the hand by. */
  readonly phrase: string;
  readonly sentences: readonly string[];
}

const LATIN: Samples = {
  letter: 'n',
  pair: 'no',
  doubled: 'o',
  word: 'moon',
  line: 'the moon over the dome',
  phrase: 'aurora at dusk',
  sentences: SENTENCES,
};
const ARABIC: Samples = {
  letter: 'ن',
  pair: 'نو',
  doubled: 'ل',
  word: 'نجم',
  line: 'قمر ونجم فوق برج',
  phrase: 'قمر ونجم في ليل',
  sentences: ARABIC_SENTENCES,
};

/** Samples in the letters a hand is written with, and in its case. */
export function samplesFor(hand: Pick<Hand, 'fold' | 'rightToLeft'>): Samples {
  const { sentences, phrase, ...short } = hand.rightToLeft ? ARABIC : LATIN;
  const folded = (text: string) => foldedFor(hand, text);
  return {
    letter: folded(short.letter),
    pair: folded(short.pair),
    doubled: folded(short.doubled),
    word: folded(short.word),
    line: folded(short.line),
    phrase,
    sentences,
  };
}

/** Specimen text of a hand: the given text where the hand has its letters, else a phrase of the hand's own. */
export const textFor = (hand: Pick<Hand, 'fold' | 'rightToLeft'>, text: string): string =>
  /\p{Script=Arabic}/u.test(text) === hand.rightToLeft ? text : samplesFor(hand).phrase;
