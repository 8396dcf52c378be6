import { PLAIN } from '../band';
import { emptyRuling } from '../parts/emptyRuling';
import type { BandKind } from './kind';

/** Empty ruled lines. */
export const ruling: BandKind = {
  name: 'Ruled lines to write on',
  how: { ...PLAIN, guided: false, trace: 0, fading: 0, free: 0, lines: 2 },
  whenNew: { fill: true },
  needsLetters: false,
  usual: () => '',
  typed: false,
  inWords: () => 'Ruled lines to write on',
  cells: false,
  parts: emptyRuling,
};
