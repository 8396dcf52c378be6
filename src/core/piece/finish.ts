import type { Mm } from '../measure/units';
import type { BlockPen } from './pen';
import type { Block } from './piece';

/** Line of an outline. */
export const OUTLINE: Mm = 0.2;
/** A light pen's line on the letters, in letter units, and the finest there is. */
const LIGHT = 0.14;
const FINEST_LIGHT: Mm = 0.15;
/** Factor by which a light on pressed letters is finer. */
const ON_PRESSED = 0.6;

/** Width of the light drawn down a stroke. */
export const lightWidth = ({ face, unit }: Pick<BlockPen, 'face' | 'unit'>): Mm =>
  Math.max(FINEST_LIGHT, LIGHT * unit * (face.pen.kind === 'broad' ? 1 : ON_PRESSED));

/** How far a finish reaches beyond the letters' own ink. */
export interface FinishReach {
  readonly left: Mm;
  readonly right: Mm;
  readonly top: Mm;
  readonly bottom: Mm;
}

/** Reach of what is drawn along the letters of a block: fit and centring count it as ink. */
export function finishReach(
  { finish: { kind, off } }: Pick<Block, 'finish'>,
  pen: Pick<BlockPen, 'face' | 'unit'>,
): FinishReach {
  switch (kind) {
    case 'none':
      return { left: 0, right: 0, top: 0, bottom: 0 };
    case 'outline': {
      const around = off + OUTLINE;
      return { left: around, right: around, top: around, bottom: around };
    }
    case 'shadow':
      return { left: 0, right: off, top: 0, bottom: off };
    case 'highlight': {
      // Beside a hairline the light lies in the white.
      const beside = off + lightWidth(pen) / 2;
      return { left: beside, right: 0, top: beside, bottom: 0 };
    }
  }
}
