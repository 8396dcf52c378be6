import type { Run, Shapes } from '../notation';
import { alongOval } from '../pressed/ovals';
import { type CursiveParts, OVAL } from './parts';

/** Letters that are two in one, which no mark makes: æ œ ß. */
export function smallPairs(p: CursiveParts): Shapes {
  const { B, X, drawn, knot, loop, loopIn, none, oval, ovalIn, ovalStroke, placed, port, ring, s, toFoot } = p;
  const e = ring(OVAL.e);
  const low = (x: number) => port('low', x + e.cx, B, 0, x + OVAL.c);
  /** The e whose back begins at x. */
  const eAt = (x: number): Run => [
    knot(x + 0.25, 1.95, 24),
    alongOval({ ...e, cx: e.cx + x }, -62, 180)
      .filter((_, i, all) => i % 2 === 0 || i === all.length - 1)
      .map(({ x: kx, y, dir }) => knot(kx, y, dir)),
  ];
  return {
    æ: placed(ovalIn(), low(s - 0.2), [0, s - 0.2], ovalStroke, drawn('eye and back', eAt(s - 0.2), 'The stem of a is the back of e.')),
    œ: placed(ovalIn(), low(s), [0, s], drawn('oval', oval(-20, 350)), drawn('eye and back', eAt(s))),
    ß: placed(
      loopIn,
      none,
      [0, 2.7],
      drawn('loop', [loop(0), toFoot(0)], 'The loop of h.'),
      drawn(
        'bows',
        [
          knot(0.2, X - 0.6, 78, 0),
          knot(1.4, X + 1.4, 4),
          knot(2.4, X + 0.3, -90, 0.7),
          knot(1.1, 3.3, 200, 0, { leave: -12 }),
          knot(2.9, 1.7, -92),
          knot(1.5, B, 180),
          knot(0.5, 0.8, 104),
        ],
        'A small bow over the waistline, a larger one on the line.',
      ),
    ),
  };
}

/** Æ Œ. */
export function capitalPairs({ C, drawn, knot, plainStem }: CursiveParts): Shapes {
  const u = C / 10;
  const arms = (x: number) => [
    drawn('head', [knot(x - 0.2, 9.6 * u, -8, 0), knot(x + 1.2, 9.3 * u, -4, 2), knot(x + 3.0, 10 * u, 34, 0)]),
    drawn('bar', [knot(x - 0.1, 5.0 * u, 18, 0), knot(x + 1.0, 5.3 * u, 0, 0), knot(x + 2.2, 5.7 * u, 40, 0)]),
    drawn('foot', [knot(x - 0.1, 0.5 * u, -12, 0), knot(x + 1.4, 0.15 * u, -4, 2), knot(x + 3.2, 1.4 * u, 58, 0)]),
  ];
  const stem = (x: number) => drawn('stem', plainStem(x, 9.5 * u));
  return {
    Æ: [
      drawn('left leg', [knot(-2.9, 1.2 * u, -80, 0.4), knot(-2.2, 0.1 * u, 4, 0), knot(-0.9, 3 * u, 72), knot(0, 9.8 * u, 76)]),
      stem(0),
      ...arms(0),
      drawn('crossing', [knot(-1.9, 3.6 * u, 24, 0), knot(0, 4.0 * u, 4, 0)]),
    ],
    Œ: [drawn('back', [knot(2.6, 9.9 * u, 178, 0.4), knot(0, 4.8 * u, -90), knot(2.4, 0.1 * u, 0)]), stem(2.5), ...arms(2.5)],
  };
}
