import { type Run, type Shapes, stroke } from '../../../hand/notation';
import { alongOval } from '../../../hand/pressed/ovals';
import { type LightLineParts, OVAL } from '../parts';

/** Letters that are two in one, which no mark makes: æ œ ß. */
export function smallPairs(p: LightLineParts): Shapes {
  const { B, X, knot, loop, loopIn, oval, ovalIn, ovalStroke, placed, port, ring, s, straight } = p;
  const e = ring(OVAL.e);
  const eAt = (x: number): Run => [knot(x + 0.35, 1.4, 40), alongOval({ ...e, cx: e.cx + x }, -52, 180).map((one) => knot(one.x, one.y, one.dir))];
  const low = (x: number) => port('low', x + e.cx, B, 0, x + 0.6);
  return {
    æ: placed(ovalIn(), low(s), [0, s], ovalStroke, stroke('eye and back', eAt(s), 'The stem of a is the back of e.')),
    œ: placed(ovalIn(), low(s), [0, s], stroke('oval', oval(-18, 342)), stroke('eye and back', eAt(s))),
    ß: placed(
      loopIn,
      port('low', 1.2, B, 0, 2.4),
      [0, 2.2],
      stroke('loop', [loop(0), straight(0, B)]),
      stroke('bows', [
        knot(0.2, X - 0.6, 76),
        knot(1.3, 1.35 * X, 4),
        knot(2.0, 1.1 * X, -90),
        knot(1.0, 3.3, 205, 0, { leave: -12 }),
        knot(2.4, 1.7, -92),
        knot(1.2, B, 180),
        knot(0.5, 0.7, 104),
      ]),
    ),
  };
}
