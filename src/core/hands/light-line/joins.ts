import type { Letter, Measures, Port } from '../../hand/letter';
import { planOf, stroke, to } from '../../hand/notation';
import { pitchByInk } from '../../hand/pressed/pitch';
import type { NibWidths } from '../../measure/units';
import type { Knot, StrokePlan } from '../../pen/stroke';

/** From the last downstroke, or the outermost ink of o b v w, to the next first downstroke: long joins. */
export const lightPitch = pitchByInk({
  low: { minim: 3.2, oval: 2.6, turn: 3.6, loop: 3.3, eye: 2.6, crest: 3.5, stem: 3.5 },
  high: { minim: 2.3, oval: 1.8, turn: 2.6, loop: 2.5, eye: 2.1, 'high eye': 2.2, crest: 2.5, stem: 2.6 },
});

/** A word's first hairline rises from the line, the farther the higher it goes; its last one to three quarters of the body. */
const LEAD = { run: 2.6, power: 0.6, dir: 14 } as const;
const LAST = { x: 2.4, share: 0.75, dir: 60 } as const;
const LAST_HIGH = [
  { x: 0.9, y: -0.35, dir: 4 },
  { x: 2.2, y: 0.3, dir: 30 },
] as const;
/** How far the garland after o b v w hangs under its lower end. */
const DIP: NibWidths = 0.62;

const knotAt = ({ x, y, dir }: Pick<Port, 'x' | 'y' | 'dir'>): Knot => to(x, y, dir);

/** Joins of the light line: every letter runs on into the next in one swing. */
export function lightJoin(
  before: Letter | undefined,
  after: Letter | undefined,
  distance: NibWidths,
  m: Measures,
): StrokePlan | undefined {
  const [from, until] = [before?.exit, after?.entry];
  if ((before && !from) || (after && !until)) return undefined;
  const knots = from
    ? until
      ? between(from, { ...until, x: until.x + distance })
      : last(from, m)
    : until && first(until, m);
  return (
    knots &&
    planOf(
      stroke(
        'join',
        knots.map((knot) => ({ ...knot, press: 0, anchor: 0.5 })),
      ),
    )
  );
}

const first = (until: Port, m: Measures): Knot[] => [
  to(until.x - LEAD.run * (until.y / m.X) ** LEAD.power, m.B, LEAD.dir),
  knotAt(until),
];

const last = (from: Port, m: Measures): Knot[] =>
  from.kind === 'high'
    ? [knotAt(from), ...LAST_HIGH.map(({ x, y, dir }) => to(from.x + x, from.y + y, dir))]
    : [knotAt(from), to(from.x + LAST.x, LAST.share * m.X, LAST.dir)];

function between(from: Port, until: Port): Knot[] {
  const at = (share: number) => from.x + share * (until.x - from.x);
  const [start, end] = [knotAt(from), knotAt(until)];
  if (from.kind !== 'high') return [start, end];
  switch (until.kind) {
    case 'high eye':
      return [start, to(at(0.55), until.y - 0.1, 6), end];
    case 'eye':
      return [start, to(at(0.55), until.y + 0.35, -24), end];
    default:
      return [start, to(at(0.46), Math.min(from.y, until.y) - DIP, 8), end];
  }
}
