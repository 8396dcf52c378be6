import { type Shapes, stroke } from '../../../hand/notation';
import { alongOval } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import type { Knot } from '../../../pen/stroke';
import type { CapitalParts } from '../capitalParts';

const start = { press: 0, anchor: 0.5 } as const;

/** O Q C E G: great ovals on the slant. */
export function ovalCapitals({ TALL, k, oval, spot }: CapitalParts): Shapes {
  const ring = alongOval(oval(3.6, 0, TALL, 3.5), 10, 330);
  const lighter = ({ press = 0, ...knot }: Knot): Knot => ({ ...knot, press: press * 0.6 });
  const loop = (y: number) => k(3.3, y, 10, { press: 0, anchor: 0.25 });
  const x = 5.9;
  return {
    O: [
      stroke(
        'oval',
        [ring, k(3.7, 12.0, 180, hair), k(2.4, 9.9, -92), k(4.0, 8.4, 6), k(7.2, 10.4, 52)],
        'One great oval on the slant; on over the top, a turn inside it, and out through its side.',
      ),
    ],
    Q: [
      stroke('oval', [ring, k(3.7, 12.0, 180, hair), k(2.4, 9.9, -92), k(3.2, 8.9, -10)]),
      stroke('tail', [k(0.9, 1.2, 38, start), k(2.9, 1.9, -6, { press: 0.12 }), k(5.6, -0.3, -30, { press: 0.3 }), k(8.2, 0.5, 46, hair)]),
    ],
    C: [stroke('loop and back', [loop(7.4), alongOval(oval(3.2, 0, TALL, 3.3), -50, 186), k(6.2, 3.2, 78, hair)], 'A loop at the head; then the left side of O.')],
    E: [
      stroke(
        'two bows',
        [
          loop(9.1),
          alongOval(oval(3.1, 6.6, TALL, 1.9), -50, 135).map(lighter),
          k(2.95, 6.35, 12, hair),
          k(3.5, 6.95, 94),
          k(2.9, 7.42, 182),
          alongOval(oval(2.7, 0, 7.5, 2.5), 45, 186),
          k(5.6, 3.0, 78, hair),
        ],
        'The lower bow is the larger; a small loop between them.',
      ),
    ],
    G: [
      stroke('loop and back', [loop(8.1), alongOval(oval(3.2, 2.6, TALL, 3.0), -50, 186), k(x, 7.2, 80, hair)]),
      stroke('stem and curl', [k(x, 7.2, -88, { press: 0, anchor: 1 }), k(x + 0.2, 3.9, -91, { press: 1 }), k(x - 1.8, 0, 180, hair), k(x - 3.6, 1.3, 90)]),
      spot(x - 3.46, 1.45),
    ],
  };
}

/** I J T F H K: the compound stem. */
export function stemCapitals({ TALL, cap, h, headWave, k, parts, stem, turn }: CapitalParts): Shapes {
  return {
    I: [...stem(TALL, 0.5), ...headWave],
    J: [
      stroke('stem and loop', [k(0.8, TALL, -106, { press: 0, anchor: 1 }), k(h + 0.06, 8.6, -92, { press: 0.85 }), k(h, 5.0, -90, { press: 1 }), parts.loop.descend(0)]),
      ...headWave,
    ],
    T: [...stem(11.4, 0.3), ...cap],
    F: [...stem(11.4, 0.3), ...cap, stroke('bar', [k(-1.1, 5.9, 40, start), k(0.6, 6.4, 0, hair), k(1.9, 6.9, 60)])],
    H: [
      ...stem(TALL, 0.5),
      ...headWave,
      stroke('second stem', [k(5.4, TALL, -112, { press: 0, anchor: 0 }), k(4.6 - h, 8.6, -92, { press: 0.8 }), turn(4.6)], 'Parallel to the first, out on the turn.'),
      stroke('bar', [k(-0.9, 5.6, 40, start), k(1.6, 6.7, 4), k(4.6, 7.2, 30)]),
    ],
    K: [
      ...stem(TALL, 0.5),
      ...headWave,
      stroke('arm', [k(5.6, 11.4, 150, start), k(4.7, TALL, 196), k(2.4, 9.0, -112, { press: 0.35 }), k(0.2, 6.3, 200, hair)]),
      stroke('leg', [k(0.2, 6.3, 20, { press: 0, anchor: 1 }), k(1.6, 6.6, 4), k(3.5 + h, 4.2, -90, { press: 1 }), turn(3.5)]),
    ],
  };
}

/** P B R D L S: bowls, loops and bows from a stem. */
export function bowlCapitals({ TALL, bowl, h, k, spot, stem, turn }: CapitalParts): Shapes {
  const led = stem(TALL, 0.4);
  return {
    P: [...led, stroke('bowl', bowl(5.9, 3.7, 188), 'In from the left, over, and back to the stem.')],
    B: [...led, stroke('bowls', [bowl(6.7, 3.4, 176), k(0.5, 7.1, 8, hair), k(3.5, 3.3, -92, { press: 0.85 }), k(1.0, 0, 180, hair), k(-0.4, 1.1, 100)])],
    R: [...led, stroke('bowl', bowl(6.5, 3.6, 188)), stroke('leg', [k(0.45, 6.5, 8, { press: 0, anchor: 1 }), k(1.5, 6.6, -4), k(3.4 + h, 4.2, -90, { press: 1 }), turn(3.4)])],
    D: [
      stroke(
        'stem, loop and bow',
        [
          k(0.9, 11.6, -110, start),
          k(0.1, 7.4, -91, { press: 1 }),
          k(-0.2, 3.2, -98, { press: 0.7 }),
          k(-1.3, 0.5, 205, hair),
          k(-2.3, 0.7, 92),
          k(-1.4, 1.2, -6),
          k(1.4, 0, -2),
          k(5.0, 6.2, 91),
          k(1.2, TALL, 180),
          k(-2.6, 9.7, -92),
          k(-1.6, 8.5, 8),
        ],
        'All in one: stem, a loop on the line, and the great bow back over the top.',
      ),
    ],
    L: [
      stroke('loop, stem and foot', [
        k(-1.4, 8.8, -40, start),
        k(0.6, 9.2, 46),
        k(2.0, 11.3, 92),
        k(1.2, TALL, 182),
        k(0.1, 9.4, -91, { press: 0.45 }),
        k(-0.1, 5.0, -92, { press: 1 }),
        k(-1.4, 0.5, 208, hair),
        k(-2.5, 0.7, 92),
        k(-1.5, 1.25, -8),
        k(1.5, 0, -4),
        k(3.2, 1.5, 68),
      ]),
    ],
    S: [
      stroke('loop and spine', [
        k(-1.9, 6.2, 4, start),
        k(1.4, 9.0, 62),
        k(2.3, 11.4, 92),
        k(1.5, TALL, 182),
        k(0.3, 10.3, -90, { press: 0.15 }),
        k(0.85, 7.2, -72, { press: 0.6 }),
        k(1.5, 4.2, -90, { press: 1 }),
        k(-0.6, 0, 180, hair),
        k(-2.4, 1.5, 90),
      ]),
      spot(-2.26, 1.6),
    ],
  };
}

/** A M N V W: hairlines up, shades down, apexes between. */
export function pointedCapitals({ TALL, h, headCurl, headDot, hooked, k, leftLeg, pressedIn, slant, spot }: CapitalParts): Shapes {
  const curled = (x: number, dir: number) => [headCurl, k(0.62, 4.0, -84, { press: 0.8, anchor: 0.6 }), k(x, 0, dir, { press: 0.05 })];
  return {
    A: [
      ...leftLeg(-4.4, -h),
      stroke('shaded leg', pressedIn(0), 'On the slant, pressed in from nothing.'),
      stroke('bar', [k(-3.4, 4.0, 60, start), k(-1.9, 4.7, -4), k(0.9, 4.9, 40)]),
    ],
    M: [...leftLeg(-4.2, 0), slant(0, 0.8, 'first diagonal'), hooked('hairline', 0.8, 0, 76, [[4.6 - h, TALL, 76]]), stroke('second shade', pressedIn(4.6))],
    N: [
      ...leftLeg(-4.2, 0),
      slant(0, 1.3),
      hooked('hairline', 1.3, 0, 74, [
        [4.2, 10.6, 78],
        [5.3, 12.3, 18],
        [5.9, 11.2, -92],
      ]),
      spot(5.8, 11.2),
    ],
    V: [
      stroke('shade', curled(1.15, -80)),
      headDot,
      hooked('hairline', 1.15, 0, 74, [
        [3.7, 10.4, 80],
        [4.7, 12.2, 14],
        [5.3, 11.2, -92],
      ]),
      spot(5.2, 11.2),
    ],
    W: [
      stroke('first shade', curled(1.0, -82)),
      headDot,
      hooked('first hairline', 1.0, 0, 75, [[4.2, TALL, 76]]),
      slant(4.2, 5.1, 'second diagonal'),
      hooked('second hairline', 5.1, 0, 75, [
        [7.8, 10.4, 80],
        [8.8, 12.2, 14],
        [9.4, 11.2, -92],
      ]),
      spot(9.3, 11.2),
    ],
  };
}

/** U Y X Z: curls at the head, turns at the foot. */
export function turnedCapitals({ TALL, cupTo, h, headCurl, headDot, k, parts, pressedIn, scale, spot }: CapitalParts): Shapes {
  const first = stroke('first stem', [headCurl, cupTo(4.5)]);
  return {
    U: [first, headDot, stroke('second stem', pressedIn(4.5), 'Pressed in from nothing.')],
    Y: [
      first,
      headDot,
      stroke('descending loop', [
        k(4.5 - h, TALL, -89, { press: 0, anchor: 0 }),
        k(4.5 + 0.35 * h, 6, -89, { press: 0.7, anchor: 0.8 }),
        k(4.5 + h, 3, -90, { press: 1, anchor: 1 }),
        parts.loop.descend(4.5 * scale),
      ]),
    ],
    X: [
      stroke('left curve', [k(-2.6, 10.3, 96, { press: 0, anchor: 1 }), k(-1.2, TALL, 0), k(0.72, 6.6, -91, { press: 0.95 }), k(-1.4, 0, 180, hair), k(-2.8, 1.5, 90)]),
      spot(-2.46, 10.2),
      spot(-2.66, 1.6),
      stroke('right curve', [k(3.8, 11.1, 100, { press: 0, anchor: 0 }), k(2.8, TALL, 182), k(0.72, 6.0, -90, { press: 0.5 }), k(2.4, 0, 0, hair), k(4.0, 2.4, 74)]),
    ],
    Z: [
      stroke('head and loop', [
        k(-2.7, 9.9, 97, { press: 0, anchor: 1 }),
        k(-0.9, TALL, 0),
        k(1.3, 9.3, -92, { press: 0.85 }),
        k(-1.9, 1.0, 236, { press: 0, leave: 56 }),
        k(0.2, 2.0, 0, { anchor: 1 }),
        k(1.4 + h, -0.6, -90, { press: 0.9 }),
        parts.loop.descend(1.4 * scale),
      ]),
      spot(-2.56, 9.8),
    ],
  };
}
