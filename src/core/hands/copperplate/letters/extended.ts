import { leaves, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { alongOval, onOval } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import type { CapitalParts } from '../capitalParts';
import type { CopperplateParts } from '../parts';

/** Letters that are two in one, which no mark makes: æ œ ß. */
export function smallPairs(m: CopperplateParts): Shapes {
  const { B, T, X, ascend, bodyOval, lowExit, oval, s, squareFoot } = m;
  const ring = bodyOval(1.2);
  const e = { ...ring, cx: ring.cx + s - 0.1 };
  const eye = [to(s + 0.1, 1.75, 30, hair), ...alongOval(e, -45, 180)];
  const out = [shadeAt(s), leaves(lowExit(onOval(e, 180).x))];
  return {
    æ: [oval, stroke('eye and back', [eye, out], 'The stem of a is the back of e.')],
    œ: [
      stroke('oval', [...oval.parts.slice(0, 2), alongOval(bodyOval(), 0, 360)], 'Closed, as o.'),
      stroke('eye and back', [to(s - 0.2, 1.75, 30, hair), alongOval({ ...e, cx: e.cx + 0.25 }, -45, 180), shadeAt(s + 0.25), leaves(lowExit(onOval(e, 180).x + 0.25))]),
    ],
    ß: [
      stroke('loop', [ascend(0), squareFoot(0)], 'The loop of h.'),
      stroke(
        'bows',
        [
          to(0.2, X - 0.6, 78, { press: 0, anchor: 0.5 }),
          to(1.25, X + 1.5, 8),
          to(2.15, X + 0.3, -92, { press: 0.4 }),
          to(1.0, 3.35, 205, { press: 0, leave: -10 }),
          to(2.75, 1.7, -92, { press: 0.9 }),
          to(1.4, B, 180, hair),
          to(0.55, 0.7, 96),
          shadeAt(2.75),
          leaves({ kind: 'none', x: 2.75, y: T, dir: 0 }),
        ],
        'A small bow over the waistline, a larger one on the line.',
      ),
    ],
  };
}

/** Æ Œ. */
export function capitalPairs({ TALL, k, leftLeg, oval, parts, spot, h }: CapitalParts): Shapes {
  const start = { press: 0, anchor: 0.5 } as const;
  const arms = (x: number) => [
    stroke('head', [k(x - 0.2, TALL - 0.4, -10, start), k(x + 2.2, TALL - 0.9, -4, { press: 0.4 }), k(x + 4.2, TALL, 42, hair)]),
    stroke('bar', [k(x - 0.1, 6.3, 20, start), k(x + 1.4, 6.6, 0), k(x + 2.6, 7.2, 54)]),
    stroke('foot', [k(x - 0.2, 0.5, -14, start), k(x + 1.8, 0.2, -6, { press: 0.35 }), k(x + 4.4, 1.9, 66, hair)]),
  ];
  const stem = (x: number) => stroke('stem', [k(x - h, TALL - 0.3, -90, { press: 0.1, anchor: 0 }), k(x - h, 7, -90, { press: 1 }), k(x - h, 0.4, -90, { press: 0.15 })]);
  return {
    Æ: [...leftLeg(-4.4, -h), stem(0), ...arms(0), stroke('crossing', [k(-3.2, 4.0, 40, start), k(-1.6, 4.6, 0), k(0, 4.5, -4)])],
    Œ: [stroke('back', [alongOval(oval(3.2, 0, TALL, 3.3), -10, 190)]), stem(3.4), ...arms(3.4), spot(3.2 + 2 * parts.half(), TALL - 0.5)],
  };
}
