import { line, only, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { ItalicParts } from '../parts';
import { THROWN } from '../turns';

const FLOURISH = 'For the first line of a piece, where the ascender has room.';
const TAIL = 'For the last line, or wherever nothing stands below.';
const DOT = 'Set the whole edge down and pull a short way across it: a small square on its corner.';

/** i l t j f: one stem each. */
export function straight({ A, D, X, along, bar, dot, entry, exit, flourishedHead, flourishedTail, stem, swing, tail, thrown }: ItalicParts): Shapes {
  const short: Run = to(0, X + 0.62, -90);
  return {
    i: [stem([entry(0), exit(0)], 'Spring in on the thin, pull straight down, leave on the thin.'), dot(DOT)],
    l: [stem([entry(0, A), exit(0)], 'From the ascender line; straight, and no loop.')],
    'l flourished': [stem([flourishedHead(0), exit(0)], FLOURISH)],
    t: [stem([short, exit(0)], 'Starts only a little over the waistline: t is a short letter.'), bar(-0.86, 2.1)],
    't thrown out': only('line-end', [stem([short, thrown(0)], THROWN), bar(-0.86, 2.1)]),
    'l thrown out': only('line-end', [stem([entry(0, A), thrown(0)], THROWN)]),
    j: [stem([entry(0), swing(0)], 'Like i, down into a tail.'), tail(0), dot(DOT)],
    'j flourished': [stem([entry(0), flourishedTail(0)], TAIL), dot()],
    f: [
      stroke(
        'stem',
        [to(1.72, A - 0.34, 148), to(1.02, A, 184), to(0, A - 1.55, -90), line(0, D + 1.2), to(-0.24, D + 0.12, 247)],
        'Begin with the head, then one long pull through the baseline.',
      ),
      bar(-0.86, 2.2, along),
    ],
  };
}
