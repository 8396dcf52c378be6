import type { Cubic } from '../geometry/cubic';
import type { Vec } from '../geometry/vec';
import { type Degrees, tanDeg } from '../measure/units';
import { moved, type Stroke } from '../pen/stroke';
import type { Fault } from './fault';

/** How one letter is written off its model; lengths in letter units. */
export interface Shaping {
  readonly width: number;
  readonly height: number;
  readonly slope: Degrees;
  readonly up: number;
  readonly wobble: number;
  /** Strokes after the first lean more, about where they begin. */
  readonly splay?: Degrees;
  readonly fault?: { readonly fault: Fault; readonly size: number };
}

/** The letter's own size and lean, which a fault is a share of. */
export interface Shape {
  readonly left: number;
  readonly right: number;
  readonly body: number;
}

/** A letter's strokes with a fault in them, and how far the pen is turned by it. */
export interface Misshapen {
  readonly strokes: readonly Stroke[];
  readonly turn: Degrees;
}

/** Makes strokes faulty; a held-out one in the tests does so by other means. */
export type FaultMaker = (strokes: readonly Stroke[], shape: Shape, fault: Fault, size: number) => Misshapen;

/** What a fault of size 1 is. */
const WIDTH = 0.24;
const HEIGHT = 0.13;
const LEAN: Degrees = 7;
const SPLAY: Degrees = 6;
const TURN: Degrees = 12;
const BRANCH = 0.24;
const OFF_LINE = 0.35;
const APART = 0.5;

const each = (strokes: readonly Stroke[], by: (p: Vec) => Vec) => strokes.map((stroke) => moved(stroke, by));

/** Does a stroke begin inside the body, as an arch does that leaves a stem? */
export const branches = (stroke: Stroke, body: number): boolean => {
  const y = stroke.path[0]?.[0][1] ?? 0;
  return y > 0.08 * body && y < 0.85 * body;
};

/** Each fault in its plainest form: a letter as a whole scaled, leant, moved, or a stroke of it changed. */
export const plainFaults: FaultMaker = (strokes, { left, right, body }, fault, size) => {
  const middle = (left + right) / 2;
  const still = (changed: readonly Stroke[], turn = 0): Misshapen => ({ strokes: changed, turn });
  switch (fault) {
    case 'narrow':
    case 'wide': {
      const times = 1 + (fault === 'wide' ? 1 : -1) * WIDTH * size;
      return still(each(strokes, ([x, y]) => [middle + (x - middle) * times, y]));
    }
    case 'short':
    case 'tall': {
      const times = 1 + (fault === 'tall' ? 1 : -1) * HEIGHT * size;
      return still(each(strokes, ([x, y]) => [x, y * times]));
    }
    case 'leaning':
    case 'upright': {
      const lean = tanDeg((fault === 'leaning' ? 1 : -1) * LEAN * size);
      return still(each(strokes, ([x, y]) => [x + y * lean, y]));
    }
    // The first stroke stands as it should, and the others lean off it, each about where it begins.
    case 'not parallel': {
      const lean = tanDeg(SPLAY * size);
      return still(
        strokes.map((stroke, i) => {
          const begins = stroke.path[0]?.[0][1] ?? 0;
          return i === 0 ? stroke : moved(stroke, ([x, y]) => [x + (y - begins) * lean, y]);
        }),
      );
    }
    case 'flat':
      return still(strokes, -TURN * size);
    case 'steep':
      return still(strokes, TURN * size);
    case 'high branch':
    case 'low branch': {
      const by = (fault === 'high branch' ? 1 : -1) * BRANCH * size * body;
      return still(
        strokes.map((stroke, i) => {
          if (i === 0 || !branches(stroke, body)) return stroke;
          const [x0, y0] = (stroke.path[0] as Cubic)[0];
          // All of it where it leaves the stem, less the farther away.
          return moved(stroke, ([x, y]) => {
            const away = Math.hypot(x - x0, y - y0) / (0.55 * body);
            return [x, y + by * Math.max(0, 1 - away)];
          });
        }),
      );
    }
    case 'off the line':
      return still(each(strokes, ([x, y]) => [x, y + OFF_LINE * size]));
    case 'stroke missing':
      return still(strokes.length > 1 ? strokes.slice(0, -1) : strokes);
    case 'strokes apart':
      return still(
        strokes.map((stroke, i) =>
          i === 0 ? stroke : moved(stroke, ([x, y]) => [x + APART * (1.8 + size), y]),
        ),
      );
  }
};

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
