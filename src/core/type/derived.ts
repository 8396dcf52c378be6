import type { Letter, Mark, Measures } from '../hand/letter';
import { cosDeg, type Degrees, type NibWidths, sinDeg } from '../measure/units';
import type { Pen } from '../pen/pen';
import type { Knot, StrokePlan } from '../pen/stroke';
import { type Cut, cutOf } from './cut';

/** What signs are put together from: the letters and marks a hand has drawn. */
export interface Drawn {
  readonly shapes: ReadonlyMap<string, readonly Cut[]>;
  readonly marks: ReadonlyMap<string, Mark>;
  readonly measures: Measures;
}

type Strokes = readonly StrokePlan[];
/** A rule that puts a sign together; undefined where the hand lacks a part of it. */
type Rule = (drawn: Drawn) => Strokes | undefined;

const strokesOf = ({ shapes }: Drawn, text: string): Strokes | undefined =>
  shapes.get(text)?.[0]?.letter.strokes;
const markOf = ({ marks }: Drawn, mark: string): Strokes | undefined => marks.get(mark)?.strokes;

const changed = (strokes: Strokes, change: (knot: Knot) => Knot, nib?: number): Strokes =>
  strokes.map((stroke) => ({
    ...stroke,
    ...(nib !== undefined && { nib: (stroke.nib ?? 1) * nib }),
    knots: stroke.knots.map(change),
  }));

const moved = (strokes: Strokes, dx: NibWidths, dy: NibWidths, size = 1, nib?: number): Strokes =>
  changed(strokes, (knot) => ({ ...knot, x: knot.x * size + dx, y: knot.y * size + dy }), nib);

/** Turned about a place, directions with it; the pen keeps its angle. */
const turned = (strokes: Strokes, by: Degrees, x: NibWidths, y: NibWidths): Strokes =>
  changed(strokes, (knot) => ({
    ...knot,
    x: x + (knot.x - x) * cosDeg(by) - (knot.y - y) * sinDeg(by),
    y: y + (knot.x - x) * sinDeg(by) + (knot.y - y) * cosDeg(by),
    ...(knot.dir !== undefined && { dir: knot.dir + by }),
    ...(knot.leave !== undefined && { leave: knot.leave + by }),
  }));

interface Extent {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Extremes of the skeleton. */
function extentOf(strokes: Strokes): Extent {
  const knots = strokes.flatMap((stroke) => stroke.knots);
  const [xs, ys] = [knots.map(({ x }) => x), knots.map(({ y }) => y)];
  return { left: Math.min(...xs), right: Math.max(...xs), top: Math.max(...ys), bottom: Math.min(...ys) };
}

/** Strokes with the middle of their skeleton at a place. */
function centred(strokes: Strokes, x: NibWidths, y: NibWidths, size = 1, nib?: number): Strokes {
  const { left, right, top, bottom } = extentOf(strokes);
  return moved(strokes, x - (size * (left + right)) / 2, y - (size * (top + bottom)) / 2, size, nib);
}

/** Parts side by side, `gap` between their skeletons. */
function beside(parts: readonly Strokes[], gap: NibWidths): Strokes {
  let x = 0;
  return parts.flatMap((strokes) => {
    const { left, right } = extentOf(strokes);
    const placed = moved(strokes, x - left, 0);
    x += right - left + gap;
    return placed;
  });
}

/** A straight or bent line written as the hand writes its hyphen: same turn, same pressure. */
function lines(
  drawn: Drawn,
  ...paths: readonly (readonly (readonly [x: number, y: number])[])[]
): Strokes | undefined {
  const like = strokesOf(drawn, '-')?.[0]?.knots[0];
  if (!like) return undefined;
  const { turn, press, anchor } = like;
  const touch = {
    ...(turn !== undefined && { turn }),
    ...(press !== undefined && { press }),
    ...(anchor !== undefined && { anchor }),
  };
  return paths.map((path) => ({
    name: 'line',
    knots: path.map(([x, y], i): Knot => ({ x, y, ...(i > 0 && { line: true }), ...touch })),
  }));
}

/** Small signs are written this large, with a pen so much as wide; their gaps, in letter units. */
const SMALL = 0.58;
const SMALL_NIB = 0.6;
const GAP: NibWidths = 1.1;
/** The middle of a sign that stands among small letters, as a share of the body. */
const MIDDLE = 0.5;

const with2 =
  (
    make: (drawn: Drawn, a: Strokes, b: Strokes) => Strokes | undefined,
    a: (drawn: Drawn) => Strokes | undefined,
    b: (drawn: Drawn) => Strokes | undefined,
  ): Rule =>
  (drawn) => {
    const [first, second] = [a(drawn), b(drawn)];
    return first && second && make(drawn, first, second);
  };
/** A letter's strokes; in hands of one case those of its other case. */
const letter = (text: string) => (drawn: Drawn) =>
  strokesOf(drawn, text) ?? strokesOf(drawn, text.toLowerCase()) ?? strokesOf(drawn, text.toUpperCase());
const mark = (text: string) => (drawn: Drawn) => markOf(drawn, text);
const map =
  (
    part: (drawn: Drawn) => Strokes | undefined,
    make: (strokes: Strokes, drawn: Drawn) => Strokes | undefined,
  ): Rule =>
  (drawn) => {
    const strokes = part(drawn);
    return strokes && make(strokes, drawn);
  };

/** A small figure or letter whose head reaches the height of the figures. */
const raised = (text: string): Rule =>
  map(letter(text), (strokes) => {
    const { top } = extentOf(strokes);
    return moved(strokes, 0, top * (1 - SMALL), SMALL, SMALL_NIB);
  });
const lowered = (text: string): Rule =>
  map(letter(text), (strokes) => moved(strokes, 0, 0, SMALL, SMALL_NIB));

const fraction =
  (over: string, under: string): Rule =>
  (drawn) => {
    const [top, slash, bottom] = [raised(over)(drawn), strokesOf(drawn, '/'), lowered(under)(drawn)];
    return top && slash && bottom && beside([top, moved(slash, 0, 0, 0.8, SMALL_NIB), bottom], 0.75 * GAP);
  };

/** A small ring with its middle at a place. */
const ring = (x: NibWidths, y: NibWidths): Rule => map(mark('\u030a'), (strokes) => centred(strokes, x, y));

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
  map(mark(text), (strokes, { measures }) => moved(strokes, 0, measures.X));

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

/** Signs of any hand: each a rule over what the hand has drawn. */
const RULES: Readonly<Record<string, Rule>> = {
  ı: map(letter('i'), (strokes) => strokes.filter(({ name }) => name !== 'dot')),
  // In hands of one case the long s is the s.
  ſ: map(letter('f'), (strokes, { shapes }) =>
    strokes.length > 1 && shapes.has('F') ? strokes.filter(({ name }) => name !== 'bar') : undefined,
  ),
  ŀ: (drawn) => {
    const [l, dot] = [strokesOf(drawn, 'l'), RULES['·']?.(drawn)];
    return l && dot && beside([l, dot], GAP);
  },
  Ŀ: (drawn) => {
    const [l, dot] = [strokesOf(drawn, 'L'), RULES['·']?.(drawn)];
    return l && dot && beside([l, dot], 0.3 * GAP);
  },
  ŉ: with2((_, comma, n) => beside([comma, n], 0.8 * GAP), letter('’'), letter('n')),
  '·': map(letter('.'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X)),
  '•': map(letter('.'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X, 1.7)),
  '°': (drawn) => ring(0, drawn.measures.A - 0.8)(drawn),
  '˚': alone('\u030a'),
  '¨': alone('\u0308'),
  '¯': alone('\u0304'),
  '´': alone('\u0301'),
  '`': alone('\u0300'),
  '^': alone('\u0302'),
  '~': map(mark('\u0303'), (strokes, { measures }) => centred(strokes, 0, MIDDLE * measures.X, 1.2)),
  '¸': map(mark('\u0327'), (strokes) => strokes),
  '×': map(letter('+'), (strokes) => {
    const { left, right, top, bottom } = extentOf(strokes);
    return turned(strokes, 45, (left + right) / 2, (top + bottom) / 2);
  }),
  '÷': with2(
    (_, dash, dot) => {
      const { top, bottom } = extentOf(dash);
      const y = (top + bottom) / 2;
      return [...dash, ...centred(dot, 0, y + 1.15), ...centred(dot, 0, y - 1.15)];
    },
    letter('–'),
    letter('.'),
  ),
  '±': with2(
    (_, plus, dash) => [...moved(plus, 0, 0.5), ...centred(dash, 0, extentOf(plus).bottom - 0.6)],
    letter('+'),
    letter('–'),
  ),
  '−': letter('–'),
  '—': map(letter('–'), (strokes) => changed(strokes, (knot) => ({ ...knot, x: knot.x * 2 }))),
  '‚': letter(','),
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
  $: map(letter('S'), (strokes, drawn) => struckThrough(strokes, drawn)),
  '¢': map(letter('c'), (strokes, drawn) => struckThrough(strokes, drawn)),
  '¥': map(letter('Y'), (strokes, drawn) => {
    const { left, right, top } = extentOf(strokes);
    const middle = (left + right) / 2;
    const bar = (y: number) => [[middle - 1.3, y] as const, [middle + 1.3, y] as const];
    const bars = lines(drawn, bar(0.42 * top), bar(0.24 * top));
    return bars && [...strokes, ...bars];
  }),
  µ: map(letter('u'), (strokes, drawn) => {
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
        [3, high],
      ],
      [
        [-0.2, low],
        [2.8, low],
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
      [3, -0.9],
    ]),
  '[': (drawn) =>
    lines(
      drawn,
      [
        [0, drawn.measures.A],
        [0, -1.2],
      ],
      [
        [0, drawn.measures.A],
        [0.9, drawn.measures.A],
      ],
      [
        [0, -1.2],
        [0.9, -1.2],
      ],
    ),
  ']': (drawn) =>
    lines(
      drawn,
      [
        [0.9, drawn.measures.A],
        [0.9, -1.2],
      ],
      [
        [0, drawn.measures.A],
        [0.9, drawn.measures.A],
      ],
      [
        [0, -1.2],
        [0.9, -1.2],
      ],
    ),
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

/** A brace: two bows that meet in a point at the middle. */
function brace(way: 1 | -1): Rule {
  return (drawn) => {
    const { A } = drawn.measures;
    const middle = (A - 1.2) / 2;
    const x = (value: number) => way * value;
    const bent = lines(
      drawn,
      [
        [x(0.9), A],
        [x(0.35), A - 0.5],
        [x(0.35), middle + 0.6],
        [x(-0.25), middle],
      ],
      [
        [x(-0.25), middle],
        [x(0.35), middle - 0.6],
        [x(0.35), -0.7],
        [x(0.9), -1.2],
      ],
    );
    const [down, up] = way === 1 ? [-90, -90] : [-90, -90];
    const ways: readonly (Degrees | undefined)[][] = [
      [way === 1 ? 190 : -10, down, up, way === 1 ? 215 : -35],
      [way === 1 ? -35 : 215, down, up, way === 1 ? -10 : 190],
    ];
    return bent?.map((stroke, i) => ({
      ...stroke,
      knots: stroke.knots.map(({ line: _, ...knot }, k): Knot => {
        const dir = ways[i]?.[k];
        return { ...knot, ...(dir !== undefined && { dir }), ...(k === 2 && { line: true }) };
      }),
    }));
  };
}

/** Can a hand's drawn letters and marks make this sign? */
export const canDerive = (text: string, drawn: Drawn): boolean => RULES[text]?.(drawn) !== undefined;

/** A sign put together from what the hand has drawn; nothing where it cannot be. */
export function derived(text: string, drawn: Drawn, pen: Pen, slope: Degrees): readonly Cut[] {
  const strokes = Object.hasOwn(RULES, text) ? RULES[text]?.(drawn) : undefined;
  if (!strokes || strokes.length === 0) return [];
  const made: Letter = { text, variant: 'usual', family: 'signs', strokes };
  return [cutOf(made, pen, slope)];
}
