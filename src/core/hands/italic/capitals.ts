import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, stroke, to } from '../letter';

/**
 * Italic capitals, one stroke after another, with the pen flattened to about 30° (`CAP`): stems a little heavier than
 * in the small letters, bars lighter. Widths hang on the capital height, so that low and tall capitals are one drawing.
 */
export const CAP = -15;
/** Serifs and bars lie flatter still, about 20°. */
export const FLAT = -25;
/** Verticals of N: steepened to about 60°, so that they have half their weight. */
export const STEEP = 15;
/** Thin diagonals of A V W M X Y: steepened a little, light without becoming a hairline. */
export const THIN = 7;
/** In X and Y the thin stroke lies lower, nearer the edge: there the pen is flattened instead. */
const LOW_THIN = -4;

type Build = (m: Measures) => StrokePlan[];

export const top = (m: Measures, turn = CAP) => m.C + m.half() - m.half(turn);
export const base = (m: Measures, turn = CAP) => m.half(turn);

/** A stem with a small entry at its head; its foot is the plain cut of the edge. */
export const stem = (m: Measures, x: number, name = 'stem'): StrokePlan =>
  stroke(
    name,
    [
      to(x - 0.66, top(m) - 0.3, 30, { turn: CAP }),
      to(x - 0.26, top(m), 6),
      to(x, top(m) - 0.5, -90),
      line(x, base(m)),
    ],
    'Pen at about 30°: a touch of serif, then straight down.',
  );

/** A stem that an arm or a bowl starts from: nothing at its head, so that the two meet cleanly. */
export const plainStem = (m: Measures, x = 0): StrokePlan =>
  stroke('stem', [to(x, top(m), -90, { turn: CAP }), line(x, base(m))], 'Pen at about 30°, straight down.');

/** A stem under a level arm: it begins as flat as the arm lies, so that no corner of the edge shows under it. */
const armedStem = (m: Measures, foot = CAP): StrokePlan =>
  stroke(
    'stem',
    [
      to(0, top(m, FLAT), -90, { turn: FLAT }),
      line(0, top(m) - 0.9, { turn: CAP }),
      line(0, base(m) + 0.9),
      line(0, base(m, foot), { turn: foot }),
    ],
    'Pen at about 30°, straight down; flat where an arm begins.',
  );
/** Inner arms begin inside their stem. */
const INNER = 0.3;

/** How far arms and bowls begin to the left of their stem. */
const OVERHANG = 0.55;

export const bar = (x1: number, x2: number, y: number, name = 'bar'): StrokePlan =>
  stroke(name, [to(x1, y, 0, { turn: FLAT }), line(x2, y)], 'Flatten the pen for a light bar.');

/** Left half of a round letter of width w and the height of capitals. */
const leftRound = (m: Measures, w: number): Knot[] => [
  to(0.52 * w, top(m), 180, { turn: CAP }),
  to(0, 0.52 * (top(m) + base(m)), -90),
  to(0.48 * w, base(m), 0),
];

const openRound = (m: Measures, w: number): Knot[] => [
  to(0.98 * w, top(m) - 0.42, 146, { turn: CAP }),
  to(0.6 * w, top(m), 182),
  to(0, 0.52 * (top(m) + base(m)), -90),
  to(0.54 * w, base(m), 2),
  to(1.0 * w, base(m) + 0.62, 40),
];

/** A bowl from a stem at x, between two heights, closing on the stem. */
const bowl = (x: number, high: number, low: number, w: number): Knot[] => [
  to(x - OVERHANG, high, 0, { turn: CAP }),
  to(x + 0.52 * w, high, -2),
  to(x + w, (high + low) / 2, -90),
  to(x + 0.46 * w, low, 182),
  to(x, low, 180),
];

/** The lower bowl of B leaves the stem where the upper one closed on it. */
export const lowerBowl = (m: Measures): Knot[] => [
  to(0.1, 0.53 * H(m), 0, { turn: CAP }),
  to(0.3 * H(m), 0.53 * H(m), -2),
  to(0.52 * H(m), 0.27 * H(m), -90),
  to(0.24 * H(m), base(m), 182),
  to(0, base(m), 180),
];

export const H = (m: Measures) => m.C + m.half();

const BUILDS: Readonly<Record<string, readonly [string, Build][]>> = {
  'full width': [
    [
      'O',
      (m) => {
        const w = 0.78 * H(m);
        return [
          stroke('left side', leftRound(m, w), 'Over the top and round to the left.'),
          stroke(
            'right side',
            [
              to(0.52 * w, top(m), 0, { turn: CAP }),
              to(w, 0.48 * (top(m) + base(m)), -90),
              to(0.48 * w, base(m), 180),
            ],
            'The same curve turned half round.',
          ),
        ];
      },
    ],
    [
      'Q',
      (m) => {
        const w = 0.78 * H(m);
        return [
          stroke('left side', leftRound(m, w)),
          stroke('right side', [
            to(0.52 * w, top(m), 0, { turn: CAP }),
            to(w, 0.48 * (top(m) + base(m)), -90),
            to(0.48 * w, base(m), 180),
          ]),
          stroke(
            'tail',
            [
              to(0.52 * w, base(m) - 0.02, -30, { turn: CAP }),
              to(1.02 * w, base(m) - 1.05, -24),
              to(1.34 * w, base(m) - 1.0, 26),
            ],
            'From inside the round, down to the right.',
          ),
        ];
      },
    ],
    ['C', (m) => [stroke('back', openRound(m, 0.74 * H(m)), 'The left side of O with an open head.')]],
    [
      'G',
      (m) => {
        const w = 0.74 * H(m);
        return [
          stroke('back', [...openRound(m, w).slice(0, 4), to(0.97 * w, base(m) + 0.62, 58)], 'As C.'),
          stroke(
            'beard',
            [to(0.97 * w, 0.45 * H(m), -90, { turn: CAP }), line(0.97 * w, base(m) + 0.62)],
            'A short stem; it may stop at the line.',
          ),
        ];
      },
    ],
    [
      'D',
      (m) => {
        const w = 0.72 * H(m);
        return [
          plainStem(m),
          stroke(
            'bowl',
            [
              to(-OVERHANG, top(m), 0, { turn: CAP }),
              to(0.42 * w, top(m), -2),
              to(w, 0.5 * H(m), -90),
              to(0.36 * w, base(m), 182),
              to(0, base(m), 180),
            ],
            'One wide curve from head to foot.',
          ),
        ];
      },
    ],
  ],
  'four fifths': [
    [
      'A',
      (m) => {
        const w = 0.74 * H(m);
        return [
          stroke(
            'thin leg',
            [to(0.5 * w, top(m, THIN), undefined, { turn: THIN }), line(0, base(m, THIN), { turn: THIN })],
            'Steep pen: this leg is the thin one.',
          ),
          stroke(
            'thick leg',
            [
              to(0.5 * w, top(m, THIN), undefined, { turn: THIN }),
              line(0.56 * w, 0.84 * H(m), { turn: 0 }),
              line(w, base(m, 0), { turn: 0 }),
            ],
            'Both legs balance about the slope.',
          ),
          bar(0.2 * w, 0.78 * w, 0.34 * H(m)),
        ];
      },
    ],
    [
      'H',
      (m) => [
        stem(m, 0, 'first stem'),
        stem(m, 0.68 * H(m), 'second stem'),
        bar(0, 0.68 * H(m), 0.52 * H(m)),
      ],
    ],
    [
      'K',
      (m) => [
        stem(m, 0),
        stroke(
          'arm',
          [to(0.58 * H(m), top(m), undefined, { turn: CAP }), line(0, 0.46 * H(m))],
          'Down to the middle of the stem.',
        ),
        stroke(
          'leg',
          [
            to(0.04, 0.52 * H(m), -44, { turn: CAP }),
            to(0.66 * H(m), base(m) + 0.16, -42),
            to(0.66 * H(m) + 0.6, base(m) + 0.1, 34),
          ],
          'At a right angle to the arm.',
        ),
      ],
    ],
    [
      'N',
      (m) => {
        const w = 0.72 * H(m);
        return [
          stroke(
            'first stem',
            [to(0, top(m, STEEP), -90, { turn: STEEP }), line(0, base(m, STEEP))],
            'Steepen the pen to about 60°: half weight.',
          ),
          stroke(
            'diagonal',
            [
              to(-0.55, top(m) - 0.1, 20, { turn: CAP }),
              to(0, top(m) - 0.05, -40, { turn: 0 }),
              line(w, base(m, STEEP), { turn: STEEP }),
            ],
            'The heavy stroke.',
          ),
          stroke(
            'second stem',
            [to(w, top(m, STEEP), -90, { turn: STEEP }), line(w, base(m, STEEP))],
            'Parallel to the first.',
          ),
        ];
      },
    ],
    [
      'T',
      (m) => [
        bar(-0.34 * H(m), 0.36 * H(m), H(m) - m.half(FLAT), 'head'),
        stroke('stem', [to(0, top(m) - 0.1, -90, { turn: CAP }), line(0, base(m))]),
      ],
    ],
    [
      'U',
      (m) => {
        const w = 0.66 * H(m);
        return [
          stroke(
            'cup',
            [
              to(-0.62, top(m) - 0.34, 32, { turn: CAP }),
              to(-0.24, top(m), 8),
              to(0, top(m) - 0.5, -90),
              line(0, 0.36 * H(m)),
              to(0.46 * w, base(m), 2),
              to(w, 0.34 * H(m), 88),
            ],
            'Down, round, and up on the thin.',
          ),
          stroke('stem', [to(w, top(m), -90, { turn: CAP }), line(w, base(m))]),
        ];
      },
    ],
    [
      'V',
      (m) => {
        const w = 0.7 * H(m);
        return [
          stroke('thick', [
            to(-0.55, top(m) - 0.1, 20, { turn: CAP }),
            to(-0.02, top(m) - 0.08, -50, { turn: 0 }),
            line(0.5 * w, base(m, THIN), { turn: THIN }),
          ]),
          stroke(
            'thin',
            [to(w, top(m, THIN), undefined, { turn: THIN }), line(0.5 * w, base(m, THIN))],
            'Steep pen.',
          ),
        ];
      },
    ],
    [
      'X',
      (m) => {
        const w = 0.64 * H(m);
        return [
          stroke('thick', [
            to(-0.5, top(m) - 0.1, 20, { turn: CAP }),
            to(0, top(m) - 0.08, -46, { turn: 0 }),
            line(w, base(m, 0)),
          ]),
          stroke(
            'thin',
            [to(w - 0.1, top(m, LOW_THIN), undefined, { turn: LOW_THIN }), line(-0.1, base(m, LOW_THIN))],
            'Steep pen; crosses a little above the middle.',
          ),
        ];
      },
    ],
    [
      'Y',
      (m) => {
        const w = 0.64 * H(m);
        return [
          stroke('left arm', [
            to(-0.5, top(m) - 0.1, 20, { turn: CAP }),
            to(0, top(m) - 0.08, -50, { turn: 0 }),
            line(0.5 * w, 0.46 * H(m)),
          ]),
          stroke('right arm', [
            to(w, top(m, LOW_THIN), undefined, { turn: LOW_THIN }),
            line(0.5 * w, 0.46 * H(m), { turn: 0 }),
          ]),
          stroke('stem', [
            to(0.5 * w, 0.46 * H(m), -90, { turn: 0 }),
            line(0.5 * w, 0.3 * H(m), { turn: CAP }),
            line(0.5 * w, base(m), { turn: CAP }),
          ]),
        ];
      },
    ],
    [
      'Z',
      (m) => {
        const w = 0.64 * H(m);
        return [
          stroke('head', [to(0, top(m), 0, { turn: CAP }), line(w, top(m))]),
          stroke(
            'diagonal',
            [to(w, top(m), undefined, { turn: CAP }), line(-0.06, base(m))],
            'Flat pen, or it vanishes.',
          ),
          stroke('foot', [to(-0.06, base(m), 0, { turn: CAP }), line(w + 0.15, base(m))]),
        ];
      },
    ],
  ],
  half: [
    [
      'B',
      (m) => [
        plainStem(m),
        stroke('upper bowl', bowl(0, top(m), 0.53 * H(m), 0.44 * H(m)), 'The smaller of the two.'),
        stroke('lower bowl', lowerBowl(m)),
      ],
    ],
    [
      'E',
      (m) => [
        armedStem(m, FLAT),
        bar(-OVERHANG, 0.44 * H(m), H(m) - m.half(FLAT), 'upper arm'),
        bar(INNER, 0.38 * H(m), 0.52 * H(m), 'middle arm'),
        bar(0, 0.48 * H(m), m.half(FLAT), 'lower arm'),
      ],
    ],
    [
      'F',
      (m) => [
        armedStem(m),
        bar(-OVERHANG, 0.46 * H(m), H(m) - m.half(FLAT), 'upper arm'),
        bar(INNER, 0.38 * H(m), 0.5 * H(m), 'middle arm'),
      ],
    ],
    [
      'J',
      (m) => [
        stroke(
          'stem',
          [
            to(-0.62, top(m) - 0.34, 32, { turn: CAP }),
            to(-0.24, top(m), 8),
            to(0, top(m) - 0.5, -90),
            line(0, 0.9),
            to(-0.75, -0.85, 212),
            to(-1.75, -1.1, 190),
          ],
          'Through the baseline into a tail.',
        ),
      ],
    ],
    ['L', (m) => [stem(m, 0), bar(-0.4, 0.48 * H(m), m.half(FLAT), 'foot')]],
    [
      'P',
      (m) => [
        plainStem(m),
        stroke('bowl', bowl(0, top(m), 0.45 * H(m), 0.48 * H(m)), 'Larger than the upper bowl of B.'),
      ],
    ],
    [
      'R',
      (m) => [
        plainStem(m),
        stroke('bowl', bowl(0, top(m), 0.48 * H(m), 0.46 * H(m))),
        stroke(
          'leg',
          [
            to(0.22 * H(m), 0.48 * H(m), -50, { turn: CAP }),
            to(0.58 * H(m), base(m) + 0.18, -42),
            to(0.58 * H(m) + 0.6, base(m) + 0.1, 34),
          ],
          'From under the bowl; a straight leg.',
        ),
      ],
    ],
    [
      'S',
      (m) => {
        const w = 0.46 * H(m);
        return [
          stroke(
            'spine',
            [
              to(w + 0.2, top(m) - 0.36, 146, { turn: CAP }),
              to(0.58 * w, top(m), 182),
              to(0.04 * w, 0.76 * H(m), -88),
              to(0.52 * w, 0.51 * H(m), -32),
              to(w + 0.06, 0.27 * H(m), -92),
              to(0.48 * w, base(m), 180),
              to(-0.3, base(m) + 0.34, 150),
            ],
            'Flat pen; the upper curve is the smaller.',
          ),
        ];
      },
    ],
  ],
  wide: [
    [
      'M',
      (m) => {
        const w = 0.86 * H(m);
        return [
          stroke(
            'first leg',
            [to(0.12 * w, top(m, THIN), undefined, { turn: THIN }), line(0, base(m, THIN))],
            'Steep pen: thin.',
          ),
          stroke('first diagonal', [
            to(0.12 * w, top(m, THIN), undefined, { turn: THIN }),
            line(0.18 * w, 0.84 * H(m), { turn: 0 }),
            line(0.5 * w, base(m, THIN), { turn: THIN }),
          ]),
          stroke('second diagonal', [
            to(0.88 * w, top(m, THIN), undefined, { turn: THIN }),
            line(0.5 * w, base(m, THIN)),
          ]),
          stroke('second leg', [
            to(0.88 * w, top(m, THIN), undefined, { turn: THIN }),
            line(0.9 * w, 0.84 * H(m), { turn: CAP }),
            line(w, base(m), { turn: CAP }),
          ]),
        ];
      },
    ],
    [
      'W',
      (m) => {
        const w = 1.02 * H(m);
        return [
          stroke('first thick', [
            to(-0.55, top(m) - 0.1, 20, { turn: CAP }),
            to(-0.02, top(m) - 0.08, -50, { turn: 0 }),
            line(0.26 * w, base(m, THIN), { turn: THIN }),
          ]),
          stroke('first thin', [
            to(0.52 * w, top(m, THIN), undefined, { turn: THIN }),
            line(0.26 * w, base(m, THIN)),
          ]),
          stroke(
            'second thick',
            [
              to(0.52 * w, top(m, THIN), undefined, { turn: THIN }),
              line(0.565 * w, 0.84 * H(m), { turn: 0 }),
              line(0.78 * w, base(m, THIN), { turn: THIN }),
            ],
            'Parallel to the first.',
          ),
          stroke('second thin', [
            to(1.04 * w, top(m, THIN), undefined, { turn: THIN }),
            line(0.78 * w, base(m, THIN)),
          ]),
        ];
      },
    ],
  ],
  stem: [['I', (m) => [stem(m, 0)]]],
};

export const capitals = (m: Measures): Letter[] =>
  Object.entries(BUILDS).flatMap(([family, letters]) =>
    letters.map(([text, build]) => ({ text, variant: 'usual', family, strokes: build(m) })),
  );
