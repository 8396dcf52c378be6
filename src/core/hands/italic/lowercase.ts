import type { StrokePlan } from '../../pen/stroke';
import { type Letter, line, type Measures, stroke, to, USUAL } from '../letter';
import { barStroke, THIN_TURN } from './bars';
import { withPorts } from './joins';
import { arch, bowl, cup, entry, exit, foot, tail } from './parts';

type Build = (m: Measures) => StrokePlan[];

const dot: Build = (m) => [
  stroke(
    'dot',
    [to(-0.02, m.X + 1.72), line(0.34, m.X + 1.36)],
    'Set the whole edge down and pull a short way across it: a small square on its corner.',
  ),
];

/** Off the hand's 45°: the whole of z is written at about 29°. */
const Z_TURN = -16;

/** Letters by family, in the order they are taught. */
const BUILDS: Readonly<Record<string, readonly [string, Build][]>> = {
  straight: [
    [
      'i',
      (m) => [
        stroke(
          'stem',
          [...entry(m, 0), ...exit(m, 0)],
          'Spring in on the thin, pull straight down, leave on the thin.',
        ),
        ...dot(m),
      ],
    ],
    [
      'l',
      (m) => [
        stroke(
          'stem',
          [...entry(m, 0, m.A), ...exit(m, 0)],
          'From the ascender line; straight, and no loop.',
        ),
      ],
    ],
    [
      't',
      (m) => [
        stroke(
          'stem',
          [to(0, m.X + 0.62, -90), ...exit(m, 0)],
          'Starts only a little over the waistline: t is a short letter.',
        ),
        barStroke(m, -0.86, 2.1),
      ],
    ],
    ['j', (m) => [stroke('stem', [...entry(m, 0), ...tail(m, 0)], 'Like i, down into a tail.'), ...dot(m)]],
    [
      'f',
      (m) => [
        stroke(
          'stem',
          [
            to(1.72, m.A - 0.34, 148),
            to(1.02, m.A, 184),
            to(0, m.A - 1.55, -90),
            line(0, m.D + 1.5),
            to(-0.5, m.D + 0.1, 214),
          ],
          'Begin with the head, then one long pull through the baseline.',
        ),
        barStroke(m, -0.86, 2.2),
      ],
    ],
  ],
  branching: [
    [
      'n',
      (m) => [
        stroke('stem', [...entry(m, 0), ...foot(m, 0)]),
        stroke(
          'arch',
          [...arch(m, 0), ...exit(m, m.d)],
          'Go back up inside the stem, branch a third of the way up, and spring over.',
        ),
      ],
    ],
    [
      'm',
      (m) => [
        stroke('stem', [...entry(m, 0), ...foot(m, 0)]),
        stroke('first arch', [...arch(m, 0), ...foot(m, m.d)]),
        stroke('second arch', [...arch(m, m.d), ...exit(m, 2 * m.d)], 'Both arches alike.'),
      ],
    ],
    [
      'h',
      (m) => [
        stroke('stem', [...entry(m, 0, m.A), ...foot(m, 0)]),
        stroke('arch', [...arch(m, 0), ...exit(m, m.d)], 'The arch of n.'),
      ],
    ],
    [
      'r',
      (m) => [
        stroke('stem', [...entry(m, 0), ...foot(m, 0)]),
        stroke(
          'ear',
          [to(0, 0.3 * m.X, 90), to(0.34, 0.62 * m.X, 70), to(1.28, m.T, 8), to(1.78, m.T - 0.2, -34)],
          'An arch that stops at its top: short, or it takes the room of the next letter.',
        ),
      ],
    ],
    [
      'b',
      (m) => [
        stroke('stem', [...entry(m, 0, m.A), line(0, m.B)], 'Down to the corner.'),
        stroke(
          'bowl',
          [...arch(m, 0), line(m.d, m.B + 1.75), to(0.38 * m.d, m.B, 181), to(0, m.B, 180)],
          'The a-shape turned on its head: branch, over, and close along the baseline.',
        ),
      ],
    ],
    [
      'p',
      (m) => [
        stroke('stem', [...entry(m, 0), line(0, m.D)], 'Through the baseline to the descender line.'),
        stroke(
          'bowl',
          [...arch(m, 0), line(m.d, m.B + 1.75), to(0.38 * m.d, m.B, 181), to(0.15, m.B, 180)],
          'As in b.',
        ),
      ],
    ],
    [
      'k',
      (m) => [
        stroke('stem', [...entry(m, 0, m.A), ...foot(m, 0)]),
        stroke(
          'bowl',
          [
            to(0, 0.3 * m.X, 90),
            to(0.34, 0.6 * m.X, 60),
            to(0.62 * m.d, m.T, 6),
            to(0.95 * m.d, m.T - 0.74, -90),
            to(0, 0.45 * m.X, 190),
          ],
          'A small closed bowl, high on the stem.',
        ),
        stroke(
          'leg',
          [
            to(0.2, 0.5 * m.X, -52),
            to(1.0 * m.d, m.B + 0.26, -50),
            to(1.0 * m.d + 0.42, m.B, 8),
            to(1.0 * m.d + 0.9, m.B + 0.42, 46),
          ],
          'From under the bowl, out to the right.',
        ),
      ],
    ],
  ],
  'a-shape': [
    [
      'a',
      (m) => [
        stroke('bowl', bowl(m), 'A flat start along the waistline, a firm turn, and up on the thin.'),
        stroke('stem', [to(m.d, m.T, -90), ...exit(m, m.d)], 'Down through the join; it closes the top.'),
      ],
    ],
    [
      'd',
      (m) => [
        stroke('bowl', bowl(m)),
        stroke(
          'stem',
          [...entry(m, m.d, m.A), ...exit(m, m.d)],
          'From the ascender line, through the end of the bowl.',
        ),
      ],
    ],
    [
      'g',
      (m) => [
        stroke('bowl', bowl(m)),
        stroke(
          'stem',
          [to(m.d, m.T, -90), ...tail(m, m.d)],
          'Through the baseline and round to the left; flatten the pen as it leaves.',
        ),
      ],
    ],
    [
      'q',
      (m) => [
        stroke('bowl', bowl(m)),
        stroke(
          'stem',
          [to(m.d, m.T, -90), line(m.d, m.D + 0.15), to(m.d + 0.55, m.D + 0.42, 46, { leave: 46 })],
          'Straight down, with a flick up to the right.',
        ),
      ],
    ],
    [
      'u',
      (m) => [
        stroke('cup', [...entry(m, 0), ...cup(m, 0)], 'n upside down: leave the second stem low.'),
        stroke('stem', [to(m.d, m.T, -90), ...exit(m, m.d)]),
      ],
    ],
    [
      'y',
      (m) => [
        stroke('cup', [...entry(m, 0), ...cup(m, 0)], 'As in u.'),
        stroke('stem', [to(m.d, m.T, -90), ...tail(m, m.d)], 'Down into the tail of g.'),
      ],
    ],
  ],
  oval: [
    [
      'o',
      (m) => [
        stroke(
          'left side',
          [to(0.6 * m.d, m.T, 182), to(0, m.T - 1.9, -90), line(0, m.B + 1.35), to(0.42 * m.d, m.B, 2)],
          'Over the top and round.',
        ),
        stroke(
          'right side',
          [to(0.58 * m.d, m.T, -2), to(m.d, m.T - 1.35, -90), line(m.d, m.B + 1.9), to(0.4 * m.d, m.B, 182)],
          'The same curve, turned half round.',
        ),
      ],
    ],
    [
      'c',
      (m) => [
        stroke(
          'back',
          [
            to(0.98 * m.d, m.T - 0.26, 148),
            to(0.6 * m.d, m.T, 182),
            to(0, m.T - 1.9, -90),
            line(0, m.B + 1.3),
            to(0.46 * m.d, m.B, 2),
            to(0.94 * m.d + 0.2, m.B + 0.62, 45),
          ],
          'The left of o; the head is short and does not close.',
        ),
      ],
    ],
    [
      'e',
      (m) => [
        stroke(
          'back and eye',
          [
            to(0.02, 0.43 * m.X, 22),
            to(0.93 * m.d, m.T - 1.0, 88),
            to(0.56 * m.d, m.T, 180),
            to(0, m.T - 1.9, -90),
            line(0, m.B + 1.3),
            to(0.46 * m.d, m.B, 2),
            to(0.94 * m.d + 0.2, m.B + 0.62, 45),
          ],
          'The eye rises from the middle of the back and turns over: keep it open.',
        ),
      ],
    ],
  ],
  s: [
    [
      's',
      (m) => [
        stroke(
          'spine',
          [
            to(1.74, m.T - 0.12, 158, { turn: -8 }),
            to(1.12, m.T - 0.01, 184),
            to(0.32, m.T - 0.98, -84),
            to(0.98, 0.5 * m.X, -40),
            to(1.62, m.B + 0.98, -96),
            to(0.8, m.B + 0.01, 184),
            to(0.06, m.B + 0.2, 158),
          ],
          'Flatten the pen a little, or the back goes black; the upper curve is the smaller.',
        ),
      ],
    ],
  ],
  diagonal: [
    [
      'v',
      (m) => [
        stroke(
          'thick',
          [to(-0.62, m.T - 0.3, 45), to(-0.24, m.T, 4), to(0.06, m.T - 0.55, -76), line(0.52 * m.d, m.B)],
          'Spring in and pull to the point.',
        ),
        stroke(
          'thin',
          [to(1.02 * m.d, m.T, undefined, { turn: THIN_TURN }), line(0.52 * m.d, m.B, { turn: 0 })],
          'Steepen the pen, or this side goes fat.',
        ),
      ],
    ],
    [
      'w',
      (m) => [
        stroke('first thick', [
          to(-0.62, m.T - 0.3, 45),
          to(-0.24, m.T, 4),
          to(0.06, m.T - 0.55, -76),
          line(0.46 * m.d, m.B),
        ]),
        stroke('first thin', [
          to(0.88 * m.d, m.T, undefined, { turn: THIN_TURN }),
          line(0.46 * m.d, m.B, { turn: 0 }),
        ]),
        stroke(
          'second thick',
          [
            to(0.88 * m.d, m.T, undefined, { turn: THIN_TURN }),
            line(m.d, 0.72 * m.X, { turn: 0 }),
            line(1.376 * m.d, m.B),
          ],
          'Exactly parallel to the first.',
        ),
        stroke(
          'second thin',
          [to(1.8 * m.d, m.T, undefined, { turn: THIN_TURN }), line(1.376 * m.d, m.B, { turn: 0 })],
          'Four strokes with the room of three.',
        ),
      ],
    ],
    [
      'x',
      (m) => [
        stroke(
          'thick',
          [
            to(-0.5, m.T - 0.36, 45),
            to(-0.12, m.T, 0),
            to(0.2, m.T - 0.5, -64),
            line(0.8 * m.d - 0.1, m.B + 0.5),
            to(0.8 * m.d + 0.5, m.B, 4),
            to(0.8 * m.d + 0.94, m.B + 0.4, 46),
          ],
          'From the top left, with a small foot.',
        ),
        stroke(
          'thin',
          [to(0.98 * m.d, m.T - 0.05, undefined, { turn: 16 }), line(-0.12, m.B + 0.05)],
          'Crosses just above the middle.',
        ),
      ],
    ],
    [
      'z',
      (m) => [
        stroke(
          'top',
          [to(-0.06, m.X - m.half(Z_TURN), 0, { turn: Z_TURN }), line(0.86 * m.d, m.X - m.half(Z_TURN))],
          'A level bar.',
        ),
        stroke(
          'diagonal',
          [to(0.86 * m.d, m.X - m.half(Z_TURN), undefined, { turn: Z_TURN }), line(-0.06, m.half(Z_TURN))],
          'Flatten the pen: a diagonal along the edge would vanish.',
        ),
        stroke('foot', [to(-0.06, m.half(Z_TURN), 0, { turn: Z_TURN }), line(0.94 * m.d, m.half(Z_TURN))]),
      ],
    ],
  ],
};

export const lowercase = (m: Measures): Letter[] =>
  Object.entries(BUILDS).flatMap(([family, letters]) =>
    letters.map(([text, build]) => withPorts({ text, variant: USUAL, family, strokes: build(m) }, m)),
  );
