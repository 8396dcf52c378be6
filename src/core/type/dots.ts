import type { Vec } from '../geometry/vec';
import type { Dots } from '../hand/letter';
import { line, planOf, stroke, to } from '../hand/notation';
import { cosDeg, type NibWidths, sinDeg } from '../measure/units';
import { lastFor, perObject } from '../memo/memo';
import type { BroadPen } from '../pen/pen';
import { type Cut, cutOf } from './cut';
import type { Typeface } from './face';
import type { PlacedInk } from './placed';
import { farthestOut, inkPlaces, placesAround, Taken } from './taken';

/** Dots of one letter, and their preferred place on the line. */
export type Dotted = Dots;

/** Offsets of a group's dots from its middle, in widths of the dot. */
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
/** A rhombic dot: the full edge pulled across itself by its own width. */
export const dotOf = perObject((pen: BroadPen): Cut => {
  const half = { x: (pen.width * sinDeg(pen.angle)) / 2, y: (pen.width * cosDeg(pen.angle)) / 2 };
  const plan = planOf(stroke('dot', [to(-half.x, half.y), line(half.x, -half.y)]));
  return cutOf({ text: '◆', variant: 'dot', family: 'dots', strokes: [plan] }, pen, 0);
});

/**
 * Places the dots of letters clear of all ink, and of each other: the nearest place to the one wished for, outward
 * rather than aside. The distance to a rhombus is |Δx| + |Δy|.
 */
export function placeDots(face: Typeface, ink: readonly PlacedInk[], wanted: readonly Dotted[]): PlacedInk[] {
  const { pen } = face;
  if (wanted.length === 0 || pen.kind !== 'broad') return [];
  const width: NibWidths = pen.width * (Math.abs(sinDeg(pen.angle)) + Math.abs(cosDeg(pen.angle)));
  const taken = new Taken();
  for (const item of ink) taken.add(inkPlaces(pen, item));
  const least = (0.5 + CLEAR) * width;
  const dot = dotOf(pen);
  const tries = placesAround(width);
  const placed: PlacedInk[] = [];
  for (const { count, side, x, y } of wanted) {
    const out = side === 'over' ? 1 : -1;
    const pattern = PATTERNS[count].map(([px, py]): Vec => [px * width, out * py * width]);
    const at = ([dx, dy]: Vec): Vec[] => pattern.map(([px, py]) => [x + px + dx, y + py + out * dy]);
    const best = tries.find((off) => taken.isClear(at(off), least)) ?? farthestOut(width);
    for (const [px, py] of at(best)) {
      placed.push({ kind: 'mark', cut: dot, x: px, y: py });
      // A dot's own corners keep the next ones away.
      const half = width / 2;
      taken.add([
        [px - half, py],
        [px + half, py],
        [px, py - half],
        [px, py + half],
      ]);
    }
  }
  return placed;
}

/** The dots of an isolated letter. */
export const dotsOf = lastFor((face: Typeface, cut: Cut): readonly PlacedInk[] =>
  placeDots(face, [{ kind: 'letter', cut, x: 0, y: 0 }], cut.letter.dots ?? []),
);
