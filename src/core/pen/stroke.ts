import { type Cubic, lengthOf, mapCubic, straight } from '../geometry/cubic';
import { curve } from '../geometry/hobby';
import { directionOf, subtract, type Vec } from '../geometry/vec';
import { type Degrees, type NibWidths, tanDeg } from '../measure/units';

/**
 * One stroke of a letter as it is taught: where the pen is set down, through which points and in which directions it
 * goes, and how it is turned or pressed on the way. Positions are the centre of the edge in nib widths on an upright
 * skeleton (slope is applied later), y up from the baseline.
 */
export interface Knot {
  readonly x: NibWidths;
  readonly y: NibWidths;
  /** Direction of travel through the knot; undefined at the ends of straight lines, which have their own. */
  readonly dir?: Degrees;
  /** Direction on leaving, where it differs from arriving: a deliberate corner. */
  readonly leave?: Degrees;
  /** Reached from the previous knot by a straight line. */
  readonly line?: boolean;
  /** Pen angle here, off the hand's own angle; kept from the previous knot where undefined. */
  readonly turn?: Degrees;
  /** The pen is on its way from one angle to another: the one it has here is no angle of the hand. */
  readonly passing?: boolean;
  /**
   * Width here for a pressed pen, as a share of the full shade; of an edge, the share of it that touches the paper,
   * where the pen is lifted onto a corner. Kept where undefined; 1 at the beginning.
   */
  readonly press?: number;
  /**
   * Where in the shade of a pressed pen the path runs: 0 along its left edge, ½ down its middle, 1 along its right
   * edge; of a lifted edge, which end of it stays down: 0 the left, 1 the right. Kept where undefined. The outside of
   * a turn stays smooth when the path is that edge.
   */
  readonly anchor?: number;
}

/** A stroke as data: knots in order, with its name and the teacher's remark. */
export interface StrokePlan {
  readonly name: string;
  readonly remark?: string;
  readonly knots: readonly Knot[];
  /** Written with another pen of the page: its width as a share of the main one's. */
  readonly nib?: number;
  /** A touch that finishes the stroke before it (a serif's corner): counted, named and shown with that. */
  readonly finishes?: boolean;
}

/** A stroke ready to be written: cubics, and what the pen does at each of their ends. */
export interface Stroke {
  readonly name: string;
  readonly remark?: string;
  readonly nib?: number;
  readonly finishes?: boolean;
  /** Knots where the pen is on its way between two angles; missing where there are none. */
  readonly passing?: readonly boolean[];
  readonly path: readonly Cubic[];
  /** One more than there are cubics: pen angle off the hand's own, and pressure, at each knot. */
  readonly turns: readonly Degrees[];
  readonly presses: readonly number[];
  readonly anchors: readonly number[];
  /** Arc length up to each knot; the last is the whole length. */
  readonly lengths: readonly number[];
}

/** The path of an unpressed pen runs down the middle of its mark. */
const MIDDLE = 0.5;

const at = ({ x, y }: Knot): Vec => [x, y];

/** Compiles knots to cubics, tangent-continuous by construction except at declared corners. */
export function compileStroke({ name, remark, knots, nib, finishes }: StrokePlan): Stroke {
  const path: Cubic[] = [];
  const lengths = [0];
  const turns: Degrees[] = [];
  const presses: number[] = [];
  const anchors: number[] = [];
  for (const [i, knot] of knots.entries()) {
    turns.push(knot.turn ?? turns.at(-1) ?? 0);
    presses.push(knot.press ?? presses.at(-1) ?? 1);
    anchors.push(knot.anchor ?? anchors.at(-1) ?? MIDDLE);
    const previous = knots[i - 1];
    if (!previous) continue;
    const cubic = connect(previous, knot, knots[i - 2], knots[i + 1]);
    path.push(cubic);
    lengths.push((lengths.at(-1) as number) + lengthOf(cubic));
  }
  return {
    name,
    remark,
    ...(nib !== undefined && { nib }),
    ...(finishes && { finishes }),
    ...(knots.some(({ passing }) => passing) && { passing: knots.map(({ passing }) => passing ?? false) }),
    path,
    turns,
    presses,
    anchors,
    lengths,
  };
}

function connect(from: Knot, to: Knot, before?: Knot, after?: Knot): Cubic {
  if (to.line) return straight(at(from), at(to));
  const chord = directionOf(subtract(at(to), at(from)));
  const out =
    from.leave ?? from.dir ?? (from.line && before ? directionOf(subtract(at(from), at(before))) : chord);
  const into = to.dir ?? (after?.line ? directionOf(subtract(at(after), at(to))) : chord);
  return curve(at(from), out, at(to), into);
}

/** The same stroke along another path, what the pen does on it kept. */
export function moved(stroke: Stroke, by: (p: Vec) => Vec): Stroke {
  const path = stroke.path.map((cubic) => mapCubic(cubic, by));
  const lengths = [0];
  for (const cubic of path) lengths.push((lengths.at(-1) as number) + lengthOf(cubic));
  return { ...stroke, path, lengths };
}

/** Leans a skeleton: shear first, then write with the true nib, so that slope never changes the nib. */
export function sloped(stroke: Stroke, slope: Degrees): Stroke {
  const lean = tanDeg(slope);
  return moved(stroke, ([x, y]) => [x + y * lean, y]);
}

/**
 * Slopes at the knots of a monotone cubic interpolant (harmonic mean of neighbouring chords, zero at extremes): what
 * the pen does between knots never overshoots what it does at them.
 */
function monotoneSlopes(xs: readonly number[], ys: readonly number[]): number[] {
  const chord = (i: number) =>
    ((ys[i + 1] as number) - (ys[i] as number)) / Math.max(1e-9, (xs[i + 1] as number) - (xs[i] as number));
  return xs.map((_, i) => {
    if (i === 0 || i === xs.length - 1) return 0;
    const [a, b] = [chord(i - 1), chord(i)];
    return a * b <= 0 ? 0 : (2 * a * b) / (a + b);
  });
}

/** What the pen does at arc length `s`, which lies on cubic `i` of the stroke. */
export type Channel = (s: number, i: number) => number;

/** A channel along the stroke: as the knots say, smooth between them. */
export function channel(lengths: readonly number[], values: readonly number[]): Channel {
  const first = values[0] as number;
  if (values.every((value) => value === first)) return () => first;
  const slopes = monotoneSlopes(lengths, values);
  return (s, i) => {
    const [x0, x1] = [lengths[i] as number, lengths[i + 1] as number];
    const [y0, y1] = [values[i] as number, values[i + 1] as number];
    const h = x1 - x0;
    if (h < 1e-9) return y1;
    const t = Math.min(1, Math.max(0, (s - x0) / h));
    const [m0, m1] = [(slopes[i] as number) * h, (slopes[i + 1] as number) * h];
    const u = 1 - t;
    return y0 * (1 + 2 * t) * u * u + m0 * t * u * u + y1 * t * t * (3 - 2 * t) - m1 * t * t * u;
  };
}

/**
 * How far a channel bends on each cubic: its greatest second derivative there, over the cubic taken as a unit. Straight
 * edges need no steps between knots, bent ones do.
 */
export function bendsOf(lengths: readonly number[], values: readonly number[]): number[] {
  const slopes = monotoneSlopes(lengths, values);
  return values.slice(1).map((y1, i) => {
    const h = (lengths[i + 1] as number) - (lengths[i] as number);
    const rise = y1 - (values[i] as number);
    const [m0, m1] = [(slopes[i] as number) * h, (slopes[i + 1] as number) * h];
    return Math.max(Math.abs(6 * rise - 4 * m0 - 2 * m1), Math.abs(6 * rise - 2 * m0 - 4 * m1));
  });
}

/** A channel that changes evenly from knot to knot: along a straight line, edges stay straight. */
export function evenChannel(lengths: readonly number[], values: readonly number[]): Channel {
  const first = values[0] as number;
  if (values.every((value) => value === first)) return () => first;
  return (s, i) => {
    const [from, to] = [lengths[i] as number, lengths[i + 1] as number];
    const share = to - from < 1e-9 ? 1 : Math.min(1, Math.max(0, (s - from) / (to - from)));
    return (values[i] as number) * (1 - share) + (values[i + 1] as number) * share;
  };
}
