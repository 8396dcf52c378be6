import type { Letter, Measures } from '../hand/letter';
import type { Script } from '../hand/script';
import type { Degrees } from '../measure/units';
import type { Pen } from '../pen/pen';
import { type Cut, cutOf } from './cut';
import type { Typeface } from './face';

/** Rounding of bounce heights, in letter units, so that shapes can be reused. */
const STEP = 1 / 8;

const rounded = (value: number) => Math.round(value / STEP) * STEP;

/** Letters at their height over the line, in hands whose letters may leave it; otherwise the letter on the line. */
export function bouncer(
  script: Script,
  measures: Measures,
  amount: number,
  pen: Pen,
  slope: Degrees,
): Typeface['inPlace'] {
  const { bounce } = script;
  if (!bounce || amount === 0) return (cut) => ({ cut, rise: 0 });
  /** Cache of letters by the measures they are drawn with; each is cut on first use. */
  const drawn = new Map<string, readonly Letter[]>();
  const cuts = new Map<string, Cut | undefined>();
  const cutFor = (own: Measures, text: string, variant: string): Cut | undefined => {
    const measured = [own.X, own.A, own.D, own.C, own.F].join();
    const key = `${measured} ${text} ${variant}`;
    if (!cuts.has(key)) {
      const letters = drawn.get(measured) ?? script.letters(own);
      drawn.set(measured, letters);
      const letter = letters.find((one) => one.text === text && one.variant === variant);
      cuts.set(key, letter && cutOf(letter, pen, slope));
    }
    return cuts.get(key);
  };
  return (cut, place, texts) => {
    const { text, variant } = cut.letter;
    const { measures: own, rise } = bounce(place, texts, amount, measures);
    const { X, T, A, D, C, F } = own;
    const lift = rounded(X) - X;
    const heights = {
      X: X + lift,
      T: T + lift,
      A: rounded(A),
      D: rounded(D),
      C: rounded(C),
      ...(F !== undefined && { F: rounded(F - own.B) + own.B }),
    };
    return { cut: cutFor({ ...own, ...heights }, text, variant) ?? cut, rise: rounded(rise) };
  };
}
