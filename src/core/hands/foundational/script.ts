import { edgeAccents } from '../../hand/broad/edgeAccents';
import { roundFigures } from '../../hand/broad/roundFigures';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family } from '../../hand/notation';
import type { Script } from '../../hand/script';
import { foundationalCapitals } from './letters/capitals';
import { FIGURE_HEIGHT, foundationalMarks } from './letters/marks';
import { arches, bowls, circles, curves, diagonals, pairs, stems } from './letters/small';
import { foundationalParts } from './parts';

/** The whole alphabet, family by family as it is taught. */
function letters(m: Measures): Letter[] {
  const parts = foundationalParts(m);
  const capital = foundationalCapitals(parts);
  return [
    ...family('circle', circles(parts)),
    ...family('circle and stem', bowls(parts)),
    ...family('arches', arches(parts)),
    ...family('stems', stems(parts)),
    ...family('curves', curves(parts)),
    ...family('diagonals', diagonals(parts)),
    ...family('full width', capital.full),
    ...family('four fifths', capital.fourFifths),
    ...family('half', capital.half),
    ...family('wide', capital.wide),
    ...family('pairs', { ...pairs(parts), ...capital.pairs }),
    ...family(
      'figures',
      roundFigures(m, { height: FIGURE_HEIGHT * m.X, bar: parts.turn.bar, tail: parts.turn.tail }),
    ),
    ...family('marks', foundationalMarks(parts)),
  ];
}

function foundationalAccents(m: Measures): Mark[] {
  const { turn } = foundationalParts(m);
  return edgeAccents(m, { usual: turn.bar, stroke: turn.thick, slash: turn.diagonal });
}

export const script: Script = {
  letters,
  marks: foundationalAccents,
  spacing: {
    white: 0.36,
    capitalWhite: 0.44,
    depth: 1.1,
    leastGap: 0.35,
    clear: 0.35,
    wordSpace: 0.5,
  },
  kerning: [],
  // Letters stand side by side: joins belong to cursive hands.
  join: () => undefined,
};
