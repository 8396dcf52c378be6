import { handOf } from '../../setting/handOf';
import { PLAIN } from '../band';
import { textWritten } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** A doubled letter: both alike and evenly spaced. */
export const doubled: BandKind = {
  name: 'Double letter',
  how: { ...PLAIN, trace: 2, fading: 2, free: 2 },
  needsLetters: true,
  usual: ({ recipe }) => samplesFor(handOf(recipe)).doubled,
  inWords: (of) => `double ${of}${of}`,
  subjects: (ground, of) => {
    const text = of.trim();
    const written = textWritten({
      ground,
      heading: of,
      texts: [text + text],
      remark: () => 'Both alike, and evenly apart.',
    });
    return written.heading ? { ...written, heading: `Double ${text}` } : written;
  },
};
