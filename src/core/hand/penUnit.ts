import type { Degrees, Mm } from '../measure/units';
import { dotHeight } from '../pen/thickness';
import { countsByPen, type Hand } from './hand';

/** Angle of a hand that states none: a dot stands on its corner. */
const ON_ITS_CORNER: Degrees = 45;

/**
 * Length of what the heights of a hand are counted in, written by a pen of `width`: its width, or the height of its rhombic dot.
 * Undefined where heights do not depend on the pen.
 */
export function penUnit(
  hand: Pick<Hand, 'basis' | 'penAngle'>,
  width: Mm,
  penAngle: Degrees = hand.penAngle?.usual ?? ON_ITS_CORNER,
): Mm | undefined {
  if (!countsByPen(hand)) return undefined;
  return hand.basis === 'dots' ? dotHeight(width, penAngle) : width;
}
