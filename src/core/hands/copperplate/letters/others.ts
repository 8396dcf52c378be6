import type { Port } from '../../../hand/letter';
import { byItself, leaves, line, meets, part, type Run, type Shapes, shadeAt, stroke, to } from '../../../hand/notation';
import { dot } from '../../../hand/pressed/dots';
import { hair } from '../../../hand/pressed/turns';
import { AFTER_HIGH, type CopperplateParts, TURN, unjoined } from '../parts';

const CREST = -0.16;
/** Stems of r and z. */
const R = 1.1;
const Z = 0.5;

/** r s z: each of its own. */
export function others(m: CopperplateParts): Shapes {
  const { B, D, T, X, highExit, loop, lowExit, over, spread, turns, turnEntry } = m;
  /** Begun from the join: low after most letters, higher after a high exit. */
  const begun = (port: Port): Run => part([to(port.x, port.y, port.dir, hair)], { meets: port });
  const low = (y: number) => begun({ kind: 'rise', x: -1.0, y, dir: 56 });
  const high = begun({ kind: 'high rise', x: -0.62, y: X - 1.15, dir: 46 });
  /** Crest over the waistline, shoulder, stem. */
  const r = (start: Run) => [
    stroke(
      'shoulder and stem',
      [
        start,
        shadeAt(0.6),
        to(CREST, X + 0.42, 80, { press: 0, leave: -82 }),
        to(0.24, T - 0.58, -20, { anchor: 1 }),
        to(0.8, T - 0.6, 8),
        to(R + spread / 2, 2.95, -90, { press: 1 }),
        line(R - spread / 2, 1.95, { press: 1, anchor: 0, dir: -90 }),
        to(R + TURN.under, B, 0, hair),
        shadeAt(R),
        leaves(lowExit(R + TURN.under)),
      ],
      'Up over the waistline, a small dip of the shoulder, and down.',
    ),
    dot(m, CREST + 0.02, X + 0.34, 0.75),
  ];
  /** Hairline over the waistline, then the belly. */
  const s = (start: Run) => [
    stroke(
      'back',
      [
        start,
        shadeAt(0.3),
        to(0.1, X + 0.34, 80, { press: 0, leave: -84, anchor: 1 }),
        to(0.5, 3.55, -71.5, { press: 0.12 }),
        to(0.98, 2.55, -59, { press: 0.62 }),
        to(1.2, 1.6, -90, { press: 1 }),
        to(0.92, 0.6, -122, { press: 0.62 }),
        to(0.12, B, 180, hair),
        to(-0.78, 0.72, 92, { anchor: 0.5 }),
        shadeAt(0.45),
        leaves(lowExit(0.3)),
      ],
      'Up on the hairline, swell down the belly, and close with a dot.',
    ),
    dot(m, -0.66, 0.76, 0.9),
  ];
  return {
    r: r(low(2.2)),
    'r from above': byItself(AFTER_HIGH, r(high)),
    'r plain': [
      stroke('stem', over(0)),
      stroke('ear', [turns.rise(0), to(1.5, T - 0.02, 20, hair), to(2.0, T - 0.45, -70), shadeAt(0.3), highExit(1.94, T - 0.42, 2.2)], 'The start of n, and a dot.'),
      dot(m, 1.9, T - 0.4, 0.8),
    ],
    s: s(low(2.0)),
    's from above': byItself(AFTER_HIGH, s(high)),
    's double curve': [
      stroke(
        'double curve',
        [
          unjoined,
          shadeAt(0.4),
          to(1.2, 4.0, 110, { press: 0, anchor: 0.5 }),
          to(0.62, T, 180),
          to(-0.12, 3.75, -84, { press: 0.3 }),
          to(0.5, 2.4, -58, { press: 1 }),
          to(0.92, 1.12, -94, { press: 0.3 }),
          to(0.2, B, 180, hair),
          to(-0.55, 0.85, 84),
          shadeAt(0.5),
        ],
        'The printed form, for ends and beginnings.',
      ),
      dot(m, 1.16, 4.0, 0.75, 'head'),
      dot(m, -0.5, 0.8, 0.75, 'tail'),
    ],
    z: [
      stroke(
        'head and descending loop',
        [
          part([to(-TURN.over, T, 0, { press: 0, anchor: 1 })], { meets: turnEntry(0), shade: 0 }),
          to(spread / 2, 3.5, -90, { press: 0.9 }),
          to(-0.72, B + 0.1, 218, { press: 0, leave: 44 }),
          to(-0.1, 0.42, 0, { anchor: 1 }),
          to(Z + spread / 2, 0.2 * D, -90, { press: 0.9 }),
          part(loop.descend(Z).slice(1), { leaves: { kind: 'loop', x: Z + 0.04, y: -0.15, dir: 62 }, shade: 0.5 }),
        ],
        'Turn, press, a small dip on the line, and down into the loop.',
      ),
    ],
    'z plain': [
      stroke(
        'waves',
        [
          meets({ kind: 'none', x: 0, y: 0, dir: 0 }),
          shadeAt(0),
          to(-0.55, 3.9, 66, { press: 0, anchor: 0.5 }),
          to(0.1, T - 0.12, -14, { press: 0.3 }),
          to(0.9, T - 0.32, 6, { press: 0.1 }),
          to(1.6, T, 40, hair),
          line(0.55, 2.5, { press: 0.75 }),
          line(-0.5, B + 0.06, { press: 0, leave: 52 }),
          to(0.05, 0.5, 4, { press: 0.2 }),
          to(0.85, 0.2, -20, { press: 0.4 }),
          to(1.5, 0.55, 50, hair),
          shadeAt(0.5),
          leaves({ kind: 'low', x: 1.5, y: 0.55, dir: 50 }),
        ],
        'Two waves and a hairline between.',
      ),
    ],
  };
}
