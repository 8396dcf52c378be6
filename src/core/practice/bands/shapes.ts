import { handOf } from '../../setting/handOf';
import type { Cut } from '../../type/cut';
import type { Typeface } from '../../type/face';
import { type Figure, shapeFigure } from '../../writing/figure';
import { PLAIN } from '../band';
import { inWords, lettersWritten, none, remembered } from '../subject';
import { samplesFor } from '../words/samples';
import type { BandKind } from './kind';

/** Shapes of a letter that do not depend on its neighbours' joins: those that can be chosen. */
const freeShapes = (face: Typeface, text: string): readonly Cut[] =>
  face
    .shapesOf(text)
    .filter(({ letter: { context } }) => typeof context !== 'object' || !('form' in context));

/** The shapes of one letter side by side, then a row for each. */
export const shapes: BandKind = {
  name: 'Shapes of a letter',
  how: { ...PLAIN, trace: 2, fading: 2, free: 4, lines: 1, snug: true },
  needsLetters: true,
  oneLetter: true,
  usual: ({ recipe }) => samplesFor(handOf(recipe)).letter,
  together: true,
  inWords: (of) => `Shapes of a letter ${of || '…'}`,
  subjects: (ground, of) => {
    const { face } = ground;
    const text = of.trim();
    if (!face || text === '') return lettersWritten({ ground, heading: of, texts: [] });
    const found = freeShapes(face, text);
    if (found.length === 0) return none(text, `${handOf(ground.recipe).name} has no letter for “${text}”.`);
    return {
      heading: `${text}: ${found.map(({ letter }) => letter.variant).join(' · ')}`,
      subjects: found.map((cut) => {
        const { variant, strokes } = cut.letter;
        const figure = remembered(ground, `shape ${text} ${variant}`, () => shapeFigure(face, cut));
        return { name: `${text}, ${variant}`, remark: inWords(strokes), figure: figure as Figure };
      }),
      trouble: [],
    };
  },
};
