import type { Dots, Form, Letter, Port } from '../../hand/letter';
import { byItself, type Drawn, family, type Shape, type Shapes } from '../../hand/notation';
import { lookUp } from '../../measure/lookUp';
import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import { FIGURES } from './figures';
import { type Figure, strokesFrom } from './notation';
import { taught } from './teaching';

type Base = keyof typeof FIGURES;

/** A letter: its figure, and its dots. */
interface Spelt {
  readonly figure: Base;
  readonly dots?: readonly [Dots['count'], Dots['side']];
  /** Written at the end of a word alone: nothing follows it. */
  readonly ends?: boolean;
}

/** Letters in the families they are taught in; those of one figure differ by their dots. */
export const FAMILIES: Readonly<Record<string, Readonly<Record<string, Spelt>>>> = {
  alif: { ا: { figure: 'alif' } },
  teeth: {
    ب: { figure: 'b', dots: [1, 'under'] },
    ت: { figure: 't', dots: [2, 'over'] },
    ث: { figure: 't', dots: [3, 'over'] },
    ن: { figure: 'n', dots: [1, 'over'] },
    ي: { figure: 'y', dots: [2, 'under'] },
    ى: { figure: 'y', ends: true },
  },
  hooked: { ج: { figure: 'j', dots: [1, 'under'] }, ح: { figure: 'j' }, خ: { figure: 'j', dots: [1, 'over'] } },
  'd and r': { د: { figure: 'd' }, ذ: { figure: 'd', dots: [1, 'over'] }, ر: { figure: 'r' }, ز: { figure: 'r', dots: [1, 'over'] } },
  combs: { س: { figure: 's' }, ش: { figure: 's', dots: [3, 'over'] } },
  loops: { ص: { figure: 'sad' }, ض: { figure: 'sad', dots: [1, 'over'] }, ط: { figure: 'ta' }, ظ: { figure: 'ta', dots: [1, 'over'] } },
  eyes: { ع: { figure: 'ain' }, غ: { figure: 'ain', dots: [1, 'over'] } },
  rings: { ف: { figure: 'f', dots: [1, 'over'] }, ق: { figure: 'q', dots: [2, 'over'] }, و: { figure: 'w' } },
  tall: { ل: { figure: 'l' }, لا: { figure: 'la' }, ك: { figure: 'k' } },
  'm and h': { م: { figure: 'm' }, ه: { figure: 'h' }, ة: { figure: 'h', dots: [2, 'over'], ends: true } },
  besides: { ء: { figure: 'hamza' }, ـ: { figure: 'kashida' } },
};

/** Direction in which the line leaves a letter, reaches the next, climbs to a hill and falls onto a roof. */
const LINE: Degrees = 168;
const HILL: Degrees = 160;
const ROOF: Degrees = -14;
/** Additional rise of the exit that reaches a tall tooth. */
const CLIMB = { x: -0.1, y: 0.18 } as const;
/** Where dots would like to be on a figure that does not say. */
const ANYWHERE: readonly [NibWidths, NibWidths] = [-0.8, 2.2];
const BELOW: readonly [NibWidths, NibWidths] = [-1.2, -1.6];

const FORMS: Readonly<Record<string, Form>> = { isolated: 'isolated', initial: 'initial', medial: 'medial', final: 'final' };

const port = (kind: string, x: NibWidths, y: NibWidths, dir: Degrees): Port => ({ kind, x, y, dir });
const entryOf = ({ entry }: Figure): Port | undefined => entry && port(entry[0], entry[1], entry[2], entry[0] === 'line' ? LINE : entry[0] === 'hill' ? HILL : ROOF);

/** The strokes of a figure with its ports, its way out changed where the next letter asks for it. */
function drawn(base: string, figure: Figure, leaving: 'line' | 'hill' | 'roof'): Drawn[] {
  const entry = entryOf(figure);
  const [x, y] = figure.exit ?? [0, 0];
  const climbs = leaving === 'hill';
  const exit = figure.exit && port(leaving, climbs ? x + CLIMB.x : x, climbs ? y + CLIMB.y : y, climbs ? HILL : leaving === 'roof' ? ROOF : LINE);
  const isOut = (knot: Knot) => knot.x === x && knot.y === y;
  const strokes = taught(base, figure, strokesFrom(figure.strokes)).map((one) => {
    const last = one.knots.at(-1);
    if (!climbs || !last || !isOut(last)) return one;
    return { ...one, knots: [...one.knots.slice(0, -1), { ...last, x: x + CLIMB.x, y: y + CLIMB.y, dir: HILL }] };
  });
  return strokes.map((one, i) => (i > 0 ? one : { ...one, parts: [{ knots: [], ...(entry && { meets: entry }), ...(exit && { leaves: exit }) }] }));
}

/** Every shape of a figure: by itself where its neighbours ask for it; the more particular before the plain. */
function shapesOf(base: string, text: string, forms: Readonly<Record<string, Figure>>): Shapes {
  const shapes: Record<string, readonly Drawn[] | Shape> = {};
  for (const [name, figure] of Object.entries(forms)) {
    const form = lookUp(FORMS, name);
    if (name === 'isolated') shapes[text] = drawn(base, figure, 'line');
    else if (name === 'medial to a roof') shapes[`${text} ${name}`] = byItself({ form: 'medial', reaching: 'roof' }, drawn(base, figure, 'line'));
    else if (name === 'initial to a roof') shapes[`${text} ${name}`] = byItself({ form: 'initial', reaching: 'roof' }, drawn(base, figure, 'roof'));
    else if (form === undefined) shapes[`${text} ${name}`] = drawn(base, figure, 'line');
  }
  for (const [name, figure] of Object.entries(forms)) {
    const form = lookUp(FORMS, name);
    if (form === undefined || form === 'isolated') continue;
    if (figure.exit) shapes[`${text} ${name} to a hill`] = byItself({ form, reaching: 'hill' }, drawn(base, figure, 'hill'));
    shapes[`${text} ${name}`] = byItself({ form }, drawn(base, figure, 'line'));
  }
  return shapes;
}

/** The letters of the hand, dotted. */
export const courtLetters = (): Letter[] =>
  Object.entries(FAMILIES).flatMap(([name, letters]) =>
    Object.entries(letters).flatMap(([text, { figure, dots, ends }]) => {
      const all: Readonly<Record<string, Figure>> = FIGURES[figure];
      const forms = ends ? Object.fromEntries(Object.entries(all).filter(([, { exit }]) => !exit)) : all;
      return family(name, shapesOf(figure, text, forms)).map((letter): Letter => {
        if (!dots) return letter;
        const [count, side] = dots;
        const own = lookUp(forms, letter.variant === 'usual' ? 'isolated' : letter.variant.replace(' to a hill', ''));
        const [x, y] = (side === 'over' ? (own?.over ?? ANYWHERE) : (own?.under ?? BELOW)) as readonly [number, number];
        return { ...letter, dots: [{ count, side, x, y }] };
      });
    }),
  );
