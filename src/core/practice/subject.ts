import type { StrokePlan } from '../pen/stroke';
import { handOf } from '../setting/handOf';
import { type Figure, letterFigure, textFigure } from '../writing/figure';
import type { Ground } from './ground';

/** One subject of a band: the content of its cells, and its remark. */
export interface Subject {
  readonly name: string;
  /** The teacher's remark on its strokes. */
  readonly remark: string;
  readonly figure: Figure;
}

/** Subjects of a band, or why there are none. */
export interface Subjects {
  readonly heading: string;
  readonly subjects: readonly Subject[];
  readonly trouble: readonly string[];
}

/** A figure from the ground's cache, written on first use. */
export function remembered(ground: Ground, key: string, make: () => Figure | undefined): Figure | undefined {
  if (!ground.figures.has(key)) ground.figures.set(key, make());
  return ground.figures.get(key);
}

/** What the strokes of a letter are, in order: "1 stem · 2 arch: Go back up …". */
export function strokesInWords({ face }: Ground, text: string): string {
  const shape = face?.letters.get(text) ?? face?.shapesOf(text)[0];
  return inWords(shape?.letter.strokes ?? []);
}

/** Strokes in order, as a teacher names them. */
export function inWords(all: readonly StrokePlan[]): string {
  const strokes = all.filter(({ finishes }) => !finishes);
  return strokes
    .map(
      ({ name, remark }, i) =>
        `${strokes.length > 1 ? `${i + 1} ` : ''}${name}${remark ? `: ${remark}` : ''}`,
    )
    .join(' · ')
    .trim();
}

/** No subjects, with the reason. */
export const none = (heading: string, trouble: string): Subjects => ({
  heading,
  subjects: [],
  trouble: [trouble],
});

type Write = typeof letterFigure;

/**
 * Texts each written in a cell of its own: letters by themselves, or as they stand in a text, joined and spaced. `remark`
 * says what to mind about each.
 */
function allWritten(
  write: Write,
  key: string,
  { heading, ground, texts, remark = () => '' }: Written,
): Subjects {
  const { face } = ground;
  const hand = handOf(ground.recipe).name;
  const text = heading.trim();
  if (!face)
    return none(heading, `The letters of ${hand} are not drawn yet; drills, pictures and ruling work.`);
  if (text === '') return none('', 'This band has no text yet.');
  const parts = texts.map((one): { subject?: Subject; trouble: string[] } => {
    const figure = remembered(ground, `${key} ${one}`, () => write(face, one));
    if (!figure) return { trouble: [`${hand} has no letter for “${one}”.`] };
    return {
      subject: { name: one, remark: remark(one), figure },
      trouble: figure.missing.length > 0 ? [`${hand} has no letter for ${figure.missing.join(' ')}.`] : [],
    };
  });
  return {
    heading: text,
    subjects: parts.flatMap(({ subject }) => (subject ? [subject] : [])),
    trouble: parts.flatMap(({ trouble }) => trouble),
  };
}

export interface Written {
  readonly ground: Ground;
  readonly heading: string;
  readonly texts: readonly string[];
  readonly remark?: (text: string) => string;
}

export const lettersWritten = (written: Written): Subjects => allWritten(letterFigure, 'letter', written);
export const textWritten = (written: Written): Subjects => allWritten(textFigure, 'text', written);
