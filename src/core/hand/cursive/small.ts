import type { Degrees } from '../../measure/units';
import { byItself, type Drawn, line, only, type Run, type Shapes } from '../notation';
import { type CursiveParts, OVAL } from './parts';

/** The double curve of x, in fifths of the body: reach of its turns, how far beside its middle it counts as a shade, and how it falls against the slant. */
const WIDE = 1.6;
const ASIDE = 0.6;
const FALLING: Degrees = 62;

/** Letters that leave near the waistline; e, r and s then begin higher. */
const AFTER_HIGH = { after: 'bovw' } as const;
/** Top of t. */
const T_TOP = 7.6;

/** i u t w j: pressed from the waistline, and out of the turn. */
export function underTurns(p: CursiveParts): Shapes {
  const { F, T, X, curl, curlOut, d, descending, dot, drawn, head, knot, loopOut, lowAt, minim, none, placed, under, up } = p;
  const first = drawn('first stem', [under(0, head), up(d - 0.25)], 'Press, round the turn, and up on the thin.');
  /** w with an end of its own, after which the word is done. */
  const ending = (out: Run, remark: string) => only('word-end', placed(minim, none, [0, d], first, drawn('second stem', [under(d, head), out], remark)));
  return {
    i: [...placed(minim, lowAt(0, F), [0, 0], drawn('stem', under(0, head, F), 'Press straight down, and let go in the turn.')), dot(0.1, X + 1.9)],
    u: placed(minim, lowAt(d, F), [0, d], first, drawn('second stem', under(d, head, F), 'Parallel, and as heavy.')),
    t: placed(
      minim,
      lowAt(0, F),
      [0, 0],
      drawn('stem', under(0, T_TOP, F)),
      drawn('bar', [knot(-1.35, X + 0.5, 10, 0), knot(0.1, X + 0.62, 4, 0), knot(1.7, X + 0.85, 12, 0)], 'On the thin, a little uphill.'),
    ),
    't waved bar': placed(
      minim,
      lowAt(0, F),
      [0, 0],
      drawn('stem', under(0, T_TOP + 0.6, F)),
      drawn('bar', [knot(-2.0, X + 0.3, 44), knot(-0.8, X + 1.0, 0, 1), knot(1.0, X + 0.45, -14, 3), knot(2.7, X + 1.2, 52)]),
    ),
    't returning': only(
      'word-end',
      placed(
        minim,
        none,
        [0, 0],
        drawn(
          'stem and bar',
          [
            under(0, T_TOP, F),
            knot(2.0, 2.6, 86),
            knot(1.0, X + 0.45, 172),
            knot(-0.9, X + 0.3, 196, 0),
            knot(-1.1, X - 0.25, -60, 0),
            knot(0, X - 0.28, 30, 0),
            knot(2.4, X + 0.9, 22),
          ],
          'The tail comes back over the stem as its bar.',
        ),
      ),
    ),
    w: placed(minim, curlOut(d + 2.6), [0, d], first, drawn('second stem', [under(d, head), curl(d + 2.6)], 'Up, and a small loop under the waistline.')),
    'w raised': ending(
      [knot(d + 1.95, 2.8, 82), knot(d + 2.2, X + 1.1, 96), knot(d + 1.35, X + 1.75, 196)],
      'At the end of a word the thin rises over the waistline and bends back.',
    ),
    'w swung out': ending(
      [knot(d + 1.85, 2.4, 82), knot(d + 1.65, T - 0.1, 150, 0), knot(d + 1.05, T - 1.0, -80, 0), knot(d + 2.4, T - 1.75, 6, 0), knot(d + 4.6, T - 0.2, 40)],
      'At the end of a word: a small loop, and out.',
    ),
    j: [...placed(minim, loopOut(0), [0, 0], drawn('loop', descending(0), 'Press through the line; thin round the loop.')), dot(0.1, X + 1.9)],
  };
}

/** n m v x y p: over on the thin, down, and out under. */
export function compounds(p: CursiveParts): Shapes {
  const { B, D, F, R, T, arch, compound, curl, curlOut, d, descending, drawn, head, knot, loopOut, lowAt, minim, over, placed, plainStem, port, rise, sideOut, turnIn, under, up } =
    p;
  const near = 0.94 * d;
  const bowl: Run = [rise(0), knot(1.6, T, 0), knot(d, 2.65, -90), knot(1.45, B, 180), knot(0.2, 0.75, 128)];
  const yFirst = drawn('first stem', [under(0, head), up(d - 0.25)]);
  return {
    n: placed(
      turnIn,
      lowAt(d, F),
      [0, d],
      drawn('first stem', over(0), 'Over on the thin, and down.'),
      drawn('arch', arch(0, d, F), 'Out of the foot of the stem, over, down, and out.'),
    ),
    m: placed(turnIn, lowAt(2 * near, F), [0, 2 * near], drawn('first stem', over(0)), drawn('second stem', [rise(0), over(near)]), drawn('third stem', arch(near, 2 * near, F))),
    v: placed(turnIn, curlOut(2.7), [0, 0], drawn('compound curve', [compound(0), curl(2.7)], 'As the end of n, up, and a small loop.')),
    x: placed(
      port('turn', -WIDE, T, 0),
      port('low', WIDE, F, 0, ASIDE),
      [-ASIDE, ASIDE],
      drawn(
        'double curve',
        [knot(-WIDE, T, 0, 1), knot(0, 2.5, -FALLING, 1), knot(WIDE, F, 0, 1)],
        'Over, press straight towards you, and out: steeper than the stems, so that the cross opens.',
      ),
      drawn('cross', [knot(WIDE + 0.25, T - 0.2, 205, 0), knot(0, 2.5, -132, 0), knot(-WIDE - 0.15, 0.25, 205, 0)], 'On the thin, from the top right.'),
    ),
    y: placed(minim, loopOut(d), [0, d], yFirst, drawn('loop', descending(d))),
    'y over first': placed(
      turnIn,
      sideOut(d),
      [0, d],
      drawn('first stem', [compound(0), up(d - 0.25)]),
      drawn('tail', [plainStem(d, head, D + 2.6), knot(d - 1.5, D, 180), knot(d - 2.7, D + 1.0, 112)]),
    ),
    'y straight tail': placed(minim, sideOut(d), [0, d], yFirst, drawn('tail', [plainStem(d, head, 0.6), knot(d - 0.9, D + 0.6, -104, 0.6)])),
    p: placed(
      minim,
      port('low', 1.6, B, 0, d + R),
      [0, d],
      drawn('stem', plainStem(0, head + 0.5, D + R)),
      drawn('bowl', bowl, 'Out of the stem, over, and back to it on the line.'),
    ),
  };
}

/** o a d g q c e: the oval, and what stands beside it. */
export function ovals(p: CursiveParts): Shapes {
  const {
    A,
    B,
    D,
    F,
    T,
    at,
    descending,
    drawn,
    head,
    knot,
    le,
    left,
    loop,
    loopOut,
    lowAt,
    none,
    openTail,
    oval,
    ovalIn,
    ovalStroke,
    placed,
    plainStem,
    port,
    re,
    right,
    ring,
    s,
    sideOut,
    under,
    underFrom,
  } = p;
  const { cx, reach } = ring();
  const wide = 2 * reach;
  const out = (psi: number) => at(psi, OVAL.usual, true);
  const low = (q: number) => port('low', at(180, q).x, B, 0, 1.4);
  const cHead = at(-48, OVAL.c);
  const stem = (top: number) => drawn('stem', under(s, top, F), 'Close to the oval, down, and out.');
  const open = s - 0.25;
  const side = out(312);
  return {
    o: placed(
      ovalIn(),
      port('high', cx + 0.25, T - 1.3, 4, wide),
      [0, 0],
      drawn(
        'oval and curl',
        [oval(-12, 335), knot(cx - 0.35, T - 0.3, 214, 0), knot(cx - 0.55, T - 0.95, -70, 0.15), knot(cx + 0.25, T - 1.3, 4, 0)],
        'Round, and a small loop inside its top.',
      ),
    ),
    'o plain': placed(ovalIn(), port('high', side.x, side.y, side.dir ?? -50, wide), [0, 0], drawn('oval', oval(0, 360))),
    a: placed(ovalIn(), lowAt(s, F), [0, s], ovalStroke, stem(head)),
    'a open': placed(
      ovalIn(),
      lowAt(open, F),
      [0, open],
      drawn('bowl and stem', [oval(-34, 205), knot(le(open), T - 0.15, 78, 1, { leave: -90, ...left }), underFrom(open, F)], 'In one stroke.'),
    ),
    'a two storeys': placed(
      none,
      lowAt(2.3, F),
      [0, 2.3],
      drawn('hook and stem', [knot(0.2, T - 0.75, 60), knot(1.25, T, 0, 1, right), knot(re(2.3), T - 1.7, -90, 1, right), underFrom(2.3, F)]),
      drawn('bowl', [knot(2.3, 2.95, 190), knot(1.2, 3.0, 182), knot(0, 1.55, -90), knot(1.05, B, 0), knot(2.3, 1.2, 62)]),
    ),
    d: placed(ovalIn(), lowAt(s, F), [0, s], ovalStroke, stem(A - 0.7)),
    'd looped': placed(ovalIn(), lowAt(s, F), [0, s], ovalStroke, drawn('loop', [knot(s - 0.2, 3.6, 70), rest(loop(s)), underFrom(s, F)])),
    g: placed(ovalIn(), loopOut(s), [0, s], ovalStroke, drawn('loop', descending(s), 'Press through the line; thin round the loop.')),
    'g open tail': placed(ovalIn(), sideOut(s), [0, s], ovalStroke, drawn('tail', openTail(s))),
    'g great loop': placed(ovalIn(), loopOut(s), [0, s], ovalStroke, drawn('loop', descending(s, 3.4))),
    q: placed(
      ovalIn(),
      sideOut(s),
      [0, s],
      ovalStroke,
      drawn('stem', [plainStem(s, head, D + 1.7), knot(s + 0.8, D, 0), knot(s + 1.9, D + 1.3, 62)], 'Down, and a hook to the right.'),
    ),
    c: placed(ovalIn(OVAL.c), low(OVAL.c), [0, 0], drawn('back', [knot(cHead.x - 0.12, cHead.y - 0.55, 84), oval(-40, 180, OVAL.c)], 'A small hook, over, and down the left.')),
    e: placed(port('eye', 0.25, 1.95, 24), low(OVAL.e), [0, 0], drawn('eye and back', [knot(0.25, 1.95, 24), oval(-62, 180, OVAL.e)], 'The eye rises on the thin and turns over.')),
    'e from above': byItself(
      AFTER_HIGH,
      placed(
        port('high eye', 0.4, 2.8, 12),
        low(OVAL.e),
        [0, 0],
        drawn('eye and back', [knot(0.4, 2.8, 12), oval(-68, 180, OVAL.e)], 'After o, b, v and w the eye begins higher.'),
      ),
    ),
    'e printed': placed(none, low(OVAL.e), [0, 0], drawn('eye and back', [knot(0.2, 2.75, 0), knot(1.7, 2.8, 4), knot(2.5, 3.7, 98), oval(0, 180, OVAL.e)])),
    'e like 3': placed(
      port('oval', 0.55, 4.4, 50),
      port('low', 1.35, B, 0, 1.6),
      [0, 0],
      drawn('two bows', [knot(2.6, 3.9, 98), knot(1.6, T, 180), knot(0.35, 3.75, -90, 0.85), knot(1.45, 2.62, -4, 0.3, { leave: 184 }), knot(0, 1.3, -90), knot(1.35, B, 0)]),
    ),
  };
}

/** All but the first knot of a run. */
const rest = (run: Run): Run => ('length' in run ? run.slice(1) : run);

/** l b h k f: loops over and under the body, and the same letters plain. */
export function looped(p: CursiveParts): Shapes {
  const {
    A,
    B,
    D,
    F,
    T,
    arch,
    curl,
    curlOut,
    d,
    descendRight,
    drawn,
    knot,
    loop,
    loopIn,
    lowAt,
    minim,
    none,
    overTurn,
    placed,
    plainStem,
    port,
    rise,
    sideOut,
    toFoot,
    under,
    underFrom,
  } = p;
  const high = A - 0.6;
  const stem = drawn('stem', plainStem(0, high));
  const loopStem = (w?: number) => drawn('loop', [loop(0, w), toFoot(0)], 'Up on the thin, over, and press from the top of the loop.');
  const narrow = 1.9;
  return {
    l: placed(loopIn, lowAt(0, F), [0, 0], drawn('loop', [loop(0), underFrom(0, F)], 'Up on the thin, over, press, and out.')),
    'l plain': placed(minim, lowAt(0, F), [0, 0], drawn('stem', under(0, high, F))),
    'l wide loop': placed(loopIn, lowAt(0, F), [0, 0], drawn('loop', [loop(0, 2.3), underFrom(0, F)])),
    b: placed(loopIn, curlOut(2.6), [0, 0], drawn('loop and bowl', [loop(0), underFrom(0), curl(2.6)], 'As l, then up and a small loop.')),
    'b plain': placed(
      minim,
      port('low', 1.6, B + 0.02, 4, 3.3),
      [0, 2.85],
      stem,
      drawn('bowl', [rise(0), knot(1.55, T, 0), knot(2.85, 2.6, -90), knot(1.4, B, 180), knot(0.1, 1.0, 112)]),
    ),
    h: placed(loopIn, lowAt(d, F), [0, d], loopStem(), drawn('arch', arch(0, d, F), 'The arch of n.')),
    'h plain': placed(minim, lowAt(d, F), [0, d], stem, drawn('arch', arch(0, d, F))),
    'h long leg': placed(
      loopIn,
      sideOut(d),
      [0, d],
      loopStem(narrow),
      drawn('arch and leg', [rise(0), overTurn(d), line(d, 0), knot(d - 1.1, -2.4, 184), knot(d - 2.0, -1.6, 88)]),
    ),
    k: placed(
      loopIn,
      port('low', 3.65, F, 0, 3.05),
      [0, 2.6],
      loopStem(),
      drawn(
        'bowl and leg',
        [
          knot(0.25, 1.9, 66),
          knot(1.75, T, 4),
          knot(2.6, T - 0.85, -92, 0.55),
          knot(1.1, 2.55, 190, 0, { leave: 4 }),
          knot(1.75, 2.5, -24, 0.5),
          knot(2.6, 1.35, -80),
          knot(3.65, F, 0),
        ],
        'A small bowl that closes on the stem, then the leg.',
      ),
    ),
    'k plain': placed(
      minim,
      port('low', 3.3, F, 0, 2.8),
      [0, 2.5],
      stem,
      drawn('arm', [knot(2.5, T - 0.1, 200), knot(1.4, 3.5, -120, 0.25), knot(0.4, 2.5, 205, 0)]),
      drawn('leg', [knot(0.7, 2.75, -20, 0.6), knot(2.15, 1.4, -62), knot(3.3, F, 0)]),
    ),
    'k great leg': only(
      'word-end',
      placed(
        loopIn,
        none,
        [0, 2.6],
        loopStem(narrow),
        drawn('arm', [knot(2.9, T + 0.3, 205), knot(1.3, 3.4, -140, 0.25), knot(0.3, 2.6, 190, 0)]),
        drawn('leg', [knot(0.7, 2.9, -44, 0.7), knot(2.3, 0.6, -62), knot(4.2, -1.4, 0), knot(5.3, -0.6, 60)], 'At the end of a word the leg may run on under the line.'),
      ),
    ),
    f: placed(loopIn, port('low', 0.3, 0.15, -10, 0.9), [0, 0], drawn('loops', [loop(0), descendRight(0)], 'Through all three zones; the lower loop closes to the right.')),
    'f crossed': placed(
      none,
      port('high', 1.5, 4.05, 24, 1.2),
      [0, 0],
      drawn('hook and stem', [knot(1.7, A - 1.3, 96), knot(0.95, A, 180), knot(0, A - 1.9, -90), line(0, D + 1.2)]),
      drawn('bar', [knot(-1.1, 3.5, 18), knot(0.3, 3.75, 4, 0), knot(1.5, 4.05, 24)]),
    ),
  };
}

/** r s z: each of its own. */
export function others(p: CursiveParts): Shapes {
  const { B, F, T, X, descend, drawn, head, knot, loopOut, lowAt, minim, none, over, placed, plainStem, port, re, right, rise, turnIn, underFrom } = p;
  const stem = 1.45;
  const r = (start: Run, entry: ReturnType<typeof port>): Drawn[] =>
    placed(
      entry,
      lowAt(stem, F),
      [0.6, stem],
      drawn(
        'crest, shoulder and stem',
        [
          start,
          knot(0.15, X + 0.1, 92, 0),
          knot(-0.18, X + 0.45, 180, 0),
          knot(-0.32, X, -70, 0.2),
          knot(0.5, T - 0.72, 2, 0, right),
          knot(re(stem), T - 2.1, -90, 1, right),
          underFrom(stem, F),
        ],
        'Up over the waistline, a small loop, the shoulder, and down.',
      ),
    );
  const s = (start: Run, entry: ReturnType<typeof port>): Drawn[] =>
    placed(
      entry,
      port('low', 0.5, B, 0, 1.75),
      [0.5, 0.7],
      drawn(
        'back',
        [start, knot(0.35, X + 0.3, 76, 0, { leave: -86 }), knot(0.68, X - 1.4, -68, 0.4), knot(1.45, 1.75, -91, 0.95), knot(0.45, B, 180), knot(-0.62, 1.0, 92)],
        'Up on the thin, down the belly, and round.',
      ),
    );
  const low = { r: [3.0, 56], s: [2.6, 58] } as const;
  const high = { r: [T - 0.75, 30], s: [T - 0.95, 36] } as const;
  const x = -0.75;
  const shape = (draw: typeof r, [y, dir]: readonly [number, number], kind: string) => draw(knot(x, y, dir), port(kind, x, y, dir));
  return {
    r: shape(r, low.r, 'rise'),
    'r from above': byItself(AFTER_HIGH, shape(r, high.r, 'high rise')),
    'r ear': placed(turnIn, port('low', 0.3, 0.7, 40, 1.3), [0, 0.5], drawn('stem', over(0)), drawn('ear', [rise(0), knot(1.5, T, 4), knot(2.2, T - 0.8, -84, 0.8)])),
    'r printed': placed(
      minim,
      port('high', 1.95, T - 0.5, -30, 2.0),
      [0, 0.9],
      drawn('stem', plainStem(0, head)),
      drawn('ear', [rise(0), knot(1.4, T, 10), knot(2.0, T - 0.45, -70, 0.8)]),
    ),
    s: shape(s, low.s, 'rise'),
    's from above': byItself(AFTER_HIGH, shape(s, high.s, 'high rise')),
    's double curve': placed(
      none,
      port('low', 0.95, B, 0, 2.1),
      [0.4, 1.2],
      drawn('double curve', [
        knot(2.0, 4.2, 110),
        knot(1.2, T, 182),
        knot(0.15, 3.8, -86, 0.75),
        knot(1.05, 2.45, -56, 1),
        knot(1.95, 1.2, -90, 0.85),
        knot(0.8, B, 180),
        knot(-0.2, 0.8, 108),
      ]),
    ),
    's great': only(
      'word-end',
      placed(
        none,
        none,
        [0.4, 1.4],
        drawn('double curve', [
          knot(2.7, 5.0, 120),
          knot(1.5, X + 0.9, 186),
          knot(0.25, X - 0.7, -88, 0.75),
          knot(1.2, 2.45, -52, 1),
          knot(2.1, 0.6, -92, 0.9),
          knot(0.6, -1.1, 182),
          knot(-0.8, -0.1, 104),
        ]),
      ),
    ),
    z: placed(
      port('turn', -0.7, T - 0.4, 38),
      loopOut(1.25),
      [0.2, 1.25],
      drawn(
        'head and loop',
        [
          knot(-0.9, T - 0.5, 40),
          knot(0.1, T, 0),
          knot(1.1, T - 1.2, -90, 0.8),
          knot(-0.5, 0.35, 222, 0, { leave: 50 }),
          knot(0.35, 0.75, 0, 0),
          knot(re(1.25), -0.7, -90, 1, right),
          descend(1.25),
        ],
        'A turn, down to the line, and into the loop.',
      ),
    ),
    'z printed': placed(
      none,
      port('low', 2.6, 0.3, 40, 2.4),
      [0.2, 1.4],
      drawn('zigzag', [
        knot(-0.3, T - 0.5, 50),
        knot(0.5, T - 0.1, -8, 1),
        knot(2.3, T - 0.25, 20, 1, { leave: -122 }),
        line(0.0, B + 0.15, { press: 0.9, leave: 30 }),
        knot(0.9, 0.55, -4, 3),
        knot(2.6, 0.3, 40),
      ]),
    ),
  };
}
