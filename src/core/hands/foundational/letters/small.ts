import { round } from '../../../hand/broad/round';
import { sharpBows } from '../../../hand/broad/sharpS';
import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { FoundationalParts } from '../parts';

/** o c e: the circle and its left half. */
export function circles({ B, T, X, k, level, o, turn }: FoundationalParts): Shapes {
  const begin = o.left[0] ?? to(0, 0);
  const out: Run = to(3.5 * k, B + 0.27, 17, level(turn.ending));
  return {
    o: [
      stroke('left side', o.left, 'From the top to the left and round: a circle on its outer edge.'),
      stroke('right side', o.right, 'The same curve turned half round, from where the first began.'),
    ],
    c: [
      stroke('back', [o.back, out], 'The left of o.'),
      stroke('arm', [to(begin.x, begin.y, 22), to(2.31 * k, T + 0.04, -4), to(3.48 * k, T - 0.46, -24)], 'Short, and nearly level.'),
    ],
    e: [
      stroke('back', [o.back, out], 'The left of o.'),
      stroke(
        'eye',
        [to(begin.x, begin.y, 14), to(2.05 * k, T + 0.04, -1), to(3.45 * k, 0.73 * X, -93), to(2.45 * k, 0.495 * X, 187), line(0.12, 0.475 * X)],
        'Over the top, and back level into the middle.',
      ),
    ],
  };
}

/** d q b p: the circle against a stem. */
export function bowls({ A, B, D, T, X, bowl, branch, foot, head, k, meet, near, rightOf, s, stem }: FoundationalParts): Shapes {
  return {
    d: [stroke('bowl', bowl, 'A flat start, then the left of o.'), stem([head(s, A), foot(s)], 'From the ascender line, closing the bowl.')],
    q: [stroke('bowl', bowl), stem([to(s, T, -90), foot(s, D)], 'Down to the descender line.')],
    b: [
      stem([head(0, A), line(0, 0.45 * X), to(near + 0.866 * k, B - 0.04, 0), to(meet.x, meet.y, 17)], 'Down, and round into the foot of the circle.'),
      stroke('bowl', [branch, rightOf(-47)], 'Out of the stem, and the right of o.'),
    ],
    p: [
      stem([head(0), foot(0, D)], 'Through the line to the descender line.'),
      stroke('bowl', [branch, rightOf(-30), to(1.45 * k, B, 181), to(0, B, 180)], 'As in b, closing along the line.'),
    ],
  };
}

/** n m h r u: arches that repeat the circle. */
export function arches({ A, B, T, X, arch, foot, head, k, stem, w }: FoundationalParts): Shapes {
  const m = 2.86 * k;
  return {
    n: [stem([head(0), foot(0)]), stroke('arch', [arch(0, w), foot(w)], 'Out of the stem near its top, round as o, and down.')],
    m: [
      stem([head(0), foot(0)]),
      stroke('first arch', [arch(0, m), foot(m)]),
      stroke('second arch', [to(m, T - 2.1, 90), to(m + 0.26, T - 0.82, 64), to(m + 1.08 * k, T, 0), to(2 * m, X / 2 + 0.02, -90), foot(2 * m)], 'Both arches alike.'),
    ],
    h: [stem([head(0, A), foot(0)]), stroke('arch', [arch(0, w), foot(w)], 'The arch of n.')],
    r: [stem([head(0), foot(0)]), stroke('ear', [to(0, T - 0.66, 48), to(1.08 * k, T, 0), to(1.78 * k, T - 0.3, -30)], 'The beginning of the arch; short.')],
    u: [stroke('cup', [head(0), line(0, X / 2 - 0.02), to(w - 1.08 * k, B, 0), to(w, B + 0.66, 48)], 'n turned on its head.'), stem([head(w), foot(w)])],
  };
}

/** i l t j f: stems. */
export function stems({ A, B, D, T, bar, dot, foot, head, level, stem, turn }: FoundationalParts): Shapes {
  return {
    i: [stem([head(0), foot(0)], 'A small hook, straight down, a small hook.'), dot],
    l: [stem([head(0, A), foot(0)], 'From the ascender line.')],
    t: [stem([to(0, T + 1.1, -90), line(0, B + 1.2), to(0.98, B, 0), to(1.5, B + 0.14, 24)], 'A little over the waistline; its foot is a part of the circle.'), bar(-0.75, 1.35)],
    j: [stem([head(0), line(0, D + 1.5), to(-0.62, D + 0.27, -138, level(turn.tail)), to(-1.55, D - 0.15, -170, level(turn.tailEnd))], 'Lay the pen flat on the way out.'), dot],
    f: [stem([to(1.85, A - 0.5, 152), to(1.18, A, -176), to(0, A - 1.55, -90), foot(0)], 'The head first, then one long pull.'), bar(-0.75, 1.45)],
  };
}

/** a g s: curves of their own. */
export function curves({ B, D, T, X, foot, k, m, stem }: FoundationalParts): Shapes {
  const a = 2.52 * k;
  /** The bowl of g: a circle that leaves a quarter of the body for the link. */
  const r = 0.37 * X;
  const small = round(m, r - 0.2, X - r, r);
  return {
    a: [
      stem([to(0.03, T - 0.38, 18), to(1.26 * k, T, 0), to(a, 0.63 * X, -90), foot(a)], 'Over, and straight down.'),
      stroke(
        'bowl',
        [to(a, 0.57 * X, 180), to(1.39 * k, 0.56 * X, 186), to(-0.1, 0.29 * X, -90), to(1.01 * k, B, 0), to(a, B + 0.62, 40)],
        'From the stem, round, and back to it.',
      ),
    ],
    g: [
      stroke('left of bowl', small.left, 'A smaller o, hanging from the waistline.'),
      stroke('right of bowl', small.right),
      stroke(
        'link and tail',
        [
          to(small.west + 0.42, X - 2 * r + 0.62, -124),
          to(small.west + 0.1, 0.14 * X, -72),
          to(1.63 * k, -0.22, -9),
          to(2.9 * k, 0.43 * D, -90),
          to(1.3 * k, D, 180),
          to(-0.36, 0.6 * D, 92),
          to(0.5, -0.38, 42),
        ],
        'Down, out along the line, and round.',
      ),
      stroke('ear', [to(small.east - 0.42, T - 0.3, 24), to(small.east + 0.85, T - 0.1, 0)]),
    ],
    s: [
      stroke(
        'spine',
        [to(1.18 * k, T + 0.02, 183), to(0.21 * k, 0.744 * X, -88), to(1.1 * k, 0.511 * X, -33), to(2.11 * k, 0.264 * X, -91), to(0.97 * k, B - 0.02, 183)],
        'The upper curve is the smaller.',
      ),
      stroke('head', [to(1.14 * k, T + 0.02, 3), to(2.07 * k, T - 0.36, -22)]),
      stroke('foot', [to(-0.22, B + 0.36, -22), to(1.06 * k, B - 0.02, 3)]),
    ],
  };
}

/** v w y x k z: diagonals, the pen steeper or flatter. */
export function diagonals({ A, B, D, T, X, foot, half, head, high, k, level, low, slant, stem, thin, turn }: FoundationalParts): Shapes {
  const [v, w] = [1.71 * k, 1.55 * k];
  const flat = (x: number, y: number, dir?: number): Run => to(x, y, dir, level(turn.bar));
  const [top, base] = [X - half(turn.bar), half(turn.bar)];
  return {
    v: [
      stroke('thick', [slant(0.36 * k, -66), line(v, low)], 'Steepen the pen on the way: this side would be too heavy.'),
      stroke('thin', thin(2 * v, v), 'To the same point, at the same angle.'),
    ],
    w: [
      stroke('first thick', [slant(0.33 * k, -68), line(w, low)]),
      stroke('first thin', thin(1.9 * w, w)),
      stroke('second thick', [to(1.9 * w, high, undefined, level(turn.thick)), line(2.9 * w, low)], 'Parallel to the first.'),
      stroke('second thin', thin(3.8 * w, 2.9 * w)),
    ],
    y: [
      stroke('thick', [slant(0.36 * k, -66), line(v, low)]),
      stroke('thin and tail', [thin(2 * v, v), line(1.04 * k, D + 1.5, level(turn.falling)), to(-0.62, D + 0.08, -174, level(turn.arm))], 'v, its thin side carried on.'),
    ],
    x: [
      stroke('thick', [slant(0.63 * k, -52), line(2.75 * k, B + 0.39, level(0)), to(3.42 * k, B, 4), to(3.68 * k, B + 0.07, 24)]),
      stroke('thin', [to(3.02 * k, T), line(-0.06, B)], 'At the hand’s own angle; crosses a little over the middle.'),
    ],
    k: [
      stem([head(0, A), foot(0)]),
      stroke('arm', [to(2.7 * k, T, undefined, level(turn.arm)), line(0.07, 0.43 * X)], 'Flatter pen.'),
      stroke('leg', [to(0.75 * k, 0.547 * X, -48), line(2.32 * k, B + 0.7), to(3.18 * k, B, 2), to(3.52 * k, B + 0.05, 13)]),
    ],
    z: [
      stroke('head', [flat(0, top, 0), line(2.88 * k, top)]),
      stroke('diagonal', [to(2.86 * k, X - half(turn.zigzag), undefined, level(turn.zigzag)), line(0.1, half(turn.zigzag))], 'Nearly level pen, or it goes thin.'),
      stroke('foot', [flat(0.12, base, 0), line(3.1 * k, base)]),
    ],
  };
}

/** Letters that are two in one, which no mark makes: æ œ ß. */
export function pairs(parts: FoundationalParts): Shapes {
  const { A, B, T, X, foot, k, o, stem } = parts;
  const a = 2.52 * k;
  const begin = o.right[0] ?? to(0, 0);
  const back = (x: number): Run => [to(x + 1.25 * k, B, 2), to(x + 2.4 * k, B + 0.4, 30)];
  const eye = (x: number): Run => [to(x + 0.02, T - 1.0, 58), to(x + 1.12 * k, T, 0), to(x + 2.2 * k, 0.72 * X, -93), to(x + 1.3 * k, 0.495 * X, 187), line(x + 0.05, 0.475 * X)];
  return {
    æ: [
      stem([to(0.03, T - 0.38, 18), to(1.26 * k, T, 0), to(a, 0.63 * X, -90), line(a, 0.4 * X), back(a)], 'The head of a, and round into the foot of e.'),
      stroke('bowl', [to(a, 0.57 * X, 180), to(1.39 * k, 0.56 * X, 186), to(-0.1, 0.29 * X, -90), to(1.01 * k, B, 0), to(a, B + 0.62, 40)], 'The bowl of a.'),
      stroke('eye', eye(a), 'Out of the stem, over, and back to it.'),
    ],
    œ: [
      stroke('left side', o.left, 'The left of o.'),
      stroke('shared side', [begin, to((o.west + o.east) / 2, T + 0.04, -4), to(o.east, X / 2, -90), back(o.east)], 'The right of o is the back of e.'),
      stroke('eye', eye(o.east)),
    ],
    ß: [stem([to(0, A - 1.7, -90), foot(0)], 'From under the ascender line, straight down.'), sharpBows(parts, k)],
  };
}
