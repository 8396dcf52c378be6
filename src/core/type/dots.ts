import type { Vec } from '../geometry/vec';
import type { Dots } from '../hand/letter';
import { line, planOf, stroke, to } from '../hand/notation';
import { cosDeg, type NibWidths, sinDeg } from '../measure/units';
import type { BroadPen } from '../pen/pen';
import { type Cut, cutOf, inkOf } from './cut';
import type { Typeface } from './face';
import type { PlacedInk } from './placed';

/** Dots of one letter, and where on the line they would like to be. */
export type Dotted = Dots;

/** Where the dots of a group stand, in widths of the dot, from its middle. */
const PATTERNS: Readonly<Record<Dots['count'], readonly Vec[]>> = {
  1: [[0, 0]],
  2: [
    [0.5, -0.08],
    [-0.5, 0.08],
  ],
  3: [
    [0.52, -0.12],
    [-0.52, 0],
    [0.02, 0.62],
  ],
};

/** White around a dot, as a share of its width. */
const CLEAR = 0.36;
/** Places tried: steps and reach, as shares of a dot's width. */
const STEP = 0.15;
const ASIDE = 1.8;
const OUT = 3;
const IN = 0.6;
/** A step aside costs so much more than one outward; one toward the letter costs a little besides. */
const ASIDE_COST = 1.1;
const INWARD_COST = 0.2;

const dotCuts = new WeakMap<BroadPen, Cut>();

/** A rhombic dot: the full edge pulled across itself by its own width. */
function dotOf(pen: BroadPen): Cut {
  let cut = dotCuts.get(pen);
  if (!cut) {
    const half = { x: (pen.width * sinDeg(pen.angle)) / 2, y: (pen.width * cosDeg(pen.angle)) / 2 };
    const plan = planOf(stroke('dot', [to(-half.x, half.y), line(half.x, -half.y)]));
    cut = cutOf({ text: '◆', variant: 'dot', family: 'dots', strokes: [plan] }, pen, 0);
    dotCuts.set(pen, cut);
  }
  return cut;
}

/**
 * Places the dots of letters clear of all ink, and of each other: the nearest place to the one wished for, outward
 * rather than aside. The distance to a rhombus is |Δx| + |Δy|.
 */
export function placeDots(face: Typeface, ink: readonly PlacedInk[], wanted: readonly Dotted[]): PlacedInk[] {
  const { pen } = face;
  if (wanted.length === 0 || pen.kind !== 'broad') return [];
  const width: NibWidths = pen.width * (Math.abs(sinDeg(pen.angle)) + Math.abs(cosDeg(pen.angle)));
  const taken: Vec[] = ink.flatMap(({ cut, x, y }) =>
    inkOf(pen, cut).flatMap((polygon) => polygon.map(([px, py]): Vec => [px + x, py + y])),
  );
  const least = (0.5 + CLEAR) * width;
  const clear = ([x, y]: Vec) => taken.every(([px, py]) => Math.abs(px - x) + Math.abs(py - y) >= least);
  const dot = dotOf(pen);
  const placed: PlacedInk[] = [];
  for (const { count, side, x, y } of wanted) {
    const out = side === 'over' ? 1 : -1;
    const pattern = PATTERNS[count].map(([px, py]): Vec => [px * width, out * py * width]);
    const at = (dx: number, dy: number): Vec[] => pattern.map(([px, py]) => [x + px + dx, y + py + out * dy]);
    const best = offsets(width).find(([dx, dy]) => at(dx, dy).every(clear)) ?? [0, OUT * width];
    for (const [px, py] of at(...best)) {
      placed.push({ kind: 'mark', cut: dot, x: px, y: py });
      // A dot's own corners keep the next ones away.
      const half = width / 2;
      taken.push([px - half, py], [px + half, py], [px, py - half], [px, py + half]);
    }
  }
  return placed;
}

/** Places to try around the wished one, cheapest first. */
function offsets(width: NibWidths): Vec[] {
  const steps = (from: number, until: number) =>
    Array.from({ length: Math.round((until - from) / STEP) + 1 }, (_, i) => from + i * STEP);
  const cost = ([dx, dy]: Vec) => ASIDE_COST * Math.abs(dx) + Math.abs(dy) + (dy < 0 ? INWARD_COST : 0);
  return steps(-ASIDE, ASIDE)
    .flatMap((dx) => steps(-IN, OUT).map((dy): Vec => [dx, dy]))
    .sort((a, b) => cost(a) - cost(b))
    .map(([dx, dy]): Vec => [dx * width, dy * width]);
}
