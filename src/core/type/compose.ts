import type { Letter, Mark, Measures, Seat } from '../hand/letter';
import type { Script } from '../hand/script';
import type { Degrees, NibWidths } from '../measure/units';
import type { Pen } from '../pen/pen';
import type { StrokePlan } from '../pen/stroke';
import { type Cut, cutOf } from './cut';
import { canDerive, derived } from './derived';
import type { Typeface } from './face';
import { levelOf, type Profile, topOf } from './profile';

/** Letters that Unicode does not take apart, though a scribe writes a letter and then a stroke through it. */
const CROSSED: ReadonlyMap<string, string> = new Map([
  ['ø', 'o\u0338'],
  ['Ø', 'O\u0338'],
  ['ł', 'l\u0337'],
  ['Ł', 'L\u0337'],
  ['đ', 'd\u0336'],
  ['Đ', 'D\u0335'],
  ['Ð', 'D\u0335'],
  ['ħ', 'h\u0336'],
  ['Ħ', 'H\u0336'],
  ['ŧ', 't\u0335'],
  ['Ŧ', 'T\u0335'],
]);

/** Letters on which a caron is a comma beside the ascender. */
const BESIDE = /^[dtlL]\u030c$/u;
const CARON_BESIDE = '\u0315';
/** Letters without room beneath carry their cedilla, which there is a comma, on top. */
const ON_TOP = /^g\u0327$/u;
const COMMA_OVER = '\u0312';
/** Characters named for a cedilla that are written with a comma. */
const COMMA_BELOW = /^[klnrtKLNRTG]\u0327$/u;
const COMMA_UNDER = '\u0326';

/** Decomposes a character into its letter and marks; undefined where it is a separate letter. */
export function takenApart(
  text: string,
): { readonly base: string; readonly marks: readonly string[] } | undefined {
  const whole = CROSSED.get(text) ?? text.normalize('NFD');
  const [base, ...marks] = whole;
  if (base === undefined || marks.length === 0) return undefined;
  return { base, marks: marks.map((mark) => seated(base + mark) ?? mark) };
}

function seated(pair: string): string | undefined {
  if (BESIDE.test(pair)) return CARON_BESIDE;
  if (ON_TOP.test(pair)) return COMMA_OVER;
  return COMMA_BELOW.test(pair) ? COMMA_UNDER : undefined;
}

/** Letters with marks of the western and central European languages (Latin-1 and Latin Extended-A), and their letter. */
export const MARKED: ReadonlyMap<string, string> = new Map(
  Array.from({ length: 0x180 - 0xc0 }, (_, i) => String.fromCodePoint(0xc0 + i)).flatMap((text) => {
    const base = takenApart(text)?.base;
    return base === undefined ? [] : [[text, base] as const];
  }),
);

/** Every letter a face can write: those drawn, and those it can put marks on. */
export const lettersOf = ({ letters, has }: Pick<Typeface, 'letters' | 'has'>): string[] => [
  ...letters.keys(),
  ...[...MARKED.keys()].filter((text) => !letters.has(text) && has(text)),
];

/** White between a letter and its mark, and between marks, in letter units. */
const CLEAR: NibWidths = 0.42;
/** The part of a letter on which a mark above or below is centred: this fraction of its height from that end. */
const END_SHARE = 0.4;

/**
 * The shapes of any text of a face: those drawn, and letters with marks, composed when first asked for of the drawn
 * letter and the hand's marks. A mark over i or j takes the place of its dot.
 */
export function composer(
  script: Script,
  measures: Measures,
  shapes: ReadonlyMap<string, readonly Cut[]>,
  pen: Pen,
  slope: Degrees,
): Pick<Typeface, 'shapesOf' | 'has'> {
  const marks = new Map((script.marks?.(measures) ?? []).map((mark) => [mark.mark, mark]));
  const composed = new Map<string, readonly Cut[]>();
  const drawn = { shapes, marks, measures };
  const compose = (text: string): readonly Cut[] => {
    const apart = takenApart(text);
    const bases = apart && shapes.get(apart.base);
    if (!bases) return derived(text, drawn, pen, slope);
    const found = apart.marks.map((mark) => marks.get(mark));
    if (!found.every((mark) => mark !== undefined)) return [];
    return bases.map((base) => marked(text, base, found, measures.X, pen, slope));
  };
  return {
    has: (text) => {
      if (shapes.has(text)) return true;
      const apart = takenApart(text);
      if (apart !== undefined && shapes.has(apart.base)) return apart.marks.every((mark) => marks.has(mark));
      return canDerive(text, drawn);
    },
    shapesOf: (text) => {
      const drawn = shapes.get(text) ?? composed.get(text);
      if (drawn) return drawn;
      const made = compose(text);
      composed.set(text, made);
      return made;
    },
  };
}

/** A letter with its marks on it, one after the other. */
function marked(
  text: string,
  base: Cut,
  marks: readonly Mark[],
  body: NibWidths,
  pen: Pen,
  slope: Degrees,
): Cut {
  const over = marks.some(({ seat }) => seat === 'over');
  const bare: Letter = {
    ...base.letter,
    text,
    strokes: over ? base.letter.strokes.filter(({ name }) => name !== 'dot') : base.letter.strokes,
  };
  return marks.reduce(
    (below, mark) => {
      const { x, y, size } = placeOf(mark.seat, below.profile, body);
      const strokes = mark.strokes.map((stroke) => moved(stroke, x, y, size));
      return cutOf({ ...below.letter, strokes: [...below.letter.strokes, ...strokes] }, pen, slope);
    },
    cutOf(bare, pen, slope),
  );
}

const moved = (stroke: StrokePlan, dx: NibWidths, dy: NibWidths, size: number): StrokePlan => ({
  ...stroke,
  knots: stroke.knots.map((knot) => ({ ...knot, x: knot.x * size + dx, y: knot.y * size + dy })),
});

/** Where the centre of a mark lies, and its size. */
interface Place {
  readonly x: NibWidths;
  readonly y: NibWidths;
  readonly size: number;
}

/** Half the height of the band by which a crossing is placed, as a fraction of the letter's height. */
const BAND = 0.06;
/** Height of a crossing through an ascender, likewise. */
const ASCENDER = 0.83;
/** From the left edge of a stem to its middle, in letter units. */
const HALF_STEM: NibWidths = 0.4;

function placeOf(seat: Seat, profile: Profile, body: NibWidths): Place {
  const top = topOf(profile);
  const around = (share: number) => extent(profile, (share - BAND) * top, (share + BAND) * top);
  const low = extent(profile, 0, END_SHARE * top);
  const high = extent(profile, (1 - END_SHARE) * top, top);
  switch (seat) {
    case 'over':
      return { x: middle(high), y: top + CLEAR, size: 1 };
    case 'under':
      return { x: middle(low), y: 0, size: 1 };
    case 'under-right':
      return { x: low[1], y: 0, size: 1 };
    case 'beside':
      return { x: high[1] + CLEAR, y: top, size: 1 };
    case 'across':
      return { x: middle(extent(profile, 0, top)), y: top / 2, size: top / body };
    case 'across-stem':
      return { x: around(0.5)[0] + HALF_STEM, y: top / 2, size: 1 };
    case 'across-ascender':
      return { x: middle(around(ASCENDER)), y: ASCENDER * top, size: 1 };
  }
}

const middle = ([left, right]: readonly [number, number]) => (left + right) / 2;

/** Leftmost and rightmost ink between two heights, along the slope. */
function extent(profile: Profile, from: NibWidths, until: NibWidths): readonly [number, number] {
  let [left, right] = [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (let row = levelOf(profile, from); row <= levelOf(profile, until); row++) {
    const [l, r] = [profile.left[row] ?? Number.NaN, profile.right[row] ?? Number.NaN];
    if (l < left) left = l;
    if (r > right) right = r;
  }
  return left <= right ? [left, right] : [profile.minimum, profile.maximum];
}
