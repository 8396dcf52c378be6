import { USUAL } from '../hand/letter';
import type { Mm } from '../measure/units';
import type { StrokePlan } from '../pen/stroke';
import { handOf } from '../setting/handOf';
import type { Cut } from '../type/cut';
import type { Typeface } from '../type/face';
import { type Figure, letterFigure, shapeFigure, strokeFigure, textFigure } from '../writing/figure';
import type { Band } from './band';
import { buildDrill, drillById } from './drills';
import { beatInWords } from './drills/drill';
import type { Ground } from './ground';

/** One thing a band practises: what is written in its cells, and what is said of it. */
export interface Subject {
  readonly name: string;
  /** What a teacher says of its strokes. */
  readonly remark: string;
  readonly figure: Figure;
}

/** Subjects of a band, or why there are none. */
export interface Subjects {
  readonly heading: string;
  readonly subjects: readonly Subject[];
  readonly trouble: readonly string[];
}

/** A figure the ground has written before, or writes now. */
function remembered(ground: Ground, key: string, make: () => Figure | undefined): Figure | undefined {
  if (!ground.figures.has(key)) ground.figures.set(key, make());
  return ground.figures.get(key);
}

/** Families of a hand's letters with their usual shapes, in the order they are taught. */
export function familiesOf({ face }: Pick<Ground, 'face'>): ReadonlyMap<string, readonly string[]> {
  const families = new Map<string, string[]>();
  for (const [text, shapes] of face?.shapes ?? []) {
    const usual = shapes.find(({ letter }) => letter.variant === USUAL);
    if (!usual) continue;
    const { family } = usual.letter;
    families.set(family, [...(families.get(family) ?? []), text]);
  }
  return families;
}

/** Shapes of a letter that do not hang on its neighbours' joins: those one chooses among. */
const freeShapes = (face: Typeface, text: string): readonly Cut[] =>
  face
    .shapesOf(text)
    .filter(({ letter: { context } }) => typeof context !== 'object' || !('form' in context));

/** What the strokes of a letter are, in order: "1 stem · 2 arch: Go back up …". */
function strokesInWords({ face }: Ground, text: string): string {
  const shape = face?.letters.get(text) ?? face?.shapesOf(text)[0];
  return inWords(shape?.letter.strokes ?? []);
}

function inWords(all: readonly StrokePlan[]): string {
  const strokes = all.filter(({ finishes }) => !finishes);
  return strokes
    .map(
      ({ name, remark }, i) =>
        `${strokes.length > 1 ? `${i + 1} ` : ''}${name}${remark ? `: ${remark}` : ''}`,
    )
    .join(' · ')
    .trim();
}

/** What a band writes on this ground; lines of text are broken to `room`. */
export function subjectsOf(ground: Ground, { what }: Band, room: Mm): Subjects {
  const { face, recipe } = ground;
  const hand = handOf(recipe).name;
  const none = (heading: string, trouble: string): Subjects => ({
    heading,
    subjects: [],
    trouble: [trouble],
  });
  if (what.kind === 'drill') {
    const drill = drillById(what.of);
    if (!drill) return none(what.of, `There is no drill “${what.of}”.`);
    if (!drill.tools.includes(handOf(recipe).tool)) {
      return none(drill.name, `“${drill.name}” is not for the pen ${hand} is written with.`);
    }
    const figure = remembered(ground, `drill ${drill.id}`, () => {
      const { strokes, pressed, upright, labels } = buildDrill(drill, ground);
      return strokeFigure(ground.pen, drill.name, strokes, {
        slope: upright ? 0 : recipe.slope,
        pressed,
        labels,
      });
    }) as Figure;
    return {
      heading: drill.name,
      subjects: [
        {
          name: drill.name,
          remark: [drill.remark, ...(drill.beat ? [beatInWords(drill.beat)] : [])].join(' '),
          figure,
        },
      ],
      trouble: [],
    };
  }
  if (!face) {
    return none(what.of, `The letters of ${hand} are not drawn yet; drills, pictures and ruling work.`);
  }
  const single = ['letter', 'letters', 'family'].includes(what.kind);
  const figureOf = single ? letterFigure : textFigure;
  const written = (text: string, remark = ''): { subject?: Subject; trouble: string[] } => {
    const figure = remembered(ground, `${single ? 'letter' : 'text'} ${text}`, () => figureOf(face, text));
    if (!figure) return { trouble: [`${hand} has no letter for “${text}”.`] };
    return {
      subject: { name: text, remark, figure },
      trouble: figure.missing.length > 0 ? [`${hand} has no letter for ${figure.missing.join(' ')}.`] : [],
    };
  };
  const all = (heading: string, texts: readonly string[], remark?: (text: string) => string): Subjects => {
    const parts = texts.map((text) => written(text, remark?.(text)));
    return {
      heading,
      subjects: parts.flatMap(({ subject }) => (subject ? [subject] : [])),
      trouble: parts.flatMap(({ trouble }) => trouble),
    };
  };
  const text = what.of.trim();
  if (text === '') return none('', 'This band has no text yet.');
  switch (what.kind) {
    case 'family': {
      const letters = familiesOf(ground).get(text);
      if (!letters) return none(text, `${hand} has no letter family “${text}”.`);
      return all(`${text}: ${letters.join(' ')}`, letters, (letter) => strokesInWords(ground, letter));
    }
    case 'shapes': {
      const shapes = freeShapes(face, text);
      if (shapes.length === 0) return none(text, `${hand} has no letter for “${text}”.`);
      return {
        heading: `${text}: ${shapes.map(({ letter }) => letter.variant).join(' · ')}`,
        subjects: shapes.map((cut) => {
          const { variant, strokes } = cut.letter;
          const figure = remembered(ground, `shape ${text} ${variant}`, () => shapeFigure(face, cut));
          return { name: `${text}, ${variant}`, remark: inWords(strokes), figure: figure as Figure };
        }),
        trouble: [],
      };
    }
    case 'letters':
      return all(text, text.split(/\s+/), (letter) => strokesInWords(ground, letter));
    case 'letter':
      return all(text, [text], (letter) => strokesInWords(ground, letter));
    case 'doubled':
      return all(`${text} doubled`, [text + text], () => 'Both alike, and evenly apart.');
    case 'pair':
      return all(text, [text], () => 'Mind the white between: as much as inside.');
    case 'line':
      return all(text, brokenTo(ground, text, room));
    default:
      return all(text, [text]);
  }
}

/** Text in lines that fit into `room`, broken between words; a word too long stands alone. */
export function brokenTo({ face, unit }: Pick<Ground, 'face' | 'unit'>, text: string, room: Mm): string[] {
  if (!face) return [];
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/)) {
    const longer = line ? `${line} ${word}` : word;
    const { reach } = textFigure(face, longer) ?? { reach: { left: 0, right: 0 } };
    if (line && (reach.right - reach.left) * unit > room) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return line ? [...lines, line] : lines;
}
