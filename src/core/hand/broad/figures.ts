import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Shapes, stroke, to } from '../notation';

/** Figures of one height for any hand of the edge. */
export interface FigureShape {
  /** From the line to the top of the ink. */
  readonly height: NibWidths;
  /** The pen's turn off the hand's angle. */
  readonly turn: Degrees;
}

/** 0 to 9, written with one held angle; widths are shares of the height. */
export function figures(m: Measures, { height: H, turn }: FigureShape): Shapes {
  const [top, base] = [H - m.half(turn), m.half(turn)];
  const begin = (x: NibWidths, y: NibWidths, dir?: Degrees) => to(x, y, dir, { turn });
  const wide = (share: number) => (x: number) => x * share * H;
  const [zero, two, three, four, five, six] = [0.5, 0.46, 0.42, 0.52, 0.44, 0.48].map(wide) as [
    (x: number) => number,
    (x: number) => number,
    (x: number) => number,
    (x: number) => number,
    (x: number) => number,
    (x: number) => number,
  ];
  const [seven, eight, nine] = [two, two, six];
  return {
    0: [
      stroke('left side', [begin(zero(0.56), top, 182), to(0, 0.54 * H, -90), to(zero(0.46), base, 2)]),
      stroke('right side', [begin(zero(0.54), top, -2), to(zero(1), 0.46 * H, -90), to(zero(0.44), base, 182)]),
    ],
    1: [stroke('stem', [begin(-0.85, top - 0.62, 38), to(0, top, 44, { leave: -90 }), line(0, base)])],
    2: [
      stroke('curve', [begin(-0.05, top - 0.75, 60), to(two(0.5), top, 0), to(two(1), 0.72 * H, -90), to(-0.05, base, 222)]),
      stroke('foot', [begin(-0.05, base, 0), line(two(1) + 0.2, base)]),
    ],
    3: [
      stroke('curves', [
        begin(0, top - 0.6, 50),
        to(three(0.5), top, 0),
        to(three(0.94), 0.76 * H, -90),
        to(three(0.36), 0.54 * H, 185, { leave: 0 }),
        to(three(1), 0.28 * H, -90),
        to(three(0.4), base, 182),
        to(-0.25, base + 0.42, 148),
      ]),
    ],
    4: [
      stroke('diagonal', [begin(four(0.62), top), line(-0.1, 0.3 * H)]),
      stroke('bar', [begin(-0.1, 0.3 * H, 0), line(four(1) + 0.25, 0.3 * H)]),
      stroke('stem', [begin(four(0.7), 0.62 * H, -90), line(four(0.7), base)]),
    ],
    5: [
      stroke('stem and bowl', [
        begin(five(0.12), top, -90),
        line(five(0.12), 0.58 * H, { leave: 26 }),
        to(five(0.52), 0.62 * H, 0),
        to(five(1), 0.32 * H, -90),
        to(five(0.4), base, 182),
        to(-0.3, base + 0.42, 148),
      ]),
      stroke('head', [begin(five(0.12), top, 0), line(five(1) + 0.1, top)]),
    ],
    6: [
      stroke('back', [begin(six(0.92), top - 0.1, 168), to(0, 0.4 * H, -92), to(six(0.5), base, 2)]),
      stroke('bowl', [begin(six(0.04), 0.46 * H, 58), to(six(0.56), 0.62 * H, -2), to(six(1), 0.32 * H, -90), to(six(0.46), base, 182)]),
    ],
    7: [stroke('head', [begin(-0.1, top, 0), line(seven(1), top)]), stroke('stem', [begin(seven(1), top, -118), to(seven(0.34), base, -98)])],
    8: [
      stroke('spine', [begin(eight(0.52), top, 182), to(eight(0.06), 0.76 * H, -88), to(eight(0.52), 0.52 * H, -34), to(eight(1), 0.26 * H, -90), to(eight(0.48), base, 182)]),
      stroke('left below', [begin(eight(0.46), 0.55 * H, 214), to(0, 0.26 * H, -90), to(eight(0.52), base, 0)]),
      stroke('right above', [begin(eight(0.5), top, -2), to(eight(0.94), 0.77 * H, -90), to(eight(0.5), 0.52 * H, 212)]),
    ],
    9: [
      stroke('bowl', [begin(nine(0.54), top, 182), to(0, 0.68 * H, -90), to(nine(0.44), 0.38 * H, 2), to(nine(0.96), 0.54 * H, 58)]),
      stroke('back', [begin(nine(0.5), top, -2), to(nine(1), 0.6 * H, -88), to(nine(0.08), base + 0.1, 192)]),
    ],
  };
}
