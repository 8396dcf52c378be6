import { edgeAccents } from '../../hand/broad/edgeAccents';
import { figures } from '../../hand/broad/figures';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family } from '../../hand/notation';
import type { Script } from '../../hand/script';
import { capitalParts } from './capitalParts';
import { italicDrills } from './drills';
import { italicJoin } from './joins';
import { bowls } from './letters/bowls';
import { branching } from './letters/branching';
import { fourFifths, fullWidth, half, stems, wide } from './letters/capitals';
import { diagonals } from './letters/diagonals';
import { capitalPairs, smallPairs } from './letters/extended';
import { ligatures } from './letters/ligatures';
import { italicMarks } from './letters/marks';
import { ovals, spines } from './letters/ovals';
import { straight } from './letters/straight';
import { swash } from './letters/swash';
import { italicParts } from './parts';

/** Height of figures, as a fraction of the body: that of low capitals. */
const FIGURE_HEIGHT = 1.3;

/** The whole alphabet, family by family as it is taught. */
function letters(m: Measures): Letter[] {
  const parts = italicParts(m);
  const capital = capitalParts(parts);
  return [
    ...family('straight', straight(parts)),
    ...family('branching', branching(parts)),
    ...family('a-shape', bowls(parts)),
    ...family('oval', ovals(parts)),
    ...family('s', spines(parts)),
    ...family('diagonal', diagonals(parts)),
    ...family('ligatures', ligatures(parts)),
    ...family('pairs', smallPairs(parts)),
    ...family('full width', fullWidth(capital)),
    ...family('four fifths', fourFifths(capital)),
    ...family('half', half(capital)),
    ...family('wide', wide(capital)),
    ...family('stem', stems(capital)),
    ...family('capital pairs', capitalPairs(capital)),
    ...family('swash capitals', swash(capital)),
    ...family('figures', figures(m, { height: FIGURE_HEIGHT * m.X, turn: parts.turn.figure })),
    ...family('marks', italicMarks(parts)),
  ];
}

/**
 * The white between two stems is that within n less what the eye gives to the branch: 1.28 nib widths at a body of
 * five, found on rhythm strips. Capitals stand a little wider.
 */
const WHITE = 1.28 / 5;
const CAPITAL_MORE = 1.45;

/** Accents with the pen as flat as for bars. */
function italicAccents(m: Measures): Mark[] {
  const { turn } = italicParts(m);
  return edgeAccents(m, { usual: turn.serif, stroke: 0, slash: turn.thin });
}

export const script: Script = {
  letters,
  marks: italicAccents,
  spacing: {
    white: WHITE,
    capitalWhite: WHITE * CAPITAL_MORE,
    depth: 1,
    leastGap: 0.3,
    clear: 0.3,
    wordSpace: 0.42,
  },
  kerning: [],
  join: italicJoin,
  drills: italicDrills,
};
