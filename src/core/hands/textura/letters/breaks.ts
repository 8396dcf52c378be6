import { line, type Run, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { tanDeg } from '../../../measure/units';
import type { TexturaParts } from '../parts';

/** How far before the stem of v, w and y their flag counts as one, as a share of the stem distance. */
const FLAG = -0.14;

/** v w y s x z: breaks and diagonals. */
export function breaks({ B, T, X, angle, broke, curl, d, diamond, drop, flag, half, hair, head, held, link, right, rise, shaft, side, turn }: TexturaParts): Shapes {
  /** A flag over the waistline that breaks into a stem at x. */
  const flagged = (x: number, reach: number): Run => {
    const top = T + 0.35;
    return [to(x - reach - 0.25, top - 0.25 * tanDeg(angle)), line(x - reach, top), broke({ x: x - reach, y: top }, x)];
  };
  const left = (x: number, reach = 0.64): Run => [flagged(x, reach), line(x, B + drop), line(x + side, B)];
  /** The bar through x and z, after which the next stem counts from a share of the stem distance. */
  const crossbar = (x1: number, x2: number, last: number) => stroke('bar', [to(x1, 0.5 * X, 0, held(turn.bar)), line(x2, 0.5 * X), shadeAt(last * d)], 'Flatten the pen.');
  const spine = B + 2 * half() + 0.27 + d / tanDeg(angle);
  const [top, base] = [X - half(turn.zigzag), half(turn.zigzag)];
  return {
    v: [stroke('left', [shadeAt(FLAG * d), left(0)], 'Hairline, break, down, and broken off.'), stroke('right', right(d))],
    w: [stroke('left', [shadeAt(FLAG * d), left(0)]), stroke('middle', left(d)), stroke('right', right(2 * d))],
    y: [stroke('left', [shadeAt(FLAG * d), left(0)]), stroke('right', [to(d - side, T), line(d, T - drop), shadeAt(d), curl(d, 0.9, 1.35, -1.35)], 'Down, and away to the left.')],
    s: [
      stroke('spine', [to(0, T - 2 * half()), shadeAt(0), line(0, spine), broke({ x: 0, y: spine }, d), line(d, B + 2 * half())], 'Down, one long break, and down.'),
      stroke('flag', flag(0), 'A break, and out on the hairline.'),
      stroke('base', [to(side - 0.48, B + 0.48 / tanDeg(angle)), line(side, B), shadeAt(0.93 * d)], 'Closes it at the foot.'),
    ],
    x: [
      head(0),
      shaft(0, X - rise, B + 0.46),
      stroke('foot', [to(0, B + 0.46), broke({ x: 0, y: B + 0.46 }, 0.41), hair(0.41, B, 0.4)], undefined, { finishes: true }),
      link(0, 0.82 * d),
      stroke('flag', diamond(0.82 * d, T - 0.3, 0.42)),
      stroke('tail', [to(0, B + 0.5), line(-0.56, B + 0.5 - 0.56 * tanDeg(angle))], 'A hairline to the left.'),
      crossbar(-0.7, 1, 0.72),
    ],
    z: [
      stroke('head', [to(-0.42, top - 0.3, 34, held(turn.zigzag)), to(-0.05, top, 0), line(1.25, top)], 'Flatten the pen a little.'),
      stroke('diagonal', [to(1.25, top, undefined, held(turn.zigzag)), line(0, base), shadeAt(0)]),
      stroke('foot', [to(0, base, 0, held(turn.zigzag)), line(1.15, base), line(1.57, base + 0.3)]),
      crossbar(-0.15, 1.35, 0.8),
    ],
  };
}
