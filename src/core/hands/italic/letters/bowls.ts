import { springHead } from '../../../hand/broad/stems';
import { line, only, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { ItalicParts } from '../parts';
import { THROWN } from '../turns';

const FLOURISH = 'For the first line of a piece, where the ascender has room.';
const TAIL = 'For the last line, or wherever nothing stands below.';

/** a d g q and u y: the a-shape, and the cup it stands on. */
export function bowls({ A, B, D, T, d, turn, bowl, cup, entry, exit, flourishedHead, flourishedTail, met, slant, stem, swing, tail, thrown }: ItalicParts): Shapes {
  const top: Run = to(d, T, -90);
  /** A small head on the second stem of u and y: a point would start too thin, a whole head would close the counter. */
  const second: Run = springHead({ reach: 0.5, drop: 0.34, lead: 0.2, settle: 0.6, rise: 38, over: 6 }, d, T);
  const cupped: Run = [entry(0), cup(0)];
  const closedTail: Run = [line(d, D + 1.5), to(d - 0.8, D, 186), to(d - 2.05, D + 1.2, 88), to(d - 0.9, -0.62, 36), to(d + 0.3, -0.32, 12)];
  return {
    a: [stroke('bowl', bowl, 'A flat start along the waistline, a firm turn, and up on the thin.'), stem([top, exit(d)], 'Down through the join; it closes the top.')],
    'a thrown out': only('line-end', [stroke('bowl', bowl), stem([top, thrown(d)], THROWN)]),
    'd thrown out': only('line-end', [stroke('bowl', bowl), stem([entry(d, A), thrown(d)], THROWN)]),
    d: [stroke('bowl', bowl), stem([entry(d, A), exit(d)], 'From the ascender line, through the end of the bowl.')],
    'd flourished': [stroke('bowl', bowl), stem([flourishedHead(d), exit(d)], FLOURISH)],
    g: [stroke('bowl', bowl), stem([top, swing(d)], 'Through the baseline, and round to the left onto the hairline.'), tail(d)],
    'g flourished': [stroke('bowl', bowl), stem([top, flourishedTail(d)], TAIL)],
    'g closed tail': [stroke('bowl', bowl), stroke('stem and loop', [top, closedTail], 'The tail comes back on the thin and closes under the bowl.')],
    q: [stroke('bowl', bowl), stem([top, line(d, D + 0.15), to(d + 0.55, D + 0.42, 46, { leave: 46 })], 'Straight down, with a flick up to the right.')],
    u: [stroke('cup', cupped, 'n upside down: leave the second stem low.'), stem([second, exit(d)])],
    y: [stroke('cup', cupped, 'As in u.'), stem([second, swing(d)], 'Down into the tail of g.'), tail(d)],
    'y flourished': [stroke('cup', cupped), stem([second, flourishedTail(d)], TAIL)],
    'y diagonal': [
      stroke('thick', [met('springing', 0.2 * d), slant, line(0.52 * d, B)]),
      stroke(
        'thin and tail',
        [to(1.02 * d, T, undefined, { turn: turn.thin }), line(0.52 * d, B), to(-0.35, D + 0.75, 236, { turn: 0 }), to(-1.7, D + 0.1, 186, { turn: turn.ear })],
        'v, its thin side carried on into the tail.',
      ),
    ],
  };
}
