import { handOf } from '../../setting/handOf';
import { PLAIN } from '../band';
import { textWritten } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** A word. */
export const word: BandKind = {
  name: 'Word',
  how: { ...PLAIN, guided: false, trace: 1, fading: 1, free: 1, lines: 1 },
  needsLetters: true,
  fromTheSide: true,
  usual: ({ recipe }) => samplesFor(handOf(recipe)).word,
  inWords: (of) => `Word ${of || '…'}`,
  subjects: (ground, of) => textWritten({ ground, heading: of, texts: [of.trim()] }),
};
