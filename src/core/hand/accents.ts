import { cosDeg, type Degrees, type NibWidths, sinDeg, tanDeg, toDegrees } from '../measure/units';
import type { Knot } from '../pen/stroke';
import type { Mark, Measures, Seat } from './letter';
import { type Drawn, planOf, stroke, to } from './notation';

/** Marks with a pen turn of their own: a slash through a letter, a stroke through its stem, and a ring. */
export type Light = 'slash' | 'stroke' | 'ring';

/** How a hand writes the accents that all hands share: its pen turns, and its own dots and commas. */
export interface AccentStyle {
  /** Letter units to one of these drawings, which are made for a body of five. */
  readonly size: number;
  /** Pen state for a stroke or stroke end of a weight from 0 to 1; `thin` for one that must stay light. */
  readonly touch: (weight: number, thin?: Light) => Partial<Knot>;
  /** Draws a dot centred at a place, and a comma. */
  readonly dot: (x: NibWidths, y: NibWidths) => Drawn;
  readonly comma: (x: NibWidths, y: NibWidths) => readonly Drawn[];
}

/** A knot of a mark as seen on the page: x, y, direction of travel, weight. */
type Place = readonly [x: number, y: number, dir?: Degrees, weight?: number];

/** Marks of one stroke each, as they are seen on the page; knots without a direction are joined by straight lines. */
const STROKES: readonly (readonly [mark: string, name: string, seat: Seat, places: readonly Place[]])[] = [
  [
    '\u0300',
    'grave',
    'over',
    [
      [-0.62, 1.2, undefined, 1],
      [0.3, 0.25, undefined, 0.3],
    ],
  ],
  [
    '\u0301',
    'acute',
    'over',
    [
      [0.72, 1.25, undefined, 1],
      [-0.2, 0.25, undefined, 0.2],
    ],
  ],
  [
    '\u0302',
    'circumflex',
    'over',
    [
      [-0.85, 0.25, undefined, 0],
      [0, 1.1, undefined, 0.3],
      [0.9, 0.25, undefined, 0.7],
    ],
  ],
  [
    '\u030c',
    'caron',
    'over',
    [
      [-0.85, 1.1, undefined, 0.7],
      [0, 0.25, undefined, 0.3],
      [0.9, 1.1, undefined, 0],
    ],
  ],
  [
    '\u0303',
    'tilde',
    'over',
    [
      [-1, 0.3, 50, 0],
      [-0.42, 0.78, 8, 0.5],
      [0.38, 0.42, 8, 0.5],
      [1, 0.9, 50, 0],
    ],
  ],
  [
    '\u0304',
    'macron',
    'over',
    [
      [-0.95, 0.55, undefined, 0.3],
      [0.95, 0.55, undefined, 0.3],
    ],
  ],
  [
    '\u0306',
    'breve',
    'over',
    [
      [-0.85, 1.15, -75, 0.2],
      [0, 0.3, 0, 0.7],
      [0.85, 1.15, 75, 0],
    ],
  ],
  [
    '\u0327',
    'cedilla',
    'under',
    [
      [0.05, 0.2, -95, 0],
      [0, -0.35, -50, 0],
      [0.5, -0.8, -95, 0.8],
      [-0.05, -1.3, 185, 0],
      [-0.5, -1.15, 150, 0],
    ],
  ],
  [
    '\u0328',
    'ogonek',
    'under-right',
    [
      [-0.1, 0.35, -125, 0],
      [-0.55, -0.55, -92, 0.8],
      [-0.05, -1.1, 2, 0],
      [0.45, -0.8, 45, 0],
    ],
  ],
  [
    '\u0338',
    'slash',
    'across',
    [
      [1.4, 2.8, undefined, 0],
      [-1.4, -2.8, undefined, 0],
    ],
  ],
  [
    '\u0337',
    'stroke',
    'across-stem',
    [
      [-1.15, -0.35, undefined, 0.2],
      [1.2, 0.5, undefined, 0.2],
    ],
  ],
  [
    '\u0335',
    'bar',
    'across-stem',
    [
      [-0.95, 0, undefined, 0.2],
      [0.95, 0, undefined, 0.2],
    ],
  ],
  [
    '\u0336',
    'bar',
    'across-ascender',
    [
      [-1.05, 0, undefined, 0.2],
      [1.05, 0, undefined, 0.2],
    ],
  ],
];

/** Half the distance of the dots of a diaeresis, and of two acutes. */
const TWO_DOTS = 0.72;
const TWO_ACUTES = 0.5;
/** Middle of a dot over a letter. */
const DOT_AT = 0.5;

/** The accents of a hand, each drawn once; they stand as upright as they are seen, whatever the slope. */
export function accents(m: Measures, { size, touch, dot, comma }: AccentStyle): Mark[] {
  const lean = tanDeg(m.slope);
  const placed =
    (thin?: Light) =>
    ([x, y, dir, weight = 0.5]: Place, i: number): Knot => {
      const straight = dir === undefined && i > 0 ? { line: true } : {};
      // Removes the slope from positions and directions beforehand, since slope is applied afterwards.
      const heading =
        dir === undefined ? undefined : toDegrees(Math.atan2(sinDeg(dir), cosDeg(dir) - sinDeg(dir) * lean));
      return to((x - y * lean) * size, y * size, heading, { ...straight, ...touch(weight, thin) });
    };
  const drawn = (name: string, places: readonly Place[], thin?: Light): Drawn =>
    stroke(name, places.map(placed(thin)));
  const shifted = (places: readonly Place[], dx: number): Place[] =>
    places.map(([x, ...rest]) => [x + dx, ...rest]);
  const mark = (combining: string, seat: Seat, strokes: readonly Drawn[]): Mark => ({
    mark: combining,
    seat,
    strokes: strokes.map(planOf),
  });
  const acute = STROKES[1]?.[3] ?? [];
  const half = (side: 1 | -1): Place[] => [
    [0, 1.4, side > 0 ? 0 : 180, 0],
    [0.52 * side, 0.85, -90, 0.7],
    [0, 0.3, side > 0 ? 180 : 0, 0],
  ];
  /** A dot or comma of the hand's own, as it is seen. */
  const at = <T>(make: (x: NibWidths, y: NibWidths) => T, x: number, y: number): T =>
    make((x - y * lean) * size, y * size);
  return [
    ...STROKES.map(([combining, name, seat, places]) =>
      mark(combining, seat, [
        drawn(name, places, seat === 'across' ? 'slash' : name === 'stroke' ? 'stroke' : undefined),
      ]),
    ),
    mark('\u0307', 'over', [at(dot, 0, DOT_AT)]),
    mark('\u0308', 'over', [at(dot, -TWO_DOTS, DOT_AT), at(dot, TWO_DOTS, DOT_AT)]),
    mark('\u030a', 'over', [
      drawn('left of the ring', half(-1), 'ring'),
      drawn('right of the ring', half(1), 'ring'),
    ]),
    mark('\u030b', 'over', [
      drawn('first acute', shifted(acute, -TWO_ACUTES)),
      drawn('second acute', shifted(acute, TWO_ACUTES)),
    ]),
    mark('\u0312', 'over', at(comma, 0, 1.1)),
    mark('\u0315', 'beside', at(comma, 0.25, -0.4)),
    mark('\u0326', 'under', at(comma, 0.1, -0.75)),
  ];
}
