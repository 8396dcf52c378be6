import { lookUp } from '../../measure/lookUp';
import type { NibWidths } from '../../measure/units';
import type { Letter, Measures } from '../letter';

/** White from the outermost ink of a letter to the first shade of the next, by how that is entered, in letter units. */
export interface Whites {
  /** After an exit on the baseline, and after one near the waistline. */
  readonly low: Readonly<Record<string, NibWidths>>;
  readonly high: Readonly<Record<string, NibWidths>>;
}

/**
 * Distance of two joined letters of a pressed hand: `side + white + shade/2 − first shade`, the white counted from
 * `Port.side`, the outermost ink at the exit. Counted from the last *shade* instead, the letter after o, b, v or w
 * stands too close, because what leaves them lies far to the right of it. Undefined where the whites do not say.
 */
export const pitchByInk =
  ({ low, high }: Whites) =>
  (before: Letter, after: Letter, m: Measures): NibWidths | undefined => {
    const { exit } = before;
    const [first] = after.shades ?? [];
    const white = lookUp(exit?.kind === 'high' ? high : low, after.entry?.kind ?? '');
    if (exit?.side === undefined || first === undefined || white === undefined) return undefined;
    return exit.side + white + m.spread / 2 - first;
  };
