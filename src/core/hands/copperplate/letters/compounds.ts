import { leaves, line, meets, only, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { alongOval, onOval, ovalAt } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import { cosDeg, type Degrees, tanDeg } from '../../../measure/units';
import type { Knot } from '../../../pen/stroke';
import { type CopperplateParts, TOPS } from '../parts';

/** The double curve of x, in fifths of the body: reach of its turns, and how far beside its middle it counts as a shade. */
const WIDE = 1.35;
const ASIDE = 0.75;
/** Its shade falls against the slant; it swells and thins as a raised cosine over this height. */
const FALLING: Degrees = 64;
const SWELLS = 4.4;
/** Heights over its middle, as fractions of half the swell, at which the pressure is set. */
const ALONG = [0.6, 0.4, 0.2, 0, -0.2, -0.4, -0.6];
const swelling = (m: CopperplateParts): Knot[] =>
  ALONG.map((at) => {
    const up = (at * SWELLS) / 2;
    return to(-up / tanDeg(FALLING), m.X / 2 + up, -FALLING, { press: cosDeg(90 * at) ** 2 });
  });

/** n m v x y p: over on the hairline, down, and out under. */
export function compounds(m: CopperplateParts): Shapes {
  const { B, D, T, X, d, above, arch, compound, descend, half, highDot, lighter, lowExit, over, plainTail, raised, spread, squareTop, turns, upTo, upToDot } = m;
  const bowl = ovalAt(m, 0.52 * d, X / 2, X / 2 - half(), 1.32);
  const [right, left] = [ovalAt(m, 1.9, X / 2, X / 2 - half(), 1.1), ovalAt(m, -0.72, X / 2, X / 2 - half(), 0.98)];
  return {
    n: [
      stroke('first stem', over(0), 'Over on the hairline, press, and stop square on the line.'),
      stroke('compound curve', arch(0), 'Up beside the stem, over, press, and out under.'),
    ],
    m: [stroke('first stem', over(0)), stroke('second stem', [turns.rise(0), over(d)]), stroke('compound curve', arch(d))],
    v: [stroke('compound curve', [compound(0), upToDot(0)], 'As the end of n, then up to a dot.'), highDot(0)],
    'v raised': only('word-end', [stroke('compound curve', [compound(0), raised(0)], 'At the end of a word it rises over the waistline and bends back.')]),
    x: [
      stroke(
        'double curve',
        [
          meets({ kind: 'turn', x: -WIDE, y: T, dir: 0 }),
          // Its turns reach farther than those of n: it counts as two shades to its neighbours.
          shadeAt(-ASIDE),
          shadeAt(ASIDE),
          to(-WIDE, T, 0, hair),
          swelling(m),
          to(WIDE, B, 0, hair),
          leaves(lowExit(WIDE)),
        ],
        'Over, press straight towards you, and out under: steeper than other shades, so that the cross opens.',
      ),
      stroke(
        'cross',
        [to(-WIDE - 0.1, B + 0.25, 24, hair), to(0, X / 2, 46), to(WIDE + 0.1, T - 0.25, 24)],
        'A hairline through the middle, up to the right, flatter than a join.',
      ),
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
    'p closed': [
      stroke('stem', [squareTop(0, above(TOPS.p)), line(-spread / 2, D, { press: 1, anchor: 0 })], 'Squared at both ends.'),
      stroke(
        'bowl',
        [alongOval(bowl, 100, -205, 'right'), shadeAt(d), leaves(lowExit(onOval(bowl, -180).x + 0.35))],
        'Out of the stem, over, press down the right, and close on the stem.',
      ),
    ],
    p: [stroke('stem', [squareTop(0, above(TOPS.p)), line(-spread / 2, D, { press: 1, anchor: 0 })], 'Squared at both ends.'), stroke('compound curve', arch(0))],
  };
}
