import type { Degrees } from '../measure/units';
import type { Stem } from './stems';

/** The stems of one letter compared with each other, relative to the model's. */
export interface Beside {
  /** Lean of the last stem minus lean of the first, relative to the model's. */
  readonly splay: Degrees;
  /** White between neighbouring stems over the model's. */
  readonly counter: number;
}

/** Stems of a letter with its model's; undefined where there are not as many, or only one. */
export function besideOf(own: readonly Stem[], model: readonly Stem[]): Beside | undefined {
  const [first, last] = [own[0], own.at(-1)];
  const [itsFirst, itsLast] = [model[0], model.at(-1)];
  if (own.length < 2 || own.length !== model.length || !first || !last || !itsFirst || !itsLast) {
    return undefined;
  }
  const white = whiteBetween(model);
  if (white <= 0) return undefined;
  return {
    splay: last.slope - first.slope - (itsLast.slope - itsFirst.slope),
    counter: whiteBetween(own) / white,
  };
}

/** Sum of the white between the stems of a letter, at half the body height. */
const whiteBetween = (stems: readonly Stem[]): number =>
  stems.slice(1).reduce((sum, { x, width }, i) => {
    const before = stems[i] as Stem;
    return sum + x - before.x - (width + before.width) / 2;
  }, 0);
