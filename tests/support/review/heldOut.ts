import type { Misshapen } from '@/core/faults/fault';
import type { FaultId } from '@/core/faults/faults';
import type { FaultMaker } from '@/core/faults/misshapen';
import type { Vec } from '@/core/geometry/vec';
import { cosDeg, sinDeg } from '@/core/measure/units';
import { moved, type Stroke } from '@/core/pen/stroke';

/**
 * Faults made by other means than the simulated camera's own: what the judge's bounds were set with never saw them. A letter is
 * bent, turned and pulled apart in its parts, not scaled and leant as a whole.
 */
export const heldOutFaults: FaultMaker = (strokes, { left, right, body }, fault, size) => {
  const width = Math.max(0.5, right - left);
  const each = (by: (p: Vec) => Vec) => strokes.map((stroke) => moved(stroke, by));
  const still = (changed: readonly Stroke[], turn = 0): Misshapen => ({ strokes: changed, turn });
  switch (fault) {
    // The counter alone: the left fifth stays where it is, the right fifth comes nearer, what lies between is drawn along.
    case 'narrow':
    case 'wide': {
      const by = (fault === 'wide' ? 1 : -1) * 0.22 * size * width;
      return still(each(([x, y]) => [x + by * ramp((x - left) / width), y]));
    }
    // The upper half of the body alone is squeezed or drawn out; what stands above moves along.
    case 'short':
    case 'tall': {
      const by = (fault === 'tall' ? 1 : -1) * 0.13 * size * body;
      return still(each(([x, y]) => [x, y + by * ramp(y / body)]));
    }
    // Turned about its foot, not sheared: level strokes tilt too.
    case 'leaning':
    case 'upright': {
      const turn = (fault === 'leaning' ? -1 : 1) * 6.5 * size;
      const middle = (left + right) / 2;
      return still(
        each(([x, y]) => [
          middle + (x - middle) * cosDeg(turn) - y * sinDeg(turn),
          (x - middle) * sinDeg(turn) * 0.3 + y * cosDeg(turn),
        ]),
      );
    }
    // Later strokes are turned about where they begin, not sheared.
    case 'not parallel': {
      const turn = -6 * size;
      return still(
        strokes.map((stroke, i) => {
          const [x0, y0] = stroke.path[0]?.[0] ?? [0, 0];
          if (i === 0) return stroke;
          return moved(stroke, ([x, y]) => [
            x0 + (x - x0) * cosDeg(turn) - (y - y0) * sinDeg(turn),
            y0 + (x - x0) * sinDeg(turn) * 0.3 + (y - y0) * cosDeg(turn),
          ]);
        }),
      );
    }
    // The pen turns on the way: flat or steep from the second third of every stroke on.
    case 'flat':
    case 'steep': {
      const turn = (fault === 'steep' ? 1 : -1) * 12 * size;
      return {
        turn: turn * 0.75,
        strokes: strokes.map((stroke) => ({
          ...stroke,
          turns: stroke.turns.map((own, i) => own + turn * 0.35 * (i / Math.max(1, stroke.turns.length - 1))),
        })),
      };
    }
    // The first third of an arch is lifted or lowered along its own length.
    case 'high branch':
    case 'low branch': {
      const by = (fault === 'high branch' ? 1 : -1) * 0.26 * size * body;
      return still(
        strokes.map((stroke, i) => {
          const [start] = stroke.path[0] ?? [[0, 0] as Vec];
          if (i === 0 || start[1] < 0.05 * body || start[1] > 0.85 * body) return stroke;
          return moved(stroke, ([x, y]) => [x, y + by * Math.exp(-(((x - start[0]) / (0.3 * width)) ** 2))]);
        }),
      );
    }
    case 'off the line':
      return still(each(([x, y]) => [x, y + (0.3 + 0.15 * size)]));
    case 'stroke missing':
      return still(strokes.length > 1 ? strokes.filter((_, i) => i !== strokes.length - 1) : strokes);
    // Every stroke after the first slides off it, to the right and a little down.
    case 'strokes apart':
      return still(
        strokes.map((stroke, i) =>
          i === 0 ? stroke : moved(stroke, ([x, y]) => [x + i * (0.75 + 0.55 * size), y - 0.15 * size]),
        ),
      );
  }
};

/** 0 up to a fifth, 1 from four fifths on, smooth between. */
function ramp(share: number): number {
  const t = Math.min(1, Math.max(0, (share - 0.2) / 0.6));
  return t * t * (3 - 2 * t);
}

/** What the judge may call a fault that was made. */
export const CALLED: Readonly<Record<FaultId, readonly string[]>> = {
  narrow: ['narrow'],
  wide: ['wide'],
  short: ['short'],
  tall: ['tall'],
  leaning: ['leaning'],
  upright: ['upright'],
  'not parallel': ['not parallel'],
  flat: ['flat'],
  steep: ['steep'],
  'high branch': ['high branch'],
  'low branch': ['low branch'],
  'off the line': ['above the line'],
  'stroke missing': ['stroke missing'],
  'strokes apart': ['strokes apart'],
};
