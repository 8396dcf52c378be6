import type { NibWidths } from '../../measure/units';
import type { Knot, StrokePlan } from '../../pen/stroke';
import { type Letter, type Measures, type Port, standsTall } from '../letter';
import { planOf, stroke, to } from '../notation';
import { pitchByInk } from '../pressed/pitch';

/** White between the facing edges by how the next letter begins, after a low exit and after o, b, v, w. */
export const cursiveWhites = {
  low: { minim: 1.95, oval: 1.6, turn: 3.0, loop: 2.0, eye: 1.75, rise: 2.7 },
  high: {
    minim: 1.65,
    oval: 1.35,
    turn: 2.3,
    loop: 1.95,
    eye: 1.8,
    'high eye': 1.7,
    rise: 1.7,
    'high rise': 1.9,
  },
} as const;

const byInk = pitchByInk(cursiveWhites);

/** Distance of two letters by their ink; doubled ones stand farther apart by the whole second contour. */
export function cursivePitch(before: Letter, after: Letter, m: Measures): NibWidths | undefined {
  if (standsTall(before) && !before.exit) return undefined;
  const distance = byInk(before, after, m);
  return distance === undefined ? undefined : distance + (m.second ?? 0);
}

/** Leads at the start of a word, from their letter: into a turn, and into a crest, an eye or a loop. */
const LEADS = { turn: { x: 1.25, y: 1.7, dir: 56 }, other: { x: 1.3, y: 1.9, dir: 38, least: 0.6 } } as const;
/** The tail of a word's last letter. */
const LAST = { low: { x: 1.15, y: 1.9, dir: 66 }, high: { x: 1.7, y: 0.5, dir: 34 } } as const;
/** How far a garland hangs under its lower end, and how far that is under the place it goes to. */
const SAG: NibWidths = 0.12;
const UNDER: NibWidths = 0.4;

const knotAt = ({ x, y, dir }: Pick<Port, 'x' | 'y' | 'dir'>): Knot => to(x, y, dir);

/**
 * The tail that leads from a letter to the next: one curve on the thin, from the place the first leaves by to the place
 * where the next one hides its end; the pen is lifted there.
 */
export function cursiveTail(before: Letter | undefined, after: Letter | undefined, distance: NibWidths): StrokePlan | undefined {
  const [from, until] = [before?.exit, after?.entry];
  if (before && (!from || from.kind === 'none')) return undefined;
  if (after && (!until || until.kind === 'none')) return undefined;
  const knots = from ? (until ? between(from, { ...until, x: until.x + distance }) : last(from)) : until && first(until);
  return (
    knots &&
    planOf(
      stroke(
        'tail',
        knots.map((knot) => ({ ...knot, press: 0, anchor: 0.5 })),
      ),
    )
  );
}

function first(until: Port): Knot[] | undefined {
  const { turn, other } = LEADS;
  if (until.kind === 'turn') return [to(until.x - turn.x, until.y - turn.y, turn.dir), knotAt(until)];
  if (['rise', 'eye', 'loop'].includes(until.kind)) return [to(until.x - other.x, Math.max(other.least, until.y - other.y), other.dir), knotAt(until)];
  return undefined;
}

function last(from: Port): Knot[] {
  const { x, y, dir } = from.kind === 'high' ? LAST.high : LAST.low;
  return [knotAt(from), to(from.x + x, from.y + y, dir)];
}

function between(from: Port, until: Port): Knot[] {
  const at = (share: number) => from.x + share * (until.x - from.x);
  const [start, end] = [knotAt(from), knotAt(until)];
  if (from.kind !== 'high') return [start, end];
  const lower = Math.min(from.y, until.y);
  if (until.kind === 'eye') return [start, to(at(0.5), lower + 0.35 * Math.abs(from.y - until.y), -28), end];
  if (until.kind === 'high eye') return [start, to(at(0.58), until.y - SAG / 2, -4), end];
  if (from.dir < -10) return [start, to(at(0.45), Math.min(from.y, until.y - UNDER) - SAG, 6), end];
  return [start, end];
}
