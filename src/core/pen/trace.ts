import { type Cubic, derivativeAt, pointAt } from '../geometry/cubic';
import { directionOf, distance, type Vec } from '../geometry/vec';
import { type Degrees, toRadians } from '../measure/units';
import { bendsOf, channel, evenChannel, type Stroke } from './stroke';

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

/** Maximum of arc length / chord − 1 for a piece that counts as straight. */
const STRAIGHT = 1e-5;

const isStraight = (cubic: Cubic, length: number): boolean =>
  length - distance(cubic[0], cubic[3]) < STRAIGHT * length;

/** A channel is constant between two knots. */
const steady = (values: readonly number[], i: number): boolean => values[i] === values[i + 1];

/** Second derivative of a cubic over the second difference of its controls. */
const SECOND = 6;

/**
 * Steps that keep a cubic's chords within `tolerance` of it, and of what the pen does meanwhile (`bend`, as a second
 * derivative): the chord of a curve with second derivative M over a step h strays by M h² / 8.
 */
function stepsWithin([a, b, c, d]: Cubic, bend: number, tolerance: number): number {
  const second = (p: Vec, q: Vec, r: Vec) => Math.hypot(p[0] - 2 * q[0] + r[0], p[1] - 2 * q[1] + r[1]);
  const most = SECOND * Math.max(second(a, b, c), second(b, c, d)) + bend;
  return Math.max(1, Math.ceil(Math.sqrt(most / (8 * tolerance))));
}

/**
 * Poses along a stroke at most `step` apart, always including every knot. With `until` (0 … 1 of the stroke's length)
 * only the beginning is traced: what animation lays down frame by frame is exactly what the whole stroke begins with.
 * With `tolerance`, gentle curves take longer steps, as long as no edge strays farther than that.
 */
export function trace(stroke: Stroke, step: number, until = 1, tolerance?: number): PenPose[] {
  const turnAt = channel(stroke.lengths, stroke.turns);
  const pressAt = channel(stroke.lengths, stroke.presses);
  const anchorAt = evenChannel(stroke.lengths, stroke.anchors);
  const [turnBends, pressBends] =
    tolerance === undefined
      ? [[], []]
      : [bendsOf(stroke.lengths, stroke.turns), bendsOf(stroke.lengths, stroke.presses)];
  const end = (stroke.lengths.at(-1) as number) * until;
  const poses: PenPose[] = [];
  for (const [i, cubic] of stroke.path.entries()) {
    const [from, to] = [stroke.lengths[i] as number, stroke.lengths[i + 1] as number];
    if (i > 0 && from >= end) break;
    // Along a straight line only the position changes, unless the pen turns or its pressure varies.
    const even = isStraight(cubic, to - from) && steady(stroke.turns, i) && steady(stroke.presses, i);
    const within = () => {
      // A turn moves the ends of the edge, half its length away, and bows their path besides.
      const turned = toRadians(Math.abs((stroke.turns[i + 1] as number) - (stroke.turns[i] as number)));
      const bend = toRadians(turnBends[i] as number) / 2 + turned ** 2 / 2 + (pressBends[i] as number);
      return stepsWithin(cubic, bend, tolerance as number);
    };
    const fine = Math.max(1, Math.ceil((to - from) / step));
    const count = even ? 1 : tolerance === undefined ? fine : Math.max(1, Math.min(fine, within()));
    for (let k = i === 0 ? 0 : 1; k <= count; k++) {
      const share = k / count;
      const travelled = from + (to - from) * share;
      const stop = travelled > end && to > from;
      const t = stop ? (end - from) / (to - from) : share;
      const reached = stop ? end : travelled;
      poses.push({
        at: pointAt(cubic, t),
        turn: turnAt(reached, i),
        press: pressAt(reached, i),
        anchor: anchorAt(reached, i),
        direction: directionOf(derivativeAt(cubic, Math.min(0.9999, Math.max(0.0001, t)))),
        travelled: reached,
      });
      if (stop) return poses;
    }
  }
  return poses;
}
