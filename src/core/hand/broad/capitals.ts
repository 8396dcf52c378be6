import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { type Drawn, line, type Run, type Shapes, stroke, to } from '../notation';
import { footCusp, headCusp } from './cusps';
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
  /** The way out of J, and its end: flatter and flatter. */
  readonly tail: Degrees;
  readonly tailEnd: Degrees;
  /** The ends of arms and of a middle arm, in cusped capitals: they flare. */
  readonly flare?: Degrees;
  readonly flag?: Degrees;
}

/** How heads and feet are finished: small hooks in and out, cusps to both sides, or as the edge cuts them. */
export type Serif = 'hooked' | 'cusped' | 'bare';

/** What leaves a stem at an end, so that no whole serif is written there. */
type Ending = 'serif' | 'left' | 'right' | 'cut' | 'bar';

/** The height these widths were found at; lower capitals keep 88 % of the width their height would cost. */
const DRAWN_AT: NibWidths = 8;
const KEPT = 0.88;
/** Cusps grow with the height: so much, and the rest with it. */
const CUSP = 0.45;
/** What a teacher says of a stroke with cusps. */
const CUSPED = 'Flat for a head, turned up into the stroke, and flat again for a foot; the other corners afterwards.';
/** An arm's end flares over its last piece. */
const FLARE: NibWidths = 1.5;
const FLAG: NibWidths = 1.1;
/** Over a cusped head arms and bowls begin level, a little left of the stem's middle, and settle to their angle. */
const LEVEL_START: NibWidths = -0.2;
const SETTLE: NibWidths = 0.9;
/** Arms and bowls begin so far to the left of their stem; rounds reach so far over the lines. */
const OVERHANG: NibWidths = 0.55;
const OVERSHOOT: NibWidths = 0.05;

/** Capitals in the proportions of the Roman ones, in their groups of width. H is their height, ink to ink. */
export function capitals(m: Measures, H: NibWidths, turn: CapitalTurns, serif: Serif = 'hooked') {
  const { half } = m;
  const k = (n: number): NibWidths => (n * (DRAWN_AT + KEPT * (H - DRAWN_AT))) / DRAWN_AT;
  /** A height as a share of the capital's. */
  const up = (share: number): NibWidths => share * H;
  const top = (by: Degrees = 0) => H - half(by);
  const base = (by: Degrees = 0) => half(by);
  const at = (by: Degrees) => ({ turn: by });
  const steep = at(turn.diagonal);

  const cusped = serif === 'cusped';
  const size = CUSP + ((1 - CUSP) * H) / DRAWN_AT;
  /** The head and the foot of a straight stroke from one place to another, held at a turn. */
  const ends = (head: NibWidths, foot: NibWidths, by: Degrees) => {
    const end = { lean: (head - foot) / (top(by) - base(by)), held: m.angle + by, angle: m.angle, size };
    return { head: { ...end, x: head, line: H }, foot: { ...end, x: foot, line: 0 } };
  };
  const touch = (name: string, run: Run): Drawn => stroke(name, run, undefined, { finishes: true });
  /** A straight stroke with cusps: one stroke through head and foot, and the other halves as touches that finish it. */
  const withCusps = (name: string, x: readonly [NibWidths, NibWidths], by: Degrees, head: Ending, foot: Ending, remark?: string): Drawn[] => {
    const at2 = ends(x[0], x[1], by);
    const begin: Run =
      head === 'serif' || head === 'left'
        ? headCusp(at2.head, 'left')
        : head === 'bar'
          ? [to(x[0], top(turn.bar), -90, at(turn.bar)), line(x[0], top() - 0.9, at(0))]
          : to(x[0], top(by), x[0] === x[1] ? -90 : undefined, at(by));
    const [first, ...rest] = footCusp(at2.foot, 'right');
    const end: Run =
      (foot === 'serif' || foot === 'right') && first
        ? [{ ...first, line: true }, rest]
        : foot === 'bar'
          ? [line(x[1], base() + 0.9), line(x[1], base(turn.bar), at(turn.bar))]
          : line(x[1], base(by));
    return [
      stroke(name, [begin, end], remark ?? CUSPED),
      ...(head === 'serif' || head === 'right' ? [touch('right of the head', [...headCusp(at2.head, 'right')])] : []),
      ...(foot === 'serif' || foot === 'left' ? [touch('left of the foot', [...footCusp(at2.foot, 'left')])] : []),
    ];
  };
  /** A stem at x; its ends as what leaves them asks. */
  const upright = (x: NibWidths, name = 'stem', { head = 'serif', foot = 'serif', remark }: { head?: Ending; foot?: Ending; remark?: string } = {}): Drawn[] => {
    if (cusped) return withCusps(name, [x, x], 0, head, foot, remark);
    const hooks = serif === 'hooked';
    const begin: Run =
      head === 'bar' ? [to(x, top(turn.bar), -90, at(turn.bar)), line(x, top() - 0.9, at(0))] : hooks && head === 'serif' ? hookIn(m, x, top()) : to(x, top(), -90);
    const end: Run = foot === 'bar' ? [line(x, base() + 0.9), line(x, base(turn.bar), at(turn.bar))] : hooks && foot === 'serif' ? hookOut(m, x, base()) : line(x, base());
    return [stroke(name, [begin, end], remark)];
  };
  /** A straight stroke between the lines, held at one turn; cusped where it ends free. */
  const straight = (name: string, from: NibWidths, foot: NibWidths, by: Degrees, head: Ending, end: Ending, remark?: string): Drawn[] => {
    if (cusped) return withCusps(name, [from, foot], by, head, end, remark);
    return [stroke(name, [to(from, top(by), from === foot ? -90 : undefined, at(by)), line(foot, base(by))], remark)];
  };
  /** The head of a stroke that goes on by itself, and its foot: with what finishes them. */
  const headAt = (x: NibWidths, by: Degrees = 0, lean = 0): readonly [Run, Drawn[]] => {
    const end = { x, line: H, lean, held: m.angle + by, angle: m.angle, size };
    if (cusped) return [headCusp(end, 'left'), [touch('right of the head', [...headCusp(end, 'right')])]];
    return [serif === 'hooked' && by === 0 && lean === 0 ? hookIn(m, x, top()) : to(x, top(by), lean === 0 ? -90 : undefined, at(by)), []];
  };
  const footAt = (x: NibWidths, lean = 0): readonly [Run, Drawn[]] => {
    const end = { x, line: 0, lean, held: m.angle, angle: m.angle, size };
    const [first, ...rest] = footCusp(end, 'right');
    if (cusped && first) return [[{ ...first, line: true }, rest], [touch('left of the foot', [...footCusp(end, 'left')])]];
    return [serif === 'hooked' && lean === 0 ? hookOut(m, x, base()) : line(x, base()), []];
  };
  const bar = (x1: NibWidths, x2: NibWidths, y: NibWidths, name = 'bar'): Drawn => stroke(name, [to(x1, y, 0, at(turn.bar)), line(x2, y)], 'Flatten the pen: light, and level.');
  /** Where arms begin on their stem. */
  const over = cusped ? 0 : -OVERHANG;
  const armFrom = (start: NibWidths, y: NibWidths): Run =>
    cusped && start === over && y === top(turn.bar) ? [to(LEVEL_START, H, 0, at(turn.level)), line(SETTLE, y, at(turn.bar))] : to(start, y, 0, at(turn.bar));
  /** Short arms flare less: the pen has no room to turn. */
  const flaring = k(3) > 2 * FLARE - 0.5 ? turn.flare : turn.flag;
  /** An arm that ends at x; cusped, one side of it stays on the line and the other flares. */
  const armTo = (name: string, start: NibWidths, x: NibWidths, y: NibWidths, ending: NibWidths, by = turn.flare, piece = FLARE): Drawn =>
    cusped && by !== undefined
      ? stroke(name, [armFrom(start, y), line(Math.max(start + 0.1, x - piece), y), to(x, ending, 0, at(by))], 'Flatten the pen, and turn it up at the end.')
      : bar(start, x, y, name);
  const upper = (until: NibWidths, start = over) => armTo('upper arm', start, until, top(turn.bar), H - half(flaring ?? 0), flaring);
  const middle = (until: NibWidths, y: NibWidths, start = 0.03) => armTo('middle arm', start, until, y, y, turn.flag, FLAG);
  const lower = (until: NibWidths, start = 0): Drawn => {
    if (!cusped || flaring === undefined) return bar(start, until, base(turn.bar), 'lower arm');
    const [y, settled] = [base(turn.bar), start + Math.min(SETTLE, 0.4 * (until - start))];
    const run = [to(start, base(), 0), line(settled, y, at(turn.bar)), line(Math.max(settled + 0.05, until - FLARE), y), to(until, half(flaring), 0, at(flaring))];
    return stroke('lower arm', run, 'From the nib the stem ended on; flatten the pen, and turn it up at the end.');
  };
  /** Out over the stem, round between two heights, and back level. */
  const bowl = (high: NibWidths, low: NibWidths, x: NibWidths, flat: NibWidths, start = over): Run => [
    cusped && start === over && high === top() ? [to(LEVEL_START, H, 0, at(turn.level)), line(Math.min(SETTLE, 0.8 * flat), high, at(0))] : to(start, high, 0),
    line(flat, high),
    to(x, (high + low) / 2, -90),
    to(0.92 * flat, low, 180),
    line(0.05, low),
  ];
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
    D: [...upright(0, 'stem', { head: 'left', foot: 'left' }), stroke('bowl', bowl(top(), base(), k(5.7), k(1.9)), 'The right of O, from head to foot of the stem.')],
  };
  const [A, N, U, V, X, Y] = [5.5, 5.3, 4.8, 5.3, 5.1, 4.9].map(k) as [number, number, number, number, number, number];
  const [[uHead, uTouch], [uSecond, uSecondTouch]] = [headAt(0), headAt(U)];
  const fork = up(0.46);
  const [yLeft, yLeftTouch] = headAt(0, turn.rising, -Y / 2 / (top(turn.rising) - fork));
  const [yRight, yRightTouch] = headAt(Y, 0, Y / 2 / (top() - fork));
  const [yFoot, yFootTouch] = footAt(Y / 2);
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
    T: [
      cusped && turn.flare !== undefined
        ? stroke(
            'head',
            [
              to(-k(2.8), H - half(turn.flare), 0, at(turn.flare)),
              to(FLARE - k(2.8), top(turn.bar), 0, at(turn.bar)),
              line(k(2.8) - FLARE, top(turn.bar)),
              to(k(2.8), H - half(turn.flare), 0, at(turn.flare)),
            ],
            'Flat pen, turned up at both ends.',
          )
        : stroke('head', [to(-k(2.8), top(turn.bar), 0, at(turn.bar)), line(k(2.8), top(turn.bar))], 'Flat pen.'),
      ...upright(0, 'stem', { head: 'bar' }),
    ],
    U: [
      stroke('first stem', [uHead, line(0, up(0.34)), to(0.46 * U, base() - OVERSHOOT, 0), to(0.72 * U, base() + 0.26, 22)], 'Down, and round on the circle.'),
      ...uTouch,
      stroke('second stem', [uSecond, line(U, up(0.36)), to(0.72 * U, base() + 0.26, -145)], 'Down into the same turn.'),
      ...uSecondTouch,
    ],
    V: [...straight('thick', 0, V / 2, turn.diagonal, 'serif', 'cut'), ...straight('thin', V, V / 2, turn.diagonal, 'serif', 'cut', 'To the same point.')],
    X: [...straight('thick', 0, X, turn.rising, 'serif', 'serif'), ...straight('thin', X - 0.2, 0.1, 0, 'serif', 'serif', 'At the hand’s own angle.')],
    Y: [
      stroke('left arm', [yLeft, line(Y / 2, fork, at(0))]),
      ...yLeftTouch,
      stroke('right arm', [yRight, line(Y / 2, fork)]),
      ...yRightTouch,
      stroke('stem', [to(Y / 2, fork, -90), yFoot]),
      ...yFootTouch,
    ],
    Z: [
      bar(0, k(4.65), top(turn.bar), 'head'),
      stroke('diagonal', [to(k(4.6), H, undefined, at(turn.level)), line(0.3, 0)], 'Level edge, or it vanishes.'),
      stroke('foot', [to(0.35, base(turn.bar), 0, at(turn.bar)), line(k(5.4), base(turn.bar))]),
    ],
  };
  const S = k(3.35);
  const [jHead, jTouch] = headAt(0);
  const halfWide: Shapes = {
    B: [
      ...upright(0, 'stem', { head: 'left', foot: 'left' }),
      stroke('upper bowl', bowl(top(), up(0.535), k(2.75), k(1.15)), 'The smaller of the two.'),
      stroke('lower bowl', bowl(up(0.535), base(), k(3.25), k(1.3), 0.3)),
    ],
    E: [...upright(0, 'stem', { head: cusped ? 'left' : 'bar', foot: cusped ? 'left' : 'bar' }), upper(k(2.75)), middle(k(2.35), up(0.515)), lower(k(3.0))],
    F: [...upright(0, 'stem', { head: cusped ? 'left' : 'bar' }), upper(k(2.75)), middle(k(2.3), up(0.49))],
    J: [stroke('stem', [jHead, line(0, 0.3), to(-0.7, -1.03, -138, at(turn.tail)), to(-1.75, -1.45, -170, at(turn.tailEnd))], 'Through the line, round to the left.'), ...jTouch],
    L: [...upright(0, 'stem', { foot: cusped ? 'left' : 'bar' }), lower(k(3.0))],
    P: [...upright(0, 'stem', { head: 'left' }), stroke('bowl', bowl(top(), up(0.43) + base(), k(3.05), k(1.15)), 'Larger than the upper bowl of B.')],
    R: [
      ...upright(0, 'stem', { head: 'left' }),
      stroke('bowl', bowl(top(), up(0.47) + base(), k(3.0), k(1.15))),
      stroke('leg', leg(k(1.3), up(0.47) + base(), k(4.75)), 'From under the bowl, straight.'),
    ],
    S: [
      stroke(
        'spine',
        [to(0.55 * S, top() + OVERSHOOT, 182), to(0.08 * S, up(0.755), -88), to(0.52 * S, up(0.515), -34), to(S, up(0.255), -91), to(0.5 * S, base() - OVERSHOOT, 180)],
        'The upper curve is the smaller.',
      ),
      stroke('head', [to(0.52 * S, top() + OVERSHOOT, 4), to(0.94 * S, top() - 0.49, -19)]),
      stroke('foot', [to(-0.06, base() + 0.52, -19), to(0.55 * S, base() - OVERSHOOT, 2)]),
    ],
    I: [...upright(0, 'stem', { remark: cusped ? 'Flat at the head, straight down, and flat again.' : 'A small hook, straight down, a small hook.' })],
  };
  const [M, W] = [7.1, 8.14].map(k) as [number, number];
  const [mFoot, mTouch] = footAt(M, (-0.105 * M) / (up(0.845) - base()));
  const wide: Shapes = {
    M: [
      ...straight('first leg', 0.12 * M, 0, turn.thinStem, 'cut', 'serif', 'Steep pen: half weight.'),
      stroke('first diagonal', [to(0.12 * M, top(turn.thinStem), undefined, at(turn.thinStem)), line(0.168 * M, up(0.835), steep), line(M / 2, base(turn.diagonal))]),
      ...straight('second diagonal', 0.88 * M, M / 2, turn.diagonal, 'cut', 'cut'),
      stroke('second leg', [to(0.88 * M, top(turn.diagonal), undefined, steep), line(0.895 * M, up(0.845), at(0)), mFoot]),
      ...mTouch,
    ],
    W: [
      ...straight('first thick', 0, 0.26 * W, turn.diagonal, 'serif', 'cut'),
      ...straight('first thin', W / 2, 0.26 * W, turn.diagonal, 'cut', 'cut'),
      ...straight('second thick', W / 2, 0.76 * W, turn.diagonal, 'cut', 'cut', 'Parallel to the first.'),
      ...straight('second thin', W, 0.76 * W, turn.diagonal, 'serif', 'cut', 'Four strokes with the room of three.'),
    ],
  };
  const [AE, OE] = [k(3.9), right(0.56)];
  const arms = (x: NibWidths) => [upper(x + k(2.75), x + (cusped ? 0.28 : over)), middle(x + k(2.35), up(0.515), x + 0.03), lower(x + k(3.0), x)];
  const pairs: Shapes = {
    Æ: [
      ...straight('thin leg', AE, 0, turn.diagonal, 'cut', 'serif', 'It leans into the stem of E.'),
      ...upright(AE, 'stem', { head: cusped ? 'cut' : 'bar', foot: cusped ? 'left' : 'bar' }),
      ...arms(AE),
      bar(0.35 * AE, AE, up(0.33)),
    ],
    Œ: [
      stroke('left side', O.back, 'The left of O.'),
      stroke('lid', [to(begin.x, begin.y, 22), to(OE, top(), 0)]),
      ...upright(OE, 'stem', { head: cusped ? 'cut' : 'bar', foot: cusped ? 'cut' : 'bar' }),
      ...arms(OE),
    ],
  };
  return { full, fourFifths, half: halfWide, wide, pairs, upright };
}
