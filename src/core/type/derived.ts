import type { Letter } from '../hand/letter';
import { lookUp } from '../measure/lookUp';
import type { Degrees } from '../measure/units';
import type { Pen } from '../pen/pen';
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
import { beside, centred, changed, type Drawn, extentOf, lines, moved, strokesOf, turned } from './signParts';

import {
  alone,
  brace,
  bracket,
  chevrons,
  fraction,
  from,
  fromBoth,
  GAP,
  letter,
  MIDDLE,
  mark,
  perCent,
  type Rule,
  raised,
  ring,
  SIGN_WIDTH,
  struckThrough,
} from './signRules';

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

/** Whether this sign can be made from a hand's drawn letters and marks. */
export const canDerive = (text: string, drawn: Drawn): boolean => ruleOf(text)?.(drawn) !== undefined;

/** A sign put together from what the hand has drawn; nothing where it cannot be. */
export function derived(text: string, drawn: Drawn, pen: Pen, slope: Degrees): readonly Cut[] {
  const strokes = ruleOf(text)?.(drawn);
  if (!strokes || strokes.length === 0) return [];
  const made: Letter = { text, variant: 'usual', family: 'signs', strokes };
  return [cutOf(made, pen, slope)];
}
