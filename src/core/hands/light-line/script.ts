import { figures } from '../../hand/cursive/figures';
import { capitalPairs } from '../../hand/cursive/pairs';
import { type CursiveParts, cursiveParts } from '../../hand/cursive/parts';
import type { Letter, Measures } from '../../hand/letter';
import { type Drawn, family, type Shapes, strokesOf } from '../../hand/notation';
import { pressedAccents } from '../../hand/pressed/accents';
import { marks } from '../../hand/pressed/marks';
import type { Script } from '../../hand/script';
import { lightJoin, lightPitch } from './joins';
import { lightCapitals } from './letters/capitals';
import { smallPairs } from './letters/pairs';
import { compounds, looped, others, ovals, underTurns } from './letters/small';
import { lightLineParts } from './parts';

/** Figures of the round cursive, pressed late and lightly. */
const FIGURES = { swell: 4, weight: 0.55 } as const;

function lightFigures(round: CursiveParts): Shapes {
  const lighter = (drawn: Drawn): Drawn => ({
    ...drawn,
    knots: drawn.knots.map((knot) => ({ ...knot, press: FIGURES.weight * (knot.press ?? 0) })),
  });
  const all = Object.entries(figures(round));
  return Object.fromEntries(all.map(([text, shape]) => [text, strokesOf(shape).map(lighter)]));
}

function letters(m: Measures): Letter[] {
  const parts = lightLineParts(m);
  const round = cursiveParts(m, FIGURES.swell);
  const { oval, stem, pointed } = lightCapitals(parts);
  return [
    ...family('under-turn', underTurns(parts)),
    ...family('compound', compounds(parts)),
    ...family('oval', ovals(parts)),
    ...family('loop', looped(parts)),
    ...family('others', others(parts)),
    ...family('pairs', smallPairs(parts)),
    ...family('capitals: oval', oval),
    ...family('capitals: stem', stem),
    ...family('capitals: pointed', pointed),
    ...family('capital pairs', capitalPairs(round)),
    ...family('figures', lightFigures(round)),
    ...family('marks', marks(m)),
  ];
}

export const script: Script = {
  letters,
  marks: pressedAccents,
  spacing: { white: 0.6, capitalWhite: 0.6, depth: 1.4, leastGap: 0.3, clear: 0.4, wordSpace: 1.1 },
  pitch: lightPitch,
  kerning: [],
  join: lightJoin,
};
