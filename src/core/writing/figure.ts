import type { Degrees, NibWidths } from '../measure/units';
import { tanDeg } from '../measure/units';
import { lastFor } from '../memo/memo';
import type { Pen } from '../pen/pen';
import { pressedByDirection } from '../pen/pressure';
import type { StrokePlan } from '../pen/stroke';
import { compileStroke, sloped } from '../pen/stroke';
import { type Cut, inkOf } from '../type/cut';
import { dotsOf } from '../type/dots';
import type { Typeface } from '../type/face';
import type { SetLine } from '../type/placed';
import { profileOf } from '../type/profile';
import { setLine } from '../type/setLine';
import type { StripPart } from './stripPart';

/** What is written in one cell: shapes side by side on the baseline, in letter units. */
export interface Figure {
  readonly text: string;
  readonly shapes: readonly FigureShape[];
  readonly reach: Reach;
  /** Characters the hand has no letter for. */
  readonly missing: readonly string[];
  /** Small lettering under the baseline, at x. */
  readonly labels: readonly { readonly x: NibWidths; readonly text: string }[];
  /** It is a row of a nib's strip: its strokes are measured for what they show of the nib. */
  readonly strip?: StripPart;
}

/** A letter, join or mark of a figure in its place. */
export interface FigureShape {
  readonly cut: Cut;
  readonly x: NibWidths;
  readonly y: NibWidths;
  /** Not a letter's own stroke: not numbered. */
  readonly joins: boolean;
  /** A dot or an accent: its strokes are counted on from the letter's. */
  readonly marks?: boolean;
}

/** How far ink reaches: left and right of the origin, above and below the baseline; y counts upwards. */
export interface Reach {
  readonly left: NibWidths;
  readonly right: NibWidths;
  readonly top: NibWidths;
  readonly bottom: NibWidths;
}

/** How far the ink of one letter reaches. */
export const reachOf = lastFor((pen: Pen, cut: Cut): Reach => {
  let [left, right, top, bottom] = [Infinity, -Infinity, -Infinity, Infinity];
  for (const polygon of inkOf(pen, cut)) {
    for (const [x, y] of polygon) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.max(top, y);
      bottom = Math.min(bottom, y);
    }
  }
  return { left, right, top, bottom };
});

function joined(pen: Pen, shapes: readonly Pick<FigureShape, 'cut' | 'x' | 'y'>[]): Reach {
  const all = shapes.map(({ cut, x, y }) => ({ x, y, ...reachOf(pen, cut) }));
  return {
    left: Math.min(...all.map(({ x, left }) => x + left)),
    right: Math.max(...all.map(({ x, right }) => x + right)),
    top: Math.max(...all.map(({ y, top }) => y + top)),
    bottom: Math.min(...all.map(({ y, bottom }) => y + bottom)),
  };
}

/** How far the ink of a set line reaches; undefined where nothing is inked. */
export function lineReach(pen: Pen, { placed }: SetLine): Reach | undefined {
  const inked = placed.flatMap((item) => (item.kind === 'missing' ? [] : [item]));
  return inked.length > 0 ? joined(pen, inked) : undefined;
}

/** Length of a set line on paper: of its ink, in letter units; 0 where nothing is inked. */
export function inkedLength(pen: Pen, set: SetLine): NibWidths {
  const reach = lineReach(pen, set);
  return reach ? reach.right - reach.left : 0;
}

/** Text as the hand writes it, joins and all; undefined where it has not one of the letters. */
export const textFigure = (face: Typeface, text: string): Figure | undefined =>
  setFigure(face.pen, setLine(face, text), text);

/** A line that is set already, as it stands; undefined where nothing of it is inked. */
export function setFigure(pen: Pen, set: SetLine, text: string): Figure | undefined {
  const shapes = set.placed.flatMap((item) =>
    item.kind === 'missing'
      ? []
      : [
          {
            cut: item.cut,
            x: item.x,
            y: item.y,
            joins: item.kind === 'join',
            ...(item.kind === 'mark' && { marks: true }),
          },
        ],
  );
  if (shapes.length === 0) return undefined;
  return { text, shapes, reach: joined(pen, shapes), missing: set.missing, labels: [] };
}

/** A letter by itself: a ligature as one shape, whether or not the writing is joined. */
export function letterFigure(face: Typeface, text: string): Figure | undefined {
  const ligature = [...text].length > 1 ? face.letters.get(text) : undefined;
  if (!ligature) return textFigure(face, text);
  const shapes = [{ cut: ligature, x: 0, y: 0, joins: false }];
  return { text, shapes, reach: joined(face.pen, shapes), missing: [], labels: [] };
}

/** One shape of a letter by itself, with its dots. */
export function shapeFigure(face: Typeface, cut: Cut): Figure {
  const shapes = [
    { cut, x: 0, y: 0, joins: false },
    ...dotsOf(face, cut).map((dot) => ({ cut: dot.cut, x: dot.x, y: dot.y, joins: false, marks: true })),
  ];
  return { text: cut.letter.text, shapes, reach: joined(face.pen, shapes), missing: [], labels: [] };
}

/**
 * Strokes of a drill or a picture, written with the band's pen and leaning by `slope`. Under a pressed pen they are
 * pressed by their direction, unless `pressed` says that they bring their own pressure.
 */
export function strokeFigure(
  pen: Pen,
  text: string,
  plans: readonly StrokePlan[],
  {
    slope = 0,
    pressed = false,
    labels = [],
  }: { slope?: Degrees; pressed?: boolean; labels?: Figure['labels'] } = {},
): Figure {
  const upright = plans.map(compileStroke);
  const leant = upright.map((stroke) => sloped(stroke, slope));
  const strokes = pen.kind === 'pointed' && !pressed ? leant.map(pressedByDirection) : leant;
  const cut: Cut = {
    letter: { text, variant: 'drill', family: 'drills', strokes: plans },
    upright,
    strokes,
    get profile() {
      return profileOf(inkOf(pen, cut), tanDeg(slope));
    },
  };
  const shapes = [{ cut, x: 0, y: 0, joins: false }];
  return { text, shapes, reach: joined(pen, shapes), missing: [], labels };
}
