import type { Port } from '../../../hand/letter';
import { byItself, type Run, type Shapes, stroke } from '../../../hand/notation';
import { LEFT } from '../../../hand/pressed/turns';
import type { Degrees } from '../../../measure/units';
import { type LightLineParts, OVAL } from '../parts';

/** The double curve of x, in fifths of the body: reach of its turns, how far beside its middle it counts as a stem, and how it falls against the slant. */
const WIDE = 1.55;
const ASIDE = 0.6;
const FALLING: Degrees = 52;

const AFTER_HIGH = { after: 'bovw' } as const;

/** i u w t j: from a pointed head, and out of the turn. */
export function underTurns(p: LightLineParts): Shapes {
  const { X, back, d, descending, dot, knot, loopOut, lowAt, minim, placed, port, shaded, tick, tickOut, under } = p;
  const first = stroke('first stem', [under(0), back(d)]);
  return {
    i: [...placed(minim, lowAt(0), [0, 0], stroke('stem', under(0), 'No pressure: a point, a slant, a turn.')), dot(0.1)],
    u: placed(minim, lowAt(d), [0, d], first, stroke('second stem', under(d), 'Back along the upstroke, and down.')),
    w: placed(minim, tickOut(d + 1.9), [0, d], first, stroke('second stem', [under(d), tick(d + 1.9)], 'It ends in a small tick.')),
    t: placed(
      port('stem', -0.05, 1.15 * X, 70),
      lowAt(0),
      [0, 0],
      stroke('stem', shaded(0), 'Squared, pressed at its top, thinning into the turn.'),
      stroke('bar', [knot(-1.3, 1.45 * X, 8), knot(1.4, 1.52 * X, 8)]),
    ),
    j: [...placed(minim, loopOut(0), [0, 0], stroke('loop', descending(0))), dot(0.1)],
  };
}

/** n m v x y p: over on the hairline, down, and out under. */
export function compounds(p: LightLineParts): Shapes {
  const { B, T, X, arch, back, branch, compound, d, descending, knot, loopOut, lowAt, over, placed, port, spread, straight, tick, tickOut, turnIn } = p;
  return {
    n: placed(turnIn, lowAt(d), [0, d], stroke('first stem', over(0)), stroke('arch', arch(0), 'From the foot, over, and down.')),
    m: placed(turnIn, lowAt(2 * d), [0, 2 * d], stroke('first stem', over(0)), stroke('second stem', [branch(0), over(d)]), stroke('third stem', arch(d))),
    v: placed(turnIn, tickOut(2.1), [0, 0], stroke('compound curve', [compound(0), tick(2.1)], 'It ends in a small tick.')),
    x: placed(
      port('turn', -WIDE, T, 0),
      port('low', WIDE, B, 0, ASIDE),
      [-ASIDE, ASIDE],
      stroke('double curve', [knot(-WIDE, T, 0), knot(0, X / 2, -FALLING), knot(WIDE, B, 0)], 'Steeper than the stems, so that the cross opens.'),
      stroke('cross', [knot(WIDE + 0.1, T - 0.2, 205), knot(0, X / 2, 226), knot(-WIDE - 0.1, 0.2, 205)]),
    ),
    y: placed(turnIn, loopOut(d), [0, d], stroke('compound curve', [compound(0), back(d)]), stroke('loop', descending(d))),
    p: placed(
      port('stem', -spread / 2, 1.6 * X, 64),
      lowAt(d),
      [0, d],
      stroke(
        'stem',
        [
          knot(-spread / 2, 1.6 * X, -90, 0, { anchor: LEFT }),
          straight(-spread / 2, 0.5 * X, 0.35, { anchor: LEFT, dir: -90 }),
          straight(-spread / 2, -X, 1, { anchor: LEFT, dir: -90 }),
        ],
        'Pressed towards a square foot one unit under the line.',
      ),
      stroke('arch', [knot(0, B, 52), compound(d)]),
    ),
  };
}

/** o a d g q c e: the oval, reached at its very top. */
export function ovals(p: LightLineParts): Shapes {
  const { B, T, X, at, descendRight, descending, knot, loopOut, lowAt, oval, ovalIn, ovalStroke, placed, port, ring, s, shaded, under } = p;
  const low = (q: number) => port('low', at(180, q).x, B, 0, 0.6);
  const out = at(322, OVAL.usual, true);
  const head = at(-44, OVAL.c);
  return {
    o: placed(ovalIn(), port('high', out.x, out.y, out.dir ?? -40, 2 * ring().reach - 0.3), [0, 0], stroke('oval', oval(-18, 352), 'One swing; it leaves near its top.')),
    a: placed(ovalIn(), lowAt(s), [0, s], ovalStroke, stroke('stem', under(s))),
    d: placed(ovalIn(), lowAt(s), [0, s], ovalStroke, stroke('stem', shaded(s), 'As t: one of the few shades.')),
    g: placed(ovalIn(), loopOut(s), [0, s], ovalStroke, stroke('loop', descending(s))),
    q: placed(ovalIn(), port('low', s + 0.15, 0.3, -6, s), [0, s], ovalStroke, stroke('stem and loop', [knot(s, T, -90), descendRight(s, -1.5 * X)])),
    c: placed(ovalIn(OVAL.c), low(OVAL.c), [0, 0], stroke('back', [knot(head.x + 0.02, head.y - 0.75, 82), oval(-38, 180, OVAL.c)])),
    e: placed(port('eye', 0.35, 1.4, 40), low(OVAL.e), [0, 0], stroke('eye and back', [knot(0.35, 1.4, 40), oval(-52, 180, OVAL.e)], 'An open eye, on the way of the hairline.')),
    'e from above': byItself(AFTER_HIGH, placed(port('high eye', 0.5, 2.7, 22), low(OVAL.e), [0, 0], stroke('eye and back', [knot(0.5, 2.7, 22), oval(-60, 180, OVAL.e)]))),
  };
}

/** l b h k f: loops of two units. */
export function looped(p: LightLineParts): Shapes {
  const { B, T, arch, d, descendRight, knot, loop, loopIn, lowAt, placed, port, straight, tick, tickOut, underFrom } = p;
  const loopStem = stroke('loop', [loop(0), straight(0, B)]);
  return {
    l: placed(loopIn, lowAt(0), [0, 0], stroke('loop', [loop(0), underFrom(0)], 'Two units over the body.')),
    b: placed(loopIn, tickOut(2.2), [0, 0], stroke('loop', [loop(0), underFrom(0), tick(2.2)])),
    h: placed(loopIn, lowAt(d), [0, d], loopStem, stroke('arch', arch(0))),
    k: placed(
      loopIn,
      port('low', 3.0, B, 0, 2.2),
      [0, 2.2],
      loopStem,
      stroke('bowl and leg', [knot(0, B, 58), knot(1.75, T + 0.35, 4), knot(2.35, T - 0.55, -92), knot(1.0, 2.75, 190, 0, { leave: -8 }), knot(2.2, 1.65, -86), knot(3.0, B, 0)]),
    ),
    f: placed(loopIn, port('low', 0.15, 0.3, -6, 0.1), [0, 0], stroke('loops', [loop(0), descendRight(0)])),
  };
}

/** r s z: each of its own. */
export function others(p: LightLineParts): Shapes {
  const { B, X, descend, knot, loopOut, lowAt, overTurn, placed, port, straight, turnIn, underFrom } = p;
  const crest: Port = port('crest', 0, 1.25 * X, 62);
  const stem = 1.45;
  const shoulder: Run = [knot(0, 1.25 * X, -80), knot(0.25, 1.08 * X, -62), knot(0.95, 0.98 * X, -20), knot(stem, 0.72 * X, -90)];
  return {
    r: placed(crest, lowAt(stem), [0.9, stem], stroke('crest, shoulder and stem', [shoulder, underFrom(stem)], 'A point a quarter over the waistline.')),
    s: placed(
      crest,
      port('low', 0.25, B, 0, 0.9),
      [0.55, 0.7],
      stroke(
        'back',
        [knot(0, 1.25 * X, -88), knot(0.35, 0.85 * X, -70), knot(1.0, 1.5, -92), knot(0.1, B, 180), knot(-0.75, 0.75, 100)],
        'From the point down the belly, and round.',
      ),
    ),
    z: placed(
      turnIn,
      loopOut(1.15),
      [0, 1.15],
      stroke('head and loop', [overTurn(0), straight(0, 0.6, 0, { leave: 40 }), knot(0.5, 0.75, -10), knot(1.15, -0.9, -90), descend(1.15)]),
    ),
  };
}
