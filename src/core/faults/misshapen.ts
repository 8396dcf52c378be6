import { type Degrees, tanDeg } from '../measure/units';
import { moved, type Stroke } from '../pen/stroke';
import type { Misshapen, Shape } from './fault';
import { FAULTS, type FaultId } from './faults';

/** How one letter is written off its model; lengths in letter units. */
export interface Shaping {
  readonly width: number;
  readonly height: number;
  readonly slope: Degrees;
  readonly up: number;
  readonly wobble: number;
  /** Strokes after the first lean more, about where they begin. */
  readonly splay?: Degrees;
  readonly fault?: { readonly fault: FaultId; readonly size: number };
}

/** Makes strokes faulty; a held-out one in the tests does so by other means. */
export type FaultMaker = (
  strokes: readonly Stroke[],
  shape: Shape,
  fault: FaultId,
  size: number,
) => Misshapen;

/** Each fault in its plainest form. */
export const plainFaults: FaultMaker = (strokes, shape, fault, size) =>
  FAULTS[fault].make(strokes, shape, size);

/** A letter as the scribe writes it: upright strokes shaped, made faulty, wobbling, and leant again. */
export function shaped(
  upright: readonly Stroke[],
  shape: Shape,
  { width, height, slope, up, wobble, splay = 0, fault }: Shaping,
  maker: FaultMaker,
  chance: () => number,
): Misshapen {
  const { strokes, turn } = fault
    ? maker(upright, shape, fault.fault, fault.size)
    : { strokes: upright, turn: 0 };
  const lean = tanDeg(slope);
  return {
    turn,
    strokes: strokes.map((stroke, i) => {
      const beyond = i === 0 ? 0 : tanDeg(splay);
      const begins = stroke.path[0]?.[0][1] ?? 0;
      const [a, b, c, d] = [chance(), chance(), chance(), chance()].map((v) => v * 2 * Math.PI) as [
        number,
        number,
        number,
        number,
      ];
      return moved(stroke, ([x, y]) => {
        const px =
          x * width + (y - begins) * beyond + wobble * (Math.sin(y * 0.9 + a) + 0.6 * Math.sin(x * 1.3 + b));
        const py = y * height + wobble * (Math.sin(x * 0.9 + c) + 0.6 * Math.sin(y * 1.1 + d)) + up;
        return [px + py * lean, py];
      });
    }),
  };
}
