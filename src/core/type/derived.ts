import type { Letter } from '../hand/letter';
import { lookUp } from '../measure/lookUp';
import type { Degrees, NibWidths } from '../measure/units';
import type { Pen } from '../pen/pen';
import type { Knot } from '../pen/stroke';
import { type Cut, cutOf } from './cut';
import {
  capitalEng,
  capitalThorn,
  currency,
  eng,
  eth,
  kra,
  longS,
  pilcrow,
  ringed,
  thorn,
} from './derivedLetters';
import {
  beside,
  centred,
  changed,
  type Drawn,
  extentOf,
  lines,
  markOf,
  moved,
  type Strokes,
  strokesOf,
  turned,
} from './signParts';

/** Size and pen width of small signs, as fractions of the full ones, and their gaps in letter units. */
const SMALL = 0.58;
const SMALL_NIB = 0.6;
const GAP: NibWidths = 1.1;
/** The middle of a sign that stands among small letters, as a share of the body. */
const MIDDLE = 0.5;

/** Depth of brackets and braces below the baseline, their width, and the width of signs. Checked by eye in every hand. */
const BRACKET_FOOT: NibWidths = -1.2;
const HOOK: NibWidths = 0.9;
const SIGN_WIDTH: NibWidths = 3;

/** A rule that puts a sign together; undefined where the hand lacks a part of it. */
type Rule = (drawn: Drawn) => Strokes | undefined;

/** Made from the strokes of one part. */
const from =
  (part: Rule, make: (strokes: Strokes, drawn: Drawn) => Strokes | undefined): Rule =>
  (drawn) => {
    const strokes = part(drawn);
    return strokes && make(strokes, drawn);
  };
/** Made from the strokes of two parts. */
const fromBoth =
  (one: Rule, other: Rule, make: (one: Strokes, other: Strokes) => Strokes): Rule =>
  (drawn) => {
    const [first, second] = [one(drawn), other(drawn)];
    return first && second && make(first, second);
  };
/** A letter's strokes; in hands of one case those of its other case. */
const letter =
  (text: string): Rule =>
  (drawn) =>
    strokesOf(drawn, text) ?? strokesOf(drawn, text.toLowerCase()) ?? strokesOf(drawn, text.toUpperCase());
const mark =
  (text: string): Rule =>
  (drawn) =>
    markOf(drawn, text);

/** A small figure or letter whose head reaches the height of the figures. */
const raised = (text: string): Rule =>
  from(letter(text), (strokes) => {
    const { top } = extentOf(strokes);
    return moved(strokes, 0, top * (1 - SMALL), SMALL, SMALL_NIB);
  });
const lowered = (text: string): Rule =>
  from(letter(text), (strokes) => moved(strokes, 0, 0, SMALL, SMALL_NIB));

const fraction =
  (over: string, under: string): Rule =>
  (drawn) => {
    const [top, slash, bottom] = [raised(over)(drawn), strokesOf(drawn, '/'), lowered(under)(drawn)];
    return top && slash && bottom && beside([top, moved(slash, 0, 0, 0.8, SMALL_NIB), bottom], 0.75 * GAP);
  };

/** A small ring with its middle at a place. */
const ring = (x: NibWidths, y: NibWidths): Rule => from(mark('\u030a'), (strokes) => centred(strokes, x, y));

const perCent =
  (rings: number): Rule =>
  (drawn) => {
    const { A } = drawn.measures;
    const slash = strokesOf(drawn, '/');
    const [high, low] = [ring(0, A - 0.9)(drawn), ring(0, 0.9)(drawn)];
    if (!slash || !high || !low) return undefined;
    return beside([high, moved(slash, 0, 0, 1, SMALL_NIB), ...Array.from({ length: rings }, () => low)], GAP);
  };

/** An accent standing by itself. */
const alone = (text: string): Rule =>
  from(mark(text), (strokes, { measures }) => moved(strokes, 0, measures.X));

const chevrons =
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
function struckThrough(strokes: Strokes, drawn: Drawn): Strokes | undefined {
  const { left, right, top, bottom } = extentOf(strokes);
  const middle = (left + right) / 2;
  const stroke = lines(drawn, [
    [middle, top + 0.9],
    [middle, bottom - 0.9],
  ]);
  return stroke && [...strokes, ...stroke];
}

/** A square bracket: its upright at the left (1) or at the right (-1) of its hooks. */
const bracket =
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
function brace(way: 1 | -1): Rule {
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

/** Signs of any hand: each a rule over what the hand has drawn. */
const RULES: Readonly<Record<string, Rule>> = {
  ı: from(letter('i'), (strokes) => strokes.filter(({ name }) => name !== 'dot')),
  ſ: longS,
  þ: thorn,
  Þ: capitalThorn,
  ð: eth,
  // In hands of one case the capital is the letter.
  Ð: eth,
  ŋ: eng,
  Ŋ: capitalEng,
  ĸ: kra,
  '©': ringed('C'),
  '®': ringed('R'),
  '¶': pilcrow,
  '¤': currency,
  ŀ: (drawn) => {
    const [l, dot] = [strokesOf(drawn, 'l'), RULES['·']?.(drawn)];
    return l && dot && beside([l, dot], GAP);
  },
  Ŀ: (drawn) => {
    const [l, dot] = [strokesOf(drawn, 'L'), RULES['·']?.(drawn)];
    return l && dot && beside([l, dot], 0.3 * GAP);
  },
  ŉ: fromBoth(letter('’'), letter('n'), (comma, n) => beside([comma, n], 0.8 * GAP)),
  '·': from(letter('.'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X)),
  '•': from(letter('.'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X, 1.7)),
  '°': (drawn) => ring(0, drawn.measures.A - 0.8)(drawn),
  '˚': alone('\u030a'),
  '¨': alone('\u0308'),
  '¯': alone('\u0304'),
  '´': alone('\u0301'),
  '`': alone('\u0300'),
  '^': alone('\u0302'),
  '~': from(mark('\u0303'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X, 1.2)),
  '¸': from(mark('\u0327'), (strokes) => strokes),
  '×': from(letter('+'), (strokes) => {
    const { left, right, top, bottom } = extentOf(strokes);
    return turned(strokes, 45, (left + right) / 2, (top + bottom) / 2);
  }),
  '÷': fromBoth(letter('–'), letter('.'), (dash, dot) => {
    const { top, bottom } = extentOf(dash);
    const y = (top + bottom) / 2;
    return [...dash, ...centred(dot, 0, y + 1.15), ...centred(dot, 0, y - 1.15)];
  }),
  '±': fromBoth(letter('+'), letter('–'), (plus, dash) => [
    ...moved(plus, 0, 0.5),
    ...centred(dash, 0, extentOf(plus).bottom - 0.6),
  ]),
  '−': letter('–'),
  '—': from(letter('–'), (strokes) => changed(strokes, (knot) => ({ ...knot, x: knot.x * 2 }))),
  '‚': letter(','),
  // The modifier letter that ŉ is folded to, and the capital of µ: the same shapes under other names.
  ʼ: letter('’'),
  Μ: letter('M'),
  '½': fraction('1', '2'),
  '¼': fraction('1', '4'),
  '¾': fraction('3', '4'),
  '%': perCent(1),
  '‰': perCent(2),
  '¹': raised('1'),
  '²': raised('2'),
  '³': raised('3'),
  ª: raised('a'),
  º: raised('o'),
  $: from(letter('S'), struckThrough),
  '¢': from(letter('c'), struckThrough),
  '¥': from(letter('Y'), (strokes, drawn) => {
    const { left, right, top } = extentOf(strokes);
    const middle = (left + right) / 2;
    const bar = (y: number) => [[middle - 1.3, y] as const, [middle + 1.3, y] as const];
    const bars = lines(drawn, bar(0.42 * top), bar(0.24 * top));
    return bars && [...strokes, ...bars];
  }),
  µ: from(letter('u'), (strokes, drawn) => {
    const { left } = extentOf(strokes);
    const tail = lines(drawn, [
      [left + 0.1, 0.5 * drawn.measures.X],
      [left + 0.1, -2.2],
    ]);
    return tail && [...tail, ...strokes];
  }),
  '#': (drawn) => {
    const { A } = drawn.measures;
    const [low, high] = [0.3 * A, 0.62 * A];
    return lines(
      drawn,
      [
        [0.9, A],
        [0.6, 0],
      ],
      [
        [2.2, A],
        [1.9, 0],
      ],
      [
        [0, high],
        [SIGN_WIDTH, high],
      ],
      [
        [-0.2, low],
        [SIGN_WIDTH - 0.2, low],
      ],
    );
  },
  '|': (drawn) =>
    lines(drawn, [
      [0, drawn.measures.A],
      [0, -1],
    ]),
  '¦': (drawn) =>
    lines(
      drawn,
      [
        [0, drawn.measures.A],
        [0, 0.6 * drawn.measures.A],
      ],
      [
        [0, 0.4 * drawn.measures.A],
        [0, -1],
      ],
    ),
  '\\': (drawn) =>
    lines(drawn, [
      [0, drawn.measures.A],
      [2.4, -0.6],
    ]),
  _: (drawn) =>
    lines(drawn, [
      [0, -0.9],
      [SIGN_WIDTH, -0.9],
    ]),
  '[': bracket(1),
  ']': bracket(-1),
  '¬': (drawn) =>
    lines(drawn, [
      [0, MIDDLE * drawn.measures.X],
      [2.2, MIDDLE * drawn.measures.X],
      [2.2, 0.2 * drawn.measures.X],
    ]),
  '<': chevrons(1, 1),
  '>': chevrons(1, -1),
  '‹': chevrons(1, 1),
  '›': chevrons(1, -1),
  '«': chevrons(2, 1),
  '»': chevrons(2, -1),
  '{': brace(1),
  '}': brace(-1),
};

const ruleOf = (text: string): Rule | undefined => lookUp(RULES, text);

/** Can a hand's drawn letters and marks make this sign? */
export const canDerive = (text: string, drawn: Drawn): boolean => ruleOf(text)?.(drawn) !== undefined;

/** A sign put together from what the hand has drawn; nothing where it cannot be. */
export function derived(text: string, drawn: Drawn, pen: Pen, slope: Degrees): readonly Cut[] {
  const strokes = ruleOf(text)?.(drawn);
  if (!strokes || strokes.length === 0) return [];
  const made: Letter = { text, variant: 'usual', family: 'signs', strokes };
  return [cutOf(made, pen, slope)];
}
