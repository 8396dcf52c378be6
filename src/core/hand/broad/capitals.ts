import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, line, type Run, type Shapes, stroke, to } from '../notation';
import { hookIn, hookOut, round } from './round';

/** The pen's turns off the hand's angle that capitals ask for. */
export interface CapitalTurns {
  /** Arms and bars. */
  readonly bar: Degrees;
  /** The diagonal of Z, the arm of K: a level edge. */
  readonly level: Degrees;
  /** Both sides of A V W M: one angle makes clean apexes. */
  readonly diagonal: Degrees;
  /** The heavy diagonals of N, X and Y. */
  readonly rising: Degrees;
  /** Verticals of N and the first of M: half weight. */
  readonly thinStem: Degrees;
}

/** The height these widths were found at; lower capitals keep 88 % of the width their height would cost. */
const DRAWN_AT: NibWidths = 8;
const KEPT = 0.88;
/** Arms and bowls begin so far to the left of their stem; rounds reach so far over the lines. */
const OVERHANG: NibWidths = 0.55;
const OVERSHOOT: NibWidths = 0.05;

/**
 * Capitals in the proportions of the Roman ones, small hooks at heads and feet of stems: in their groups of width. H is
 * their height, ink to ink.
 */
export function capitals(m: Measures, H: NibWidths, turn: CapitalTurns) {
  const { half } = m;
  const k = (n: number): NibWidths => (n * (DRAWN_AT + KEPT * (H - DRAWN_AT))) / DRAWN_AT;
  /** A height as a share of the capital's. */
  const up = (share: number): NibWidths => share * H;
  const top = (by: Degrees = 0) => H - half(by);
  const base = (by: Degrees = 0) => half(by);
  const at = (by: Degrees) => ({ turn: by });
  const steep = at(turn.diagonal);

  const hooked = (x: NibWidths, name = 'stem', remark?: string): Drawn => stroke(name, [hookIn(m, x, top()), hookOut(m, x, base())], remark);
  /** A stem an arm or a bowl starts from: no hook where they meet. */
  const armed = (head: Degrees = 0, foot: Degrees = 0, x: NibWidths = 0): Drawn =>
    stroke('stem', [to(x, top(head), -90, at(head)), line(x, top() - 0.9, at(0)), line(x, base() + 0.9), line(x, base(foot), at(foot))]);
  const bowled = stroke('stem', [to(0, top(), -90), hookOut(m, 0, base())]);
  const bar = (x1: NibWidths, x2: NibWidths, y: NibWidths, name = 'bar'): Drawn => stroke(name, [to(x1, y, 0, at(turn.bar)), line(x2, y)], 'Flatten the pen: light, and level.');
  const upper = (until: NibWidths) => bar(-OVERHANG, until, top(turn.bar), 'upper arm');
  const lower = (until: NibWidths) => bar(0, until, base(turn.bar), 'lower arm');
  /** Out over the stem, round between two heights, and back level. */
  const bowl = (high: NibWidths, low: NibWidths, x: NibWidths, flat: NibWidths, start = -OVERHANG): Run => [
    to(start, high, 0),
    line(flat, high),
    to(x, (high + low) / 2, -90),
    to(0.92 * flat, low, 180),
    line(0.05, low),
  ];
  const side = (name: string, from: NibWidths, foot: NibWidths, remark?: string): Drawn =>
    stroke(name, [to(from, top(turn.diagonal), undefined, steep), line(foot, base(turn.diagonal))], remark);
  const leg = (x: NibWidths, y: NibWidths, foot: NibWidths): Run => [to(x, y), line(foot - 1.2, base() + 0.72), to(foot, base(), 4), to(foot + 0.45, base() + 0.08, 16)];

  const R = H / 2 + OVERSHOOT;
  const O = round(m, R, H / 2, R);
  const begin = O.left[0] ?? to(0, 0);
  const right = (share: number) => O.west + share * (O.east - O.west);
  const arm: Run = [to(begin.x, begin.y, 22), to(right(0.5), top() + OVERSHOOT, -2), to(right(0.88), top() - 0.66, -20)];
  const full: Shapes = {
    O: [stroke('left side', O.left, 'From the top round to the left: its outer edge is a circle.'), stroke('right side', O.right, 'The same, turned half round.')],
    Q: [
      stroke('left side', O.left),
      stroke('right side', O.right),
      stroke('tail', [to(right(0.4), base() + 0.15, -21), to(right(0.88), -1.0, -25), to(right(1.16), -1.62, 6)], 'Long, out under the next letter.'),
    ],
    C: [stroke('back', [O.back, to(right(0.88), base() + 0.66, 27, at(turn.rising))], 'The left of O.'), stroke('arm', arm, 'Nearly level; it does not hook.')],
    G: [
      stroke('back', [O.back, to(right(0.84), base() + 0.55, 24, at(turn.rising))], 'The left of O.'),
      stroke('arm', arm),
      stroke('stem', [to(right(0.84), up(0.43), -90), line(right(0.84), base() + 0.36)], 'Short, to meet the back.'),
    ],
    D: [armed(), stroke('bowl', bowl(top(), base(), k(5.7), k(1.9)), 'The right of O, from head to foot of the stem.')],
  };
  const [A, N, U, V, X, Y] = [5.5, 5.3, 4.8, 5.3, 5.1, 4.9].map(k) as [number, number, number, number, number, number];
  const fourFifths: Shapes = {
    A: [side('thin leg', A / 2, 0, 'Steep pen.'), side('thick leg', A / 2, A, 'At the same angle: one nib for the apex.'), bar(0.23 * A, 0.79 * A, up(0.41))],
    H: [hooked(0, 'first stem'), hooked(k(5.1), 'second stem'), bar(0.03, k(5.1) - 0.03, up(0.505))],
    K: [
      hooked(0),
      stroke('arm', [to(k(4.34), H, undefined, at(turn.level)), line(0.1, up(0.47))], 'Level edge.'),
      stroke('leg', leg(0.62, up(0.535), k(5.11)), 'Square to the arm.'),
    ],
    N: [
      stroke('first stem', [to(0, top(turn.thinStem), -90, at(turn.thinStem)), line(0, base(turn.thinStem))], 'Steep pen: half weight.'),
      stroke(
        'diagonal',
        [
          to(0, top(turn.thinStem), undefined, at(turn.thinStem)),
          line(0.127 * N, up(0.835), at(turn.rising)),
          line(0.934 * N, up(0.11)),
          line(N, base(turn.thinStem), at(turn.thinStem)),
        ],
        'The heavy stroke.',
      ),
      stroke('second stem', [to(N, top(turn.thinStem), -90, at(turn.thinStem)), line(N, base(turn.thinStem))]),
    ],
    T: [
      stroke('head', [to(-k(2.8), top(turn.bar), 0, at(turn.bar)), line(k(2.8), top(turn.bar))], 'Flat pen.'),
      stroke('stem', [to(0, top(turn.bar), -90, at(turn.bar)), line(0, top() - 0.9, at(0)), hookOut(m, 0, base())]),
    ],
    U: [
      stroke('first stem', [hookIn(m, 0, top()), line(0, up(0.34)), to(0.46 * U, base() - OVERSHOOT, 0), to(0.72 * U, base() + 0.26, 22)], 'Down, and round on the circle.'),
      stroke('second stem', [hookIn(m, U, top()), line(U, up(0.36)), to(0.72 * U, base() + 0.26, -145)], 'Down into the same turn.'),
    ],
    V: [side('thick', 0, V / 2), side('thin', V, V / 2, 'To the same point.')],
    X: [
      stroke('thick', [to(0, top(turn.rising), undefined, at(turn.rising)), line(X, base(turn.rising))]),
      stroke('thin', [to(X - 0.2, top()), line(0.1, base())], 'At the hand’s own angle.'),
    ],
    Y: [
      stroke('left arm', [to(0, top(turn.rising), undefined, at(turn.rising)), line(Y / 2, up(0.46), at(0))]),
      stroke('right arm', [to(Y, top()), line(Y / 2, up(0.46))]),
      stroke('stem', [to(Y / 2, up(0.46), -90), hookOut(m, Y / 2, base())]),
    ],
    Z: [
      bar(0, k(4.65), top(turn.bar), 'head'),
      stroke('diagonal', [to(k(4.6), H, undefined, at(turn.level)), line(0.3, 0)], 'Level edge, or it vanishes.'),
      stroke('foot', [to(0.35, base(turn.bar), 0, at(turn.bar)), line(k(5.4), base(turn.bar))]),
    ],
  };
  const S = k(3.35);
  const halfWide: Shapes = {
    B: [armed(), stroke('upper bowl', bowl(top(), up(0.535), k(2.75), k(1.15)), 'The smaller of the two.'), stroke('lower bowl', bowl(up(0.535), base(), k(3.25), k(1.3), 0.3))],
    E: [armed(turn.bar, turn.bar), upper(k(2.75)), bar(0.03, k(2.35), up(0.515), 'middle arm'), lower(k(3.0))],
    F: [stroke('stem', [to(0, top(turn.bar), -90, at(turn.bar)), line(0, top() - 0.9, at(0)), hookOut(m, 0, base())]), upper(k(2.75)), bar(0.03, k(2.3), up(0.49), 'middle arm')],
    J: [stroke('stem', [hookIn(m, 0, top()), line(0, 0.3), to(-0.7, -1.03, -138), to(-1.75, -1.4, 172)], 'Through the line, round to the left.')],
    L: [stroke('stem', [hookIn(m, 0, top()), line(0, base() + 0.9), line(0, base(turn.bar), at(turn.bar))]), lower(k(3.0))],
    P: [bowled, stroke('bowl', bowl(top(), up(0.43) + base(), k(3.05), k(1.15)), 'Larger than the upper bowl of B.')],
    R: [bowled, stroke('bowl', bowl(top(), up(0.47) + base(), k(3.0), k(1.15))), stroke('leg', leg(k(1.3), up(0.47) + base(), k(4.75)), 'From under the bowl, straight.')],
    S: [
      stroke(
        'spine',
        [to(0.55 * S, top() + OVERSHOOT, 182), to(0.08 * S, up(0.755), -88), to(0.52 * S, up(0.515), -34), to(S, up(0.255), -91), to(0.5 * S, base() - OVERSHOOT, 180)],
        'The upper curve is the smaller.',
      ),
      stroke('head', [to(0.52 * S, top() + OVERSHOOT, 4), to(0.94 * S, top() - 0.49, -19)]),
      stroke('foot', [to(-0.06, base() + 0.52, -19), to(0.55 * S, base() - OVERSHOOT, 2)]),
    ],
    I: [hooked(0, 'stem', 'A small hook, straight down, a small hook.')],
  };
  const [M, W] = [7.1, 8.14].map(k) as [number, number];
  const wide: Shapes = {
    M: [
      stroke('first leg', [to(0.12 * M, top(turn.thinStem), undefined, at(turn.thinStem)), line(0, base(turn.thinStem))], 'Steep pen: half weight.'),
      stroke('first diagonal', [to(0.12 * M, top(turn.thinStem), undefined, at(turn.thinStem)), line(0.168 * M, up(0.835), steep), line(M / 2, base(turn.diagonal))]),
      side('second diagonal', 0.88 * M, M / 2),
      stroke('second leg', [to(0.88 * M, top(turn.diagonal), undefined, steep), line(0.895 * M, up(0.845), at(0)), line(M, base())]),
    ],
    W: [
      side('first thick', 0, 0.26 * W),
      side('first thin', W / 2, 0.26 * W),
      side('second thick', W / 2, 0.76 * W, 'Parallel to the first.'),
      side('second thin', W, 0.76 * W, 'Four strokes with the room of three.'),
    ],
  };
  const [AE, OE] = [k(3.9), right(0.56)];
  const arms = (x: NibWidths) => [
    bar(x - OVERHANG, x + k(2.75), top(turn.bar), 'upper arm'),
    bar(x + 0.03, x + k(2.35), up(0.515), 'middle arm'),
    bar(x, x + k(3.0), base(turn.bar), 'lower arm'),
  ];
  const pairs: Shapes = {
    Æ: [side('thin leg', AE, 0, 'It leans into the stem of E.'), armed(turn.bar, turn.bar, AE), ...arms(AE), bar(0.3 * AE, AE, up(0.33))],
    Œ: [stroke('left side', O.left, 'The left of O.'), armed(turn.bar, turn.bar, OE), ...arms(OE)],
  };
  return { full, fourFifths, half: halfWide, wide, pairs };
}
