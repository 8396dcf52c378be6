import { leaves, only, type Shapes, stroke, to } from '../../../hand/notation';
import { hair } from '../../../hand/pressed/turns';
import { type CopperplateParts, TOPS } from '../parts';

/** i u t w: pressed from a squared top, and out of the turn. */
export function underTurns(parts: CopperplateParts): Shapes {
  const { X, d, above, highDot, iDot, raised, turnedIn, under, upTo, upToDot } = parts;
  const tStem = under(0, above(TOPS.t));
  return {
    i: [stroke('stem', under(0), 'Squared top, full pressure, and out of the turn on the hairline.'), iDot],
    u: [stroke('first stem', [under(0), upTo(d)]), stroke('second stem', under(d), 'Parallel, and as heavy.')],
    t: [stroke('stem', tStem, 'Squared top, half-way up the ascender.'), stroke('bar', [to(-1.15, X + 0.9, 6, hair), to(1.25, X + 1.05, 6)], 'A hairline.')],
    't waved bar': [
      stroke('stem', tStem),
      stroke('bar', [to(-1.75, X + 0.55, 48, hair), to(-0.75, X + 1.25, 0), to(0.85, X + 0.85, -12), to(2.15, X + 1.55, 50)], 'A hairline that swings over the stem.'),
    ],
    't high bar': [
      stroke('stem', tStem),
      stroke('bar', [to(-1.3, above(TOPS.t) + 0.55, 4, hair), to(1.7, above(TOPS.t) + 0.85, 10)], 'It floats over the stem: where the next letters are low.'),
    ],
    't looped': only('word-end', [
      stroke(
        'stem and bar',
        [
          tStem,
          to(1.5, 1.7, 74, hair),
          to(1.15, X + 0.4, 128),
          to(-0.4, X + 0.75, 200),
          to(-0.2, X + 0.35, 8),
          to(1.5, X + 0.75, 14),
          leaves({ kind: 'none', x: 1.5, y: X + 0.75, dir: 14 }),
        ],
        'The ending form: the hairline comes back over the stem as its bar.',
      ),
    ]),
    w: [stroke('first stem', [under(0), upTo(d)]), stroke('second stem', [under(d), upToDot(d)]), highDot(d)],
    'w raised': only('word-end', [
      stroke('first stem', [under(0), upTo(d)]),
      stroke('second stem', [under(d), raised(d)], 'At the end of a word the last hairline rises over the waistline and bends back.'),
    ]),
    'w turned in': only('word-end', [
      stroke('first stem', [under(0), upTo(d)]),
      stroke('second stem', [under(d), turnedIn(d)], 'The last hairline turns in and closes on a small loop.'),
    ]),
  };
}
