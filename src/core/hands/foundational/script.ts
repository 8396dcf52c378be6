import { accents } from '../../hand/accents';
import { comma, spot } from '../../hand/broad/spots';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family } from '../../hand/notation';
import type { Script } from '../../hand/script';
import { foundationalCapitals } from './letters/capitals';
import { foundationalFigures } from './letters/figures';
import { foundationalMarks } from './letters/marks';
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
    ...family('curves', { ...curves(parts), ...pairs(parts) }),
    ...family('diagonals', diagonals(parts)),
    ...family('full width', capital.full),
    ...family('four fifths', capital.fourFifths),
    ...family('half', { ...capital.half, ...capital.pairs }),
    ...family('wide', capital.wide),
    ...family('figures', foundationalFigures(parts)),
    ...family('marks', foundationalMarks(parts)),
  ];
}

/** Share of the edge that touches where the pen is lifted onto its corner. */
const CORNER = 0.35;

function foundationalAccents(m: Measures): Mark[] {
  const { turn } = foundationalParts(m);
  const touches = {
    usual: { turn: turn.level },
    stroke: { turn: turn.thick },
    slash: { turn: turn.diagonal },
    ring: { press: CORNER, anchor: 0.5 },
  };
  return accents(m, {
    size: m.X / 5,
    touch: (_, light) => touches[light ?? 'usual'],
    dot: (x, y) => spot(x, y),
    comma: (x, y) => [comma(x, y)],
  });
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
