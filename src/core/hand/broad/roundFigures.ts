import type { Degrees, NibWidths } from '../../measure/units';
import type { Measures } from '../letter';
import { line, type Run, type Shapes, stroke, to } from '../notation';
import { round } from './round';

/** How tall and wide a hand's figures are, and the pen's turns off its angle that they ask for. */
export interface RoundFigures {
  /** Ink to ink. */
  readonly height: NibWidths;
  /** Off the usual width: low figures need more room. */
  readonly wide?: number;
  /** Bars of 2 4 5 7. */
  readonly bar: Degrees;
  /** The ends of 7 and 9. */
  readonly tail: Degrees;
}

/** The height these widths were found at; others widen them with it. */
const DRAWN_AT: NibWidths = 5.85;

/** 0 to 9 for round hands of the edge, as tall as one another. */
export function roundFigures(m: Measures, { height: H, wide = 1, ...turn }: RoundFigures): Shapes {
  const { half } = m;
  const level = (by: Degrees) => ({ turn: by });
  const [top, base] = [H - half(), half()];
  const up = (share: number) => share * H;
  const k = (wide * H) / DRAWN_AT;
  const bar = (x1: number, x2: number, y: number): Run => [to(x1, y, 0, level(turn.bar)), line(x2, y)];
  const [flat, low] = [H - half(turn.bar), half(turn.bar)];
  const zero = round(m, 0, H / 2, H / 2);
  const narrow = (run: typeof zero.left): Run =>
    run.map((knot) =>
      to(
        1.62 * k + (knot.x - (zero.west + zero.east) / 2) * 0.62,
        knot.y,
        Math.atan2(Math.sin(((knot.dir ?? 0) * Math.PI) / 180), 0.62 * Math.cos(((knot.dir ?? 0) * Math.PI) / 180)) * (180 / Math.PI),
      ),
    );
  return {
    0: [stroke('left side', narrow(zero.left)), stroke('right side', narrow(zero.right))],
    1: [stroke('flag', [to(-1.0, top - 0.85, 36), to(0, top + 0.02, 40, { leave: -90 }), line(0, base)])],
    2: [stroke('curve', [to(0, top - 0.42, 8), to(1.25 * k, top, 0), to(2.5 * k, up(0.72), -92), to(0.05, base, 222)]), stroke('foot', bar(0.05, 2.95 * k, low))],
    3: [
      stroke('upper curve', [to(0, top - 0.4, 8), to(1.2 * k, top, 0), to(2.2 * k, up(0.765), -92), to(0.75 * k, up(0.535), 190)]),
      stroke('lower curve', [to(0.75 * k, up(0.54), 8), to(2.45 * k, up(0.275), -92), to(1.0 * k, base, 182), to(-0.25, base + 0.5, 156)]),
    ],
    4: [
      stroke('diagonal', [to(2.15 * k, top), line(-0.05, up(0.3))]),
      stroke('bar', [to(-0.05, up(0.3), 0), line(0.7 * k, up(0.3), level(turn.bar)), line(3.35 * k, up(0.3))]),
      stroke('stem', [to(2.15 * k, top, -90), line(2.15 * k, base)]),
    ],
    5: [
      stroke('stem and bowl', [
        to(0.15, flat, -90, level(turn.bar)),
        line(0.15, up(0.565), { leave: 26, turn: 0 }),
        to(1.25 * k, up(0.615), 2),
        to(2.5 * k, up(0.31), -92),
        to(1.05 * k, base, 182),
        to(-0.25, base + 0.5, 156),
      ]),
      stroke('head', bar(0.15, 2.6 * k, flat)),
    ],
    6: [
      stroke('back', [to(2.55 * k, top - 0.12, 164), to(0, up(0.36), -90), to(1.25 * k, base, 3)]),
      stroke('bowl', [to(0.08, up(0.45), 52), to(1.55 * k, up(0.595), 0), to(2.8 * k, up(0.3), -90), to(1.15 * k, base, 183)]),
    ],
    7: [stroke('head', bar(-0.15, 2.7 * k, flat)), stroke('stem', [to(2.7 * k, flat, -118, level(turn.bar)), to(0.85 * k, base, -104, level(turn.tail))])],
    8: [
      stroke('spine', [to(1.4 * k, top, 183), to(0.2 * k, up(0.765), -88), to(1.4 * k, up(0.525), -34 / wide), to(2.65 * k, up(0.26), -91), to(1.2 * k, base, 183)]),
      stroke('left below', [to(1.1 * k, up(0.545), -146), to(0, up(0.255), -90), to(1.3 * k, base, 3)]),
      stroke('right above', [to(1.35 * k, top, 3), to(2.45 * k, up(0.775), -90), to(1.35 * k, up(0.525), -146)]),
    ],
    9: [
      stroke('bowl', [to(1.6 * k, top, 183), to(0, up(0.7), -90), to(1.25 * k, up(0.41), 0), to(2.72 * k, up(0.55), 52)]),
      stroke('back', [to(1.55 * k, top, 3), to(2.8 * k, up(0.64), -90), to(0.25 * k, base + 0.12, 164)]),
    ],
  };
}
