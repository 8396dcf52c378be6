import { edgeAccents } from '../../hand/broad/edgeAccents';
import { roundFigures } from '../../hand/broad/roundFigures';
import type { Letter, Mark, Measures } from '../../hand/letter';
import { family, type Shapes, stroke, strokesOf, to, turnsOff } from '../../hand/notation';
import type { Script } from '../../hand/script';
import type { NibWidths } from '../../measure/units';
import { romanDrills } from './drills';
import { romanCapitals, smallCapitals } from './letters/capitals';
import { romanMarks } from './letters/marks';
import { TURNS } from './turns';

/** The whole alphabet, in the groups of width it is taught by. */
function letters(m: Measures): Letter[] {
  const turn = turnsOff(TURNS, m);
  const { full, fourFifths, half, wide, pairs, upright } = romanCapitals(m, m.X);
  const figures = roundFigures(m, { height: m.X, bar: turn.bar, tail: turn.tail });
  return [
    ...family('full width', full),
    ...family('four fifths', fourFifths),
    ...family('half', half),
    ...family('wide', wide),
    ...family('pairs', pairs),
    ...family('small capitals', smallCapitals(m)),
    ...family('figures', { ...figures, ...footed(m, figures, upright) }),
    ...family('marks', romanMarks(m)),
  ];
}

/** 1 and 4 stand on the foot of the capitals: their last stroke is a stem with no head. */
function footed(m: Measures, figures: Shapes, upright: ReturnType<typeof romanCapitals>['upright']): Shapes {
  const four = strokesOf(figures['4'] ?? []);
  const x = four.at(-1)?.knots[0]?.x ?? 0;
  const foot = (at: NibWidths) =>
    upright(at, 'stem', { above: 'cut', remark: 'Straight down, to the foot of I.' });
  const top = m.X - m.half();
  return {
    1: [stroke('flag', [to(-1.15, top - 0.95, 36), to(0, top, 40)]), ...foot(0)],
    4: [...four.slice(0, -1), ...foot(x)],
  };
}

/** Accents are drawn for a body of five: over capitals they are no larger than over small letters of the same pen. */
const ACCENT_BODY = 5;

function romanAccents(m: Measures): Mark[] {
  const turn = turnsOff(TURNS, m);
  return edgeAccents(
    { ...m, X: ACCENT_BODY },
    { usual: turn.bar, stroke: turn.rising, slash: turn.diagonal },
  );
}

export const script: Script = {
  letters,
  marks: romanAccents,
  spacing: {
    white: 0.36,
    capitalWhite: 0.45,
    depth: 1.2,
    leastGap: 0.55,
    clear: 0.7,
    wordSpace: 0.5,
  },
  kerning: [],
  // Capitals stand by themselves.
  join: () => undefined,
  drills: romanDrills,
};
