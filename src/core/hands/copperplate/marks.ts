import type { StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, stroke, to, USUAL } from '../letter';
import { alongOval, dotKnots, onOval, ovalAt, spread, squareTop } from './parts';

/** Figures stand this high, in fifths of the body: a little over the waistline, well under the capitals. */
const HEIGHT = 8;

type Build = (m: Measures) => StrokePlan[];

const dot = (m: Measures, x: number, y: number, size = 1): StrokePlan =>
  stroke('dot', dotKnots(m, x, y, size));
const hair = { press: 0 } as const;
const top = (m: Measures) => HEIGHT - m.half();

const FIGURES: readonly [string, Build][] = [
  [
    '0',
    (m) => [
      stroke('oval', alongOval(ovalAt(m, 1.6, HEIGHT / 2, top(m) - HEIGHT / 2, 1.75), 0, 360), 'A narrow o.'),
    ],
  ],
  [
    '1',
    (m) => [
      stroke('entry', [to(-1.5, 6.0, 34, hair), to(-spread(m) / 2, top(m), 56)]),
      stroke('stem', [squareTop(m, 0, top(m)), line(-spread(m) / 2, m.B, { press: 1, anchor: 0 })]),
    ],
  ],
  [
    '2',
    (m) => [
      stroke(
        'head and foot',
        [
          to(-1.5, 6.4, 94, { press: 0, anchor: 1 }),
          to(-0.2, top(m), 0),
          to(1.35, 6.0, -91, { press: 0.9 }),
          to(-1.3, 0.75, 234, { press: 0 }),
          to(-1.9, 0.4, 120),
          to(-1.3, 0.95, 6, { anchor: 0.5 }),
          to(0.7, 0.22, -14, { press: 0.45 }),
          to(1.9, 1.2, 72, { press: 0 }),
        ],
        'Over, down, a small loop on the line, and a wave for a foot.',
      ),
      dot(m, -1.36, 6.4),
    ],
  ],
  [
    '3',
    (m) => [
      stroke('two bows', [
        to(-1.0, 6.9, 84, { press: 0, anchor: 1 }),
        to(0.1, top(m), 0),
        to(1.25, 6.4, -91, { press: 0.55 }),
        to(0.0, 4.55, 196, { press: 0, leave: -8 }),
        to(1.6, 2.5, -92, { press: 0.95 }),
        to(-0.1, m.B, 180, { press: 0 }),
        to(-1.4, 1.1, 90),
      ]),
      dot(m, -0.88, 6.9),
      dot(m, -1.28, 1.2),
    ],
  ],
  [
    '4',
    (m) => [
      stroke('hairlines', [to(0.1, top(m), -122, hair), to(-2.2, 2.6, -118, { leave: 4 }), to(1.5, 2.8, 6)]),
      stroke('stem', [
        to(0.5 - spread(m) / 2, 5.2, -90, { press: 1, anchor: 0 }),
        line(0.5 - spread(m) / 2, m.B),
      ]),
    ],
  ],
  [
    '5',
    (m) => [
      stroke('neck and bow', [
        to(-0.95, top(m) - 0.5, -90, { press: 0.3, anchor: 0.5 }),
        to(-0.95, 4.5, -90, { press: 0.2, leave: 52 }),
        to(0.2, 5.1, 0, { press: 0, anchor: 1 }),
        to(1.5, 2.7, -91, { press: 0.95 }),
        to(-0.2, m.B, 180, { press: 0 }),
        to(-1.5, 1.1, 90),
      ]),
      stroke('head', [
        to(-0.95, top(m) - 0.5, 12, { press: 0.2, anchor: 0.5 }),
        to(0.3, top(m) - 0.55, -4, { press: 0.5 }),
        to(1.5, top(m), 48, { press: 0 }),
      ]),
      dot(m, -1.38, 1.2),
    ],
  ],
  [
    '6',
    (m) => {
      const ring = ovalAt(m, 1.3, 2.3, 2.3 - m.half(), 1.35);
      return [
        stroke('back and bow', [
          to(2.2, top(m) - 0.3, 190, { press: 0, anchor: 0.25 }),
          to(onOval(ring, 90).x, 3.1, -91, { press: 0.95 }),
          ...alongOval(ring, 180, 430, 'none').map((knot) => ({ ...knot, anchor: 0.25 })),
        ]),
      ];
    },
  ],
  [
    '7',
    (m) => [
      stroke('head', [
        to(-1.8, 6.6, 72, { press: 0, anchor: 0.5 }),
        to(-0.9, top(m) - 0.1, -4, { press: 0.25 }),
        to(0.4, top(m) - 0.55, -4, { press: 0.35 }),
        to(1.6, top(m), 40, { press: 0 }),
      ]),
      stroke('stem', [
        to(1.6, top(m), 236, { press: 0, anchor: 0.5 }),
        to(-0.1, 3.4, -98, { press: 0.85 }),
        to(-0.25, m.B, -90, { press: 1 }),
      ]),
    ],
  ],
  [
    '8',
    (m) => [
      stroke('spine and return', [
        to(1.35, 6.9, 104, { press: 0, anchor: 0.5 }),
        to(0.55, top(m), 180),
        to(-0.45, 6.4, -90, { press: 0.3 }),
        to(0.5, 4.2, -58, { press: 0.95 }),
        to(1.4, 2.0, -92, { press: 0.5 }),
        to(0.1, m.B, 180, { press: 0 }),
        to(-1.15, 1.6, 88),
        to(0.3, 4.3, 52),
        to(1.35, 6.9, 104),
      ]),
    ],
  ],
  [
    '9',
    (m) => {
      const ring = ovalAt(m, 0.9, 5.7, 2.3 - m.half(), 1.35);
      return [
        stroke('bow', alongOval(ring, -20, 340)),
        stroke('back', [
          to(onOval(ring, 290).x + 0.02, 6.3, -90, { press: 0.3, anchor: 1 }),
          to(onOval(ring, 270).x + 0.02, 3.6, -94, { press: 0.9 }),
          to(-0.3, m.B, 184, { press: 0 }),
          to(-1.3, 0.8, 98),
        ]),
        dot(m, -1.2, 0.9),
      ];
    },
  ],
];

const LOW = 0.34;
const comma = (m: Measures, x: number, y: number): StrokePlan[] => [
  dot(m, x, y, 1.05),
  stroke('tail', [to(x + 0.2, y - 0.02, -90, { press: 0.35, anchor: 1 }), to(x - 0.45, y - 1.35, 226, hair)]),
];

const MARKS: readonly [string, Build][] = [
  ['.', (m) => [dot(m, 0, LOW, 1.15)]],
  [',', (m) => comma(m, 0, LOW)],
  [':', (m) => [dot(m, 0, LOW, 1.15), dot(m, 0, m.X - 1.2, 1.15)]],
  [';', (m) => [...comma(m, 0, LOW), dot(m, 0, m.X - 1.2, 1.15)]],
  [
    '!',
    (m) => [
      stroke('stem', [to(0, m.C * 0.92, -90, { press: 1, anchor: 0.5 }), line(0, 2.2, { press: 0 })]),
      dot(m, 0, LOW, 1.15),
    ],
  ],
  [
    '?',
    (m) => [
      stroke('hook', [
        to(-1.2, 7.9, 92, { press: 0, anchor: 1 }),
        to(0.1, m.C * 0.8, 0),
        to(1.5, 7.4, -92, { press: 0.85 }),
        to(0.0, 4.5, 236, { press: 0.1 }),
        to(-0.15, 2.4, -82, { press: 0.1 }),
      ]),
      dot(m, -1.06, 7.9),
      dot(m, -0.15, LOW, 1.15),
    ],
  ],
  ["'", (m) => comma(m, 0, m.C * 0.92)],
  ['’', (m) => comma(m, 0, m.C * 0.92)],
  ['"', (m) => [...comma(m, 0, m.C * 0.92), ...comma(m, 1.1, m.C * 0.92)]],
  [
    '-',
    (m) => [stroke('hyphen', [to(-0.8, 0.42 * m.X, 8, { press: 0.2, anchor: 0.5 }), to(0.8, 0.46 * m.X, 8)])],
  ],
  [
    '–',
    (m) => [stroke('dash', [to(-1.7, 0.42 * m.X, 6, { press: 0.2, anchor: 0.5 }), to(1.7, 0.46 * m.X, 6)])],
  ],
  [
    '(',
    (m) => [
      stroke('bracket', [
        to(1.1, m.C * 0.95, 222, { press: 0, anchor: 0.25 }),
        to(-0.4, 4.8, -90, { press: 0.7 }),
        to(0.9, -1.8, -46, { press: 0 }),
      ]),
    ],
  ],
  [
    ')',
    (m) => [
      stroke('bracket', [
        to(-0.9, m.C * 0.95, -46, { press: 0, anchor: 0.75 }),
        to(0.4, 4.8, -90, { press: 0.7 }),
        to(-1.1, -1.8, 222, { press: 0 }),
      ]),
    ],
  ],
  [
    '&',
    (m) => [
      stroke('spine and loops', [
        to(3.4, 3.6, 186, { press: 0, anchor: 0.5 }),
        to(1.0, 1.0, 222),
        to(-0.5, m.B, 180),
        to(-1.7, 1.6, 90),
        to(0.4, 4.6, 46),
        to(1.65, 7.0, 88),
        to(0.8, m.C * 0.72, 180),
        to(-0.25, 6.9, -88, { press: 0.35 }),
        to(1.0, 3.4, -70, { press: 0.95 }),
        to(2.3, m.B, 0, { press: 0 }),
        to(3.3, 1.4, 72),
      ]),
    ],
  ],
];

const lettersOf = (family: string, builds: readonly [string, Build][], m: Measures): Letter[] =>
  builds.map(([text, build]) => ({ text, variant: USUAL, family, strokes: build(m) }));

/** Figures and punctuation of copperplate. */
export const marks = (m: Measures): Letter[] => [
  ...lettersOf('figures', FIGURES, m),
  ...lettersOf('marks', MARKS, m),
];
