import { type Context, type Form, USUAL } from '../hand/letter';
import { lookUp } from '../measure/lookUp';
import { perObject } from '../memo/memo';
import type { Cut } from './cut';
import { endingOf } from './endings';
import type { Typeface } from './face';

/** The place of a letter in a text. */
export interface Place {
  /** Letters right before and after it in its word; undefined at the word's ends. */
  readonly before?: string;
  readonly after?: string;
  /** Whether it is the last letter of the line. */
  readonly endsLine: boolean;
  /** Among joined letters of a hand whose shapes depend on it. */
  readonly form?: Form;
  /** How the next letter is entered: the kind of its entry. */
  readonly reaching?: string;
  /** Its number among the letters of the line. */
  readonly number?: number;
  /** The word it stands in. */
  readonly word?: string;
  /** The shape the scribe chose for it at this place. */
  readonly shape?: string;
}

function fits(context: Context, place: Place): boolean {
  if (typeof context === 'object') {
    if ('form' in context) {
      const reaches = context.reaching === undefined || context.reaching === place.reaching;
      return context.form === place.form && reaches;
    }
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

/** The form a shape is made for, in hands whose letters join by form; undefined for shapes that may stand anywhere. */
const formOf = ({ letter: { context } }: Cut): Form | undefined =>
  typeof context === 'object' && 'form' in context ? context.form : undefined;

/** Shapes of a letter that may take the place of one that stands in a word: those of its own form. */
export const shapesInPlaceOf = (face: Typeface, placed: Cut): readonly Cut[] =>
  face.shapesOf(placed.letter.text).filter((one) => formOf(one) === formOf(placed));

/**
 * The shape of a letter for its place: the one given it there by hand; the one chosen by the user where its context allows, else one the text takes of
 * itself, else an ending where the face is lively, else the face's own. A user who has chosen the usual shape gets it everywhere.
 */
export function shapeFor(face: Typeface, text: string, place: Place): Cut | undefined {
  const list = face.shapesOf(text);
  const given =
    place.shape === undefined ? undefined : list.find(({ letter }) => letter.variant === place.shape);
  // Joined letters must meet: a shape of another form would break the word.
  const form = given && formOf(given);
  if (given && (form === undefined || form === place.form)) return given;
  const choice = lookUp(face.chosen, text);
  const chosen = list.find(({ letter }) => letter.variant === choice);
  if (chosen && fits(chosen.letter.context ?? 'anywhere', place)) return chosen;
  if (choice !== USUAL) {
    const natural = list.find(
      ({ letter }) => letter.byItself && letter.context !== undefined && fits(letter.context, place),
    );
    if (natural) return natural;
  }
  const ending = choice === undefined ? endingFor(face, list, place) : undefined;
  if (ending) return ending;
  if (face.mixed && choice === undefined && place.number !== undefined)
    return turnOf(list, text, place.number);
  return face.letters.get(text) ?? list[0];
}

/** The shape a letter takes at the end of its word or line, where the face is as lively as that. */
const endingFor = (face: Typeface, list: readonly Cut[], place: Place): Cut | undefined =>
  face.endings === 'plain' || place.word === undefined || place.after !== undefined
    ? undefined
    : endingOf(
        face.endings,
        place.word,
        list.filter(({ letter }) => isEnding(letter.context) && fits(letter.context, place)),
      );

const isEnding = (context: Context | undefined): context is 'word-end' | 'line-end' =>
  context === 'word-end' || context === 'line-end';

/** Step from one letter to the next through the alternating shapes, so that equal neighbours differ. */
const TURN = 7;

/** One of the shapes of a letter that may stand anywhere and join as the usual one does, by its place: always the same. */
function turnOf(list: readonly Cut[], text: string, number: number): Cut | undefined {
  const [usual] = list;
  const free = list.filter(
    ({ letter: { context, entry, exit } }) =>
      (context ?? 'anywhere') === 'anywhere' && entry?.kind !== 'none' && exit?.kind !== 'none',
  );
  const code = text.codePointAt(0) ?? 0;
  return free.length === 0 ? usual : free[(TURN * number + code) % free.length];
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
    const text = ligature ?? (CHARACTER.exec(word.slice(i)) as RegExpExecArray)[0];
    texts.push(text);
    i += text.length;
  }
  return texts;
}

/** A character with all marks that stand on it. */
const CHARACTER = /^.\p{M}*/su;

/** Texts of several characters that a face writes as one, the longest first. */
const ligaturesOf = perObject((face: Typeface): string[] =>
  [...face.shapes.keys()].filter((text) => [...text].length > 1).sort((a, b) => b.length - a.length),
);

/** Whether a letter joins the next one. */
const joinsOn = (face: Typeface, text: string | undefined): boolean =>
  text !== undefined &&
  face.shapesOf(text).some(({ letter: { context } }) => {
    if (typeof context !== 'object' || !('form' in context)) return false;
    return context.form === 'initial' || context.form === 'medial';
  });

const isJoining = (face: Typeface, text: string | undefined): boolean =>
  text !== undefined &&
  face.shapesOf(text).some(({ letter: { context } }) => typeof context === 'object' && 'form' in context);

/** Where among joined letters the i-th of a word stands; undefined in hands whose shapes do not depend on it. */
export function formIn(face: Typeface, texts: readonly string[], i: number): Form | undefined {
  if (!face.script.byPorts) return undefined;
  const [before, here, after] = [texts[i - 1], texts[i], texts[i + 1]];
  const fromBefore = joinsOn(face, before) && isJoining(face, here);
  const toAfter = joinsOn(face, here) && isJoining(face, after);
  if (fromBefore) return toAfter ? 'medial' : 'final';
  return toAfter ? 'initial' : 'isolated';
}

/** How the letter after the i-th is entered: the kind of the entry of the shape it will have. */
export function reachingOf(face: Typeface, texts: readonly string[], i: number): string | undefined {
  const after = texts[i + 1];
  if (!face.script.byPorts || after === undefined) return undefined;
  const form = formIn(face, texts, i + 1);
  const next = face.shapesOf(after).find(({ letter: { context } }) => {
    return typeof context === 'object' && 'form' in context && context.form === form;
  });
  return next?.letter.entry?.kind;
}
