import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Shapes, stroke, to } from '../notation';
import { bow, comma, level, spot, turnedComma } from './spots';

/** Middle of a dot that stands on the line: its lowest corner touches it. */
const LOW: NibWidths = 0.53;
/** Height of hyphens and dashes, slightly below the middle of the body; depth of brackets below the baseline. */
const DASH_AT = 0.46;
const UNDER: NibWidths = -1.2;

/** Punctuation for any hand of the edge; dashes and brackets with the pen turned off the hand's angle. */
export function marks(m: Measures, turns: { readonly dash: Degrees; readonly bracket: Degrees }): Shapes {
  const { X, A, C } = m;
  const [raised, high] = [X - 0.75, A - 0.35];
  const dash = (half: NibWidths) => level(-half, half, DASH_AT * X, turns.dash);
  const bracket = (x: NibWidths, bulge: NibWidths) => stroke('bracket', bow(x, bulge, [A, 0.45 * A, UNDER], turns.bracket));
  return {
    '.': [spot(0, LOW)],
    ',': [comma(0, LOW)],
    ':': [spot(0, LOW), spot(0, raised)],
    ';': [comma(0, LOW), spot(0, raised)],
    '!': [stroke('stem', [to(0, C, -90), line(0, 1.9)]), spot(0, LOW)],
    '?': [stroke('hook', [to(-0.9, C - 0.75, 58), to(0.1, C, 0), to(1.05, C - 1.35, -90), to(0, 3.0, 232), to(-0.05, 1.95, -84)]), spot(-0.02, LOW)],
    "'": [comma(0, high)],
    '’': [comma(0, high)],
    '"': [comma(0, high), comma(1.25, high)],
    '„': [comma(0, LOW), comma(1.25, LOW)],
    '“': [turnedComma(0, high), turnedComma(1.25, high)],
    '”': [comma(0, high), comma(1.25, high)],
    '‘': [turnedComma(0, high)],
    '…': [spot(0, LOW), spot(1.55, LOW), spot(3.1, LOW)],
    '¿': [stroke('hook', [to(0.05, X - 1.95, -96), to(0, X - 3.0, -128), to(-1.05, X - C + 1.35, -90), to(-0.1, X - C, 0), to(0.9, X - C + 0.75, 58)]), spot(0.02, X - LOW)],
    '¡': [stroke('stem', [to(0, X - 1.9, -90), line(0, X - C)]), spot(0, X - LOW)],
    '=': [stroke('upper bar', level(-1.1, 1.1, 0.58 * X, turns.dash)), stroke('lower bar', level(-1.1, 1.1, 0.34 * X, turns.dash))],
    '-': [stroke('hyphen', dash(0.6))],
    '–': [stroke('dash', dash(1.2))],
    '(': [bracket(0.75, 0.9)],
    ')': [bracket(-0.35, -0.9)],
  };
}
