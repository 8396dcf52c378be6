import { PLAIN } from '../band';
import { familiesOf } from '../families';
import { lettersWritten, strokesInWords } from '../subject';
import type { BandKind } from './kind';

/** Several letters, shown together, then a row for each. */
export const letters: BandKind = {
  name: 'Letters',
  how: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  needsLetters: true,
  ofLetters: true,
  oneLetter: true,
  usual: (ground) => {
    const [first = []] = familiesOf(ground).values();
    return first.join(' ');
  },
  together: true,
  inWords: (of) => `Letters ${of || '…'}`,
  subjects: (ground, of) =>
    lettersWritten({
      ground,
      heading: of,
      texts: of.trim().split(/\s+/),
      remark: (text) => strokesInWords(ground, text),
    }),
};
