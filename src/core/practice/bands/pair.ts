import { handOf } from '../../setting/handOf';
import { PLAIN } from '../band';
import { textWritten } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** Two letters and what is between them. */
export const pair: BandKind = {
  name: 'Pair or join',
  how: { ...PLAIN, trace: 2, fading: 2, free: 2 },
  needsLetters: true,
  usual: ({ recipe }) => samplesFor(handOf(recipe)).pair,
  inWords: (of) => `Pair or join ${of || '…'}`,
  subjects: (ground, of) =>
    textWritten({
      ground,
      heading: of,
      texts: [of.trim()],
      remark: () => 'Mind the white between: as much as inside.',
    }),
};
