import type { StrokePlan } from '../../pen/stroke';
import { type Measures, stroke, to } from '../letter';
import {
  alongOval,
  bodyOval,
  compound,
  descend,
  loop,
  OVER_REACH,
  over,
  squareTopRight,
  UNDER_REACH,
  under,
  underTurn,
} from './parts';

/** Hairlines between the strokes of a drill: direction, and the heights they come from and run to. */
const HAIR_DIR = 60;
const hair = (x: number, y: number, dir = HAIR_DIR, anchor?: number) =>
  to(x, y, dir, { press: 0, ...(anchor !== undefined && { anchor }) });

const RUN = 1.15;

/** The strokes copperplate is taught by, pressed as its letters are. */
export function copperplateDrills(m: Measures): Readonly<Record<string, readonly StrokePlan[]>> {
  const [low, high] = [0.38 * m.X, 0.62 * m.X];
  const lead = (x: number) => hair(x - OVER_REACH - RUN, low, HAIR_DIR, 1);
  const leave = (x: number) => hair(x + UNDER_REACH + RUN, high);
  const row = (count: number, pitch: number, each: (x: number) => StrokePlan): StrokePlan[] =>
    Array.from({ length: count }, (_, i) => each(i * pitch));
  return {
    'under-turns': row(3, 1.35 * m.d, (x) => stroke('under-turn', [...under(m, x), leave(x)])),
    'over-turns': row(3, 1.35 * m.d, (x) => stroke('over-turn', [lead(x), ...over(m, x)])),
    'compound-curves': row(3, 1.9 * m.d, (x) =>
      stroke('compound curve', [lead(x), ...compound(m, x), leave(x)]),
    ),
    loops: row(3, 1.5 * m.d, (x) =>
      stroke('loop', [hair(x - 2.6, m.B, 18, 0), ...loop(m, x), ...underTurn(m, x), leave(x)]),
    ),
    'descending-loops': row(3, 1.5 * m.d, (x) =>
      stroke('descending loop', [squareTopRight(m, x), ...descend(m, x), hair(x + 1.7, low, 50)]),
    ),
    ovals: row(3, 1.35 * m.d, (x) => {
      const ring = bodyOval(m);
      return stroke('oval', alongOval({ ...ring, cx: ring.cx + x }, -14, 346));
    }),
    'ovals-back': row(3, 1.35 * m.d, (x) => {
      const ring = bodyOval(m);
      return stroke('oval', alongOval({ ...ring, cx: ring.cx + x }, 194, -166, 'right'));
    }),
  };
}
