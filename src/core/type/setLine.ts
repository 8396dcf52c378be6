import type { NibWidths } from '../measure/units';
import { lettersIn, shapeFor } from './shapes';
import { closeness } from './spacing';
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
  /** How far ink reaches left of 0: a tail or a first hairline under the first letters. */
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
  const line = new Line(face);
  const words = text.normalize('NFC').trim().split(/\s+/).filter(Boolean);
  for (const [w, word] of words.entries()) {
    const texts = lettersIn(face, word);
    for (const [i, character] of texts.entries()) {
      const [before, after] = [texts[i - 1], texts[i + 1]];
      const cut = shapeFor(face, character, {
        before: isLetter(before) ? before : undefined,
        after: isLetter(after) ? after : undefined,
        endsLine: w === words.length - 1 && after === undefined,
      });
      if (cut) line.letter(cut, i === 0);
      else line.box(character, i === 0);
    }
    line.endWord();
  }
  return line.done();
}

/** A line being written: what stands on it so far, and where its last letter stands. */
class Line {
  private readonly placed: Placed[] = [];
  private readonly missing = new Set<string>();
  private last: { readonly cut: Cut; readonly x: NibWidths } | undefined;
  /** The last letter still waits for its join. */
  private open = false;
  private right: NibWidths = 0;
  private left: NibWidths = 0;

  constructor(private readonly face: Typeface) {}

  letter(cut: Cut, startsWord: boolean) {
    const { face, last } = this;
    const join = this.open && last && !startsWord ? this.joinOf(last.cut, cut) : undefined;
    if (join && last) {
      const x = last.x + face.pair(last.cut, cut);
      this.placed.push({ kind: 'join', cut: join, x: last.x });
      this.put('letter', cut, x);
    } else {
      const end = this.finish();
      const lead = this.joinOf(undefined, cut);
      const x = this.clearOf([cut, ...(lead ? [lead] : [])], end, startsWord);
      if (lead) this.put('join', lead, x);
      this.put('letter', cut, x);
    }
    this.last = { cut, x: (this.placed.at(-1) as Placed).x };
    this.open = true;
  }

  box(text: string, startsWord: boolean) {
    this.finish();
    const { face } = this;
    const space = startsWord ? face.wordSpace : 0;
    const x = this.placed.length === 0 ? 0 : this.right + BOX_GAP + space;
    const width = BOX_SHARE * face.zones.body;
    this.missing.add(text);
    this.placed.push({ kind: 'missing', text, x, width });
    this.right = x + width;
    this.last = undefined;
  }

  endWord() {
    this.finish();
  }

  done(): SetLine {
    return { placed: this.placed, width: this.right, left: -this.left, missing: [...this.missing] };
  }

  /** The stroke that ends a word, or a letter that does not join the next; the letter's ending, if it has one. */
  private finish(): Cut | undefined {
    const { last } = this;
    const end = this.open && last ? this.joinOf(last.cut, undefined) : undefined;
    if (end && last) this.put('join', end, last.x);
    this.open = false;
    return end;
  }

  /** Where a letter stands that is not joined to the one before: by their kerning, and no hairline touching another. */
  private clearOf([cut, ...lead]: readonly Cut[], end: Cut | undefined, startsWord: boolean): NibWidths {
    const { face, last } = this;
    const space = startsWord ? face.wordSpace : 0;
    const letter = cut as Cut;
    if (!last) {
      return this.placed.length === 0
        ? -letter.profile.minimum
        : this.right + BOX_GAP + space - letter.profile.minimum;
    }
    const gap = face.script.spacing.leastGap;
    const touching = [last.cut, ...(end ? [end] : [])].flatMap((one) =>
      [letter, ...lead].map((other) => gap - closeness(one.profile, other.profile)),
    );
    return last.x + Math.max(face.pair(last.cut, letter) + space, ...touching);
  }

  private joinOf(before: Cut | undefined, after: Cut | undefined): Cut | undefined {
    return this.face.joined ? this.face.join(before, after) : undefined;
  }

  private put(kind: 'letter' | 'join', cut: Cut, x: NibWidths) {
    this.placed.push({ kind, cut, x });
    this.right = Math.max(this.right, x + cut.profile.maximum);
    this.left = Math.min(this.left, x + cut.profile.minimum);
  }
}
