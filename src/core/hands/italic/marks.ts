import type { StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, stroke, to } from '../letter';

/** Figures are as tall as low capitals and written with their pen; marks with the pen of the small letters. */
const FIGURE = -12;

type Build = (m: Measures) => StrokePlan[];

/** Height of figures, ink to ink. */
const H = (m: Measures) => 1.3 * m.X;
const top = (m: Measures) => H(m) - m.half(FIGURE);
const base = (m: Measures) => m.half(FIGURE);

const FIGURES: readonly [string, Build][] = [
  [
    '0',
    (m) => {
      const w = 0.5 * H(m);
      return [
        stroke('left side', [
          to(0.56 * w, top(m), 182, { turn: FIGURE }),
          to(0, 0.54 * H(m), -90),
          to(0.46 * w, base(m), 2),
        ]),
        stroke('right side', [
          to(0.54 * w, top(m), -2, { turn: FIGURE }),
          to(w, 0.46 * H(m), -90),
          to(0.44 * w, base(m), 182),
        ]),
      ];
    },
  ],
  [
    '1',
    (m) => [
      stroke('stem', [
        to(-0.85, top(m) - 0.62, 38, { turn: FIGURE }),
        to(0, top(m), 44, { leave: -90 }),
        line(0, base(m)),
      ]),
    ],
  ],
  [
    '2',
    (m) => {
      const w = 0.46 * H(m);
      return [
        stroke('curve', [
          to(-0.05, top(m) - 0.75, 60, { turn: FIGURE }),
          to(0.5 * w, top(m), 0),
          to(w, 0.72 * H(m), -90),
          to(-0.05, base(m), 222),
        ]),
        stroke('foot', [to(-0.05, base(m), 0, { turn: FIGURE }), line(w + 0.2, base(m))]),
      ];
    },
  ],
  [
    '3',
    (m) => {
      const w = 0.42 * H(m);
      return [
        stroke('curves', [
          to(0, top(m) - 0.6, 50, { turn: FIGURE }),
          to(0.5 * w, top(m), 0),
          to(0.94 * w, 0.76 * H(m), -90),
          to(0.36 * w, 0.54 * H(m), 185, { leave: 0 }),
          to(w, 0.28 * H(m), -90),
          to(0.4 * w, base(m), 182),
          to(-0.25, base(m) + 0.42, 148),
        ]),
      ];
    },
  ],
  [
    '4',
    (m) => {
      const w = 0.52 * H(m);
      return [
        stroke('diagonal', [to(0.62 * w, top(m), undefined, { turn: FIGURE }), line(-0.1, 0.3 * H(m))]),
        stroke('bar', [to(-0.1, 0.3 * H(m), 0, { turn: FIGURE }), line(w + 0.25, 0.3 * H(m))]),
        stroke('stem', [to(0.7 * w, 0.62 * H(m), -90, { turn: FIGURE }), line(0.7 * w, base(m))]),
      ];
    },
  ],
  [
    '5',
    (m) => {
      const w = 0.44 * H(m);
      return [
        stroke('stem and bowl', [
          to(0.12 * w, top(m), -90, { turn: FIGURE }),
          line(0.12 * w, 0.58 * H(m), { leave: 26 }),
          to(0.52 * w, 0.62 * H(m), 0),
          to(w, 0.32 * H(m), -90),
          to(0.4 * w, base(m), 182),
          to(-0.3, base(m) + 0.42, 148),
        ]),
        stroke('head', [to(0.12 * w, top(m), 0, { turn: FIGURE }), line(w + 0.1, top(m))]),
      ];
    },
  ],
  [
    '6',
    (m) => {
      const w = 0.48 * H(m);
      return [
        stroke('back', [
          to(0.92 * w, top(m) - 0.1, 168, { turn: FIGURE }),
          to(0, 0.4 * H(m), -92),
          to(0.5 * w, base(m), 2),
        ]),
        stroke('bowl', [
          to(0.04 * w, 0.46 * H(m), 58, { turn: FIGURE }),
          to(0.56 * w, 0.62 * H(m), -2),
          to(w, 0.32 * H(m), -90),
          to(0.46 * w, base(m), 182),
        ]),
      ];
    },
  ],
  [
    '7',
    (m) => {
      const w = 0.46 * H(m);
      return [
        stroke('head', [to(-0.1, top(m), 0, { turn: FIGURE }), line(w, top(m))]),
        stroke('stem', [to(w, top(m), -118, { turn: FIGURE }), to(0.34 * w, base(m), -98)]),
      ];
    },
  ],
  [
    '8',
    (m) => {
      const w = 0.46 * H(m);
      return [
        stroke('spine', [
          to(0.52 * w, top(m), 182, { turn: FIGURE }),
          to(0.06 * w, 0.76 * H(m), -88),
          to(0.52 * w, 0.52 * H(m), -34),
          to(w, 0.26 * H(m), -90),
          to(0.48 * w, base(m), 182),
        ]),
        stroke('left below', [
          to(0.46 * w, 0.55 * H(m), 214, { turn: FIGURE }),
          to(0, 0.26 * H(m), -90),
          to(0.52 * w, base(m), 0),
        ]),
        stroke('right above', [
          to(0.5 * w, top(m), -2, { turn: FIGURE }),
          to(0.94 * w, 0.77 * H(m), -90),
          to(0.5 * w, 0.52 * H(m), 212),
        ]),
      ];
    },
  ],
  [
    '9',
    (m) => {
      const w = 0.48 * H(m);
      return [
        stroke('bowl', [
          to(0.54 * w, top(m), 182, { turn: FIGURE }),
          to(0, 0.68 * H(m), -90),
          to(0.44 * w, 0.38 * H(m), 2),
          to(0.96 * w, 0.54 * H(m), 58),
        ]),
        stroke('back', [
          to(0.5 * w, top(m), -2, { turn: FIGURE }),
          to(w, 0.6 * H(m), -88),
          to(0.08 * w, base(m) + 0.1, 192),
        ]),
      ];
    },
  ],
];

/** A set-down of the edge, pulled a short way across itself: a square on its corner. */
const spot = (x: number, y: number, name = 'dot'): StrokePlan =>
  stroke(name, [to(x - 0.18, y + 0.18), line(x + 0.18, y - 0.18)]);

const comma = (x: number, y: number): StrokePlan =>
  stroke('comma', [to(x - 0.14, y + 0.2, -45), to(x + 0.04, y - 0.2, -84), to(x - 0.42, y - 1.05, 222)]);

const LOW = 0.53;

const MARKS: readonly [string, Build][] = [
  ['.', () => [spot(0, LOW)]],
  [',', () => [comma(0, LOW)]],
  [':', (m) => [spot(0, LOW), spot(0, m.X - 0.75)]],
  [';', (m) => [comma(0, LOW), spot(0, m.X - 0.75)]],
  ['!', (m) => [stroke('stem', [to(0, m.C, -90), line(0, 1.9)]), spot(0, LOW)]],
  [
    '?',
    (m) => [
      stroke('hook', [
        to(-0.9, m.C - 0.75, 58),
        to(0.1, m.C, 0),
        to(1.05, m.C - 1.35, -90),
        to(0, 3.0, 232),
        to(-0.05, 1.95, -84),
      ]),
      spot(-0.02, LOW),
    ],
  ],
  ["'", (m) => [comma(0, m.A - 0.35)]],
  ['’', (m) => [comma(0, m.A - 0.35)]],
  ['"', (m) => [comma(0, m.A - 0.35), comma(0.95, m.A - 0.35)]],
  ['-', (m) => [stroke('hyphen', [to(-0.6, 0.46 * m.X, 0, { turn: -15 }), line(0.6, 0.46 * m.X)])]],
  ['–', (m) => [stroke('dash', [to(-1.2, 0.46 * m.X, 0, { turn: -15 }), line(1.2, 0.46 * m.X)])]],
  [
    '(',
    (m) => [
      stroke('bracket', [to(0.75, m.A, 232, { turn: 5 }), to(-0.15, 0.45 * m.A, -90), to(0.75, -1.2, -48)]),
    ],
  ],
  [
    ')',
    (m) => [
      stroke('bracket', [to(-0.35, m.A, -48, { turn: 5 }), to(0.55, 0.45 * m.A, -90), to(-0.35, -1.2, 232)]),
    ],
  ],
  [
    '&',
    (m) => {
      const h = 1.3 * m.X;
      return [
        stroke('cross', [
          to(1.0, h - m.B, 180),
          to(0.3, h - 1.35, -86),
          to(1.2, 0.5 * h, -52),
          to(3.35, m.B + 0.05, -30),
        ]),
        stroke('bowls', [
          to(0.95, h - m.B, 0),
          to(1.62, h - 1.1, -90),
          to(0.8, 0.55 * h, 216),
          to(-0.2, 0.24 * h, -90),
          to(1.1, m.B, 2),
          to(2.85, 0.46 * h, 66),
        ]),
      ];
    },
  ],
];

const lettersOf = (family: string, builds: readonly [string, Build][], m: Measures): Letter[] =>
  builds.map(([text, build]) => ({ text, variant: 'usual', family, strokes: build(m) }));

export const marks = (m: Measures): Letter[] => [
  ...lettersOf('figures', FIGURES, m),
  ...lettersOf('marks', MARKS, m),
];
