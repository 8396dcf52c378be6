import type { NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Shapes, stroke, to } from '../notation';
import { dot } from './dots';
import { hair } from './turns';

/** Middle of a dot on the line. */
const LOW: NibWidths = 0.34;

const start = { press: 0, anchor: 0.5 } as const;

/** A dot with a tail. */
export const comma = (m: Measures, x: NibWidths, y: NibWidths) => [
  dot(m, x, y, 1.05),
  stroke('tail', [to(x + 0.2, y - 0.02, -90, { press: 0.35, anchor: 1 }), to(x - 0.45, y - 1.35, 226, hair)]),
];

/** Punctuation and signs of any pressed hand. */
export function marks(m: Measures): Shapes {
  const { B, C, X } = m;
  const point = (x: NibWidths, y = LOW) => dot(m, x, y, 1.15);
  const tailed = (x: NibWidths, y: NibWidths) => comma(m, x, y);
  const [raised, high] = [X - 1.2, C * 0.92];
  const turned = (x: NibWidths, y: NibWidths) => [
    dot(m, x, y - 0.6, 1.05),
    stroke('tail', [to(x + 0.35, y + 0.75, -120, { press: 0, anchor: 0 }), to(x - 0.2, y - 0.55, -90, { press: 0.35 })]),
  ];
  const light = { press: 0.25, anchor: 0.5 } as const;
  const dash = (half: NibWidths, dir: number) => [to(-half, 0.42 * X, dir, { press: 0.2, anchor: 0.5 }), to(half, 0.46 * X, dir)];
  return {
    '.': [point(0)],
    ',': tailed(0, LOW),
    ':': [point(0), point(0, raised)],
    ';': [...tailed(0, LOW), point(0, raised)],
    '!': [stroke('stem', [to(0, high, -90, { press: 1, anchor: 0.5 }), line(0, 2.2, hair)]), point(0)],
    '?': [
      stroke('hook', [
        to(-1.2, 7.9, 92, { press: 0, anchor: 1 }),
        to(0.1, 2 * X, 0),
        to(1.5, 7.4, -92, { press: 0.85 }),
        to(0.0, 4.5, 236, { press: 0.1 }),
        to(-0.15, 2.4, -82, { press: 0.1 }),
      ]),
      dot(m, -1.06, 7.9),
      point(-0.15),
    ],
    "'": tailed(0, high),
    '’': tailed(0, high),
    '"': [...tailed(0, high), ...tailed(1.1, high)],
    '„': [...tailed(0, LOW), ...tailed(1.1, LOW)],
    '“': [...turned(0, high), ...turned(1.1, high)],
    '”': [...tailed(0, high), ...tailed(1.1, high)],
    '‘': turned(0, high),
    '…': [point(0), point(1.5), point(3)],
    '¿': [
      stroke('hook', [
        to(0.15, X - 2.4, -98, { press: 0.1, anchor: 0.5 }),
        to(0, X - 4.5, -124, { press: 0.1 }),
        to(-1.5, X - 7.4, -88, { press: 0.85 }),
        to(-0.1, -X, 0, hair),
        to(1.2, X - 7.9, 92),
      ]),
      dot(m, 1.06, X - 7.9),
      point(0.15, X - LOW),
    ],
    '¡': [stroke('stem', [to(0, X - 2.2, -90, start), line(0, X - high, { press: 1 })]), point(0, X - LOW)],
    '=': [stroke('upper bar', [to(-1.4, 0.62 * X, 0, light), line(1.4, 0.62 * X)]), stroke('lower bar', [to(-1.4, 0.34 * X, 0, light), line(1.4, 0.34 * X)])],
    '+': [stroke('bar', [to(-1.4, 0.46 * X, 0, light), line(1.4, 0.46 * X)]), stroke('stem', [to(0, 0.46 * X + 1.4, -90, light), line(0, 0.46 * X - 1.4)])],
    '/': [stroke('diagonal', [to(1.0, C * 0.95, -100, { press: 0.4, anchor: 0.5 }), line(-0.3, -1.2, { press: 0.2 })])],
    '*': [
      stroke('upright', [to(0, high + 1, -90, light), line(0, high - 1)]),
      stroke('falling', [to(-0.9 - 0.35, high + 0.5, undefined, light), line(0.9 + 0.35, high - 0.5)]),
      stroke('rising', [to(0.9 - 0.35, high + 0.5, undefined, light), line(-0.9 + 0.35, high - 0.5)]),
    ],
    '§': [
      stroke('upper', [
        to(1.3, 7.6, 100, start),
        to(0.6, 8.4, 180),
        to(-0.3, 7.0, -86, { press: 0.4 }),
        to(0.6, 5.1, -56, { press: 0.9 }),
        to(1.5, 3.3, -92, { press: 0.3 }),
        to(0.7, 2.3, 205, hair),
      ]),
      stroke('lower', [
        to(0.45, 5.75, 175, start),
        to(-0.4, 4.7, -88, { press: 0.3 }),
        to(0.5, 2.8, -62, { press: 0.9 }),
        to(1.35, 0.9, -92, { press: 0.4 }),
        to(0.3, -0.4, 180, hair),
        to(-0.5, 0.5, 92),
      ]),
    ],
    '£': [
      stroke('hook and stem', [
        to(2.4, 6.6, 96, { press: 0, anchor: 1 }),
        to(1.6, 8 - m.half(), 180),
        to(0.55, 6.0, -92, { press: 0.9, anchor: 0.5 }),
        to(0.3, 2.2, -96, { press: 0.7 }),
        to(-1.0, 0.3, 205, hair),
        to(-1.6, 0.7, 92),
        to(-0.9, 1.1, -6),
        to(1.2, 0.2, -10, { press: 0.4 }),
        to(2.7, 1.2, 66, hair),
      ]),
      stroke('bar', [to(-1.0, 4.0, 6, hair), to(1.9, 4.2, 6)]),
    ],
    '€': [
      stroke('back', [to(2.7, 6.6, 96, { press: 0, anchor: 0.25 }), to(1.7, 8 - m.half(), 180), to(-0.1, 4.0, -90, { press: 1 }), to(1.4, B, 0, hair), to(2.8, 1.4, 66)]),
      stroke('upper bar', [to(-1.1, 4.7, 4, { press: 0.15, anchor: 0.5 }), to(1.8, 4.9, 4)]),
      stroke('lower bar', [to(-1.1, 3.4, 4, { press: 0.15, anchor: 0.5 }), to(1.6, 3.6, 4)]),
    ],
    '@': [
      stroke('a', [to(2.3, 4.6, 180, start), to(1.2, 3.2, -90, { press: 0.6 }), to(1.75, 2.0, 0, hair), to(2.5, 3.4, 74)]),
      stroke('ring', [
        to(2.55, 4.7, -92, { press: 0.6, anchor: 0.5 }),
        to(3.0, 2.0, 10, hair),
        to(4.0, 4.2, 88),
        to(2.2, 7.2, 180),
        to(-0.2, 3.6, -90, { press: 0.5 }),
        to(1.8, 0.1, 0, hair),
        to(3.4, 0.9, 40),
      ]),
    ],
    '-': [stroke('hyphen', dash(0.8, 8))],
    '–': [stroke('dash', dash(1.7, 6))],
    '(': [stroke('bracket', [to(1.1, C * 0.95, 222, { press: 0, anchor: 0.25 }), to(-0.4, 4.8, -90, { press: 0.7 }), to(0.9, -1.8, -46, hair)])],
    ')': [stroke('bracket', [to(-0.9, C * 0.95, -46, { press: 0, anchor: 0.75 }), to(0.4, 4.8, -90, { press: 0.7 }), to(-1.1, -1.8, 222, hair)])],
    '&': [
      stroke('spine and loops', [
        to(3.4, 3.6, 186, start),
        to(1.0, 1.0, 236),
        to(-0.5, B, 180),
        to(-1.7, 1.6, 90),
        to(0.4, 4.6, 46),
        to(1.65, 7.0, 88),
        to(0.8, 1.8 * X, 180),
        to(-0.25, 6.9, -88, { press: 0.35 }),
        to(1.0, 3.4, -70, { press: 0.95 }),
        to(2.3, B, 0, hair),
        to(3.3, 1.4, 72),
      ]),
    ],
  };
}
