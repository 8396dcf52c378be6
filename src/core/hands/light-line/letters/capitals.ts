import type { Port } from '../../../hand/letter';
import { type Drawn, leaves, type Run, type Shapes, stroke } from '../../../hand/notation';
import type { Degrees, NibWidths } from '../../../measure/units';
import type { LightLineParts } from '../parts';

/** A place of a capital: x and y in tenths of its height, direction, pressure, and direction on leaving a corner. */
type Place = readonly [x: number, y: number, dir: Degrees, press?: number, leave?: Degrees];

const STEM: readonly Place[] = [
  [1.3, 9.7, -104],
  [0.45, 6.2, -94, 0.25],
  [0.1, 2.9, -92, 1],
  [-0.95, 0.02, 186],
  [-2.1, 1.05, 98],
];
const HEAD: readonly Place[] = [
  [-1.7, 7.0, 92],
  [-0.4, 9.3, 34],
  [1.3, 9.7, -8],
];
const LEG: readonly Place[] = [
  [-2.5, 1.25, -78],
  [-1.7, 0.02, 8],
  [0.3, 4.6, 69],
  [1.5, 9.95, 78],
];
const CURL: readonly Place[] = [
  [-1.7, 7.0, 92],
  [-0.6, 9.4, 20],
  [0.25, 8.0, -88, 0.2],
];
const moved = (places: readonly Place[], dx: number): Place[] => places.map(([x, ...rest]) => [x + dx, ...rest]);

const TENTHS = 10;
/** Width of the loops of J, Y and Z. */
const LOOP: NibWidths = 1.9;

/** Capitals: a shade low in the stem, curls at the head, and legs in one hairline from the foot. */
export function lightCapitals({ B, C, D, knot, port }: LightLineParts): Record<'oval' | 'stem' | 'pointed', Shapes> {
  const u = C / TENTHS;
  const way = (places: readonly Place[]): Run =>
    places.map(([x, y, dir, press, leave]) => knot(x * u, y < 0 ? y * u : Math.max(B, y * u), dir, press, leave === undefined ? {} : { leave }));
  const drawn = (name: string, ...places: readonly (readonly Place[])[]): Drawn => stroke(name, places.map(way));
  const leaving = (exit: Port, ...strokes: readonly Drawn[]): Drawn[] => strokes.map((one, i) => (i > 0 ? one : { ...one, parts: [leaves(exit)] }));
  const low = (x: number, tenths: number, side: number): Port => port('low', x * u, Math.max(B, tenths * u), 0, side * u);
  /** From a stem at x into a descending loop. */
  const loopFrom = (name: string, x: number, places: readonly Place[]): Drawn =>
    stroke(name, [way(places), knot(x * u - 0.6 * LOOP, D, 180), knot(x * u - LOOP, 0.74 * D, 86), knot(x * u + 0.25, 0.1, 58)]);
  const loopOut = (x: number): Port => port('loop', x * u + 0.25, 0.1, 58, x * u);
  const oval: Shapes = {
    C: leaving(
      low(2.0, 0.02, 2.6),
      drawn('back', [
        [1.9, 7.0, -14],
        [3.5, 8.6, 84],
        [2.75, 9.98, 180],
        [0, 4.2, -90, 0.9],
        [2.0, 0.02, 0],
      ]),
    ),
    E: leaving(
      low(1.8, 0.02, 2.4),
      drawn('two bows', [
        [2.1, 7.6, -14],
        [3.3, 8.8, 86],
        [2.55, 9.98, 180],
        [0.8, 7.8, -90, 0.2],
        [2.0, 5.6, 6],
        [2.4, 6.0, 100],
        [1.9, 6.2, 190],
        [0, 2.9, -90, 0.9],
        [1.8, 0.02, 0],
      ]),
    ),
    G: [
      drawn('back', [
        [2.0, 7.0, -14],
        [3.7, 8.6, 84],
        [2.9, 9.98, 180],
        [0.3, 5.6, -90, 0.2],
        [1.9, 2.6, 0],
        [4.0, 5.7, 74],
      ]),
      drawn('stem', [
        [4.0, 5.7, -92],
        [3.95, 3.0, -91, 1],
        [2.5, 0.02, 186],
        [1.1, 1.0, 98],
      ]),
    ],
    O: [
      drawn('oval', [
        [2.5, 9.98, 180],
        [0, 4.6, -90, 0.9],
        [2.1, 0.02, 0],
        [4.6, 5.3, 88],
        [2.6, 9.5, 180],
        [1.5, 7.7, -92],
        [2.7, 6.6, 8],
        [4.8, 8.2, 52],
      ]),
    ],
    Q: [
      drawn('oval', [
        [2.5, 9.98, 180],
        [0, 4.6, -90, 0.9],
        [2.1, 0.02, 0],
        [4.6, 5.3, 88],
        [2.6, 9.6, 180],
        [1.5, 7.9, -92],
      ]),
      drawn('tail', [
        [0.9, 1.2, 40],
        [2.2, 1.3, -12, 0.15],
        [3.8, -0.3, -30, 0.2],
        [5.4, 0.3, 44],
      ]),
    ],
  };
  const stem: Shapes = {
    B: [
      drawn('stem', STEM),
      drawn('bowls', [
        [-1.7, 6.6, 92],
        [-0.3, 9.2, 42],
        [1.8, 10, 0],
        [3.35, 8.0, -95, 0.25],
        [1.25, 5.35, 190],
        [0.85, 5.7, 70],
        [1.5, 5.8, -20],
        [3.7, 3.0, -92, 0.7],
        [1.4, 0.02, 180],
        [-0.7, 1.1, 112],
      ]),
    ],
    D: [
      drawn('stem, loop and bow', [
        [1.6, 9.4, -108],
        [0.5, 6.2, -94, 0.3],
        [0.1, 3.0, -96, 1],
        [-1.1, 0.3, 202],
        [-2.0, 0.6, 88],
        [-1.2, 1.0, -8],
        [1.3, 0.02, 0],
        [4.7, 5.2, 90],
        [1.7, 9.98, 180],
        [-1.6, 7.7, -92],
        [-0.8, 6.8, 10],
      ]),
    ],
    F: [
      drawn('stem', [
        [1.9, 9.15, -102],
        [1.0, 6.2, -94, 0.2],
        [0.7, 2.9, -92, 1],
        [-0.35, 0.02, 186],
        [-1.6, 1.05, 98],
      ]),
      drawn('wave', [
        [-1.6, 7.3, 92],
        [-0.5, 9.5, 14],
        [1.8, 9.2, -8],
        [4.7, 10, 44],
      ]),
      drawn('bar', [
        [-0.2, 5.2, 40],
        [1.1, 5.4, 0],
        [2.3, 6.0, 60],
      ]),
    ],
    H: leaving(
      low(4.9, 0.02, 4.3),
      drawn('stem', STEM),
      drawn('entry', HEAD),
      drawn('second stem', [
        [5.6, 9.9, -106],
        [4.5, 6.2, -93, 0.2],
        [4.3, 2.0, -90, 0.2],
        [4.9, 0.02, 0],
      ]),
      drawn('bar', [
        [-0.7, 4.7, 30],
        [1.8, 5.2, 4],
        [5.2, 5.9, 22],
      ]),
    ),
    I: [
      drawn('stem', [
        [-1.8, 6.3, -80],
        [-0.8, 5.3, 12],
        [1.5, 8.2, 70],
        [1.7, 9.9, 150],
        [0.75, 7.0, -95, 0.15],
        [0.35, 2.9, -92, 1],
        [-0.7, 0.02, 186],
        [-1.9, 1.05, 98],
      ]),
    ],
    J: leaving(
      loopOut(0.5),
      loopFrom('stem and loop', 0.5, [
        [-1.8, 6.3, -80],
        [-0.8, 5.3, 12],
        [1.5, 8.2, 70],
        [1.7, 9.9, 150],
        [0.75, 7.0, -94, 0.15],
        [0.5, 2.4, -90, 1],
        [0.5, -0.6, -90, 0.55],
      ]),
    ),
    K: leaving(
      low(3.6, 0.02, 3.0),
      drawn('stem', STEM),
      drawn('entry', HEAD),
      drawn('arm and leg', [
        [4.9, 9.6, 205],
        [2.6, 7.3, -125, 0.2],
        [0.6, 5.3, 200],
        [1.4, 5.3, -18, 0],
        [3.0, 2.2, -84, 0.75],
        [3.6, 0.02, 0],
      ]),
    ),
    L: leaving(
      low(1.5, 0.02, 2.2),
      drawn('loop, stem and foot', [
        [-0.9, 6.6, -16],
        [1.9, 8.7, 84],
        [1.3, 9.98, 180],
        [0.35, 7.0, -92, 0.2],
        [0.1, 3.0, -95, 0.95],
        [-1.1, 0.3, 202],
        [-1.9, 0.6, 88],
        [-1.1, 1.0, -8],
        [1.5, 0.02, 0],
      ]),
    ),
    P: [
      drawn('stem', STEM),
      drawn('bowl', [
        [-1.7, 6.6, 92],
        [-0.3, 9.2, 42],
        [1.8, 10, 0],
        [3.7, 7.6, -93, 0.3],
        [1.6, 4.9, 184],
        [0.3, 5.5, 130],
      ]),
    ],
    R: leaving(
      low(3.5, 0.02, 2.9),
      drawn('stem', STEM),
      drawn('bowl and leg', [
        [-1.7, 6.6, 92],
        [-0.3, 9.2, 42],
        [1.8, 10, 0],
        [3.5, 7.8, -95, 0.25],
        [1.35, 5.2, 190],
        [0.9, 5.6, 70, 0, -30],
        [1.8, 4.9, -52],
        [2.9, 2.2, -86, 0.75],
        [3.5, 0.02, 0],
      ]),
    ),
    S: [
      drawn('spine', [
        [-2.3, 1.9, 14],
        [1.2, 6.6, 66],
        [2.2, 8.9, 96],
        [1.6, 9.98, 180],
        [0.7, 8.2, -86],
        [1.2, 5.2, -80, 0.5],
        [1.3, 2.7, -96, 1],
        [-0.2, 0.02, 184],
        [-1.7, 1.05, 98],
      ]),
    ],
    T: [
      drawn('stem', [
        [1.9, 9.15, -102],
        [1.0, 6.2, -94, 0.2],
        [0.7, 2.9, -92, 1],
        [-0.35, 0.02, 186],
        [-1.6, 1.05, 98],
      ]),
      drawn('wave', [
        [-1.6, 7.3, 92],
        [-0.5, 9.5, 14],
        [1.8, 9.2, -8],
        [4.9, 10, 44],
      ]),
    ],
  };
  const pointed: Shapes = {
    A: leaving(
      low(3.45, 0.02, 2.9),
      drawn('left leg', moved(LEG, 1.6)),
      drawn('right leg', [
        [3.1, 9.95, -90],
        [2.95, 5.4, -91, 0.5],
        [2.85, 2.4, -90, 0.95],
        [3.45, 0.02, 0],
      ]),
      drawn('bar', [
        [0.4, 3.7, 20],
        [2.4, 4.0, 0],
        [4.4, 4.5, 24],
      ]),
    ),
    M: leaving(
      low(5.1, 0.02, 4.5),
      drawn('left leg', LEG),
      drawn('first diagonal', [
        [1.5, 9.95, -90],
        [1.55, 5.0, -89, 0.45],
        [1.75, 0.05, -86],
      ]),
      drawn('hairline', [
        [1.75, 0.05, 70],
        [4.7, 9.95, 70],
      ]),
      drawn('right leg', [
        [4.7, 9.95, -91],
        [4.5, 3.0, -90, 0.95],
        [5.1, 0.02, 0],
      ]),
    ),
    N: [
      drawn('left leg', LEG),
      drawn('diagonal', [
        [1.5, 9.95, -90],
        [1.7, 5.0, -88, 0.9],
        [2.0, 0.05, -86],
      ]),
      drawn('hairline', [
        [2.0, 0.05, 72],
        [3.9, 7.8, 76],
        [4.9, 9.9, 14],
        [5.4, 9.1, -84],
      ]),
    ],
    V: [
      drawn('shade', [...CURL, [0.3, 4.2, -89, 0.9], [0.85, 0.05, -85]]),
      drawn('hairline', [
        [0.85, 0.05, 70],
        [3.1, 7.6, 76],
        [4.2, 9.9, 12],
        [4.7, 9.1, -84],
      ]),
    ],
    W: [
      drawn('first shade', [...CURL, [0.3, 4.2, -89, 0.9], [0.8, 0.05, -85]]),
      drawn('first hairline', [
        [0.8, 0.05, 70],
        [3.7, 9.95, 71],
      ]),
      drawn('second shade', [
        [3.7, 9.95, -90],
        [3.8, 4.4, -89, 0.6],
        [4.1, 0.05, -86],
      ]),
      drawn('second hairline', [
        [4.1, 0.05, 70],
        [6.4, 7.6, 76],
        [7.4, 9.9, 12],
        [7.9, 9.1, -84],
      ]),
    ],
    X: leaving(
      low(2.3, 0.02, 1.8),
      drawn('curve', [...moved(CURL, 0.6), [1.3, 3.6, -86, 1], [2.3, 0.02, 0]]),
      drawn('cross', [
        [4.6, 9.4, 212],
        [1.5, 5.0, -118],
        [-1.8, 0.3, 210],
      ]),
    ),
    U: leaving(
      low(4.4, 0.02, 3.8),
      drawn('curl and cup', [...CURL, [0.0, 3.6, -90, 0.9], [1.3, 0.02, 0], [3.3, 4.6, 76], [4.0, 9.9, 80]]),
      drawn('second stem', [
        [4.0, 9.9, -90],
        [3.92, 2.0, -90, 0.15],
        [4.4, 0.02, 0],
      ]),
    ),
    Y: leaving(
      loopOut(3.6),
      drawn('curl and cup', [...CURL, [0.0, 6.0, -90, 0.4], [1.2, 3.6, 0], [3.2, 6.6, 76], [3.8, 9.9, 80]]),
      loopFrom('loop', 3.6, [
        [3.8, 9.9, -91],
        [3.6, 2.6, -90, 0.95],
        [3.6, -0.6, -90, 0.4],
      ]),
    ),
    Z: leaving(loopOut(1.1), loopFrom('head and loop', 1.1, [...moved(CURL, 0.8), [-1.2, 0.4, 226, 0, 40], [0.1, 0.95, -4], [1.1, -1.0, -90, 0.4]])),
  };
  return { oval, stem, pointed };
}
