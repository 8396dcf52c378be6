import type { Degrees, NibWidths } from '../../measure/units';
import type { Knot } from '../../pen/stroke';
import type { Measures } from '../letter';
import { line, to } from '../notation';
import { onOval, ovalAt } from './ovals';
import { hair, LEFT, RIGHT, spreadOf } from './turns';

/** How the loops of a pressed hand are cut. */
export interface LoopShape {
  /** Half the height of a loop's end as a share of its zone, and half its width; wide enough to stay open when small. */
  readonly half: number;
  readonly width: NibWidths;
  /** Height over the waistline (share of the zone) where a loop's shade has its full pressure. */
  readonly full: number;
  /** Pressure where the turned end runs into the stem. */
  readonly ease: number;
}

/** Where a join reaches an ascending loop of a stem at x, and leaves a descending one. */
export const loopEntry = (m: Measures, x = 0) => ({ kind: 'loop', x: x - 0.04, y: m.X + 0.15, dir: 62 });
export const loopExit = (x: NibWidths) => ({ kind: 'loop', x: x + 0.04, y: -0.15, dir: 62 });

/** The loops of a pressed hand, bound to its measures; x is the middle of the stem's shade. */
export function loops(m: Measures, shape: LoopShape) {
  const spread = spreadOf(m);

  /** Ascending loop: up across the stem's place, over to the left, and down into a shade at x. */
  const ascend = (x: NibWidths): Knot[] => {
    const start = loopEntry(m, x);
    const H = shape.half * (m.A - m.X);
    const left = x - spread / 2;
    const end = ovalAt(m, 0, m.A - H, H, shape.width);
    const ring = { ...end, cx: left + end.reach };
    const at = (psi: Degrees): Knot => ({ ...onOval(ring, psi, 'none'), anchor: LEFT });
    return [
      to(start.x, start.y, start.dir, { press: 0, anchor: LEFT }),
      at(-90 - ring.phase),
      at(-45),
      at(0),
      at(45),
      { ...at(90 - ring.phase), press: shape.ease, dir: -90 },
      line(left, m.X + shape.full * (m.A - m.X), { press: 1, anchor: LEFT, dir: -90 }),
    ];
  };

  /** Descending loop: from a shade at x whose path is its right edge, round to the left and up to the baseline. */
  const descend = (x: NibWidths): Knot[] => {
    const right = x + spread / 2;
    const H = -shape.half * m.D;
    const end = ovalAt(m, 0, m.D + H, H, shape.width);
    const ring = { ...end, cx: right - end.reach };
    const at = (psi: Degrees): Knot => ({ ...onOval(ring, psi, 'none', true), anchor: RIGHT });
    const out = loopExit(x);
    return [
      line(right, shape.full * m.D, { press: 1, anchor: RIGHT, dir: -90 }),
      line(right, at(270 - ring.phase).y, { press: shape.ease, anchor: RIGHT, dir: -90 }),
      at(225),
      at(180),
      at(135),
      at(90 - ring.phase),
      to(out.x, out.y, out.dir, hair),
    ];
  };

  /** Loop of f and q: from a shade whose path is its left edge, round to the right and up to close on the baseline. */
  const descendRight = (x: NibWidths): Knot[] => {
    const left = x - spread / 2;
    const H = -shape.half * m.D;
    const end = ovalAt(m, 0, m.D + H, H, shape.width);
    const ring = { ...end, cx: left + end.reach };
    const at = (psi: Degrees): Knot => ({ ...onOval(ring, psi, 'none'), anchor: LEFT });
    return [
      line(left, shape.full * m.D, { press: 1, anchor: LEFT, dir: -90 }),
      line(left, at(90 - ring.phase).y, { press: shape.ease, anchor: LEFT, dir: -90 }),
      at(135),
      at(180),
      at(225),
      at(270 - ring.phase),
      to(x + 0.3, 0.14, 128, hair),
    ];
  };

  return { ascend, descend, descendRight };
}
