import { line, type Shapes, stroke, to } from '../../../hand/notation';
import type { CapitalParts } from '../capitalParts';

/** Capitals in their groups of width. The pen is flat; the stroke that must be thin is written with a steeper one. */
export function fullWidth({ H, OVERHANG, base, cap, left, open, plainStem, right, top }: CapitalParts): Shapes {
  const [o, c, d] = [0.78 * H, 0.74 * H, 0.72 * H];
  return {
    O: [stroke('left side', left(o), 'Over the top and round to the left.'), stroke('right side', right(o), 'The same curve turned half round.')],
    Q: [
      stroke('left side', left(o)),
      stroke('right side', right(o)),
      stroke('tail', [to(0.52 * o, base() - 0.02, -30, cap), to(1.02 * o, base() - 1.05, -24), to(1.34 * o, base() - 1.0, 26)], 'From inside the round, down to the right.'),
    ],
    C: [stroke('back', [open(c), to(c, base() + 0.62, 40)], 'The left side of O with an open head.')],
    G: [
      stroke('back', [open(c), to(0.97 * c, base() + 0.62, 58)], 'As C.'),
      stroke('beard', [to(0.97 * c, 0.45 * H, -90, cap), line(0.97 * c, base() + 0.62)], 'A short stem; it may stop at the line.'),
    ],
    D: [
      plainStem,
      stroke(
        'bowl',
        [to(-OVERHANG, top(), 0, cap), to(0.42 * d, top(), -2), to(d, 0.5 * H, -90), to(0.36 * d, base(), 182), to(0, base(), 180)],
        'One wide curve from head to foot.',
      ),
    ],
  };
}

export function fourFifths({ H, bar, base, cap, headed, kick, lead, stem, thinFoot, thinStem, thinStroke, thinTop, top, turn }: CapitalParts): Shapes {
  const [a, n, u, v, x] = [0.74 * H, 0.72 * H, 0.66 * H, 0.7 * H, 0.64 * H];
  const { lowThin: low } = turn;
  const heavy = { turn: 0 };
  const lowTop = to(x, top(low), undefined, { turn: low });
  return {
    A: [
      thinStroke('thin leg', 0.5 * a, 0, 'Steep pen: this leg is the thin one.'),
      stroke('thick leg', [thinTop(0.5 * a), line(0.56 * a, 0.84 * H, heavy), line(a, base(0), heavy)], 'Both legs balance about the slope.'),
      bar(0.2 * a, 0.78 * a, 0.34 * H),
    ],
    H: [stem(0, 'first stem'), stem(0.68 * H, 'second stem'), bar(0, 0.68 * H, 0.52 * H)],
    K: [
      stem(0),
      stroke('arm', [to(0.58 * H, top(), undefined, cap), line(0, 0.46 * H)], 'Down to the middle of the stem.'),
      stroke('leg', [to(0.04, 0.52 * H, -44, cap), kick(0.66 * H, 0.16)], 'At a right angle to the arm.'),
    ],
    N: [
      stroke('first stem', thinStem(0), 'Steepen the pen to about 60°: half weight.'),
      stroke('diagonal', [headed(0, top() - 0.05, -40), line(n, base(turn.thinStem), { turn: turn.thinStem })], 'The heavy stroke.'),
      stroke('second stem', thinStem(n), 'Parallel to the first.'),
    ],
    T: [bar(-0.34 * H, 0.36 * H, top(turn.serif), 'head'), stroke('stem', [to(0, top() - 0.1, -90, cap), line(0, base())])],
    U: [
      stroke('cup', [lead, line(0, 0.36 * H), to(0.46 * u, base(), 2), to(u, 0.34 * H, 88)], 'Down, round, and up on the thin.'),
      stroke('stem', [to(u, top(), -90, cap), line(u, base())]),
    ],
    V: [stroke('thick', [headed(-0.02, top() - 0.08, -50), thinFoot(0.5 * v)]), thinStroke('thin', v, 0.5 * v, 'Steep pen.')],
    X: [
      stroke('thick', [headed(0, top() - 0.08, -46, 0.5), line(x, base(0))]),
      stroke('thin', [to(x - 0.1, top(turn.ear), undefined, { turn: turn.ear }), line(-0.1, base(turn.ear))], 'Flatter pen, or it vanishes; crosses a little above the middle.'),
    ],
    Y: [
      stroke('left arm', [headed(0, top() - 0.08, -50, 0.5), line(0.5 * x, 0.46 * H)]),
      stroke('right arm', [lowTop, line(0.5 * x, 0.46 * H, heavy)]),
      stroke('stem', [to(0.5 * x, 0.46 * H, -90, heavy), line(0.5 * x, 0.3 * H, cap), line(0.5 * x, base())]),
    ],
    Z: [
      stroke('head', [to(0, top(), 0, cap), line(x, top())]),
      stroke('diagonal', [to(x, top(), undefined, cap), line(-0.06, base())], 'Flat pen, or it vanishes.'),
      stroke('foot', [to(-0.06, base(), 0, cap), line(x + 0.15, base())]),
    ],
  };
}

export function half({ H, INNER, OVERHANG, armedStem, bar, base, bowl, cap, kick, lead, lowerBowl, plainStem, stem, top, turn }: CapitalParts): Shapes {
  const s = 0.46 * H;
  const [high, low] = [top(turn.serif), base(turn.serif)];
  return {
    B: [plainStem, stroke('upper bowl', bowl(top(), 0.53 * H, 0.44 * H), 'The smaller of the two.'), stroke('lower bowl', lowerBowl)],
    E: [armedStem(turn.serif), bar(-OVERHANG, 0.44 * H, high, 'upper arm'), bar(INNER, 0.38 * H, 0.52 * H, 'middle arm'), bar(0, 0.48 * H, low, 'lower arm')],
    F: [armedStem(), bar(-OVERHANG, 0.46 * H, high, 'upper arm'), bar(INNER, 0.38 * H, 0.5 * H, 'middle arm')],
    J: [stroke('stem', [lead, line(0, 0.9), to(-0.75, -0.85, 212), to(-1.75, -1.1, 190)], 'Through the baseline into a tail.')],
    L: [stem(0), bar(-0.4, 0.48 * H, low, 'foot')],
    P: [plainStem, stroke('bowl', bowl(top(), 0.45 * H, 0.48 * H), 'Larger than the upper bowl of B.')],
    R: [
      plainStem,
      stroke('bowl', bowl(top(), 0.48 * H, 0.46 * H)),
      stroke('leg', [to(0.22 * H, 0.48 * H, -50, cap), kick(0.58 * H, 0.18)], 'From under the bowl; a straight leg.'),
    ],
    S: [
      stroke(
        'spine',
        [
          to(s + 0.2, top() - 0.36, 146, cap),
          to(0.58 * s, top(), 182),
          to(0.04 * s, 0.76 * H, -88),
          to(0.52 * s, 0.51 * H, -32),
          to(s + 0.06, 0.27 * H, -92),
          to(0.48 * s, base(), 180),
          to(-0.3, base() + 0.34, 150),
        ],
        'Flat pen; the upper curve is the smaller.',
      ),
    ],
  };
}

export function wide({ H, base, cap, headed, thinFoot, thinStroke, thinTop, top }: CapitalParts): Shapes {
  const [m, w] = [0.86 * H, 1.02 * H];
  const heavy = { turn: 0 };
  return {
    M: [
      thinStroke('first leg', 0.12 * m, 0, 'Steep pen: thin.'),
      stroke('first diagonal', [thinTop(0.12 * m), line(0.18 * m, 0.84 * H, heavy), thinFoot(0.5 * m)]),
      thinStroke('second diagonal', 0.88 * m, 0.5 * m),
      stroke('second leg', [thinTop(0.88 * m), line(0.9 * m, 0.84 * H, cap), line(m, base(), cap)]),
    ],
    W: [
      stroke('first thick', [headed(-0.02, top() - 0.08, -50), thinFoot(0.26 * w)]),
      thinStroke('first thin', 0.52 * w, 0.26 * w),
      stroke('second thick', [thinTop(0.52 * w), line(0.565 * w, 0.84 * H, heavy), thinFoot(0.78 * w)], 'Parallel to the first.'),
      thinStroke('second thin', 1.04 * w, 0.78 * w),
    ],
  };
}

export const stems = ({ stem }: CapitalParts): Shapes => ({ I: [stem(0)] });
