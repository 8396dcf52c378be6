import { leaves, line, meets, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { alongOval, onOval, ovalAt } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import { type CopperplateParts, TOPS } from '../parts';

/** n m v x y p: over on the hairline, down, and out under. */
export function compounds(m: CopperplateParts): Shapes {
  const { B, D, T, X, d, above, arch, compound, descend, half, highDot, lighter, lowExit, over, plainTail, spread, squareTop, turns, upTo, upToDot } = m;
  const [right, left] = [ovalAt(m, 1.9, X / 2, X / 2 - half(), 1.1), ovalAt(m, -0.72, X / 2, X / 2 - half(), 0.98)];
  return {
    n: [
      stroke('first stem', over(0), 'Over on the hairline, press, and stop square on the line.'),
      stroke('compound curve', arch(0), 'Up beside the stem, over, press, and out under.'),
    ],
    m: [stroke('first stem', over(0)), stroke('second stem', [turns.rise(0), over(d)]), stroke('compound curve', arch(d))],
    v: [stroke('compound curve', [compound(0), upToDot(0)], 'As the end of n, then up to a dot.'), highDot(0)],
    x: [
      stroke('compound curve', compound(0)),
      stroke('cross', [to(-1.05, B + 0.1, 36, hair), to(0, 2.45, 62), to(1.05, T - 0.1, 36)], 'A hairline through the middle, up to the right.'),
    ],
    'x two curves': [
      stroke(
        'left curve',
        [meets({ kind: 'turn', x: onOval(left, 0).x - 0.2, y: T, dir: 0 }), shadeAt(-0.9), lighter(alongOval(left, 40, -180, 'right'))],
        'Over, and press down the right side.',
      ),
      stroke('right curve', [alongOval(right, -40, 180), shadeAt(1.45), leaves(lowExit(onOval(right, 180).x))], 'A c set against its back.'),
    ],
    y: [stroke('compound curve', [compound(0), upTo(d)]), stroke('descending loop', descend(d))],
    'y plain stem': [stroke('compound curve', [compound(0), upTo(d)]), stroke('stem', plainTail(d))],
    p: [stroke('stem', [squareTop(0, above(TOPS.p)), line(-spread / 2, D, { press: 1, anchor: 0 })], 'Squared at both ends.'), stroke('compound curve', arch(0))],
  };
}
