import type { Measures } from '../hand/letter';
import type { Script } from '../hand/script';
import type { Degrees } from '../measure/units';
import type { Pen } from '../pen/pen';
import { type Cut, cutOf } from './cut';
import type { Typeface } from './face';

/** Heights of letters off the line are rounded to so much of a letter unit, so that shapes can be used again. */
const STEP = 1 / 8;

const rounded = (value: number) => Math.round(value / STEP) * STEP;

/** Letters drawn for their place, in hands whose letters may leave the line; elsewhere the letter itself, on it. */
export function bouncer(
  script: Script,
  measures: Measures,
  amount: number,
  pen: Pen,
  slope: Degrees,
): Typeface['inPlace'] {
  const { bounce } = script;
  if (!bounce || amount === 0) return (cut) => ({ cut, rise: 0 });
  const built = new Map<string, readonly Cut[]>();
  const alphabet = (m: Measures): readonly Cut[] => {
    const { X, A, D, C } = m;
    const key = [X, A, D, C].join();
    let cuts = built.get(key);
    if (!cuts) {
      cuts = script.letters(m).map((letter) => cutOf(letter, pen, slope));
      built.set(key, cuts);
    }
    return cuts;
  };
  return (cut, place) => {
    const { text, variant } = cut.letter;
    const { measures: own, rise } = bounce(place, text, amount, measures);
    const { X, T, A, D, C } = own;
    const lift = rounded(X) - X;
    const stepped = { ...own, X: X + lift, T: T + lift, A: rounded(A), D: rounded(D), C: rounded(C) };
    const there = alphabet(stepped).find(({ letter }) => letter.text === text && letter.variant === variant);
    return { cut: there ?? cut, rise: rounded(rise) };
  };
}
