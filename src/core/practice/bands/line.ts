import { handOf } from '../../setting/handOf';
import { brokenText } from '../../writing/brokenText';
import { PLAIN } from '../band';
import { textWritten } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** A line of text, broken where it is longer than the row. */
export const line: BandKind = {
  name: 'Line of text',
  how: { ...PLAIN, trace: 0, fading: 0, free: 1, lines: 1 },
  needsLetters: true,
  ownRow: true,
  fromTheSide: true,
  guidedAs: 'Written whole on a line of its own, to look at',
  usual: ({ recipe }) => samplesFor(handOf(recipe)).line,
  inWords: (of) => `Line of text ${of || '…'}`,
  subjects: (ground, of, room) => {
    const text = of.trim();
    const texts = ground.face ? brokenText(ground.face, text, room / ground.unit) : [];
    return textWritten({ ground, heading: of, texts });
  },
};
