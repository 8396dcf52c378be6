import type { Degrees, NibWidths } from '../measure/units';
import type { Knot } from '../pen/stroke';
import {
  beside,
  centred,
  type Drawn,
  extentOf,
  lines,
  markOf,
  moved,
  type Strokes,
  strokesOf,
} from './signParts';

/** Size and pen width of small signs, as fractions of the full ones, and their gaps in letter units. */
const SMALL = 0.58;
const SMALL_NIB = 0.6;
export const GAP: NibWidths = 1.1;
/** The middle of a sign that stands among small letters, as a share of the body. */
export const MIDDLE = 0.5;

/** Depth of brackets and braces below the baseline, their width, and the width of signs. Checked by eye in every hand. */
const BRACKET_FOOT: NibWidths = -1.2;
const HOOK: NibWidths = 0.9;
export const SIGN_WIDTH: NibWidths = 3;

/** A rule that puts a sign together; undefined where the hand lacks a part of it. */
export type Rule = (drawn: Drawn) => Strokes | undefined;

/** Made from the strokes of one part. */
export const from =
  (part: Rule, make: (strokes: Strokes, drawn: Drawn) => Strokes | undefined): Rule =>
  (drawn) => {
    const strokes = part(drawn);
    return strokes && make(strokes, drawn);
  };
/** Made from the strokes of two parts. */
export const fromBoth =
  (one: Rule, other: Rule, make: (one: Strokes, other: Strokes) => Strokes): Rule =>
  (drawn) => {
    const [first, second] = [one(drawn), other(drawn)];
    return first && second && make(first, second);
  };
/** A letter's strokes; in hands of one case those of its other case. */
export const letter =
  (text: string): Rule =>
  (drawn) =>
    strokesOf(drawn, text) ?? strokesOf(drawn, text.toLowerCase()) ?? strokesOf(drawn, text.toUpperCase());
export const mark =
  (text: string): Rule =>
  (drawn) =>
    markOf(drawn, text);

/** A small figure or letter whose head reaches the height of the figures. */
export const raised = (text: string): Rule =>
  from(letter(text), (strokes) => {
    const { top } = extentOf(strokes);
    return moved(strokes, 0, top * (1 - SMALL), SMALL, SMALL_NIB);
  });
const lowered = (text: string): Rule =>
  from(letter(text), (strokes) => moved(strokes, 0, 0, SMALL, SMALL_NIB));

export const fraction =
  (over: string, under: string): Rule =>
  (drawn) => {
    const [top, slash, bottom] = [raised(over)(drawn), strokesOf(drawn, '/'), lowered(under)(drawn)];
    return top && slash && bottom && beside([top, moved(slash, 0, 0, 0.8, SMALL_NIB), bottom], 0.75 * GAP);
  };

/** A small ring with its middle at a place. */
export const ring = (x: NibWidths, y: NibWidths): Rule =>
  from(mark('\u030a'), (strokes) => centred(strokes, x, y));

export const perCent =
  (rings: number): Rule =>
  (drawn) => {
    const { A } = drawn.measures;
    const slash = strokesOf(drawn, '/');
    const [high, low] = [ring(0, A - 0.9)(drawn), ring(0, 0.9)(drawn)];
    if (!slash || !high || !low) return undefined;
    return beside([high, moved(slash, 0, 0, 1, SMALL_NIB), ...Array.from({ length: rings }, () => low)], GAP);
  };

/** An accent standing by itself. */
export const alone = (text: string): Rule =>
  from(mark(text), (strokes, { measures }) => moved(strokes, 0, measures.X));

export const chevrons =
  (count: number, way: 1 | -1): Rule =>
  (drawn) => {
    const middle = MIDDLE * drawn.measures.X;
    const half = 0.26 * drawn.measures.X;
    const at = (i: number) => i * 1.25 * way;
    return lines(
      drawn,
      ...Array.from({ length: count }, (_, i) => [
        [at(i) + 0.9 * way, middle + half] as const,
        [at(i), middle] as const,
        [at(i) + 0.9 * way, middle - half] as const,
      ]),
    );
  };

/** A letter with an upright line through its middle, beyond both ends. */
export function struckThrough(strokes: Strokes, drawn: Drawn): Strokes | undefined {
  const { left, right, top, bottom } = extentOf(strokes);
  const middle = (left + right) / 2;
  const stroke = lines(drawn, [
    [middle, top + 0.9],
    [middle, bottom - 0.9],
  ]);
  return stroke && [...strokes, ...stroke];
}

/** A square bracket: its upright at the left (1) or at the right (-1) of its hooks. */
export const bracket =
  (way: 1 | -1): Rule =>
  (drawn) => {
    const { A } = drawn.measures;
    const stem = way === 1 ? 0 : HOOK;
    return lines(
      drawn,
      [
        [stem, A],
        [stem, BRACKET_FOOT],
      ],
      [
        [0, A],
        [HOOK, A],
      ],
      [
        [0, BRACKET_FOOT],
        [HOOK, BRACKET_FOOT],
      ],
    );
  };

/** Directions of a bow of a brace at its open end and at its point, by the side it turns to; between them it comes straight down. */
const BOW: Readonly<Record<'left' | 'right', readonly [end: Degrees, point: Degrees]>> = {
  left: [190, 215],
  right: [-10, -35],
};
const DOWN: Degrees = -90;

/** A brace that opens to the right (1) or to the left (-1): two bows that meet in a point at the middle. */
export function brace(way: 1 | -1): Rule {
  return (drawn) => {
    const { A } = drawn.measures;
    const middle = (A + BRACKET_FOOT) / 2;
    const [open, upright, point] = [way * HOOK, way * 0.35, way * -0.25];
    const bows = lines(
      drawn,
      [
        [open, A],
        [upright, A - 0.5],
        [upright, middle + 0.6],
        [point, middle],
      ],
      [
        [point, middle],
        [upright, middle - 0.6],
        [upright, BRACKET_FOOT + 0.5],
        [open, BRACKET_FOOT],
      ],
    );
    const [upper, lower] = way === 1 ? [BOW.left, BOW.right] : [BOW.right, BOW.left];
    const directions = [
      [upper[0], DOWN, DOWN, upper[1]],
      [lower[1], DOWN, DOWN, lower[0]],
    ];
    return bows?.map((bow, i) => ({
      ...bow,
      knots: bow.knots.map(({ line: _, ...knot }, k): Knot => {
        const dir = directions[i]?.[k];
        // Only the middle of a bow is straight.
        return { ...knot, ...(dir !== undefined && { dir }), ...(k === 2 && { line: true }) };
      }),
    }));
  };
}
