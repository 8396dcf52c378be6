import type { Zones } from '../hand/hand';
import type { Letter, Measures } from '../hand/letter';
import type { LetterSet, OwnLetter } from './letterSet';
import { LETTER_SET_FORMAT, LETTER_SET_VERSION } from './letterSetFormat';

/** An empty set: the hand's own letters. */
export const emptySet = (hand: LetterSet['hand']): LetterSet => ({
  format: LETTER_SET_FORMAT,
  version: LETTER_SET_VERSION,
  name: '',
  hand,
  variants: {},
  letters: [],
});

/** Body height at which the scribe's own letters are drawn: five nib widths, or five fifths. */
export const OWN_BODY = 5;

/** Letters of one's own for a body of another height: heights follow it, widths stay. */
export function ownLetters(letters: readonly OwnLetter[], zones: Pick<Zones, 'body'>): Letter[] {
  const rise = zones.body / OWN_BODY;
  return letters.map(({ strokes, entry, exit, ...letter }) => ({
    ...letter,
    family: 'your own',
    ...(entry && { entry: { ...entry, y: entry.y * rise } }),
    ...(exit && { exit: { ...exit, y: exit.y * rise } }),
    strokes: strokes.map((stroke) => ({
      ...stroke,
      knots: stroke.knots.map((knot) => ({ ...knot, y: knot.y * rise })),
    })),
  }));
}

/** A built-in letter as an own letter, to start from. */
export const asOwn = (letter: Letter, variant: string, m: Pick<Measures, 'X'>): OwnLetter => {
  const fall = OWN_BODY / m.X;
  const rounded = (value: number) => Math.round(value * 1000) / 1000;
  const port = (p: Letter['entry']) =>
    p && { kind: p.kind, x: rounded(p.x), y: rounded(p.y * fall), dir: rounded(p.dir) };
  return {
    text: letter.text,
    variant,
    strokes: letter.strokes.map(({ name, remark, nib, finishes, knots }) => ({
      name,
      ...(remark !== undefined && { remark }),
      ...(nib !== undefined && { nib }),
      ...(finishes && { finishes }),
      knots: knots.map((knot) => {
        const entries = Object.entries(knot).filter(([, value]) => value !== undefined);
        const numbers = entries.map(([key, value]) => [
          key,
          typeof value === 'number' ? rounded(key === 'y' ? value * fall : value) : value,
        ]);
        return Object.fromEntries(numbers) as OwnLetter['strokes'][number]['knots'][number];
      }),
    })),
    ...(letter.entry && { entry: port(letter.entry) }),
    ...(letter.exit && { exit: port(letter.exit) }),
    ...(letter.shades && {
      shades: [rounded(letter.shades[0]), rounded(letter.shades[1])] as [number, number],
    }),
  };
};
