import { type Cubic, derivativeAt, pointAt } from '../geometry/cubic';
import { directionOf, distance, type Vec } from '../geometry/vec';
import type { Degrees } from '../measure/units';
import { channel, evenChannel, type Stroke } from './stroke';

/** The pen at one moment of a stroke. */
export interface PenPose {
  readonly at: Vec;
  /** Pen angle off the hand's own. */
  readonly turn: Degrees;
  readonly press: number;
  /** Where in the shade the path runs, 0 left edge … 1 right edge. */
  readonly anchor: number;
  readonly direction: Degrees;
  /** Arc length travelled. */
  readonly travelled: number;
}

/** Arc over chord, less one, of what counts as straight. */
const STRAIGHT = 1e-5;

const isStraight = (cubic: Cubic, length: number): boolean =>
  length - distance(cubic[0], cubic[3]) < STRAIGHT * length;

/** A channel stays as it is from one knot to the next. */
const steady = (values: readonly number[], i: number): boolean => values[i] === values[i + 1];

/**
 * Poses along a stroke at most `step` apart, always including every knot. With `until` (0 … 1 of the stroke's length)
 * only the beginning is traced: what animation lays down frame by frame is exactly what the whole stroke begins with.
 */
export function trace(stroke: Stroke, step: number, until = 1): PenPose[] {
  const turnAt = channel(stroke.lengths, stroke.turns);
  const pressAt = channel(stroke.lengths, stroke.presses);
  const anchorAt = evenChannel(stroke.lengths, stroke.anchors);
  const end = (stroke.lengths.at(-1) as number) * until;
  const poses: PenPose[] = [];
  for (const [i, cubic] of stroke.path.entries()) {
    const [from, to] = [stroke.lengths[i] as number, stroke.lengths[i + 1] as number];
    if (i > 0 && from >= end) break;
    // Along a straight line nothing changes but the place, unless the pen turns or presses on the way.
    const even = isStraight(cubic, to - from) && steady(stroke.turns, i) && steady(stroke.presses, i);
    const count = even ? 1 : Math.max(1, Math.ceil((to - from) / step));
    for (let k = i === 0 ? 0 : 1; k <= count; k++) {
      const share = k / count;
      const travelled = from + (to - from) * share;
      const stop = travelled > end && to > from;
      const t = stop ? (end - from) / (to - from) : share;
      const reached = stop ? end : travelled;
      poses.push({
        at: pointAt(cubic, t),
        turn: turnAt(reached),
        press: pressAt(reached),
        anchor: anchorAt(reached),
        direction: directionOf(derivativeAt(cubic, Math.min(0.9999, Math.max(0.0001, t)))),
        travelled: reached,
      });
      if (stop) return poses;
    }
  }
  return poses;
}
