import { type Mm, plain, roundTo } from '../measure/units';
import { LIMITS } from '../problem/limits';
import { Problem } from '../problem/problem';
import type { OwnLetter } from '../setting/letterSet';
import type { Setting } from '../setting/setting';
import { letterUnit, recipeTypeface } from '../setting/settingFace';
import { setLine } from '../type/setLine';
import { inkedLength } from './figure';

/** Halvings of the range of white: the length is then off by less than a hair. */
const HALVINGS = 20;
/** White is kept to a thousandth of the body. */
const GRAIN = 0.001;

/** Length of a text in a setting with so much white between its letters. */
function lengthWith(setting: Setting, text: string, letterSpace: number, own: readonly OwnLetter[]): Mm {
  const face = recipeTypeface({ ...setting, writing: { ...setting.writing, letterSpace } }, { own });
  return face ? inkedLength(face.pen, setLine(face, text)) * letterUnit(setting) : 0;
}

/**
 * White between letters, as a fraction of the body, at which a text is `length` mm long: it grows with the white, so that halving the range
 * finds it.
 * @throws Problem where no white in its range makes it so long, with the lengths that can be had.
 */
export function whiteFor(setting: Setting, text: string, length: Mm, own: readonly OwnLetter[] = []): number {
  let [low, high]: [number, number] = [LIMITS.letterSpace.low, LIMITS.letterSpace.high];
  const [shortest, longest] = [lengthWith(setting, text, low, own), lengthWith(setting, text, high, own)];
  if (length < shortest || length > longest) {
    const nearest = length < shortest ? Math.ceil(10 * shortest) / 10 : Math.floor(10 * longest) / 10;
    throw new Problem(
      'letterSpace',
      `Opened or closed by its letters this text is ${plain(shortest, 1)} to ${plain(longest, 1)} mm long; the nearest length that works is ${plain(nearest, 1)} mm.`,
    );
  }
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (lengthWith(setting, text, middle, own) < length) low = middle;
    else high = middle;
  }
  return roundTo((low + high) / 2, GRAIN);
}
