import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { NibWidths } from '../../../measure/units';
import type { ItalicParts } from '../parts';

/** Distance of the second letter in ligatures of two narrow letters. */
const F_STEP: NibWidths = 1.95;
const T_STEP: NibWidths = 2.05;
/** Where the tied t of st stands. */
const TIED: NibWidths = 3.25;

/** ff fi tt st: one bar, or one tie, for two letters. */
export function ligatures({ A, D, T, X, turn, bar, exit, spine, stem, under }: ItalicParts): Shapes {
  const fStem = (x: NibWidths, low = 0) =>
    stem([to(x + 1.72 - low * 0.3, A - 0.34 - low, 148), to(x + 1.02 - low * 0.2, A - low, 184), to(x, A - 1.55 - low, -90), line(x, D + 1.5), to(x - 0.5, D + 0.1, 214)]);
  const tStem = (x: NibWidths): Run => [to(x, X + 0.62, -90), exit(x)];
  return {
    ff: [fStem(0, 0.62), fStem(F_STEP), bar(-0.86, F_STEP + 2.2)],
    fi: [fStem(0), stroke('i', [to(F_STEP, under(turn.bar), -90, { turn: turn.bar }), line(F_STEP, X - 1.4, { turn: 0 }), exit(F_STEP)]), bar(-0.86, F_STEP + 0.86)],
    tt: [stroke('first stem', tStem(0)), stroke('second stem', tStem(T_STEP)), bar(-0.86, T_STEP + 2.1)],
    st: [
      stroke('spine', [to(1.15, T - 0.01, 182, { turn: turn.spine }), spine]),
      stroke('tie and stem', [to(1.12, T - 0.01, 56), to(2.35, X + 2.2, 12), to(TIED, X + 1.2, -90), exit(TIED)], 'Over from the head of s into the stem of t.'),
      bar(2.5, 2.0),
    ],
  };
}
