import type { NibWidths } from '../../measure/units';
import type { Hand } from '../hand';
import { PLAIN_PORTRAIT } from '../portrait';

/** Breadth of a hand whose arches widen with its body: stem to stem as a share of the body height. */
export const shareOfBody =
  (share: number) =>
  (body: NibWidths): NibWidths =>
    share * body;

/** Shade over hairline of a flexible pointed nib (common teaching value). */
export const USUAL_CONTRAST = 9;

/** Fields common to all bases. */
export const plainHand = {
  turns: {},
  tallCapitals: true,
  joined: false,
  capitalsOnly: false,
  rightToLeft: false,
  families: [],
  portrait: PLAIN_PORTRAIT,
  contrast: USUAL_CONTRAST,
  // A shade over 1.6 fifths of the body closes the counters of every pressed hand tried.
  fattestShade: 1.6,
} as const satisfies Partial<Hand>;
