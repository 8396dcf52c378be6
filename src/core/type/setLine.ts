import type { NibWidths } from '../measure/units';
import type { Cut, Typeface } from './typeface';

/** A letter in its place; x moves its skeleton along the baseline. A missing letter is an open box `width` wide. */
export type Placed =
  | { readonly kind: 'letter'; readonly cut: Cut; readonly x: NibWidths }
  | { readonly kind: 'missing'; readonly text: string; readonly x: NibWidths; readonly width: NibWidths };

export interface SetLine {
  readonly placed: readonly Placed[];
  /** From 0 to the last ink, on the upright skeleton. */
  readonly width: NibWidths;
  /** How far ink reaches left of 0: a tail under the first letters. */
  readonly left: NibWidths;
  /** Characters the hand has no letter for, each once. */
  readonly missing: readonly string[];
}

/** Width of the box for a letter the hand does not have, as a share of the body. */
const BOX_SHARE = 0.5;
/** White at either side of such a box. */
const BOX_GAP: NibWidths = 0.6;

/**
 * Sets a line of text: letters in order, spaced optically, words apart by the hand's word space. Draws nothing. The
 * first ink stands at 0.
 */
export function setLine(face: Typeface, text: string): SetLine {
  const placed: Placed[] = [];
  const missing = new Set<string>();
  let last: Placed | null = null;
  let space = 0;
  let edge = 0;
  let left = 0;
  for (const character of text.normalize('NFC')) {
    if (/\s/.test(character)) {
      if (last) space = face.wordSpace;
      continue;
    }
    const cut = face.letters.get(character);
    if (cut) {
      const start: number = last === null ? 0 : edge + BOX_GAP;
      const x: number =
        last?.kind === 'letter'
          ? last.x + face.pair(last.cut, cut) + space
          : start + space - cut.profile.minimum;
      last = { kind: 'letter', cut, x };
      edge = Math.max(edge, x + cut.profile.maximum);
      left = Math.min(left, x + cut.profile.minimum);
    } else {
      missing.add(character);
      const width = BOX_SHARE * face.zones.body;
      const x: number = last === null ? 0 : edge + BOX_GAP + space;
      last = { kind: 'missing', text: character, x, width };
      edge = x + width;
    }
    placed.push(last);
    space = 0;
  }
  return { placed, width: edge, left: -left, missing: [...missing] };
}
