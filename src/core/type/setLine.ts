import type { NibWidths } from '../measure/units';
import { lettersIn, shapeFor } from './shapes';
import type { Cut, Typeface } from './typeface';

/**
 * A letter in its place, or the stroke that joins two of them; x moves its skeleton along the baseline. A missing
 * letter is an open box `width` wide.
 */
export type Placed =
  | { readonly kind: 'letter'; readonly cut: Cut; readonly x: NibWidths }
  | { readonly kind: 'join'; readonly cut: Cut; readonly x: NibWidths }
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

const isLetter = (text: string | undefined): boolean => text !== undefined && /^\p{L}/u.test(text);

/**
 * Sets a line of text: shapes by context, ligatures, letters spaced and joined, words apart by the hand's word space.
 * Draws nothing. The first letter's ink stands at 0.
 */
export function setLine(face: Typeface, text: string): SetLine {
  const placed: Placed[] = [];
  const missing = new Set<string>();
  let last: { x: NibWidths; cut: Cut | undefined } | undefined;
  let edge = 0;
  let left = 0;
  const put = (kind: 'letter' | 'join', cut: Cut, x: NibWidths) => {
    placed.push({ kind, cut, x });
    if (kind === 'join' && last?.cut && placed.length > 1) {
      // A join between two letters lies between them; only one at a word's end reaches further.
      if (!cut.letter.text.endsWith('→') && !cut.letter.text.startsWith('→')) return;
    }
    edge = Math.max(edge, x + cut.profile.maximum);
    left = Math.min(left, x + cut.profile.minimum);
  };
  const words = text.normalize('NFC').trim().split(/\s+/).filter(Boolean);
  for (const [w, word] of words.entries()) {
    const texts = lettersIn(face, word);
    let space = w === 0 ? 0 : face.wordSpace;
    let previous: Cut | undefined;
    for (const [i, character] of texts.entries()) {
      const [before, after] = [texts[i - 1], texts[i + 1]];
      const cut = shapeFor(face, character, {
        before: isLetter(before) ? before : undefined,
        after: isLetter(after) ? after : undefined,
        endsLine: w === words.length - 1 && after === undefined,
      });
      const start: NibWidths = last === undefined ? 0 : edge + BOX_GAP + space;
      if (!cut) {
        missing.add(character);
        if (face.joined && previous) finish(previous);
        const width = BOX_SHARE * face.zones.body;
        placed.push({ kind: 'missing', text: character, x: start, width });
        edge = start + width;
        last = { x: start, cut: undefined };
        previous = undefined;
      } else {
        const x: NibWidths = last?.cut
          ? last.x + face.pair(last.cut, cut) + space
          : start - cut.profile.minimum;
        if (face.joined) {
          const join = face.join(previous, cut);
          if (join) put('join', join, previous && last ? last.x : x);
          else if (previous) finish(previous);
        }
        put('letter', cut, x);
        last = { x, cut };
        previous = cut;
      }
      space = 0;
    }
    if (face.joined && previous) finish(previous);
  }
  return { placed, width: edge, left: -left, missing: [...missing] };

  /** The stroke that ends a word, or a letter that does not join the next. */
  function finish(cut: Cut) {
    const end = face.join(cut, undefined);
    if (end && last) put('join', end, last.x);
  }
}
