import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, stroke, to } from '../letter';
import { base, CAP, FLAT, H, lowerBowl, STEEP, stem, THIN, top } from './capitals';

/**
 * Swash capitals: the same letters with their first stroke led in from the left, for the beginning of a line. The
 * flourish stays within the capital height, so that it never meets the line above.
 */

/** Out of the left, up and over: what a swash begins with. Ends on the capital line at x. */
const leadIn = (m: Measures, x: number): Knot[] => [
  to(x - 1.75, top(m) - 1.75, 78, { turn: CAP }),
  to(x - 0.95, top(m) - 0.32, 40),
  to(x, top(m), 4),
];

/** Stem whose head is led in and whose foot swings out to the left. */
const swashStem = (m: Measures, x: number, name = 'stem'): StrokePlan =>
  stroke(
    name,
    [...leadIn(m, x - 0.75), to(x, top(m) - 0.85, -90), line(x, base(m))],
    'In from the left, over, and straight down.',
  );

/** Bowls close this far into the swinging foot, so that no white shows between. */
const FOOT = -0.75;

/** Stem under a bowl; its foot swings to the left. */
const footedStem = (m: Measures): StrokePlan =>
  stroke(
    'stem',
    [
      to(0, top(m), -90, { turn: CAP }),
      line(0, base(m) + 1.1),
      to(-0.75, base(m), 196),
      to(-1.7, base(m) + 0.3, 152),
    ],
    'Down, and out to the left at the foot.',
  );

const ledBowl = (m: Measures, low: number, w: number): Knot[] => [
  ...leadIn(m, -0.6),
  to(0.52 * w, top(m), -2),
  to(w, (top(m) + low) / 2, -90),
  to(0.46 * w, low, 182),
  to(0, low, 180),
];

const wave = (m: Measures, from: number, until: number): StrokePlan =>
  stroke(
    'wave',
    [
      to(from - 0.55, top(m, FLAT) - 1.2, 74, { turn: FLAT }),
      to(from + 0.5, top(m, FLAT) - 0.02, 2),
      to((from + until) / 2, top(m, FLAT) - 0.32, -8),
      to(until, top(m, FLAT) - 0.1, 26),
    ],
    'A wave in place of the straight arm.',
  );

const leg = (m: Measures, x: number, y: number): StrokePlan =>
  stroke(
    'leg',
    [
      to(x, y, -50, { turn: CAP }),
      to(0.58 * H(m), base(m) + 0.3, -44),
      to(0.58 * H(m) + 1.1, base(m) - 0.35, -12),
      to(0.58 * H(m) + 1.9, base(m) + 0.1, 44),
    ],
    'The leg runs on a little under the line.',
  );

const diagonal = (m: Measures, x2: number): StrokePlan =>
  stroke('thick', [
    ...leadIn(m, -0.75),
    to(0.02, top(m) - 0.6, -64, { turn: 0 }),
    line(x2, base(m, THIN), { turn: THIN }),
  ]);

const BUILDS: readonly (readonly [string, (m: Measures) => StrokePlan[]])[] = [
  [
    'B',
    (m) => [
      footedStem(m),
      stroke('upper bowl', ledBowl(m, 0.53 * H(m), 0.44 * H(m))),
      stroke('lower bowl', [...lowerBowl(m), line(FOOT, base(m))]),
    ],
  ],
  [
    'D',
    (m) => {
      const w = 0.72 * H(m);
      return [
        footedStem(m),
        stroke('bowl', [
          ...leadIn(m, -0.6),
          to(0.42 * w, top(m), -2),
          to(w, 0.5 * H(m), -90),
          to(0.36 * w, base(m), 182),
          to(FOOT, base(m), 180),
        ]),
      ];
    },
  ],
  ['P', (m) => [footedStem(m), stroke('bowl', ledBowl(m, 0.45 * H(m), 0.48 * H(m)))]],
  [
    'R',
    (m) => [
      footedStem(m),
      stroke('bowl', ledBowl(m, 0.48 * H(m), 0.46 * H(m))),
      leg(m, 0.22 * H(m), 0.48 * H(m)),
    ],
  ],
  [
    'F',
    (m) => [
      footedStem(m),
      wave(m, -0.9, 0.52 * H(m)),
      stroke('middle arm', [to(0.3, 0.5 * H(m), 0, { turn: FLAT }), line(0.38 * H(m), 0.5 * H(m))]),
    ],
  ],
  [
    'T',
    (m) => [
      wave(m, -0.42 * H(m), 0.44 * H(m)),
      stroke('stem', [to(0, top(m) - 0.3, -90, { turn: CAP }), line(0, base(m))]),
    ],
  ],
  [
    'H',
    (m) => [
      swashStem(m, 0, 'first stem'),
      stem(m, 0.72 * H(m), 'second stem'),
      stroke('bar', [
        to(-0.7, 0.46 * H(m), 40, { turn: FLAT }),
        to(0.25 * H(m), 0.52 * H(m), 0),
        line(0.72 * H(m), 0.52 * H(m)),
      ]),
    ],
  ],
  [
    'K',
    (m) => [
      swashStem(m, 0),
      stroke('arm', [to(0.58 * H(m), top(m), undefined, { turn: CAP }), line(0, 0.46 * H(m))]),
      leg(m, 0.04, 0.52 * H(m)),
    ],
  ],
  [
    'N',
    (m) => {
      const w = 0.72 * H(m);
      return [
        stroke('first stem', [to(0, top(m, STEEP), -90, { turn: STEEP }), line(0, base(m, STEEP))]),
        stroke('diagonal', [
          ...leadIn(m, -0.55),
          to(0.12, top(m) - 0.35, -46, { turn: 0 }),
          line(w, base(m, STEEP), { turn: STEEP }),
        ]),
        stroke('second stem', [to(w, top(m, STEEP), -90, { turn: STEEP }), line(w, base(m, STEEP))]),
      ];
    },
  ],
  [
    'V',
    (m) => {
      const w = 0.7 * H(m);
      return [
        diagonal(m, 0.5 * w),
        stroke('thin', [to(w, top(m, THIN), undefined, { turn: THIN }), line(0.5 * w, base(m, THIN))]),
      ];
    },
  ],
  [
    'W',
    (m) => {
      const w = 1.02 * H(m);
      return [
        diagonal(m, 0.26 * w),
        stroke('first thin', [
          to(0.52 * w, top(m, THIN), undefined, { turn: THIN }),
          line(0.26 * w, base(m, THIN)),
        ]),
        stroke('second thick', [
          to(0.52 * w, top(m, THIN), undefined, { turn: THIN }),
          line(0.565 * w, 0.84 * H(m), { turn: 0 }),
          line(0.78 * w, base(m, THIN), { turn: THIN }),
        ]),
        stroke('second thin', [
          to(1.04 * w, top(m, THIN), undefined, { turn: THIN }),
          line(0.78 * w, base(m, THIN)),
        ]),
      ];
    },
  ],
];

export const swashCapitals = (m: Measures): Letter[] =>
  BUILDS.map(([text, build]) => ({ text, variant: 'swash', family: 'swash capitals', strokes: build(m) }));
