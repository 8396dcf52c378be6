import { line, only, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { NibWidths } from '../../../measure/units';
import type { ItalicParts } from '../parts';

const RAISED = 'At the end of a word the thin side may begin over the waistline.';

/** v w x z: thin sides with a steeper pen, z with a flatter one. */
export function diagonals({ B, T, X, d, half, turn, met, slant, under }: ItalicParts): Shapes {
  const thin = (from: NibWidths, foot: NibWidths): Run => [to(from, T, undefined, { turn: turn.thin }), line(foot, B, { turn: 0 })];
  /** A thin side that begins over the waistline, with a small curve in from the left. */
  const raised = (from: NibWidths, foot: NibWidths): Run => [
    to(from - 0.62, T + 0.95, 12, { turn: turn.thin }),
    to(from + 0.14, T + 0.62, -72, { turn: turn.thin }),
    line(foot, B, { turn: 0 }),
  ];
  const [high, low] = [under(turn.diagonal), half(turn.diagonal)];
  const flat = (x: NibWidths, y: NibWidths, dir?: number): Run => to(x, y, dir, { turn: turn.diagonal });
  return {
    v: [
      stroke('thick', [met('springing', 0.2 * d), slant, line(0.52 * d, B)], 'Spring in and pull to the point.'),
      stroke('thin', thin(1.02 * d, 0.52 * d), 'Steepen the pen, or this side goes fat.'),
    ],
    'v raised': only('word-end', [stroke('thick', [met('springing', 0.2 * d), slant, line(0.52 * d, B)]), stroke('thin', raised(1.02 * d, 0.52 * d), RAISED)]),
    'w raised': only('word-end', [
      stroke('first thick', [met('springing', 0.2 * d), slant, line(0.46 * d, B)]),
      stroke('first thin', thin(0.88 * d, 0.46 * d)),
      stroke('second thick', [to(0.88 * d, T, undefined, { turn: turn.thin }), line(d, 0.72 * X, { turn: 0 }), line(1.376 * d, B)]),
      stroke('second thin', raised(1.8 * d, 1.376 * d), RAISED),
    ]),
    w: [
      stroke('first thick', [met('springing', 0.2 * d), slant, line(0.46 * d, B)]),
      stroke('first thin', thin(0.88 * d, 0.46 * d)),
      stroke('second thick', [to(0.88 * d, T, undefined, { turn: turn.thin }), line(d, 0.72 * X, { turn: 0 }), line(1.376 * d, B)], 'Exactly parallel to the first.'),
      stroke('second thin', thin(1.8 * d, 1.376 * d), 'Four strokes with the room of three.'),
    ],
    x: [
      stroke(
        'thick',
        [to(-0.5, T - 0.36, 45), to(-0.12, T, 0), to(0.2, T - 0.5, -64), line(0.8 * d - 0.1, B + 0.5), to(0.8 * d + 0.5, B, 4), to(0.8 * d + 0.94, B + 0.4, 46)],
        'From the top left, with a small foot.',
      ),
      stroke('thin', [to(0.98 * d, T - 0.05, undefined, { turn: turn.crossing }), line(-0.12, B + 0.05)], 'Crosses just above the middle.'),
    ],
    z: [
      stroke('top', [flat(-0.06, high, 0), line(0.86 * d, high)], 'A level bar.'),
      stroke('diagonal', [flat(0.86 * d, high), line(-0.06, low)], 'Flatten the pen: a diagonal along the edge would vanish.'),
      stroke('foot', [flat(-0.06, low, 0), line(0.94 * d, low)]),
    ],
  };
}
