import { type Context, USUAL } from '../hands/letter';
import type { Cut, Typeface } from './typeface';

/** Where in a text a letter stands. */
export interface Place {
  /** Letters right before and after it in its word; undefined at the word's ends. */
  readonly before?: string;
  readonly after?: string;
  /** The last letter of the line. */
  readonly endsLine: boolean;
}

function fits(context: Context, place: Place): boolean {
  if (typeof context === 'object') {
    return 'before' in context
      ? place.after !== undefined && context.before.includes(place.after)
      : place.before !== undefined && context.after.includes(place.before);
  }
  switch (context) {
    case 'anywhere':
      return true;
    case 'word-start':
      return place.before === undefined;
    case 'word-end':
      return place.after === undefined;
    case 'line-end':
      return place.endsLine;
  }
}

/**
 * The shape of a letter for its place: the one chosen by the user where its context allows, else one the text takes of
 * itself, else the face's own. A user who has chosen the usual shape gets it everywhere.
 */
export function shapeFor(face: Typeface, text: string, place: Place): Cut | undefined {
  const list = face.shapes.get(text);
  if (!list) return undefined;
  const choice = face.chosen[text];
  const chosen = list.find(({ letter }) => letter.variant === choice);
  if (chosen && fits(chosen.letter.context ?? 'anywhere', place)) return chosen;
  if (choice !== USUAL) {
    const natural = list.find(
      ({ letter }) => letter.byItself && letter.context !== undefined && fits(letter.context, place),
    );
    if (natural) return natural;
  }
  return face.letters.get(text);
}

/**
 * Splits a word into the texts of letters: ligatures where the face is joined and has them (the longest first), single
 * characters otherwise. Characters the hand lacks stay single.
 */
export function lettersIn(face: Typeface, word: string): string[] {
  const ligatures = face.joined ? ligaturesOf(face) : [];
  const texts: string[] = [];
  for (let i = 0; i < word.length; ) {
    const ligature = ligatures.find((candidate) => word.startsWith(candidate, i));
    const text = ligature ?? String.fromCodePoint(word.codePointAt(i) as number);
    texts.push(text);
    i += text.length;
  }
  return texts;
}

const known = new WeakMap<Typeface, string[]>();

function ligaturesOf(face: Typeface): string[] {
  let list = known.get(face);
  if (!list) {
    list = [...face.shapes.keys()].filter((text) => [...text].length > 1).sort((a, b) => b.length - a.length);
    known.set(face, list);
  }
  return list;
}
