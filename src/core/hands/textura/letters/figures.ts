import { line, type Run, type Shapes, stroke, to } from '../../../hand/notation';
import type { TexturaParts } from '../parts';

/** Height of figures and signs as a share of the body. */
export const FIGURE_HEIGHT = 1.14;

/** 0 to 9, broken as the letters are. */
export function texturaFigures({ B, X, angle, broke, broken, cos, curl, foot, half, held, rise, sin, turn }: TexturaParts): Shapes {
  const H = FIGURE_HEIGHT * X;
  const T = H - half();
  const up = (share: number) => share * H;
  const low = B + 2 * half();
  const high = T - 2 * half();
  /** Hairline and break into a stem at x. */
  const flag = (x: number, length: number): Run => [to(x - length * sin - 0.37, T - 0.34), line(x - length * sin, T), line(x, T - length * cos)];
  const leftOf = (w: number, from = high): Run => [to(0, from), line(0, B + broken(w).drop), line(broken(w).side, B)];
  const rightOf = (w: number, top = T): Run => [to(w - broken(w).side, top), line(w, top - broken(w).drop), line(w, low)];
  const base = (x: number): Run => [to(x - 0.54, B + 0.6), broke({ x: x - 0.54, y: B + 0.6 }, x)];
  const flat = H - half(turn.bar);
  return {
    0: [stroke('left', leftOf(1.7)), stroke('right', rightOf(1.7))],
    1: [stroke('stem', [flag(0, 0.86), line(0, rise)]), foot(0)],
    2: [
      stroke('head', [flag(0.95, 1.49), line(0.95, up(0.62)), line(-0.2, up(0.225))]),
      stroke('foot', [to(-0.2, up(0.225)), broke({ x: -0.2, y: up(0.225) }, 0.66), line(1.21, B + 0.51)]),
    ],
    3: [
      stroke('head', [flag(0.95, 1.42), line(0.95, up(0.7)), line(0.34, up(0.603))]),
      stroke('bow', [to(0.34, up(0.603)), broke({ x: 0.34, y: up(0.603) }, 1.3), line(1.3, low)]),
      stroke('base', base(0.56)),
    ],
    4: [
      stroke('diagonal', [to(0.95, T), line(-0.3, up(0.35))]),
      stroke('bar', [to(-0.3, up(0.35), 0), line(0.35, up(0.35), held(turn.bar)), line(1.75, up(0.35))], 'Flatten the pen on the way.'),
      stroke('stem', [to(1.05, up(0.62)), line(1.05, B)]),
    ],
    5: [
      stroke('stem', [to(0.05, flat, -90, held(turn.bar)), line(0.05, flat - 0.73, held(0)), line(0.05, up(0.62))]),
      stroke('head', [to(0.05, flat, 0, held(turn.bar)), line(1.4, flat)], 'Flatten the pen.'),
      stroke('bow', [to(0.05, up(0.62)), to(0.45, up(0.567), -44), line(1.35, up(0.392)), line(1.35, low)]),
      stroke('base', base(0.61)),
    ],
    6: [stroke('back', [to(1.2, T, 200), to(0, up(0.52), -90), line(0, B + broken(1.6).drop), line(broken(1.6).side, B)]), stroke('bow', rightOf(1.6, up(0.64)))],
    7: [
      stroke('roof', [to(-0.5, T - 0.62, angle), to(0.16, T, 2), to(0.95, T - 0.3, -26), to(1.55, T - 0.22, angle - 4)]),
      stroke('stem', [to(1.3, T - 0.3, -108), to(0.4, B, -98)]),
    ],
    8: [
      stroke('spine', [to(0.1, high), line(0.1, up(0.7)), broke({ x: 0.1, y: up(0.7) }, 1.5), line(1.5, low)]),
      stroke('other side', [to(0.84, T), broke({ x: 0.84, y: T }, 1.4), line(1.4, up(0.74)), line(0, up(0.52)), line(0, B + broken(1.5).drop), line(broken(1.5).side, B)]),
    ],
    9: [
      stroke('left', [to(0, high), line(0, up(0.567)), broke({ x: 0, y: up(0.567) }, 0.86)]),
      stroke('back', [to(1.6 - broken(1.6).side, T), line(1.6, T - broken(1.6).drop), curl(1.6, up(0.42), 1.5, B - 0.2)]),
    ],
  };
}
