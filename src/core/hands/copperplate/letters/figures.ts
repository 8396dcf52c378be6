import { line, type Shapes, stroke, to } from '../../../hand/notation';
import { dot } from '../../../hand/pressed/dots';
import { alongOval, onOval, ovalAt } from '../../../hand/pressed/ovals';
import { hair } from '../../../hand/pressed/turns';
import type { NibWidths } from '../../../measure/units';
import type { CopperplateParts } from '../parts';

/** Figures stand this high, in fifths of the body: a little over the waistline, well under the capitals. */
const HEIGHT: NibWidths = 8;

const start = { press: 0, anchor: 0.5 } as const;

/** 0 to 9. */
export function figures(m: CopperplateParts): Shapes {
  const { B, half, spread, turns } = m;
  const top = HEIGHT - half();
  const spot = (x: NibWidths, y: NibWidths) => dot(m, x, y);
  const six = ovalAt(m, 1.3, 2.3, 2.3 - half(), 1.35);
  const nine = ovalAt(m, 0.9, 5.7, 2.3 - half(), 1.35);
  const full = { press: 1, anchor: 0 };
  return {
    0: [stroke('oval', alongOval(ovalAt(m, 1.6, HEIGHT / 2, top - HEIGHT / 2, 1.75), 0, 360), 'A narrow o.')],
    1: [stroke('entry', [to(-1.5, 6.0, 34, hair), to(-spread / 2, top, 56)]), stroke('stem', [turns.squareTop(0, top), line(-spread / 2, B, full)])],
    2: [
      stroke(
        'head and foot',
        [
          to(-1.5, 6.4, 94, { press: 0, anchor: 1 }),
          to(-0.2, top, 0),
          to(1.35, 6.0, -91, { press: 0.9 }),
          to(-1.3, 0.75, 234, hair),
          to(-1.9, 0.4, 120),
          to(-1.3, 0.95, 6, { anchor: 0.5 }),
          to(0.7, 0.22, -14, { press: 0.45 }),
          to(1.9, 1.2, 72, hair),
        ],
        'Over, down, a small loop on the line, and a wave for a foot.',
      ),
      spot(-1.36, 6.4),
    ],
    3: [
      stroke('two bows', [
        to(-1.0, 6.9, 84, { press: 0, anchor: 1 }),
        to(0.1, top, 0),
        to(1.25, 6.4, -91, { press: 0.55 }),
        to(0.0, 4.55, 196, { press: 0, leave: -8 }),
        to(1.6, 2.5, -92, { press: 0.95 }),
        to(-0.1, B, 180, hair),
        to(-1.4, 1.1, 90),
      ]),
      spot(-0.88, 6.9),
      spot(-1.28, 1.2),
    ],
    4: [
      stroke('hairlines', [to(0.1, top, -122, hair), to(-2.2, 2.6, -118, { leave: 4 }), to(1.5, 2.8, 6)]),
      stroke('stem', [to(0.5 - spread / 2, 5.2, -90, full), line(0.5 - spread / 2, B)]),
    ],
    5: [
      stroke('neck and bow', [
        to(-0.95, top - 0.5, -90, { press: 0.3, anchor: 0.5 }),
        to(-0.95, 4.5, -90, { press: 0.2, leave: 52 }),
        to(0.2, 5.1, 0, { press: 0, anchor: 1 }),
        to(1.5, 2.7, -91, { press: 0.95 }),
        to(-0.2, B, 180, hair),
        to(-1.5, 1.1, 90),
      ]),
      stroke('head', [to(-0.95, top - 0.5, 12, { press: 0.2, anchor: 0.5 }), to(0.3, top - 0.55, -4, { press: 0.5 }), to(1.5, top, 48, hair)]),
      spot(-1.38, 1.2),
    ],
    6: [
      stroke('back and bow', [
        to(2.2, top - 0.3, 190, { press: 0, anchor: 0.25 }),
        to(onOval(six, 90).x, 3.1, -91, { press: 0.95 }),
        alongOval(six, 180, 430, 'none').map((knot) => ({ ...knot, anchor: 0.25 })),
      ]),
    ],
    7: [
      stroke('head', [to(-1.8, 6.6, 72, start), to(-0.9, top - 0.1, -4, { press: 0.25 }), to(0.4, top - 0.55, -4, { press: 0.35 }), to(1.6, top, 40, hair)]),
      stroke('stem', [to(1.6, top, 236, start), to(-0.1, 3.4, -98, { press: 0.85 }), to(-0.25, B, -90, { press: 1 })]),
    ],
    8: [
      stroke('spine and return', [
        to(1.35, 6.9, 104, start),
        to(0.55, top, 180),
        to(-0.45, 6.4, -90, { press: 0.3 }),
        to(0.5, 4.2, -58, { press: 0.95 }),
        to(1.4, 2.0, -92, { press: 0.5 }),
        to(0.1, B, 180, hair),
        to(-1.15, 1.6, 88),
        to(0.3, 4.3, 52),
        to(1.35, 6.9, 104),
      ]),
    ],
    9: [
      stroke('bow', alongOval(nine, -20, 340)),
      stroke('back', [
        to(onOval(nine, 290).x + 0.02, 6.3, -90, { press: 0.3, anchor: 1 }),
        to(onOval(nine, 270).x + 0.02, 3.6, -94, { press: 0.9 }),
        to(-0.3, B, 184, hair),
        to(-1.3, 0.8, 98),
      ]),
      spot(-1.2, 0.9),
    ],
  };
}
