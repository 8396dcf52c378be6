import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Context, type Letter, line, type Measures, type Port, stroke, to, USUAL } from '../letter';
import {
  alongOval,
  bodyOval,
  compound,
  descend,
  descendRight,
  dotKnots,
  loop,
  loopEntry,
  loopExit,
  OVER_REACH,
  onOval,
  ovalAt,
  over,
  rise,
  spread,
  squareTop,
  squareTopRight,
  UNDER_REACH,
  under,
  underTurn,
} from './parts';

/** A letter without its name: strokes, how it is joined, and the middles of its first and last shade. */
interface Drawn {
  readonly strokes: readonly StrokePlan[];
  readonly entry: Port;
  readonly exit: Port;
  readonly shades: readonly [number, number];
  readonly context?: Context;
  readonly byItself?: boolean;
}

type Build = (m: Measures) => Drawn;

/** Where joins reach a letter: in the side of a shade, of an oval, over a turn, into a loop, into the eye of e. */
const minim = (m: Measures, x = 0): Port => ({ kind: 'minim', x: x - spread(m) / 2, y: 3.3, dir: 86 });
const oval = (m: Measures): Port => {
  const { x, y } = onOval(bodyOval(m), 84);
  return { kind: 'oval', x, y, dir: 90 };
};
const turn = (m: Measures, x = 0): Port => ({ kind: 'turn', x: x - OVER_REACH, y: m.T, dir: 0 });
const eye: Port = { kind: 'eye', x: 0.1, y: 1.75, dir: 30 };

/** Where joins leave: along the baseline after a turn, up out of a descending loop, or from a dot near the waistline. */
const low = (m: Measures, x: number): Port => ({ kind: 'low', x: x + UNDER_REACH, y: m.B, dir: 0 });
const high = (x: number, y: number, dir = -40): Port => ({ kind: 'high', x, y, dir });

/** Tops of t, d and p over the waistline, as shares of the ascender. */
const T_TOP = 0.5;
const D_TOP = 0.67;
const P_TOP = 0.3;
const above = (m: Measures, share: number) => m.X + share * (m.A - m.X);

/** Where the stem that closes an oval stands: its left edge runs into the oval's side. */
const stemOf = (m: Measures): number => {
  const { cx, reach } = bodyOval(m);
  return cx + reach + spread(m) / 2 - 0.08;
};

/** Half the pressure: where two shades meet, one of them gives way. */
const lighter = (knots: readonly Knot[]): Knot[] =>
  knots.map((knot) => ({ ...knot, press: 0.5 * (knot.press ?? 0) }));

const ovalStroke = (m: Measures) =>
  stroke(
    'oval',
    alongOval(bodyOval(m), -14, 346),
    'Up on the hairline, over, press down the left, and close.',
  );

const arch = (m: Measures, x: number): Knot[] => [...rise(m, x), ...compound(m, x + m.d)];

/** Hairline from the turn of the last shade up to a dot under the waistline: the end of b, v, w. */
const upToDot = (x: number): Knot[] => [
  to(x + 1.86, 2.3, 84, { press: 0 }),
  to(x + 1.72, 4.3, 108, { press: 0 }),
];

const highDot = (m: Measures, x: number) => stroke('dot', dotKnots(m, x + 1.74, 4.18, 0.8));

const BUILDS: Readonly<Record<string, readonly (readonly [string, string, Build])[]>> = {
  'under-turn': [
    [
      'i',
      USUAL,
      (m) => ({
        strokes: [
          stroke('stem', under(m, 0), 'Squared top, full pressure, and out of the turn on the hairline.'),
          stroke('dot', dotKnots(m, 0.1, m.X + 2.1)),
        ],
        entry: minim(m),
        exit: low(m, 0),
        shades: [0, 0],
      }),
    ],
    [
      'u',
      USUAL,
      (m) => ({
        strokes: [
          stroke('first stem', [...under(m, 0), to(m.d - spread(m) / 2, 3.3, 86, { press: 0 })]),
          stroke('second stem', under(m, m.d), 'Parallel, and as heavy.'),
        ],
        entry: minim(m),
        exit: low(m, m.d),
        shades: [0, m.d],
      }),
    ],
    [
      't',
      USUAL,
      (m) => ({
        strokes: [
          stroke('stem', under(m, 0, above(m, T_TOP)), 'Squared top, half-way up the ascender.'),
          stroke('bar', [to(-1.15, m.X + 0.9, 6, { press: 0 }), to(1.25, m.X + 1.05, 6)], 'A hairline.'),
        ],
        entry: minim(m),
        exit: low(m, 0),
        shades: [0, 0],
      }),
    ],
    [
      't',
      'looped',
      (m) => ({
        strokes: [
          stroke(
            'stem and bar',
            [
              ...under(m, 0, above(m, T_TOP)),
              to(1.5, 1.7, 74, { press: 0 }),
              to(1.15, m.X + 0.4, 128),
              to(-0.4, m.X + 0.75, 200),
              to(-0.2, m.X + 0.35, 8),
              to(1.5, m.X + 0.75, 14),
            ],
            'The ending form: the hairline comes back over the stem as its bar.',
          ),
        ],
        entry: minim(m),
        exit: { kind: 'none', x: 1.5, y: m.X + 0.75, dir: 14 },
        shades: [0, 0],
        context: 'word-end',
      }),
    ],
    [
      'w',
      USUAL,
      (m) => ({
        strokes: [
          stroke('first stem', [...under(m, 0), to(m.d - spread(m) / 2, 3.3, 86, { press: 0 })]),
          stroke('second stem', [...under(m, m.d), ...upToDot(m.d)]),
          highDot(m, m.d),
        ],
        entry: minim(m),
        exit: high(m.d + 1.7, 4.26),
        shades: [0, m.d],
      }),
    ],
  ],
  compound: [
    [
      'n',
      USUAL,
      (m) => ({
        strokes: [
          stroke('first stem', over(m, 0), 'Over on the hairline, press, and stop square on the line.'),
          stroke('compound curve', arch(m, 0), 'Up beside the stem, over, press, and out under.'),
        ],
        entry: turn(m),
        exit: low(m, m.d),
        shades: [0, m.d],
      }),
    ],
    [
      'm',
      USUAL,
      (m) => ({
        strokes: [
          stroke('first stem', over(m, 0)),
          stroke('second stem', [...rise(m, 0), ...over(m, m.d)]),
          stroke('compound curve', arch(m, m.d)),
        ],
        entry: turn(m),
        exit: low(m, 2 * m.d),
        shades: [0, 2 * m.d],
      }),
    ],
    [
      'v',
      USUAL,
      (m) => ({
        strokes: [
          stroke('compound curve', [...compound(m, 0), ...upToDot(0)], 'As the end of n, then up to a dot.'),
          highDot(m, 0),
        ],
        entry: turn(m),
        exit: high(1.7, 4.26),
        shades: [0, 0],
      }),
    ],
    [
      'x',
      USUAL,
      (m) => ({
        strokes: [
          stroke('compound curve', compound(m, 0)),
          stroke(
            'cross',
            [to(-1.05, m.B + 0.1, 36, { press: 0 }), to(0, 2.45, 62), to(1.05, m.T - 0.1, 36)],
            'A hairline through the middle, up to the right.',
          ),
        ],
        entry: turn(m),
        exit: low(m, 0),
        shades: [0, 0],
      }),
    ],
    [
      'x',
      'two curves',
      (m) => {
        const right = ovalAt(m, 1.9, m.X / 2, m.X / 2 - m.half(), 1.1);
        const left = ovalAt(m, -0.72, m.X / 2, m.X / 2 - m.half(), 0.98);
        return {
          strokes: [
            stroke(
              'left curve',
              lighter(alongOval(left, 40, -180, 'right')),
              'Over, and press down the right side.',
            ),
            stroke('right curve', alongOval(right, -40, 180), 'A c set against its back.'),
          ],
          entry: { kind: 'turn', x: onOval(left, 0).x - 0.2, y: m.T, dir: 0 },
          exit: { kind: 'low', x: onOval(right, 180).x, y: m.B, dir: 0 },
          shades: [-0.9, 1.45],
        };
      },
    ],
    [
      'y',
      USUAL,
      (m) => ({
        strokes: [
          stroke('compound curve', [...compound(m, 0), to(m.d - spread(m) / 2, 3.3, 86, { press: 0 })]),
          stroke('descending loop', [squareTopRight(m, m.d), ...descend(m, m.d)]),
        ],
        entry: turn(m),
        exit: loopExit(m.d),
        shades: [0, m.d],
      }),
    ],
    [
      'p',
      USUAL,
      (m) => ({
        strokes: [
          stroke(
            'stem',
            [squareTop(m, 0, above(m, P_TOP)), line(-spread(m) / 2, m.D, { press: 1, anchor: 0 })],
            'Squared at both ends.',
          ),
          stroke('compound curve', arch(m, 0)),
        ],
        entry: minim(m),
        exit: low(m, m.d),
        shades: [0, m.d],
      }),
    ],
  ],
  oval: [
    [
      'o',
      USUAL,
      (m) => {
        const ring = bodyOval(m);
        const leave = onOval(ring, 322, 'none', true);
        return {
          strokes: [
            stroke(
              'oval',
              alongOval(ring, 0, 360),
              'One closed stroke, shaded on the left; it leaves near its top.',
            ),
          ],
          entry: oval(m),
          // Down along its own side, so that the join grows out of the oval.
          exit: high(leave.x, leave.y, leave.dir),
          shades: [0, 0],
        };
      },
    ],
    [
      'a',
      USUAL,
      (m) => ({
        strokes: [ovalStroke(m), stroke('stem', under(m, stemOf(m)), 'Touches the oval all along its side.')],
        entry: oval(m),
        exit: low(m, stemOf(m)),
        shades: [0, stemOf(m)],
      }),
    ],
    [
      'd',
      USUAL,
      (m) => ({
        strokes: [
          ovalStroke(m),
          stroke('stem', under(m, stemOf(m), above(m, D_TOP)), 'Two thirds up the ascender.'),
        ],
        entry: oval(m),
        exit: low(m, stemOf(m)),
        shades: [0, stemOf(m)],
      }),
    ],
    [
      'g',
      USUAL,
      (m) => ({
        strokes: [
          ovalStroke(m),
          stroke('descending loop', [squareTopRight(m, stemOf(m)), ...descend(m, stemOf(m))]),
        ],
        entry: oval(m),
        exit: loopExit(stemOf(m)),
        shades: [0, stemOf(m)],
      }),
    ],
    [
      'q',
      USUAL,
      (m) => {
        const x = stemOf(m);
        return {
          strokes: [
            ovalStroke(m),
            stroke(
              'stem and return',
              [squareTop(m, x), ...descendRight(m, x)],
              'The loop of f: it turns to the right and closes on the baseline.',
            ),
          ],
          entry: oval(m),
          exit: { kind: 'low', x: x + 0.3, y: 0.14, dir: -10 },
          shades: [0, x],
        };
      },
    ],
    [
      'c',
      USUAL,
      (m) => {
        const ring = bodyOval(m, 1.3);
        const foot = onOval(ring, 180);
        return {
          strokes: [
            stroke('back', alongOval(ring, -38, 180), 'From a dot at the head, over, and down.'),
            stroke('dot', dotKnots(m, onOval(ring, -38).x - 0.13, onOval(ring, -38).y - 0.1)),
          ],
          entry: oval(m),
          exit: { kind: 'low', x: foot.x, y: m.B, dir: 0 },
          shades: [0, 0],
        };
      },
    ],
    [
      'e',
      USUAL,
      (m) => {
        const ring = bodyOval(m, 1.2);
        const foot = onOval(ring, 180);
        return {
          strokes: [
            stroke(
              'eye and back',
              [to(eye.x, eye.y, eye.dir, { press: 0 }), ...alongOval(ring, -45, 180)],
              'The eye rises on the hairline and turns over; it stays open.',
            ),
          ],
          entry: eye,
          exit: { kind: 'low', x: foot.x, y: m.B, dir: 0 },
          shades: [0, 0],
        };
      },
    ],
  ],
  loop: [
    [
      'l',
      USUAL,
      (m) => ({
        strokes: [
          stroke('loop', [...loop(m, 0), ...underTurn(m, 0)], 'Press only when the top has been turned.'),
        ],
        entry: loopEntry(m),
        exit: low(m, 0),
        shades: [0, 0],
      }),
    ],
    [
      'b',
      USUAL,
      (m) => ({
        strokes: [stroke('loop', [...loop(m, 0), ...underTurn(m, 0), ...upToDot(0)]), highDot(m, 0)],
        entry: loopEntry(m),
        exit: high(1.7, 4.26),
        shades: [0, 0],
      }),
    ],
    [
      'h',
      USUAL,
      (m) => ({
        strokes: [
          stroke('loop', [...loop(m, 0), line(-spread(m) / 2, m.B, { press: 1 })], 'Down to a squared foot.'),
          stroke('compound curve', arch(m, 0)),
        ],
        entry: loopEntry(m),
        exit: low(m, m.d),
        shades: [0, m.d],
      }),
    ],
    [
      'k',
      USUAL,
      (m) => ({
        strokes: [
          stroke('loop', [...loop(m, 0), line(-spread(m) / 2, m.B, { press: 1 })]),
          stroke('bowl', kBowl(m), 'Small, and high on the stem.'),
          stroke('leg', kLeg(m)),
        ],
        entry: loopEntry(m),
        exit: low(m, K * m.d),
        shades: [0, K * m.d],
      }),
    ],
    [
      'f',
      USUAL,
      (m) => ({
        strokes: [
          stroke(
            'loops',
            [...loop(m, 0), ...descendRight(m, 0)],
            'One stem through all three zones; the lower loop closes on the baseline.',
          ),
        ],
        entry: loopEntry(m),
        exit: { kind: 'low', x: 0.3, y: 0.14, dir: -10 },
        shades: [0, 0],
      }),
    ],
    [
      'j',
      USUAL,
      (m) => ({
        strokes: [
          stroke('descending loop', [squareTopRight(m, 0), ...descend(m, 0)]),
          stroke('dot', dotKnots(m, 0.1, m.X + 2.1)),
        ],
        entry: minim(m),
        exit: loopExit(0),
        shades: [0, 0],
      }),
    ],
  ],
  'of their own': [
    [
      'r',
      USUAL,
      (m) => ({
        strokes: [rStroke(m, fromLow(-1.0, 2.2)), rDot(m)],
        entry: { kind: 'rise', x: -1.0, y: 2.2, dir: 56 },
        exit: low(m, R_STEM),
        shades: [0.6, R_STEM],
      }),
    ],
    [
      'r',
      'from above',
      (m) => ({
        strokes: [rStroke(m, fromHigh(m)), rDot(m)],
        entry: { kind: 'high rise', x: -0.62, y: m.X - 1.15, dir: 46 },
        exit: low(m, R_STEM),
        shades: [0.6, R_STEM],
        context: { after: HIGH_LETTERS },
        byItself: true,
      }),
    ],
    [
      'r',
      'plain',
      (m) => ({
        strokes: [
          stroke('stem', over(m, 0)),
          stroke(
            'ear',
            [...rise(m, 0), to(1.5, m.T - 0.02, 20, { press: 0 }), to(2.0, m.T - 0.45, -70)],
            'The start of n, and a dot.',
          ),
          stroke('dot', dotKnots(m, 1.9, m.T - 0.4, 0.8)),
        ],
        entry: turn(m),
        exit: high(1.94, m.T - 0.42, -40),
        shades: [0, 0.3],
      }),
    ],
    [
      's',
      USUAL,
      (m) => ({
        strokes: [sStroke(m, fromLow(-1.0, 2.0)), sDot(m)],
        entry: { kind: 'rise', x: -1.0, y: 2.0, dir: 56 },
        exit: { kind: 'low', x: 0.1, y: m.B, dir: 0 },
        shades: [0.5, 0.5],
      }),
    ],
    [
      's',
      'from above',
      (m) => ({
        strokes: [sStroke(m, fromHigh(m)), sDot(m)],
        entry: { kind: 'high rise', x: -0.62, y: m.X - 1.15, dir: 46 },
        exit: { kind: 'low', x: 0.1, y: m.B, dir: 0 },
        shades: [0.5, 0.5],
        context: { after: HIGH_LETTERS },
        byItself: true,
      }),
    ],
    [
      's',
      'double curve',
      (m) => ({
        strokes: [
          stroke(
            'double curve',
            [
              to(1.2, 4.0, 110, { press: 0, anchor: 0.5 }),
              to(0.62, m.T, 180),
              to(-0.12, 3.75, -84, { press: 0.3 }),
              to(0.5, 2.4, -58, { press: 1 }),
              to(0.92, 1.12, -94, { press: 0.3 }),
              to(0.2, m.B, 180, { press: 0 }),
              to(-0.55, 0.85, 84),
            ],
            'The printed form, for ends and beginnings.',
          ),
          stroke('head', dotKnots(m, 1.16, 4.0, 0.75)),
          stroke('tail', dotKnots(m, -0.5, 0.8, 0.75)),
        ],
        entry: { kind: 'none', x: 0, y: 0, dir: 0 },
        exit: { kind: 'none', x: 0, y: 0, dir: 0 },
        shades: [0.4, 0.5],
      }),
    ],
    [
      'z',
      USUAL,
      (m) => ({
        strokes: [
          stroke(
            'head and descending loop',
            [
              to(-OVER_REACH, m.T, 0, { press: 0, anchor: 1 }),
              to(spread(m) / 2, 3.5, -90, { press: 0.9 }),
              to(-0.72, m.B + 0.1, 218, { press: 0, leave: 44 }),
              to(-0.1, 0.42, 0, { anchor: 1 }),
              to(Z_STEM + spread(m) / 2, 0.2 * m.D, -90, { press: 0.9 }),
              ...descend(m, Z_STEM).slice(1),
            ],
            'Turn, press, a small dip on the line, and down into the loop.',
          ),
        ],
        entry: turn(m),
        exit: loopExit(Z_STEM),
        shades: [0, 0.5],
      }),
    ],
    [
      'z',
      'plain',
      (m) => ({
        strokes: [
          stroke(
            'waves',
            [
              to(-0.55, 3.9, 66, { press: 0, anchor: 0.5 }),
              to(0.1, m.T - 0.12, -14, { press: 0.3 }),
              to(0.9, m.T - 0.32, 6, { press: 0.1 }),
              to(1.6, m.T, 40, { press: 0 }),
              line(0.55, 2.5, { press: 0.75 }),
              line(-0.5, m.B + 0.06, { press: 0, leave: 52 }),
              to(0.05, 0.5, 4, { press: 0.2 }),
              to(0.85, 0.2, -20, { press: 0.4 }),
              to(1.5, 0.55, 50, { press: 0 }),
            ],
            'Two waves and a hairline between.',
          ),
        ],
        entry: { kind: 'none', x: 0, y: 0, dir: 0 },
        exit: { kind: 'low', x: 1.5, y: 0.55, dir: 50 },
        shades: [0, 0.5],
      }),
    ],
  ],
};

/** r: crest over the waistline, shoulder, stem; written from lower or, after a high exit, from higher up. */
const rStroke = (m: Measures, start: Knot): StrokePlan =>
  stroke(
    'shoulder and stem',
    [
      start,
      to(R_CREST, m.X + 0.42, 80, { press: 0, leave: -82 }),
      to(0.24, m.T - 0.58, -20, { anchor: 1 }),
      to(0.8, m.T - 0.6, 8),
      to(R_STEM + spread(m) / 2, 2.95, -90, { press: 1 }),
      line(R_STEM - spread(m) / 2, 1.95, { press: 1, anchor: 0, dir: -90 }),
      to(R_STEM + UNDER_REACH, m.B, 0, { press: 0 }),
    ],
    'Up over the waistline, a small dip of the shoulder, and down.',
  );
const R_CREST = -0.16;
const R_STEM = 1.1;
const rDot = (m: Measures) => stroke('dot', dotKnots(m, R_CREST + 0.02, m.X + 0.34, 0.75));

/** s: hairline over the waistline, then the belly. */
const sStroke = (m: Measures, start: Knot): StrokePlan =>
  stroke(
    'back',
    [
      start,
      to(0.02, m.X + 0.3, 80, { press: 0, leave: -86 }),
      to(0.3, 3.6, -76, { press: 0.26, anchor: 1 }),
      to(0.8, 1.6, -91, { press: 1 }),
      to(-0.06, m.B, 180, { press: 0 }),
      to(-0.72, 0.62, 96, { anchor: 0.5 }),
    ],
    'Up on the hairline, swell down the belly, and close with a dot.',
  );
const sDot = (m: Measures) => stroke('dot', dotKnots(m, -0.62, 0.66, 0.9));

/** Letters that leave near the waistline; r and s then begin higher. */
const HIGH_LETTERS = 'bovw';
const fromLow = (x: number, y: number): Knot => to(x, y, 56, { press: 0 });
const fromHigh = (m: Measures): Knot => to(-0.62, m.X - 1.15, 46, { press: 0 });

/** The small bowl of k, closing on the stem, and its leg. */
const kBowl = (m: Measures): Knot[] => [
  ...rise(m, 0),
  to(K * m.d - 0.55, m.T, 0, { press: 0, anchor: 0.5 }),
  to(K * m.d + 0.06, m.T - 0.72, -90, { press: 0.25 }),
  to(0.28, 2.6, 190, { press: 0 }),
];
const kLeg = (m: Measures): Knot[] => [
  to(0.28, 2.6, 10, { press: 0, anchor: 1 }),
  to(K * m.d - 0.35, 2.72, -6),
  to(K * m.d + spread(m) / 2, 1.75, -90, { press: 0.95 }),
  line(K * m.d - spread(m) / 2 + 0.08, 1.45, { press: 0.95, anchor: 0, dir: -88 }),
  to(K * m.d + UNDER_REACH, m.B, 0, { press: 0 }),
];
const K = 0.9;

const Z_STEM = 0.5;

/** Ascenders and descenders without loops: squared stems. */
const plainTop = (m: Measures, x = 0) => squareTop(m, x, above(m, PLAIN));
const PLAIN = 0.86;
const plainTail = (m: Measures, x: number): Knot[] => [
  squareTop(m, x),
  line(x - spread(m) / 2, m.D * PLAIN, { press: 1, anchor: 0 }),
];

const PLAIN_BUILDS: readonly (readonly [string, Build])[] = [
  [
    'l',
    (m) => ({
      strokes: [stroke('stem', [plainTop(m), ...underTurn(m, 0)], 'A squared stem in place of the loop.')],
      entry: minim(m),
      exit: low(m, 0),
      shades: [0, 0],
    }),
  ],
  [
    'b',
    (m) => ({
      strokes: [stroke('stem', [plainTop(m), ...underTurn(m, 0), ...upToDot(0)]), highDot(m, 0)],
      entry: minim(m),
      exit: high(1.7, 4.26),
      shades: [0, 0],
    }),
  ],
  [
    'h',
    (m) => ({
      strokes: [
        stroke('stem', [plainTop(m), line(-spread(m) / 2, m.B)]),
        stroke('compound curve', arch(m, 0)),
      ],
      entry: minim(m),
      exit: low(m, m.d),
      shades: [0, m.d],
    }),
  ],
  [
    'k',
    (m) => ({
      strokes: [
        stroke('stem', [plainTop(m), line(-spread(m) / 2, m.B)]),
        stroke('bowl', kBowl(m)),
        stroke('leg', kLeg(m)),
      ],
      entry: minim(m),
      exit: low(m, K * m.d),
      shades: [0, K * m.d],
    }),
  ],
  [
    'f',
    (m) => ({
      strokes: [
        stroke('stem', [plainTop(m), line(-spread(m) / 2, m.D * PLAIN)]),
        stroke('bar', [to(-0.7, 1.9, 30, { press: 0 }), to(0.7, 2.9, 30)]),
      ],
      entry: minim(m),
      exit: { kind: 'high', x: 0.7, y: 2.9, dir: 30 },
      shades: [0, 0],
    }),
  ],
  [
    'g',
    (m) => ({
      strokes: [ovalStroke(m), stroke('stem', plainTail(m, stemOf(m)))],
      entry: oval(m),
      exit: afterTail(m, stemOf(m)),
      shades: [0, stemOf(m)],
    }),
  ],
  [
    'j',
    (m) => ({
      strokes: [stroke('stem', plainTail(m, 0)), stroke('dot', dotKnots(m, 0.1, m.X + 2.1))],
      entry: minim(m),
      exit: afterTail(m, 0),
      shades: [0, 0],
    }),
  ],
  [
    'q',
    (m) => ({
      strokes: [ovalStroke(m), stroke('stem', plainTail(m, stemOf(m)))],
      entry: oval(m),
      exit: afterTail(m, stemOf(m)),
      shades: [0, stemOf(m)],
    }),
  ],
  [
    'y',
    (m) => ({
      strokes: [
        stroke('compound curve', [...compound(m, 0), to(m.d - spread(m) / 2, 3.3, 86, { press: 0 })]),
        stroke('stem', plainTail(m, m.d)),
      ],
      entry: turn(m),
      exit: afterTail(m, m.d),
      shades: [0, m.d],
    }),
  ],
];

/** After a plain descender the next letter begins afresh, from the side of the stem. */
const afterTail = (m: Measures, x: number): Port => ({
  kind: 'loop',
  x: x + spread(m) / 2 - 0.04,
  y: 0.7,
  dir: 58,
});

/** The small letters of copperplate, looped; each shape of a letter after its usual one. */
export const lowercase = (m: Measures): Letter[] => [
  ...Object.entries(BUILDS).flatMap(([family, letters]) =>
    letters.map(([text, variant, build]) => ({ text, variant, family, ...build(m) })),
  ),
  ...PLAIN_BUILDS.map(([text, build]) => ({ text, variant: 'plain stem', family: 'plain', ...build(m) })),
];
