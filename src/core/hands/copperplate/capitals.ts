import type { Degrees } from '../../measure/units';
import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, type Port, stroke, to, USUAL } from '../letter';
import {
  alongOval,
  descend,
  dotKnots,
  type Oval,
  ovalAt,
  spread,
  squareTopRight,
  UNDER_REACH,
  underTurn,
} from './parts';

/**
 * Copperplate capitals: compound-curve stems that end in a curl, ovals on the slant, and hairlines that lead in.
 * Positions are twenty-fifths of half the capital height (12.5 units a capital), scaled to the height ruled.
 */
const NOMINAL = 12.5;

interface Drawn {
  readonly strokes: readonly StrokePlan[];
  readonly exit?: Port;
}

/** Draws in nominal units: a knot, an oval, the middle shades. */
interface Desk {
  readonly m: Measures;
  /** Letter units of a nominal one. */
  readonly u: number;
  readonly knot: (x: number, y: number, dir?: Degrees, more?: Partial<Knot>) => Knot;
  /** Oval standing between two heights. */
  readonly oval: (cx: number, low: number, high: number, q: number) => Oval;
  readonly top: number;
}

function deskOf(m: Measures): Desk {
  const u = (m.C + m.half()) / NOMINAL;
  return {
    m,
    u,
    // Ends of the scale touch the lines: the hairline's own width is taken off.
    knot: (x, y, dir, more) => to(x * u, Math.min(m.C, Math.max(y < 0 ? -99 : m.B, y * u)), dir, more),
    oval: (cx, low, high, q) => {
      const H = ((high - low) / 2) * u - m.half();
      return ovalAt(m, cx * u, ((high + low) / 2) * u, H, q * u);
    },
    top: NOMINAL,
  };
}

const hair = { press: 0 } as const;
type Build = (desk: Desk) => Drawn;

/**
 * The capital stem: down the slant in a slight double curve, swelling in the middle, and round to the left into a curl
 * closed by a dot. Its path is the right edge of its shade.
 */
function stem({ m, u, knot }: Desk, x = 0, top = NOMINAL, lead = 0.7): StrokePlan[] {
  const right = x + spread(m) / 2 / u;
  return [
    stroke(
      'stem',
      [
        knot(right + lead, top, -112, { press: 0, anchor: 1 }),
        knot(right + 0.1, 0.7 * top, -93, { press: 0.8 }),
        knot(right, 0.46 * NOMINAL, -90, { press: 1 }),
        knot(right - 0.28, 2.2, -101, { press: 0.55 }),
        knot(x - 1.35, 0, 180, { press: 0 }),
        knot(x - 2.6, 1.35, 88),
      ],
      'Press only in the middle of it; round to the left at the foot.',
    ),
    dot(m, (x - 2.45) * u, 1.5 * u),
  ];
}

const dot = (m: Measures, x: number, y: number, size = 1): StrokePlan =>
  stroke('dot', dotKnots(m, x, y, size));

/** Hairline out of a curl at the lower left up to the apex: the left leg of A, M, N. */
const leftLeg = ({ m, u, knot }: Desk, foot: number, apex: number): StrokePlan[] => [
  stroke(
    'hairline',
    [
      knot(foot - 1.0, 1.5, -96, hair),
      knot(foot - 0.1, 0, 4),
      knot(foot + 1.25, 2.6, 76),
      knot(apex, NOMINAL, 76),
    ],
    'Up from the curl, no pressure at all.',
  ),
  dot(m, (foot - 0.92) * u, 1.6 * u),
];

/** A shade from the apex at `x1` to the line at `x2`, its path its middle. */
const slant = ({ knot }: Desk, x1: number, x2: number, name = 'diagonal'): StrokePlan => {
  const dir = -90 + Math.atan((x2 - x1) / NOMINAL) * (180 / Math.PI);
  return stroke(
    name,
    [
      knot(x1, NOMINAL, dir, { press: 0.08, anchor: 0.5 }),
      { ...knot(x1 + (x2 - x1) * 0.4, 0.6 * NOMINAL, undefined, { press: 1 }), line: true },
      { ...knot(x1 + (x2 - x1) * 0.72, 0.28 * NOMINAL, undefined, { press: 0.9 }), line: true },
      { ...knot(x2, 0, undefined, { press: 0.08 }), line: true },
    ],
    'Press in and out again: it ends as fine as it began.',
  );
};

/** Curl at the head of U, V, W, Y: from a dot, over, into a shade at x that ends in the turn. */
const headCurl = ({ m, u, knot }: Desk, x: number): Knot[] => [
  knot(x - 2.5, 9.7, 97, { press: 0, anchor: 1 }),
  knot(x - 1.2, NOMINAL, 0),
  knot(x + spread(m) / 2 / u, 9.0, -90, { press: 0.9 }),
];
const headDot = ({ m, u }: Desk, x: number) => dot(m, (x - 2.36) * u, 9.65 * u);

const low = ({ m, u }: Desk, x: number): Port => ({ kind: 'low', x: x * u + UNDER_REACH, y: m.B, dir: 0 });

/** The wave over F and T. */
const cap = ({ m, u, knot }: Desk, x: number): StrokePlan[] => [
  stroke(
    'wave',
    [
      knot(x - 3.2, 9.6, 96, { press: 0, anchor: 0.5 }),
      knot(x - 1.9, 12.1, 4, { press: 0.1 }),
      knot(x + 0.7, 11.2, -14, { press: 0.5 }),
      knot(x + 2.5, 11.3, 14, { press: 0.2 }),
      knot(x + 3.7, 12.4, 40, { press: 0 }),
    ],
    'A wave, a little pressure on its way down.',
  ),
  dot(m, (x - 3.08) * u, 9.6 * u),
];

/** Entry loop and bowl of B, P, R: from the left, over the top, round, and back to the stem at `low`. */
const bowl = ({ knot }: Desk, x: number, low: number, w: number, loop: boolean): Knot[] => [
  knot(x - 3.0, 8.2, -80, { press: 0, anchor: 0.75 }),
  knot(x - 2.3, 7.2, 10),
  knot(x - 1.5, 9.0, 78),
  knot(x + 0.6, NOMINAL, 8),
  knot(x + w, (NOMINAL + low) / 2 + 0.3, -94, { press: 0.75 }),
  knot(x + 0.45, low, loop ? 176 : 188, { press: 0 }),
];

const BUILDS: Readonly<Record<string, readonly (readonly [string, Build])[]>> = {
  oval: [
    [
      'O',
      (d) => {
        const ring = d.oval(3.6, 0, NOMINAL, 3.5);
        const inner = d.oval(3.7, 3.2, NOMINAL, 2.2);
        return {
          strokes: [
            stroke(
              'oval',
              [...alongOval(ring, 20, 350), ...alongOval(inner, 20, 130, 'none')],
              'One great oval on the slant, and a turn inside it.',
            ),
          ],
        };
      },
    ],
    [
      'Q',
      (d) => {
        const ring = d.oval(3.6, 0, NOMINAL, 3.5);
        const inner = d.oval(3.7, 3.2, NOMINAL, 2.2);
        return {
          strokes: [
            stroke('oval', [...alongOval(ring, 20, 350), ...alongOval(inner, 20, 130, 'none')]),
            stroke('tail', [
              d.knot(1.5, 1.6, 64, { press: 0, anchor: 0.5 }),
              d.knot(2.6, 2.1, -8, { press: 0.1 }),
              d.knot(4.6, -0.5, -48, { press: 0.4 }),
              d.knot(7.4, -0.7, 42, { press: 0 }),
            ]),
          ],
        };
      },
    ],
    [
      'C',
      (d) => {
        const ring = d.oval(3.2, 0, NOMINAL, 3.3);
        return {
          strokes: [
            stroke(
              'loop and back',
              [
                d.knot(3.3, 7.4, 10, { press: 0, anchor: 0.25 }),
                ...alongOval(ring, -50, 186),
                d.knot(6.2, 3.2, 78, { press: 0 }),
              ],
              'A loop at the head; then the left side of O.',
            ),
          ],
        };
      },
    ],
    [
      'E',
      (d) => {
        const head = d.oval(3.1, 6.6, NOMINAL, 1.9);
        const foot = d.oval(2.7, 0, 7.5, 2.5);
        return {
          strokes: [
            stroke(
              'two bows',
              [
                d.knot(3.3, 9.1, 10, { press: 0, anchor: 0.25 }),
                ...alongOval(head, -50, 135).map((knot) => ({ ...knot, press: (knot.press ?? 0) * 0.6 })),
                d.knot(2.95, 6.35, 12, { press: 0 }),
                d.knot(3.5, 6.95, 94),
                d.knot(2.9, 7.42, 182),
                ...alongOval(foot, 45, 186),
                d.knot(5.6, 3.0, 78, { press: 0 }),
              ],
              'The lower bow is the larger; a small loop between them.',
            ),
          ],
        };
      },
    ],
    [
      'G',
      (d) => {
        const ring = d.oval(3.2, 2.6, NOMINAL, 3.0);
        const x = 5.9;
        return {
          strokes: [
            stroke('loop and back', [
              d.knot(3.3, 8.1, 10, { press: 0, anchor: 0.25 }),
              ...alongOval(ring, -50, 186),
              d.knot(x, 7.2, 80, { press: 0 }),
            ]),
            stroke('stem and curl', [
              d.knot(x + 0.2, 7.3, -90, { press: 0.9, anchor: 1 }),
              d.knot(x + 0.2, 3.4, -92, { press: 1 }),
              d.knot(x - 1.8, 0, 180, { press: 0 }),
              d.knot(x - 3.6, 1.3, 90),
            ]),
            dot(d.m, (x - 3.46) * d.u, 1.45 * d.u),
          ],
        };
      },
    ],
  ],
  stem: [
    ['I', (d) => ({ strokes: [...stem(d, 0, NOMINAL, 0.5), ...headWave(d, 0)] })],
    [
      'J',
      (d) => ({
        strokes: [
          stroke('stem and loop', [
            d.knot(0.8, NOMINAL, -106, { press: 0, anchor: 1 }),
            d.knot(spread(d.m) / 2 / d.u + 0.06, 8.6, -92, { press: 0.85 }),
            { ...d.knot(spread(d.m) / 2 / d.u, 5.0, -90, { press: 1 }) },
            ...descend(d.m, 0),
          ]),
          ...headWave(d, 0),
        ],
      }),
    ],
    ['T', (d) => ({ strokes: [...stem(d, 0, 11.4, 0.3), ...cap(d, 0.4)] })],
    [
      'F',
      (d) => ({
        strokes: [
          ...stem(d, 0, 11.4, 0.3),
          ...cap(d, 0.4),
          stroke('bar', [
            d.knot(-1.1, 5.9, 40, { press: 0, anchor: 0.5 }),
            d.knot(0.6, 6.4, 0, { press: 0 }),
            d.knot(1.9, 6.9, 60),
          ]),
        ],
      }),
    ],
    [
      'H',
      (d) => ({
        strokes: [
          ...stem(d, 0, NOMINAL, 0.5),
          ...headWave(d, 0),
          stroke(
            'second stem',
            [
              d.knot(5.4, NOMINAL, -112, { press: 0, anchor: 0 }),
              d.knot(4.6 - spread(d.m) / 2 / d.u, 8.6, -92, { press: 0.8 }),
              ...underTurn(d.m, 4.6 * d.u),
            ],
            'Parallel to the first, out on the turn.',
          ),
          stroke('bar', [
            d.knot(-0.9, 5.6, 40, { press: 0, anchor: 0.5 }),
            d.knot(1.6, 6.7, 4),
            d.knot(4.6, 7.2, 30),
          ]),
        ],
        exit: low(d, 4.6),
      }),
    ],
    [
      'K',
      (d) => ({
        strokes: [
          ...stem(d, 0, NOMINAL, 0.5),
          ...headWave(d, 0),
          stroke('arm', [
            d.knot(5.6, 11.4, 150, { press: 0, anchor: 0.5 }),
            d.knot(4.7, NOMINAL, 196),
            d.knot(2.4, 9.0, -112, { press: 0.35 }),
            d.knot(0.2, 6.3, 200, { press: 0 }),
          ]),
          stroke('leg', [
            d.knot(0.2, 6.3, 20, { press: 0, anchor: 1 }),
            d.knot(1.6, 6.6, 4),
            d.knot(3.5 + spread(d.m) / 2 / d.u, 4.2, -90, { press: 1 }),
            ...underTurn(d.m, 3.5 * d.u),
          ]),
        ],
        exit: low(d, 3.5),
      }),
    ],
  ],
  bowl: [
    [
      'P',
      (d) => ({
        strokes: [
          ...stem(d, 0, NOMINAL, 0.4),
          stroke('bowl', bowl(d, 0, 5.9, 3.7, false), 'In from the left, over, and back to the stem.'),
        ],
      }),
    ],
    [
      'B',
      (d) => ({
        strokes: [
          ...stem(d, 0, NOMINAL, 0.4),
          stroke('bowls', [
            ...bowl(d, 0, 6.7, 3.4, true),
            d.knot(0.5, 7.1, 8, { press: 0 }),
            d.knot(3.5, 3.3, -92, { press: 0.85 }),
            d.knot(1.0, 0, 180, { press: 0 }),
            d.knot(-0.4, 1.1, 100),
          ]),
        ],
      }),
    ],
    [
      'R',
      (d) => ({
        strokes: [
          ...stem(d, 0, NOMINAL, 0.4),
          stroke('bowl', bowl(d, 0, 6.5, 3.6, false)),
          stroke('leg', [
            d.knot(0.45, 6.5, 8, { press: 0, anchor: 1 }),
            d.knot(1.5, 6.6, -4),
            d.knot(3.4 + spread(d.m) / 2 / d.u, 4.2, -90, { press: 1 }),
            ...underTurn(d.m, 3.4 * d.u),
          ]),
        ],
        exit: low(d, 3.4),
      }),
    ],
    [
      'D',
      (d) => ({
        strokes: [
          stroke(
            'stem, loop and bow',
            [
              d.knot(0.9, 11.6, -110, { press: 0, anchor: 0.5 }),
              d.knot(0.1, 7.4, -91, { press: 1 }),
              d.knot(-0.2, 3.2, -98, { press: 0.7 }),
              d.knot(-1.3, 0.5, 205, { press: 0 }),
              d.knot(-2.3, 0.7, 92),
              d.knot(-1.4, 1.2, -6),
              d.knot(1.4, 0, -2),
              d.knot(5.0, 6.2, 91),
              d.knot(1.2, NOMINAL, 180),
              d.knot(-2.6, 9.7, -92),
              d.knot(-1.6, 8.5, 8),
            ],
            'All in one: stem, a loop on the line, and the great bow back over the top.',
          ),
        ],
      }),
    ],
    [
      'L',
      (d) => ({
        strokes: [
          stroke('loop, stem and foot', [
            d.knot(-1.4, 8.8, -40, { press: 0, anchor: 0.5 }),
            d.knot(0.6, 9.2, 46),
            d.knot(2.0, 11.3, 92),
            d.knot(1.2, NOMINAL, 182),
            d.knot(0.1, 9.4, -91, { press: 0.45 }),
            d.knot(-0.1, 5.0, -92, { press: 1 }),
            d.knot(-1.4, 0.5, 208, { press: 0 }),
            d.knot(-2.5, 0.7, 92),
            d.knot(-1.5, 1.25, -8),
            d.knot(1.5, 0, -4),
            d.knot(3.2, 1.5, 68),
          ]),
        ],
        exit: undefined,
      }),
    ],
    [
      'S',
      (d) => ({
        strokes: [
          stroke('loop and spine', [
            d.knot(-1.9, 6.2, 4, { press: 0, anchor: 0.5 }),
            d.knot(1.4, 9.0, 62),
            d.knot(2.3, 11.4, 92),
            d.knot(1.5, NOMINAL, 182),
            d.knot(0.3, 10.3, -90, { press: 0.15 }),
            d.knot(0.85, 7.2, -72, { press: 0.6 }),
            d.knot(1.5, 4.2, -90, { press: 1 }),
            d.knot(-0.6, 0, 180, { press: 0 }),
            d.knot(-2.4, 1.5, 90),
          ]),
          dot(d.m, -2.26 * d.u, 1.6 * d.u),
        ],
      }),
    ],
  ],
  pointed: [
    [
      'A',
      (d) => ({
        strokes: [
          ...leftLeg(d, -4.4, -spread(d.m) / 2 / d.u),
          stroke(
            'shaded leg',
            [
              d.knot(-spread(d.m) / 2 / d.u, NOMINAL, -90, { press: 0, anchor: 0 }),
              { ...d.knot(-spread(d.m) / 2 / d.u, 8.2, undefined, { press: 0.9 }), line: true },
              ...underTurn(d.m, 0),
            ],
            'On the slant, pressed in from nothing.',
          ),
          stroke('bar', [
            d.knot(-3.4, 4.0, 60, { press: 0, anchor: 0.5 }),
            d.knot(-1.9, 4.7, -4),
            d.knot(0.9, 4.9, 40),
          ]),
        ],
        exit: low(d, 0),
      }),
    ],
    [
      'M',
      (d) => ({
        strokes: [
          ...leftLeg(d, -4.2, 0),
          slant(d, 0, 0.8, 'first diagonal'),
          stroke('hairline', [
            d.knot(0.8, 0, 76, { press: 0, anchor: 0.5 }),
            d.knot(4.6 - spread(d.m) / 2 / d.u, NOMINAL, 76),
          ]),
          stroke('second shade', [
            d.knot(4.6 - spread(d.m) / 2 / d.u, NOMINAL, -90, { press: 0, anchor: 0 }),
            { ...d.knot(4.6 - spread(d.m) / 2 / d.u, 8.2, undefined, { press: 0.9 }), line: true },
            ...underTurn(d.m, 4.6 * d.u),
          ]),
        ],
        exit: low(d, 4.6),
      }),
    ],
    [
      'N',
      (d) => ({
        strokes: [
          ...leftLeg(d, -4.2, 0),
          slant(d, 0, 1.3),
          stroke('hairline', [
            d.knot(1.3, 0, 74, { press: 0, anchor: 0.5 }),
            d.knot(4.2, 10.6, 78),
            d.knot(5.3, 12.3, 18),
            d.knot(5.9, 11.2, -92),
          ]),
          dot(d.m, 5.8 * d.u, 11.2 * d.u),
        ],
      }),
    ],
    [
      'V',
      (d) => ({
        strokes: [
          stroke('shade', [
            ...headCurl(d, 0),
            d.knot(0.62, 4.0, -84, { press: 0.8, anchor: 0.6 }),
            d.knot(1.15, 0, -80, { press: 0.05 }),
          ]),
          headDot(d, 0),
          stroke('hairline', [
            d.knot(1.15, 0, 74, { press: 0, anchor: 0.5 }),
            d.knot(3.7, 10.4, 80),
            d.knot(4.7, 12.2, 14),
            d.knot(5.3, 11.2, -92),
          ]),
          dot(d.m, 5.2 * d.u, 11.2 * d.u),
        ],
      }),
    ],
    [
      'W',
      (d) => ({
        strokes: [
          stroke('first shade', [
            ...headCurl(d, 0),
            d.knot(0.62, 4.0, -84, { press: 0.8, anchor: 0.6 }),
            d.knot(1.0, 0, -82, { press: 0.05 }),
          ]),
          headDot(d, 0),
          stroke('first hairline', [d.knot(1.0, 0, 75, { press: 0, anchor: 0.5 }), d.knot(4.2, NOMINAL, 76)]),
          slant(d, 4.2, 5.1, 'second diagonal'),
          stroke('second hairline', [
            d.knot(5.1, 0, 75, { press: 0, anchor: 0.5 }),
            d.knot(7.8, 10.4, 80),
            d.knot(8.8, 12.2, 14),
            d.knot(9.4, 11.2, -92),
          ]),
          dot(d.m, 9.3 * d.u, 11.2 * d.u),
        ],
      }),
    ],
  ],
  turned: [
    [
      'U',
      (d) => ({
        strokes: [
          stroke('first stem', [...headCurl(d, 0), ...cupTo(d, 4.5)]),
          headDot(d, 0),
          stroke('second stem', [
            d.knot(4.5 - spread(d.m) / 2 / d.u, NOMINAL, -90, { press: 0.95, anchor: 0 }),
            ...underTurn(d.m, 4.5 * d.u),
          ]),
        ],
        exit: low(d, 4.5),
      }),
    ],
    [
      'Y',
      (d) => ({
        strokes: [
          stroke('first stem', [...headCurl(d, 0), ...cupTo(d, 4.5)]),
          headDot(d, 0),
          stroke('descending loop', [squareTopRight(d.m, 4.5 * d.u, d.m.C), ...descend(d.m, 4.5 * d.u)]),
        ],
      }),
    ],
    [
      'X',
      (d) => ({
        strokes: [
          stroke('left curve', [
            d.knot(-2.6, 10.3, 96, { press: 0, anchor: 1 }),
            d.knot(-1.2, NOMINAL, 0),
            d.knot(0.72, 6.6, -91, { press: 0.95 }),
            d.knot(-1.4, 0, 180, { press: 0 }),
            d.knot(-2.8, 1.5, 90),
          ]),
          dot(d.m, -2.46 * d.u, 10.2 * d.u),
          dot(d.m, -2.66 * d.u, 1.6 * d.u),
          stroke('right curve', [
            d.knot(3.8, 11.1, 100, { press: 0, anchor: 0 }),
            d.knot(2.8, NOMINAL, 182),
            d.knot(0.72, 6.0, -90, { press: 0.5 }),
            d.knot(2.4, 0, 0, { press: 0 }),
            d.knot(4.0, 2.4, 74),
          ]),
        ],
      }),
    ],
    [
      'Z',
      (d) => ({
        strokes: [
          stroke('head and loop', [
            d.knot(-2.7, 9.9, 97, { press: 0, anchor: 1 }),
            d.knot(-0.9, NOMINAL, 0),
            d.knot(1.3, 9.3, -92, { press: 0.85 }),
            d.knot(-1.9, 1.0, 236, { press: 0, leave: 56 }),
            d.knot(0.2, 2.0, 0, { anchor: 1 }),
            { ...d.knot(1.4 + spread(d.m) / 2 / d.u, -0.6, -90, { press: 0.9 }) },
            ...descend(d.m, 1.4 * d.u),
          ]),
          dot(d.m, -2.56 * d.u, 9.8 * d.u),
        ],
      }),
    ],
  ],
};

/** From the shade of a head curl round the line and up into the second stem at x. */
const cupTo = ({ m, u, knot }: Desk, x: number): Knot[] => [
  line(-spread(m) / 2, 3.4, { press: 1, anchor: 0, dir: -90 }),
  knot(1.3, 0, 0, { press: 0 }),
  knot(x - spread(m) / 2 / u, 6.0, 86),
];

/** Hairline wave over the head of I, J, H, K: from a dot at the left up into the stem. */
const headWave = ({ m, u, knot }: Desk, x: number): StrokePlan[] => [
  stroke(
    'entry',
    [knot(x - 2.6, 9.8, 96, { press: 0, anchor: 0.5 }), knot(x - 1.3, 11.9, 4), knot(x + 0.95, NOMINAL, 30)],
    'From a dot, over, and into the head of the stem.',
  ),
  dot(m, (x - 2.48) * u, 9.75 * u),
];

export const capitals = (m: Measures): Letter[] => {
  const desk = deskOf(m);
  return Object.entries(BUILDS).flatMap(([family, letters]) =>
    letters.map(([text, build]) => ({
      text,
      variant: USUAL,
      family: `capitals: ${family}`,
      ...build(desk),
    })),
  );
};
