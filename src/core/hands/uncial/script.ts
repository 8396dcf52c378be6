import { edgeAccents } from '../../hand/broad/edgeAccents';
import { roundFigures } from '../../hand/broad/roundFigures';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family } from '../../hand/notation';
import type { Script } from '../../hand/script';
import { uncialDrills } from './drills';
import { arches } from './letters/arches';
import { bowls } from './letters/bowls';
import { diagonals } from './letters/diagonals';
import { FIGURE_HEIGHT, uncialMarks } from './letters/marks';
import { pairs, rounds } from './letters/rounds';
import { straights } from './letters/straights';
import { uncialParts } from './parts';

/** Low figures are written wider, as the letters are. */
const FIGURE_WIDTH = 1.18;

/** The whole alphabet, family by family as it is taught. */
function letters(m: Measures): Letter[] {
  const parts = uncialParts(m);
  return [
    ...family('rounds', rounds(parts)),
    ...family('arches', arches(parts)),
    ...family('straights', straights(parts)),
    ...family('small bowls', bowls(parts)),
    ...family('diagonals', diagonals(parts)),
    ...family('pairs', pairs(parts)),
    ...family(
      'figures',
      roundFigures(m, {
        height: FIGURE_HEIGHT * m.X,
        wide: FIGURE_WIDTH,
        bar: parts.turn.head,
        tail: parts.turn.bar,
      }),
    ),
    ...family('marks', uncialMarks(parts)),
  ];
}

function uncialAccents(m: Measures): Mark[] {
  const { turn } = uncialParts(m);
  return edgeAccents(m, { usual: turn.bar, stroke: turn.rising, slash: turn.slash });
}

export const script: Script = {
  letters,
  marks: uncialAccents,
  spacing: {
    white: 0.31,
    // Of two figures, which are narrower than the letters.
    capitalWhite: 0.21,
    depth: 0.9,
    leastGap: 0.35,
    clear: 0.2,
    wordSpace: 0.55,
  },
  kerning: [],
  // Letters stand side by side: joins belong to cursive hands.
  join: () => undefined,
  drills: uncialDrills,
};
