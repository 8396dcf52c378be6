import { handOf } from '../../setting/handOf';
import { PLAIN } from '../band';
import { lettersWritten, strokesInWords } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** One letter. */
export const letter: BandKind = {
  name: 'Letter',
  how: PLAIN,
  needsLetters: true,
  ofLetters: true,
  oneLetter: true,
  dotted: true,
  usual: ({ recipe }) => samplesFor(handOf(recipe)).letter,
  inWords: (of) => `Letter ${of || '…'}`,
  subjects: (ground, of) =>
    lettersWritten({
      ground,
      heading: of,
      texts: [of.trim()],
      remark: (text) => strokesInWords(ground, text),
    }),
};
