import type { NibWidths } from '../measure/units';
import type { WritingPen } from '../pen/pen';
import type { Hand } from './hand';
import { isDoubled, type Setting } from './measures';

/** A rhombic dot is measured along its diagonal: √2 edges. */
const EDGE_IN_DOTS = Math.SQRT1_2;

/** How a pen is held: like the paper it lies on, no part of a letter. */
export interface Grip {
  /** Thickness of the edge in letter units; it belongs to the nib, not to its width. */
  readonly edge: NibWidths;
  /** One held angle for every stroke, whatever the letter asks for. */
  readonly held?: boolean;
}

/** The pen a hand is written with, in letter units: the one place where a tool family becomes a pen. */
export function penOf(
  { tool, unit, second }: Pick<Hand, 'tool' | 'unit' | 'second'>,
  { penAngle, pressed, style }: Pick<Setting, 'penAngle' | 'pressed' | 'style'>,
  { edge, held = false }: Grip,
): WritingPen {
  const { spread, hairline } = pressed;
  switch (tool) {
    case 'broad': {
      const width = unit === 'dot' ? EDGE_IN_DOTS : 1;
      return { kind: 'broad', width, steel: edge, angle: penAngle, held };
    }
    case 'pointed':
      return { kind: 'pointed', spread, hairline };
    case 'brush':
      return { kind: 'pointed', spread, hairline, tops: 'round' };
    case 'monoline':
      return second && isDoubled(style)
        ? { kind: 'doubled', line: spread, gap: second, filled: style === 'filled' }
        : { kind: 'monoline', line: spread };
  }
}
