import type { NibWidths } from '../measure/units';
import { lru, perObject } from '../memo/memo';
import type { Typeface } from '../type/face';
import type { SetLine } from '../type/placed';
import { setLine } from '../type/setLine';
import type { Touch } from '../type/touch';
import { lineReach, type Reach } from '../writing/figure';
import { type Breaking, balanced, type Line, type Word } from './breaking';

/** A paragraph with its manual changes; places are indices in the text of its block. */
export interface Paragraph {
  readonly text: string;
  /** Where it begins in its block. */
  readonly at: number;
  readonly touches: readonly Touch[];
  /** White added to every word space, as a share of the body. */
  readonly wordSpace: number;
}

/** Words of a paragraph, each with its place in the block. */
export const wordsOf = ({ text, at }: Pick<Paragraph, 'text' | 'at'>): Word[] =>
  [...text.matchAll(/\S+/g)].map(({ 0: word, index }) => ({ text: word, at: at + index }));

/** Cache size per face, in words and pairs of words: a long text, and another beside it. */
const REMEMBERED = 4000;
const NOWHERE: Reach = { left: 0, right: 0, top: 0, bottom: 0 };

const reaches = perObject((face: Typeface) => {
  const kept = lru<Reach>(REMEMBERED);
  return (text: string, touches: readonly Touch[]): Reach =>
    kept(touches.length > 0 ? `${text} ${JSON.stringify(touches)}` : text, () => {
      return lineReach(face.pen, setLine(face, text, touches)) ?? NOWHERE;
    });
});

/** Sets words of a paragraph as one line, `more` white beside the hand's own in each of its word spaces. */
export function lineOf(
  face: Typeface,
  { text, at, touches, wordSpace }: Paragraph,
  words: readonly Word[],
  [from, until]: Line,
  more: NibWidths = 0,
): SetLine {
  const [first, last] = [words[from] as Word, words[until - 1] as Word];
  const run = text.slice(first.at - at, last.at + last.text.length - at);
  const extra = wordSpace + more / face.zones.body;
  const within = touches
    .filter((touch) => touch.at >= first.at && touch.at < last.at + last.text.length)
    .map((touch) => ({ ...touch, at: touch.at - first.at }));
  if (extra === 0) return setLine(face, run, within);
  // Moving a word's first letter moves the whole word.
  const starts = new Map(words.slice(from + 1, until).map((word) => [word.at - first.at, extra]));
  const spaced = within.map((touch) => {
    const added = starts.get(touch.at) ?? 0;
    starts.delete(touch.at);
    return { ...touch, along: (touch.along ?? 0) + added };
  });
  return setLine(face, run, [...spaced, ...[...starts].map(([place, along]) => ({ at: place, along }))]);
}

/**
 * Widths of the ink of any run of words, without setting each: a word's own, and what it stands from the one before,
 * are worked out once for a face; a run is their sum. Letters that change with their place in a line (shapes that take
 * turns, a bouncing line) make it an estimate, which `brokenLines` checks.
 */
function widthsOf(face: Typeface, paragraph: Paragraph, words: readonly Word[]) {
  const reachOf = reaches(face);
  const { touches, wordSpace, text, at } = paragraph;
  const touchesOf = (first: Word, last: Word) =>
    touches
      .filter((touch) => touch.at >= first.at && touch.at < last.at + last.text.length)
      .map((touch) => ({ ...touch, at: touch.at - first.at }));
  const widthIn = (first: Word, last: Word) => {
    const { left, right } = reachOf(
      text.slice(first.at - at, last.at + last.text.length - at),
      touchesOf(first, last),
    );
    return right - left;
  };
  const widths = words.map((word) => widthIn(word, word));
  const ends = [0];
  for (const [i, width] of widths.entries()) {
    const next = words[i + 1];
    const gap = next
      ? widthIn(words[i] as Word, next) - width - (widths[i + 1] as number) + wordSpace * face.zones.body
      : 0;
    ends.push((ends[i] as number) + width + gap);
  }
  const gapAfter = (i: number) => (ends[i + 1] as number) - (ends[i] as number) - (widths[i] as number);
  return (from: number, until: number): NibWidths =>
    (ends[until] as number) - (ends[from] as number) - gapAfter(until - 1);
}

/** Maximum number of times that lines are broken again because one came out wider than estimated. */
const MOST_TRIES = 12;
/** Excess of ink over the edge, in letter units, that is attributed to the estimate. */
const DUST: NibWidths = 1e-6;

export interface Broken {
  readonly words: readonly Word[];
  readonly lines: readonly Line[];
}

/** A paragraph broken into lines, none wider than its room where any breaking allows that. */
export function brokenLines(
  face: Typeface,
  paragraph: Paragraph,
  how: Pick<Breaking, 'room' | 'evenFrom' | 'evenLast'>,
): Broken {
  const words = wordsOf(paragraph);
  const estimate = widthsOf(face, paragraph, words);
  const exact = new Map<number, NibWidths>();
  const key = (from: number, until: number) => from * words.length + until;
  const widthOf = (from: number, until: number) => exact.get(key(from, until)) ?? estimate(from, until);
  let lines: Line[] = [];
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    lines = balanced(words, { ...how, widthOf });
    let surprised = false;
    for (const [number, [from, until]] of lines.entries()) {
      if (exact.has(key(from, until))) continue;
      const { left, right } = lineReach(face.pen, lineOf(face, paragraph, words, [from, until])) ?? NOWHERE;
      const taken = widthOf(from, until);
      exact.set(key(from, until), right - left);
      if (right - left > how.room(number) + DUST && taken <= how.room(number)) surprised = true;
    }
    if (!surprised) break;
  }
  return { words, lines };
}
