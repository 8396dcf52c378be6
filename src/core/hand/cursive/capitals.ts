import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Port } from '../letter';
import { type Drawn, leaves, line, type Shapes } from '../notation';
import type { CursiveParts } from './parts';

/** Capitals are written down in tenths of their height. */
const TENTHS = 10;
/** Height of a rounded foot above the baseline, in units. */
const FOOT: NibWidths = 0.45;

/** Capitals of a round cursive hand, by what they are made of: ovals, stems, points. */
export function capitals(p: CursiveParts): Record<'oval' | 'stem' | 'pointed', Shapes> {
  const { B, C, descend, drawn, knot, loopOut, none, port, re, right } = p;
  const u = C / TENTHS;
  /** A knot at a height in tenths. */
  const h = (x: NibWidths, tenths: number, dir?: Degrees, weight?: number, more?: Partial<Knot>): Knot => knot(x, tenths * u, dir, weight, more);
  const toLine = (x: NibWidths): Knot => line(x, FOOT);
  const leaving = (exit: Port, ...strokes: readonly Drawn[]): Drawn[] => strokes.map((one, i) => (i > 0 || exit.kind === 'none' ? one : { ...one, parts: [leaves(exit)] }));
  const oval: Shapes = {
    C: leaving(port('low', 2.4, 0.1, 0, 3.2), drawn('back', [h(4.4, 7.6, 92), h(3.2, 9.9, 178, 0.4), h(0, 4.6, -90), h(2.4, 0.1, 0)])),
    E: leaving(
      port('low', 2.0, 0.1, 0, 3.0),
      drawn('two bows', [h(3.7, 8.2, 96), h(2.5, 10, 180), h(0.6, 7.8, -90, 0.8), h(2.2, 5.5, 0, 0.4), h(1.7, 5.4, 182, 0.4), h(0, 2.8, -90), h(2.0, 0.1, 0)]),
    ),
    G: leaving(
      none,
      drawn('back', [h(4.3, 7.6, 94), h(3.1, 9.9, 178, 0.4), h(0, 4.9, -90), h(2.1, 0.6, 0), h(4.1, 3.4, 84)]),
      drawn('stem', [h(4.2, 4.2, -90), line(4.2, 0.6), knot(3.0, -2.2, 184), knot(1.6, -1.2, 96)]),
    ),
    O: leaving(
      none,
      drawn('oval', [h(2.6, 10, 180), h(0, 4.9, -90), h(2.3, 0.1, 0), h(4.7, 5.1, 90), h(2.7, 9.7, 178, 0.2), h(1.6, 8.6, -92, 0.2), h(2.9, 7.4, 4, 0), h(4.9, 8.3, 40)]),
    ),
    Q: leaving(
      none,
      drawn('oval', [h(2.6, 10, 180), h(0, 4.9, -90), h(2.3, 0.1, 0), h(4.7, 5.1, 90), h(2.6, 10, 180)]),
      drawn('tail', [h(1.4, 1.6, 40, 0), h(2.4, 1.8, -14, 0.4), h(4.0, 0, -44), h(5.7, -0.5, 34)]),
    ),
  };
  const stem: Shapes = {
    B: leaving(
      none,
      drawn('stem', [h(0.3, 9.2, -92), h(0, 6, -90), toLine(0)]),
      drawn('bowls', [
        h(-1.5, 7.4, 84, 0.5),
        h(-0.3, 9.5, 34),
        h(1.5, 10, 0),
        h(3.1, 7.9, -90, 0.85),
        h(1.0, 5.4, 188, 0),
        h(0.9, 5.7, 20, 0),
        h(1.6, 5.6, -28, 0),
        h(3.6, 2.9, -90),
        h(1.4, 0.1, 180),
        h(-1.1, 1.1, 128),
      ]),
    ),
    D: leaving(
      none,
      drawn('stem', [h(0.3, 9.3, -92), h(0, 6, -90), toLine(0)]),
      drawn('bow', [h(-1.7, 7.6, 86, 0.5), h(-0.3, 9.6, 30), h(1.3, 10, 0), h(4.4, 5.2, -90), h(1.4, 0.1, 180), h(-1.4, 1.0, 130)]),
    ),
    F: leaving(
      none,
      drawn('stem', [h(1.0, 9.4, -92), h(0.7, 5.0, -90), h(-0.5, 0.2, 190, 0.8), h(-1.7, 1.0, 110)]),
      drawn('wave', [h(-1.8, 8.0, 80, 0.5), h(-0.7, 9.8, 6, 0), h(1.6, 9.2, -10, 4), h(4.0, 10, 40, 0)]),
      drawn('bar', [h(-0.6, 5.0, 30, 0), h(1.0, 5.2, 0, 0), h(2.9, 5.6, 24, 0)]),
    ),
    H: leaving(
      port('low', 5.1, B, 0, 4.4),
      drawn('first stem', [h(0, 9.4, -90), toLine(0)]),
      drawn('entry', [h(-1.7, 7.6, 86, 0.5), h(-0.9, 9.3, 20, 0), h(0, 9.2, -30, 0)]),
      drawn('second stem', [h(4.1, 9.4, -90), line(3.9, 2.2), knot(5.1, B, 0)]),
      drawn('bar', [h(-0.9, 4.7, 22, 0), h(1.8, 5.1, 4, 0), h(4.9, 5.6, 14, 0)]),
    ),
    I: leaving(none, drawn('stem', [h(-1.3, 7.7, 84, 0.5), h(0.1, 9.9, 4, 0), h(1.3, 8.0, -90), h(0.8, 2.2, -96), h(-0.7, 0.1, 184), h(-1.9, 1.4, 92)])),
    J: leaving(loopOut(1.2), drawn('stem and loop', [h(-1.3, 7.7, 84, 0.5), h(0.1, 9.9, 4, 0), h(re(1.2), 8.0, -90, 1, right), descend(1.2)])),
    K: leaving(
      port('low', 4.3, B, 0, 3.6),
      drawn('stem', [h(0, 9.4, -90), toLine(0)]),
      drawn('entry', [h(-1.7, 7.6, 86, 0.5), h(-0.9, 9.3, 20, 0), h(0, 9.2, -30, 0)]),
      drawn('arm', [h(4.3, 9.9, 206), h(2.0, 6.8, -128, 0.2), h(0.5, 4.9, 200, 0)]),
      drawn('leg', [h(0.9, 5.3, -34, 0.6), h(2.9, 2.4, -76), knot(4.2, B, 0)]),
    ),
    L: leaving(
      port('low', 2.0, 0.1, 0, 3.0),
      drawn('loop, stem and foot', [
        h(0.4, 6.8, 30),
        h(2.3, 8.6, 88),
        h(1.6, 10, 182),
        h(0.5, 7.4, -90, 0.9),
        h(0.1, 2.4, -98),
        h(-1.2, 0.4, 196, 0.3),
        h(-1.5, 0.9, 80, 0),
        h(-0.6, 1.0, -26, 0.6),
        h(2.0, 0.1, 0, 0.6),
      ]),
    ),
    P: leaving(
      none,
      drawn('stem', [h(0.3, 9.2, -92), h(0, 6, -90), toLine(0)]),
      drawn('bowl', [h(-1.5, 7.4, 84, 0.5), h(-0.3, 9.5, 34), h(1.5, 10, 0), h(3.6, 7.4, -90), h(1.5, 4.7, 182), h(0.2, 5.2, 140, 0)]),
    ),
    R: leaving(
      port('low', 4.3, B, 0, 3.7),
      drawn('stem', [h(0.3, 9.2, -92), h(0, 6, -90), toLine(0)]),
      drawn('bowl', [h(-1.5, 7.4, 84, 0.5), h(-0.3, 9.5, 34), h(1.5, 10, 0), h(3.3, 7.7, -90, 0.9), h(1.4, 5.1, 184, 0), h(0.6, 5.3, 150, 0)]),
      drawn('leg', [h(1.0, 5.2, -38, 0.6), h(3.0, 2.4, -76), knot(4.3, B, 0)]),
    ),
    S: leaving(none, drawn('spine', [h(3.6, 8.0, 92), h(2.4, 10, 182), h(0.7, 7.9, -88, 0.75), h(2.0, 5.2, -54), h(3.0, 2.7, -92), h(0.8, 0.1, 182), h(-1.2, 1.6, 104)])),
    T: leaving(
      none,
      drawn('stem', [h(1.2, 9.0, -92), h(0.9, 5.0, -90), h(-0.4, 0.2, 190, 0.8), h(-1.6, 1.0, 110)]),
      drawn('wave', [h(-1.9, 7.9, 80, 0.5), h(-0.8, 9.8, 6, 0), h(1.7, 9.2, -10, 4), h(4.4, 10, 40, 0)]),
    ),
  };
  const pointed: Shapes = {
    A: leaving(
      port('low', 4.5, 0.1, 0, 3.8),
      drawn('left leg', [h(-1.0, 1.0, -80, 0.4), h(-0.2, 0.1, 4, 0), h(1.1, 3.0, 74), h(3.2, 9.8, 73)]),
      drawn('right leg', [h(3.35, 9.5, -90), line(3.35, 2.2), knot(4.55, 0.1, 0)]),
      drawn('bar', [h(-0.4, 3.6, 34, 0), h(1.4, 3.9, 0, 0), h(4.6, 4.3, 14, 0)]),
    ),
    M: leaving(
      port('low', 5.9, B, 0, 5.2),
      drawn('left leg', [h(-1.1, 1.0, -80, 0.4), h(-0.4, 0.1, 4, 0), h(0.5, 3.0, 80), h(1.3, 9.8, 82)]),
      drawn('first diagonal', [h(1.3, 9.5, -84), line(2.6, 0.4)]),
      drawn('hairline', [h(2.6, 0.5, 74, 0), h(4.7, 9.9, 76)]),
      drawn('right leg', [h(4.7, 9.5, -90), line(4.7, 2.2), knot(5.9, B, 0)]),
    ),
    N: leaving(
      none,
      drawn('left leg', [h(-1.1, 1.0, -80, 0.4), h(-0.4, 0.1, 4, 0), h(0.5, 3.0, 82), h(1.1, 9.8, 84)]),
      drawn('diagonal', [h(1.1, 9.5, -82), line(3.2, 0.4)]),
      drawn('hairline', [h(3.2, 0.5, 84, 0), h(4.1, 8.2, 82), h(5.2, 9.9, 20), h(6.0, 9.2, -70, 0.5)]),
    ),
    V: leaving(
      none,
      drawn('shade', [h(-1.7, 7.8, 84, 0.5), h(-0.8, 9.7, 0, 0), h(0.2, 7.4, -86), h(1.5, 0.5, -82)]),
      drawn('hairline', [h(1.5, 0.4, 74, 0), h(3.4, 7.6, 76), h(4.6, 9.9, 16), h(5.3, 9.2, -80, 0.5)]),
    ),
    W: leaving(
      none,
      drawn('first shade', [h(-1.7, 7.8, 84, 0.5), h(-0.8, 9.7, 0, 0), h(0.1, 7.4, -87), h(0.9, 0.5, -84)]),
      drawn('first hairline', [h(0.9, 0.4, 76, 0), h(3.2, 9.7, 77)]),
      drawn('second shade', [h(3.2, 9.4, -86), line(3.9, 0.5)]),
      drawn('second hairline', [h(3.9, 0.4, 76, 0), h(5.9, 7.8, 78), h(7.0, 9.9, 16), h(7.7, 9.2, -80, 0.5)]),
    ),
    X: leaving(
      port('low', 3.7, B, 0, 3.0),
      drawn('curve', [h(-1.4, 7.9, 84, 0.5), h(-0.5, 9.7, 0, 0), h(0.8, 7.2, -84), h(2.3, 2.6, -78), knot(3.7, B, 0)]),
      drawn('cross', [h(4.2, 9.6, 214, 0), h(1.5, 5.0, -118, 0), h(-1.3, 0.3, 214, 0)]),
    ),
    U: leaving(
      port('low', 5.1, B, 0, 4.4),
      drawn('first stem', [h(-1.5, 7.8, 84, 0.5), h(-0.7, 9.6, 0, 0), h(0, 7.6, -90), line(0, 2.6), knot(1.6, B, 0), h(3.6, 5.0, 86)]),
      drawn('second stem', [h(3.9, 9.4, -90), line(3.9, 2.2), knot(5.1, B, 0)]),
    ),
    Y: leaving(
      loopOut(3.7),
      drawn('first stem', [h(-1.5, 7.8, 84, 0.5), h(-0.7, 9.6, 0, 0), h(0, 7.6, -90), h(0, 6.2, -90), h(1.5, 3.9, 0), h(3.4, 6.4, 82)]),
      drawn('loop', [h(3.7, 9.4, -90), descend(3.7)]),
    ),
    Z: leaving(
      loopOut(1.9),
      drawn('head and loop', [
        h(-0.9, 7.8, 80, 0.5),
        h(0.6, 9.9, 0, 0),
        h(2.6, 8.4, -92, 0.9),
        h(-0.6, 0.8, 228, 0.3, { leave: 40 }),
        h(0.7, 1.4, -6, 0),
        knot(re(1.9), -0.6, -90, 1, right),
        descend(1.9),
      ]),
    ),
  };
  return { oval, stem, pointed };
}
