import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Run, type Shapes, stroke, to } from '../notation';
import { arms } from './arms';
import type { CapitalTurns, Serif } from './capitalTurns';
import { finished } from './finished';
import { round } from './round';

/** The height these widths were found at; lower capitals keep 88 % of the width their height would cost. */
const DRAWN_AT: NibWidths = 8;
const KEPT = 0.88;
/** Overshoot of round letters. */
const OVERSHOOT: NibWidths = 0.05;

/** Capitals in the proportions of the Roman ones, in their groups of width. H is their height, ink to ink. */
export function capitals(m: Measures, H: NibWidths, turn: CapitalTurns, serif: Serif = 'hooked') {
  const k = (n: number): NibWidths => (n * (DRAWN_AT + KEPT * (H - DRAWN_AT))) / DRAWN_AT;
  /** A height given as a fraction of the capital height. */
  const up = (share: number): NibWidths => share * H;
  const top = (by: Degrees = 0) => H - m.half(by);
  const base = (by: Degrees = 0) => m.half(by);
  const at = (by: Degrees) => ({ turn: by });
  const steep = at(turn.diagonal);
  const cusped = serif === 'cusped';
  const { head, foot, straight, upright } = finished(m, H, turn, serif);
  const { bar, upper, middle, lower, free, bowl, over } = arms(m, H, turn, serif, k(3));
  /** The end of a curve over or under a letter: cusped, the edge is turned up into a beak. */
  const beak = cusped ? at(turn.flag ?? 0) : {};
  const leg = (x: NibWidths, y: NibWidths, end: NibWidths): Run => [to(x, y), line(end - 1.2, base() + 0.72), to(end, base(), 4), to(end + 0.45, base() + 0.08, 16)];

  const R = H / 2 + OVERSHOOT;
  const O = round(m, R, H / 2, R);
  const begin = O.left[0] ?? to(0, 0);
  const right = (share: number) => O.west + share * (O.east - O.west);
  const arm: Run = [to(begin.x, begin.y, 22), to(right(0.5), top() + OVERSHOOT, -2), to(right(0.88), top() - 0.66, -20, beak)];
  const full: Shapes = {
    O: [stroke('left side', O.left, 'From the top round to the left: its outer edge is a circle.'), stroke('right side', O.right, 'The same, turned half round.')],
    Q: [
      stroke('left side', O.left),
      stroke('right side', O.right),
      stroke('tail', [to(right(0.42), base() + 0.02, -23), to(right(0.88), -1.0, -26), to(right(1.16), -1.62, 6)], 'Long, out under the next letter.'),
    ],
    C: [stroke('back', [O.back, to(right(0.88), base() + 0.66, 27, at(turn.rising))], 'The left of O.'), stroke('arm', arm, 'Nearly level; it does not hook.')],
    G: [
      stroke('back', [O.back, to(right(0.84), base() + 0.55, 24, at(turn.rising))], 'The left of O.'),
      stroke('arm', arm),
      stroke('stem', [to(right(0.84), up(0.43), -90), line(right(0.84), base() + 0.36)], 'Short, to meet the back.'),
    ],
    D: [...upright(0, 'stem', { above: 'left', below: 'left' }), stroke('bowl', bowl(top(), base(), k(5.7), k(1.9)), 'The right of O, from head to foot of the stem.')],
  };
  const [A, N, U, V, X, Y] = [5.5, 5.3, 4.8, 5.3, 5.1, 4.9].map(k) as [number, number, number, number, number, number];
  const [uFirst, uSecond] = [head({ x: 0 }), head({ x: U })];
  const fork = up(0.46);
  const yLeft = head({ x: 0, by: turn.rising, lean: -Y / 2 / (top(turn.rising) - fork) });
  const yRight = head({ x: Y, lean: Y / 2 / (top() - fork) });
  const yFoot = foot({ x: Y / 2 });
  const fourFifths: Shapes = {
    A: [
      ...straight('thin leg', A / 2, 0, turn.diagonal, 'cut', 'serif', 'Steep pen.'),
      ...straight('thick leg', A / 2, A, turn.diagonal, 'cut', 'serif', 'At the same angle: one nib for the apex.'),
      bar(0.23 * A, 0.79 * A, up(0.41)),
    ],
    H: [...upright(0, 'first stem'), ...upright(k(5.1), 'second stem'), bar(0.03, k(5.1) - 0.03, up(0.505))],
    K: [
      ...upright(0),
      stroke('arm', [to(k(4.34), H, undefined, at(turn.level)), line(0.1, up(0.47))], 'Level edge.'),
      stroke('leg', leg(0.62, up(0.535), k(5.11)), 'Square to the arm.'),
    ],
    N: [
      ...straight('first stem', 0, 0, turn.thinStem, 'left', 'serif', 'Steep pen: half weight.'),
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
      ...straight('second stem', N, N, turn.thinStem, 'serif', 'cut'),
    ],
    T: [free('head', -k(2.8), k(2.8), 'head', 'both', 'Flat pen.'), ...upright(0, 'stem', { above: 'bar' })],
    U: [
      stroke('first stem', [uFirst.run, line(0, up(0.34)), to(0.46 * U, base() - OVERSHOOT, 0), to(0.72 * U, base() + 0.26, 22)], 'Down, and round on the circle.'),
      ...uFirst.touches,
      stroke('second stem', [uSecond.run, line(U, up(0.36)), to(0.72 * U, base() + 0.26, -145)], 'Down into the same turn.'),
      ...uSecond.touches,
    ],
    V: [...straight('thick', 0, V / 2, turn.diagonal, 'serif', 'cut'), ...straight('thin', V, V / 2, turn.diagonal, 'serif', 'cut', 'To the same point.')],
    X: [...straight('thick', 0, X, turn.rising, 'serif', 'serif'), ...straight('thin', X - 0.2, 0.1, 0, 'serif', 'serif', 'At the hand’s own angle.')],
    Y: [
      stroke('left arm', [yLeft.run, line(Y / 2, fork, at(0))]),
      ...yLeft.touches,
      stroke('right arm', [yRight.run, line(Y / 2, fork)]),
      ...yRight.touches,
      stroke('stem', [to(Y / 2, fork, -90), yFoot.run]),
      ...yFoot.touches,
    ],
    Z: [
      free('head', 0, k(4.65), 'head', 'first', 'Flat pen.'),
      stroke('diagonal', [to(k(4.6), H, undefined, at(turn.level)), line(0.3, 0)], 'Level edge, or it vanishes.'),
      free('foot', 0.35, k(5.4), 'foot', 'last', 'Flat pen.'),
    ],
  };
  const S = k(3.35);
  const jHead = head({ x: 0 });
  const halfWide: Shapes = {
    B: [
      ...upright(0, 'stem', { above: 'left', below: 'left' }),
      stroke('upper bowl', bowl(top(), up(0.535), k(2.75), k(1.15)), 'The smaller of the two.'),
      stroke('lower bowl', bowl(up(0.535), base(), k(3.25), k(1.3), 0.3)),
    ],
    E: [...upright(0, 'stem', { above: cusped ? 'left' : 'bar', below: cusped ? 'left' : 'bar' }), upper(k(2.75)), middle(k(2.35), up(0.515)), lower(k(3.0))],
    F: [...upright(0, 'stem', { above: cusped ? 'left' : 'bar' }), upper(k(2.75)), middle(k(2.3), up(0.49))],
    J: [
      stroke('stem', [jHead.run, line(0, 0.3), to(-0.7, -1.03, -138, at(turn.tail)), to(-1.75, -1.45, -170, at(turn.tailEnd))], 'Through the line, round to the left.'),
      ...jHead.touches,
    ],
    L: [...upright(0, 'stem', { below: cusped ? 'left' : 'bar' }), lower(k(3.0))],
    P: [...upright(0, 'stem', { above: 'left' }), stroke('bowl', bowl(top(), up(0.43) + base(), k(3.05), k(1.15)), 'Larger than the upper bowl of B.')],
    R: [
      ...upright(0, 'stem', { above: 'left' }),
      stroke('bowl', bowl(top(), up(0.47) + base(), k(3.0), k(1.15))),
      stroke('leg', leg(k(1.3), up(0.47) + base(), k(4.75)), 'From under the bowl, straight.'),
    ],
    S: [
      stroke(
        'spine',
        [to(0.55 * S, top() + OVERSHOOT, 182), to(0.08 * S, up(0.755), -88), to(0.52 * S, up(0.515), -34), to(S, up(0.255), -91), to(0.5 * S, base() - OVERSHOOT, 180)],
        'The upper curve is the smaller.',
      ),
      stroke('head', [to(0.52 * S, top() + OVERSHOOT, 4), to(0.94 * S, top() - 0.49, -19, beak)]),
      stroke('foot', [to(-0.06, base() + 0.52, -19, beak), to(0.55 * S, base() - OVERSHOOT, 2, at(0))]),
    ],
    I: [...upright(0, 'stem', { remark: cusped ? 'Flat at the head, straight down, and flat again.' : 'A small hook, straight down, a small hook.' })],
  };
  const [M, W] = [7.1, 8.14].map(k) as [number, number];
  const mFoot = foot({ x: M, lean: (-0.105 * M) / (up(0.845) - base()) });
  const wide: Shapes = {
    M: [
      ...straight('first leg', 0.12 * M, 0, turn.thinStem, 'cut', 'serif', 'Steep pen: half weight.'),
      stroke('first diagonal', [to(0.12 * M, top(turn.thinStem), undefined, at(turn.thinStem)), line(0.168 * M, up(0.835), steep), line(M / 2, base(turn.diagonal))]),
      ...straight('second diagonal', 0.88 * M, M / 2, turn.diagonal, 'cut', 'cut'),
      stroke('second leg', [to(0.88 * M, top(turn.diagonal), undefined, steep), line(0.895 * M, up(0.845), at(0)), mFoot.run]),
      ...mFoot.touches,
    ],
    W: [
      ...straight('first thick', 0, 0.26 * W, turn.diagonal, 'serif', 'cut'),
      ...straight('first thin', W / 2, 0.26 * W, turn.diagonal, 'cut', 'cut'),
      ...straight('second thick', W / 2, 0.76 * W, turn.diagonal, 'cut', 'cut', 'Parallel to the first.'),
      ...straight('second thin', W, 0.76 * W, turn.diagonal, 'serif', 'cut', 'Four strokes with the room of three.'),
    ],
  };
  const [AE, OE] = [k(3.9), right(0.56)];
  const threeArms = (x: NibWidths) => [upper(x + k(2.75), x + (cusped ? 0.28 : over)), middle(x + k(2.35), up(0.515), x + 0.03), lower(x + k(3.0), x)];
  const pairs: Shapes = {
    Æ: [
      ...straight('thin leg', AE, 0, turn.diagonal, 'cut', 'serif', 'It leans into the stem of E.'),
      ...upright(AE, 'stem', { above: cusped ? 'cut' : 'bar', below: cusped ? 'left' : 'bar' }),
      ...threeArms(AE),
      bar(0.35 * AE, AE, up(0.33)),
    ],
    Œ: [
      stroke('left side', O.back, 'The left of O.'),
      stroke('lid', [to(begin.x, begin.y, 22), to(OE, top(), 0)]),
      ...upright(OE, 'stem', { above: cusped ? 'cut' : 'bar', below: cusped ? 'cut' : 'bar' }),
      ...threeArms(OE),
    ],
  };
  return { full, fourFifths, half: halfWide, wide, pairs, upright };
}
