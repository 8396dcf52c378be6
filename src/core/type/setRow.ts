import { type NibWidths, tanDeg } from '../measure/units';
import type { Cut } from './cut';
import type { Typeface } from './face';
import type { Chosen, ChosenLetter, Off, Placed, SetLine } from './placed';
import { closeness } from './spacing';

/** Width of the box for a letter the hand does not have, as a share of the body. */
const BOX_SHARE = 0.5;
/** White at either side of such a box. */
const BOX_GAP: NibWidths = 0.6;

/** Sets words side by side: each letter at its distance from the one before. */
export function setRow(face: Typeface, words: readonly (readonly Chosen[])[]): SetLine {
  const row = new Row(face);
  for (const word of words) {
    for (const [i, chosen] of word.entries()) {
      if (chosen.cut) row.letter(chosen, i === 0);
      else row.box(chosen.text, i === 0);
    }
    row.endWord();
  }
  return row.done();
}

/** Minimum white between the ink of two words, as a fraction of the hand's word space. */
const LEAST_WORD_SPACE = 0.5;

/** A letter as it stands on a line. */
interface Standing {
  readonly cut: Cut;
  readonly x: NibWidths;
  readonly rise: NibWidths;
}

const ON_THE_LINE: Off = { along: 0, rise: 0 };

/** State of a line under construction: the letters placed already, and the position of the last. */
class Row {
  private readonly placed: Placed[] = [];
  private readonly missing = new Set<string>();
  private last: Standing | undefined;
  /** The last letter's join is still pending. */
  private open = false;
  private right: NibWidths = 0;
  private left: NibWidths = 0;
  /** A skeleton that stands higher also stands farther along the slope. */
  private readonly lean: number;

  constructor(private readonly face: Typeface) {
    this.lean = tanDeg(face.slope);
  }

  letter({ cut, off: { along, rise }, at }: ChosenLetter, startsWord: boolean) {
    const { face, last } = this;
    const inside = this.open && last && !startsWord ? last : undefined;
    const fused =
      inside && face.joined ? face.script.fuse?.(inside.cut.letter, cut.letter, face.measures) : undefined;
    const join =
      inside && fused === undefined
        ? this.joinOf(inside.cut, cut, { along, rise: rise - inside.rise })
        : undefined;
    let x: NibWidths;
    if (inside && fused !== undefined) x = inside.x + fused + along;
    else if (inside && join) {
      this.put('join', join, inside.x, inside.rise);
      x = inside.x + face.pair(inside.cut, cut) + along;
    } else {
      const end = this.finish();
      const lead = this.joinOf(undefined, cut);
      x = this.clearOf([cut, ...(lead ? [lead] : [])], end, startsWord) + along;
      if (lead) this.put('join', lead, x, rise);
    }
    this.put('letter', cut, x, rise, at);
    this.last = { cut, x, rise };
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
    if (end && last) this.put('join', end, last.x, last.rise);
    this.open = false;
    return end;
  }

  /** Position of a letter that is not joined to the one before: by their kerning, with no hairline touching another. */
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
    // Under an overhanging letter, or over a low mark, kerning would all but close the space between two words.
    const right = Math.max(last.cut.profile.maximum, end?.profile.maximum ?? Number.NEGATIVE_INFINITY);
    const left = Math.min(...[letter, ...lead].map(({ profile }) => profile.minimum));
    const apart = startsWord ? [right - left + LEAST_WORD_SPACE * space] : [];
    return last.x + Math.max(face.pair(last.cut, letter) + space, ...touching, ...apart);
  }

  private joinOf(before: Cut | undefined, after: Cut | undefined, off = ON_THE_LINE): Cut | undefined {
    return this.face.joined ? this.face.join(before, after, off) : undefined;
  }

  /** `x` is where the letter would stand on the line. */
  private put(kind: 'letter' | 'join', cut: Cut, x: NibWidths, rise: NibWidths, at?: number) {
    this.placed.push({ kind, cut, x: x + rise * this.lean, y: rise, ...(at !== undefined && { at }) });
    this.right = Math.max(this.right, x + cut.profile.maximum);
    this.left = Math.min(this.left, x + cut.profile.minimum);
  }
}
